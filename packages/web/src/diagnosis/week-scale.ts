import {
  addDays,
  addSeconds,
  SECONDS_PER_DAY,
  startOfDay,
  type DayNumber,
  type TimerSeconds,
} from '@water-clock/core/civil-time';

export const ROW_HEIGHT = 46;
export const AXIS_HEIGHT = 22;
export const SEEN_TOP = 4;
export const SEEN_HEIGHT = 20;
export const WATER_TOP = 28;
export const WATER_HEIGHT = 13;
const LABEL_WIDTH = 82;
const NARROW_LABEL_WIDTH = 52;
const NARROW = 560;
const RIGHT_MARGIN = 8;
/** Nobody names a time more exactly. */
const STEP_SECONDS = 300;

/** A day from midnight to midnight along a drawing of some width, and the dates down it. */
export interface WeekScale {
  readonly isNarrow: boolean;
  readonly left: number;
  readonly width: number;
  readonly x: (second: number) => number;
  /** To five minutes, within the day. */
  readonly second: (x: number) => number;
}

export function weekScale(width: number): WeekScale {
  const isNarrow = width < NARROW;
  const left = isNarrow ? NARROW_LABEL_WIDTH : LABEL_WIDTH;
  const inner = Math.max(1, width - left - RIGHT_MARGIN);
  return {
    ...{ isNarrow, left, width: inner },
    x: (second) => left + (second / SECONDS_PER_DAY) * inner,
    second: (x) => {
      const steps = Math.round((((x - left) / inner) * SECONDS_PER_DAY) / STEP_SECONDS);
      return Math.min(SECONDS_PER_DAY, Math.max(0, steps * STEP_SECONDS));
    },
  };
}

/** The part of a span that is of a date, in seconds of that day; null: none is. */
export function onDay(
  day: DayNumber,
  span: { readonly from: TimerSeconds; readonly to: TimerSeconds },
): { readonly from: number; readonly to: number } | null {
  const midnight = startOfDay(day);
  const [from, to] = [
    Math.max(0, span.from - midnight),
    Math.min(SECONDS_PER_DAY, span.to - midnight),
  ];
  return to > from || (span.from === span.to && from < SECONDS_PER_DAY && to === from && to >= 0)
    ? { from, to }
    : null;
}

export interface Placed<One> {
  readonly one: One;
  readonly part: { readonly from: number; readonly to: number };
  /** Of how many rows that lie over each other it is which, from 0. */
  readonly lane: number;
}

/** What lies at the same time one below the other, in as few rows as it takes. */
export function inLanes<One>(
  all: readonly Pick<Placed<One>, 'one' | 'part'>[],
  leastSeconds: number,
): { readonly placed: readonly Placed<One>[]; readonly lanes: number } {
  const ends: number[] = [];
  const placed = [...all]
    .sort((a, b) => a.part.from - b.part.from)
    .map(({ one, part }) => {
      const free = ends.findIndex((end) => end <= part.from);
      const lane = free < 0 ? ends.length : free;
      ends[lane] = Math.max(part.to, part.from + leastSeconds);
      return { one, part, lane };
    });
  return { placed, lanes: Math.max(1, ends.length) };
}

export const momentOn = (day: DayNumber, second: number): TimerSeconds =>
  addSeconds(startOfDay(day), second);

export const daysBetween = (first: DayNumber, last: DayNumber): DayNumber[] =>
  Array.from({ length: last - first + 1 }, (_, index) => addDays(first, index));
