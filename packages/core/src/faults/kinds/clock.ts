import {
  addSeconds,
  formatDateTime,
  parseDateTime,
  SECONDS_PER_DAY,
} from '../../civil-time/index.js';
import { counted, lengthInWords } from '../../words/index.js';
import { MOST_OFF_DAYS } from '../believed.js';
import type { FaultKind } from '../fault-kind.js';
import { moment } from '../in-words.js';

const HALF_A_DAY = SECONDS_PER_DAY / 2;
const AN_HOUR = 3600;

/** Right, AM for PM, summer time, and a wrong weekday or date: errors that clocks have; in seconds, either way. */
export const COMMON_OFFSETS: ReadonlySet<number> = new Set(
  [
    ...[0, HALF_A_DAY, AN_HOUR],
    ...Array.from({ length: MOST_OFF_DAYS }, (_, day) => (day + 1) * SECONDS_PER_DAY),
  ].flatMap((seconds) => (seconds === 0 ? seconds : [seconds, -seconds])),
);

/** The clock is off: by a common error, or by any, where it began again after a power cut. */
export const CLOCK: FaultKind<'clock'> = {
  flows: (believed, { offSeconds }) => believed.inWeather(believed.withClock(offSeconds)),
  inSettings: (plan, { offSeconds }) => {
    // Any moment does: how far off it is counts alone.
    const trueTime = plan.controller.clock?.trueTime ?? '2026-01-01T00:00:00';
    const timerReads = formatDateTime(addSeconds(parseDateTime(trueTime)!, offSeconds));
    return { ...plan, controller: { ...plan.controller, clock: { timerReads, trueTime } } };
  },
  size: ({ offSeconds }) => Math.abs(offSeconds),
  happens: ({ wide, watch }, { offSeconds }) => {
    const first = wide.find(
      ({ from }) => from - offSeconds >= watch.from && from - offSeconds < watch.to,
    );
    const says = offWords(offSeconds);
    return first
      ? `${says}: what is set for ${moment(first.from)} runs on ${moment(addSeconds(first.from, -offSeconds))}.`
      : `${says}.`;
  },
  shows: 'Everything waters as it is set, at another time or on another day than it is set for.',
  tells: 'Read time, AM or PM, weekday and date off the display before any program is opened.',
  check: ({ offSeconds }) => {
    const ofDay = Math.abs(offSeconds) % SECONDS_PER_DAY;
    if (ofDay === HALF_A_DAY) return 'Read the clock: does it show PM in the morning?';
    if (ofDay === 0) return 'Read the weekday and the date on the timer: are they those of today?';
    if (Math.abs(offSeconds) === AN_HOUR)
      return 'Read the clock: is it an hour off, as if summer time had not been set?';
    return 'Read the clock against yours: a timer that lost power begins again at some time of its own.';
  },
  mend: () =>
    'Set time, AM or PM, date and year, and put in a battery where it lost them in a power cut.',
};

function offWords(offSeconds: number): string {
  const off = Math.abs(offSeconds);
  if (off === 0) return 'the clock is right, whatever the copy says of it';
  const [days, rest] = [Math.floor(off / SECONDS_PER_DAY), off % SECONDS_PER_DAY];
  const parts = [
    ...(days > 0 ? [counted(days, 'day')] : []),
    ...(rest > 0 ? [lengthInWords(rest)] : []),
  ];
  return `the clock is ${parts.join(' ')} ${offSeconds > 0 ? 'ahead' : 'behind'}`;
}
