import { listInWords, WEEKDAYS } from '@water-clock/core/words';

interface Mowing {
  readonly mowingWeekdays: readonly number[];
  readonly isDryBeforeMowing: boolean;
}

/** On which days a home is mown, and what is kept dry for it; null where nobody knows of a day. */
export function mowingInWords({ mowingWeekdays, isDryBeforeMowing }: Mowing): string | null {
  if (mowingWeekdays.length === 0) return null;
  const days = listInWords(mowingWeekdays.map((weekday) => WEEKDAYS[weekday - 1]!));
  return isDryBeforeMowing ? `${days}; the day before is kept dry too` : days;
}

/** The same as a sentence, for where something says that a day is kept dry. */
export function mowingSentence(mowing: Mowing): string | null {
  const words = mowingInWords(mowing);
  return words === null ? null : `Mown on ${words}.`;
}
