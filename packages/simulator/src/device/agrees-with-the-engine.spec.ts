import {
  asTimerSeconds,
  asDayNumber,
  formatDateTime,
  parseDate,
  startOfDay,
  type TimerSeconds,
} from '@water-clock/core/civil-time';
import { simulate, simulationReport } from '@water-clock/core/engine';
import { readPlan, type Plan } from '@water-clock/core/settings';
import fc from 'fast-check';
import Papa from 'papaparse';
import { planDocument } from '../../../core/src/testing/plans.js';
import { SimulatedTimer } from './simulated-timer.js';

const DAYS = 30;
const FROM = parseDate('2026-06-01')!;

/** What the log says was watered up to a moment, a line each. */
function wateredBy(csv: string, end: TimerSeconds): string[] {
  const { data } = Papa.parse<Record<string, string>>(csv, { header: true });
  const open = new Map<string, string>();
  const lines: string[] = [];
  const keyOf = (row: Record<string, string>) =>
    ['program', 'startNumber', 'nominal', 'station', 'piece'].map((name) => row[name]).join(' ');
  for (const row of data) {
    const key = keyOf(row);
    // What begins at the very end belongs to the next month.
    if (row['event'] === 'open' && row['at']! < formatDateTime(end)) open.set(key, row['at']!);
    if (row['event'] === 'close') {
      lines.push(`${key}: ${open.get(key)} to ${row['at']}`);
      open.delete(key);
    }
  }
  for (const [key, from] of open) lines.push(`${key}: ${from} to ${formatDateTime(end)}`);
  return lines.sort();
}

/** What the engine says is watered up to a moment. */
function wateredByEngine(plan: Plan, end: TimerSeconds): string[] {
  const last = formatDateTime(end);
  return simulationReport(simulate(plan, { from: FROM, days: DAYS }))
    .pieces.filter(({ from }) => from < last)
    .map(({ program, startNumber, nominal, station, piece, from, to }) => {
      const until = to < last ? to : last;
      return `${[program, startNumber, nominal, station, piece].join(' ')}: ${from} to ${until}`;
    })
    .sort();
}

const moment = fc
  .integer({ min: 0, max: DAYS * 1440 })
  .map((minute) => formatDateTime(asTimerSeconds(startOfDay(FROM) + minute * 60)));

const stretches = fc.array(
  fc.tuple(moment, moment).map(([a, b]) => (a < b ? { from: a, to: b } : { from: b, to: a })),
  { maxLength: 3 },
);

/** Whole plans, with showers, frosts and pauses. */
const anyPlan = fc
  .tuple(planDocument, stretches, stretches, stretches)
  .map(([document, rain, freeze, pauses]) => {
    const read = readPlan({
      ...document,
      controller: { ...document.controller, pauses },
      weather: { ...document.weather, rain, freeze },
    });
    if (!read.ok) throw new Error(JSON.stringify(read.trouble));
    return read.value;
  });

const end = startOfDay(asDayNumber(FROM + DAYS));
const RUNS = process.env['TEST_LONG'] ? 200 : 40;

it(`waters what the engine says, to the second, ${RUNS} random plans over ${DAYS} days`, () => {
  let most = 0;
  fc.assert(
    fc.property(anyPlan, fc.integer({ min: 4_001, max: 200_000 }), (plan, step) => {
      const device = new SimulatedTimer(plan, startOfDay(FROM));
      while (device.clock < end) device.advance(Math.min(step, end - device.clock));
      const watered = wateredBy(device.log.asCsv(), end);
      expect(watered).toEqual(wateredByEngine(plan, end));
      most = Math.max(most, watered.length);
    }),
    { numRuns: RUNS },
  );
  // They did water, and much.
  expect(most).toBeGreaterThan(500);
});
