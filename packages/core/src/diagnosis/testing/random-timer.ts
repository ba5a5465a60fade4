import {
  addDays,
  asMinuteOfDay,
  formatDate,
  formatTimeOfDay,
  parseDate,
  type DayNumber,
} from '../../civil-time/index.js';
import type { Draw } from '../../planner/testing/random-brief.js';
import { readPlan, type Plan } from '../../settings/index.js';

const MINUTE = 60;

export const oneOf = <Value>(draw: Draw, from: readonly Value[]): Value => from[draw(from.length)]!;
export const isOneIn = (draw: Draw, many: number): boolean => draw(many) === 0;

/** A timer of two to five stations with one to three programs, and a date near which it is watched. */
export function randomTimer(draw: Draw): { plan: Plan; from: DayNumber } {
  const from = addDays(parseDate('2026-03-01')!, draw(700));
  const stations = 2 + draw(4);
  const step = oneOf(draw, [1, 5, 10, 15, 30]);
  const programs = 1 + draw(Math.min(3, stations));
  const isSoaking = isOneIn(draw, 4);
  const labels = oneOf(draw, [
    ['A', 'B', 'C', 'D'],
    ['1', '2', '3', '4'],
    ['Lawn', 'Beds', 'Drip', 'Extra'],
  ]);
  const timeOf = (first: number) =>
    formatTimeOfDay(asMinuteOfDay((Math.round((first + draw(420)) / step) * step) % 1440));
  const document = {
    format: 'waterclock.plan/2',
    timer: {
      ...{ stations: 12, programs: labels, startsPerProgram: 4, startStepMinutes: step },
      overlap: oneOf(draw, ['queue', 'concurrent', 'drop', 'preempt']),
      ...{ skip31: isOneIn(draw, 2), rainSensor: !isOneIn(draw, 4) },
      season: isOneIn(draw, 6) ? null : { modes: ['whole'], minPercent: 10, maxPercent: 200 },
      stationOrder: oneOf(draw, ['number', 'listed']),
      ...(isSoaking && { cycleSoak: { policy: oneOf(draw, ['in-order', 'ready-first']) } }),
    },
    controller: {
      stationDelaySeconds: oneOf(draw, [0, 5, 10, 30, 60]),
      season: { mode: 'whole', percent: 100 },
    },
    stations: Array.from({ length: stations }, (_, index) => ({
      ...{ number: index + 1, name: `Bed ${index + 1}` },
      ...(isSoaking && { cycleSeconds: 8 * MINUTE, soakSeconds: 10 * MINUTE }),
    })),
    programs: labels.slice(0, programs).map((id, place) => ({
      ...{
        id,
        starts: isOneIn(draw, 4) ? [timeOf(0), timeOf(1080)] : [timeOf(oneOf(draw, [0, 1080]))],
      },
      days: daysOf(draw, from),
      runs: Array.from({ length: stations }, (_, index) => index)
        .filter((index) => index % programs === place)
        .map((index) => ({ station: index + 1, seconds: MINUTE * (4 + draw(36)) })),
    })),
  };
  // Two starts of a program at one time are no settings that anybody keys in.
  for (const program of document.programs) program.starts = [...new Set(program.starts)].sort();
  const read = readPlan(document);
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return { plan: read.value, from };
}

const daysOf = (draw: Draw, from: DayNumber): object =>
  oneOf(draw, [
    { mode: 'odd' },
    { mode: 'even' },
    { mode: 'interval', everyDays: 2 + draw(4), anchor: formatDate(addDays(from, draw(6) - 10)) },
    { mode: 'weekdays', weekdays: [1, 3, 5] },
    { mode: 'weekdays', weekdays: [2, 6] },
    { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] },
  ]);
