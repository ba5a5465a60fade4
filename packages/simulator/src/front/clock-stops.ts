import {
  addDays,
  addSeconds,
  asTimerSeconds,
  civilDateOf,
  dayOf,
  formatDateTime,
  SECONDS_PER_DAY,
  secondOfDay,
  startOfDay,
} from '@water-clock/core/civil-time';
import { longDate } from '@water-clock/core/words';
import { turned } from './ring.js';
import type { Held, Stop } from './stop.js';

const A_MINUTE = 60;
const MINUTES = SECONDS_PER_DAY / A_MINUTE;

/** The time of the clock, minute by minute and round within its day, and its date. */
export const CLOCK_STOPS: readonly Stop[] = [
  {
    ...{ key: 'clock time', part: 'clock', what: 'Time' },
    shows: ({ now }) => formatDateTime(now).slice(11, 16),
    turn: (held, steps) => {
      const minute = turned(Math.floor(secondOfDay(held.now) / A_MINUTE), steps, MINUTES);
      return { ...held, now: addSeconds(startOfDay(dayOf(held.now)), minute * A_MINUTE) };
    },
  },
  {
    ...{ key: 'clock date', part: 'clock', what: 'Date' },
    shows: ({ now }) => `${longDate(dayOf(now))} ${civilDateOf(dayOf(now)).year}`,
    turn: (held, steps) => withDay(held, steps),
  },
];

/** A clock of a timer knows these years, and no others. */
const FIRST_YEAR = 2000;
const LAST_YEAR = 2099;

function withDay(held: Held, steps: number): Held {
  const day = addDays(dayOf(held.now), steps);
  const { year } = civilDateOf(day);
  if (year < FIRST_YEAR || year > LAST_YEAR) return held;
  return { ...held, now: asTimerSeconds(startOfDay(day) + secondOfDay(held.now)) };
}
