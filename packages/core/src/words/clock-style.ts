/** How somebody reads times of day. */
export type ClockStyle = '24' | '12';

/** What stands behind a time of day on a clock of twelve hours. */
export interface HalfOfDay {
  readonly beforeNoon: string;
  readonly afterNoon: string;
  readonly noon: string;
  readonly midnight: string;
}

const ENGLISH: HalfOfDay = {
  beforeNoon: 'AM',
  afterNoon: 'PM',
  noon: 'noon',
  midnight: 'midnight',
};

const TIME = /\b([01]\d|2[0-3]):([0-5]\d)(?::([0-5]\d))?\b/g;

function twelveHours(
  hours: number,
  minutes: string,
  seconds: string | undefined,
  words: HalfOfDay,
): string {
  const exact = minutes === '00' && (seconds === undefined || seconds === '00');
  const half = exact && hours === 0 ? words.midnight : exact && hours === 12 ? words.noon : null;
  const time = `${hours % 12 === 0 ? 12 : hours % 12}:${minutes}${seconds ? `:${seconds}` : ''}`;
  return `${time} ${half ?? (hours < 12 ? words.beforeNoon : words.afterNoon)}`;
}

/** A sentence with its times of day as somebody reads them: "04:30" or "4:30 AM". */
export const inClock = (text: string, clock: ClockStyle, words: HalfOfDay = ENGLISH): string =>
  clock === '24'
    ? text
    : text.replace(TIME, (_, hours: string, minutes: string, seconds: string | undefined) =>
        twelveHours(Number(hours), minutes, seconds, words),
      );
