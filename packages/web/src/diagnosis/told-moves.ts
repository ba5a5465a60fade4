import {
  addSeconds,
  formatDateTime,
  parseDateTime,
  type DayNumber,
} from '@water-clock/core/civil-time';
import type { Told } from './story';
import { inLanes, onDay, SEEN_HEIGHT, SEEN_TOP } from './week-scale';

/** What is shorter is drawn as long as this, and nothing beside it. */
const LEAST_SECONDS = 600;

/** What was seen on a date, one below the other where it was at the same time; `shown` is being moved. */
export function toldOn(day: DayNumber, all: readonly Told[], shown: Told | null) {
  const parts = all.flatMap((one) => {
    const told = shown?.id === one.id ? shown : one;
    const part = onDay(day, spanOf(told));
    return part ? [{ one: { one, told }, part }] : [];
  });
  const { placed, lanes } = inLanes(parts, LEAST_SECONDS);
  const height = SEEN_HEIGHT / lanes;
  return placed.map(({ one: { one, told }, part, lane }) => ({
    ...{ one, told, part, height },
    top: SEEN_TOP + lane * height,
  }));
}

const spanOf = ({ from, to }: Told) => ({
  from: parseDateTime(from)!,
  to: parseDateTime(to ?? from)!,
});

/** So many seconds later, as long as it was. */
export function movedBy(told: Told, seconds: number): Told {
  const { from, to } = spanOf(told);
  return {
    ...told,
    from: formatDateTime(addSeconds(from, seconds)),
    to: told.to === null ? null : formatDateTime(addSeconds(to, seconds)),
  };
}

/** So many seconds longer; a time has some length. */
export function longerBy(told: Told, seconds: number): Told {
  const { from, to } = spanOf(told);
  return to + seconds <= from ? told : { ...told, to: formatDateTime(addSeconds(to, seconds)) };
}
