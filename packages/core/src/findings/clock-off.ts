import { addSeconds, parseDateTime, SECONDS_PER_DAY } from '../civil-time/index.js';
import { clockErrorSeconds } from '../engine/index.js';
import { clockTime, counted, dateAndTime, lengthInWords } from '../words/index.js';
import { rule, type ClockFault } from './finding.js';
import { startsByTime, type Situation } from './situation.js';

/** A clock may differ from true time by less than this. */
const TOLERANCE_SECONDS = 300;
const HALF_DAY = SECONDS_PER_DAY / 2;
const HOUR = 3600;

/** The timer's clock is wrong, so that right programs water at the wrong time. */
export const clockOff = rule('clock-off', 'error', (situation) => {
  const { clock } = situation.plan.controller;
  const offSeconds = clockErrorSeconds(situation.plan.controller);
  if (!clock || Math.abs(offSeconds) < TOLERANCE_SECONDS) return [];
  const { kinds, days, restSeconds } = clockFaults(offSeconds);
  const [reads, truly] = [clock.timerReads, clock.trueTime].map((text) => parseDateTime(text)!);
  return [
    {
      message: `The timer's clock shows ${dateAndTime(reads!)} when it is ${dateAndTime(truly!)}: ${kinds.map((kind) => faultWords(kind, days, restSeconds)).join(', and ')}${example(situation, offSeconds)}.`,
      fix: "Set the timer's clock to the true date and time, AM or PM and year included.",
      kinds,
      offSeconds,
    },
  ];
});

/** Takes the error of a clock apart: whole days, and what is left of the time of day. */
export function clockFaults(offSeconds: number): {
  kinds: ClockFault[];
  days: number;
  restSeconds: number;
} {
  const size = Math.abs(offSeconds);
  const isHalfDay = Math.abs((size % SECONDS_PER_DAY) - HALF_DAY) <= TOLERANCE_SECONDS;
  const sign = Math.sign(offSeconds);
  const days = isHalfDay
    ? sign * Math.round((size - HALF_DAY) / SECONDS_PER_DAY)
    : sign * Math.round(size / SECONDS_PER_DAY);
  const restSeconds = offSeconds - days * SECONDS_PER_DAY;
  const kinds: ClockFault[] = [];
  if (isHalfDay) kinds.push('am-pm');
  else if (Math.abs(restSeconds) >= TOLERANCE_SECONDS)
    kinds.push(Math.abs(Math.abs(restSeconds) - HOUR) <= TOLERANCE_SECONDS ? 'hour' : 'drift');
  if (days % 7 !== 0) kinds.push('weekday');
  else if (days !== 0) kinds.push('date');
  return { kinds, days, restSeconds };
}

function faultWords(kind: ClockFault, days: number, restSeconds: number): string {
  const side = (value: number) => (value > 0 ? 'ahead' : 'behind');
  switch (kind) {
    case 'am-pm':
      return 'AM and PM are swapped';
    case 'hour':
      return `it is an hour ${side(restSeconds)}, as after a change of summer time`;
    case 'drift':
      return `it is ${lengthInWords(Math.abs(restSeconds))} ${side(restSeconds)}`;
    case 'weekday':
      return `its date is ${counted(Math.abs(days), 'day')} ${side(days)}, so it waters on the wrong weekdays`;
    case 'date':
      return `its date is ${counted(Math.abs(days), 'day')} ${side(days)}`;
  }
}

/** What it comes to for the first start of the timer. */
function example({ complete }: Situation, offSeconds: number): string {
  const [program] = complete;
  const [start] = program ? startsByTime(program) : [];
  const restOfDay = offSeconds % SECONDS_PER_DAY;
  if (!program || start === undefined || restOfDay === 0) return '';
  const begins = addSeconds(parseDateTime(`2000-01-01T${start}:00`)!, -offSeconds);
  return `; program ${program.id}, set to ${start}, really begins at ${clockTime(begins)}`;
}
