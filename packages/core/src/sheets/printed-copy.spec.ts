import fc from 'fast-check';
import { differences } from '../compare/index.js';
import { readPlan, setStarts, type Plan } from '../settings/index.js';
import { changedAt, leavesOf, plain, wholePlan } from '../testing/leaves.js';
import { planOf } from '../testing/plans.js';
import { runs } from '../testing/runs.js';
import { printedCopy } from './index.js';

const PARTS = ['controller', 'stations', 'programs'];

/** A station that a program waters for no time is not watered by it; one that counts hours has no starts. */
const withoutIdle = (plan: Plan): Plan => ({
  ...plan,
  programs: plan.programs.map((program) => ({
    ...program,
    starts: setStarts(program),
    runs: program.runs.filter(({ seconds }) => seconds > 0),
  })),
});

it('whatever differs on the timer, its stations and its programs is printed otherwise', () => {
  fc.assert(
    fc.property(wholePlan, (plan) => {
      const printed = JSON.stringify(printedCopy(plan));
      for (const leaf of leavesOf(plain(plan))) {
        if (!PARTS.includes(String(leaf[0]))) continue;
        const read = readPlan(changedAt(plain(plan), leaf));
        if (!read.ok) continue;
        const isOther = differences(withoutIdle(plan), withoutIdle(read.value)).length > 0;
        const isPrinted = JSON.stringify(printedCopy(read.value)) !== printed;
        expect([leaf.join('.'), isPrinted]).toEqual([leaf.join('.'), isOther]);
      }
    }),
    runs(4, 60),
  );
});

const EVERYTHING = planOf({
  timer: { noWaterWindows: true, monthDaysOff: true, maxConcurrentStations: 2 },
  controller: {
    stationDelaySeconds: 20,
    monthDaysOff: [31, 4],
    noWater: [{ from: '10:00', to: '18:00', weekdays: [2, 5] }],
    pauses: [{ from: '2026-06-03T00:00:00', to: '2026-06-05T00:00:00' }],
  },
  stations: [
    { number: 1, name: 'Kerb strip', cycleSeconds: 300, soakSeconds: 1200 },
    { number: 2, pump: true, rainSensor: false, enabled: false },
  ],
  programs: [
    {
      id: 'A',
      starts: ['03:30', '05:00'],
      days: { mode: 'interval', everyDays: 3, anchor: '2026-06-02' },
      blockedWeekdays: [6],
      concurrent: 2,
      percent: 80,
      runs: [{ station: 1, seconds: 750 }],
    },
    { id: 'B', enabled: false },
  ],
});

it('has a row for what is set by program and station, and a sentence for the rest', () => {
  expect(printedCopy(EVERYTHING)).toEqual({
    programs: ['A'],
    rows: [
      { name: 'Water days', note: '', cells: ['every 3 days, counted from Tue 2 June 2026'] },
      { name: 'Never on', note: '', cells: ['Sat'] },
      { name: 'Starts', note: '', cells: ['03:30, 05:00'] },
      { name: '1 Kerb strip', note: 'cycle 5 min, soak 20 min', cells: ['12 min 30 s'] },
      { name: '2 (off)', note: '', cells: ['–'] },
    ],
    lines: [
      'Season percentage 100 %. Wait between stations 20 s. Rain sensor active. The timer runs.',
      'Days of the month off: 4 and 31.',
      'Hours without watering: 10:00 to 18:00 on Tue Fri.',
      'Hold: Wed 3 June 2026, 00:00 to Fri 5 June 2026, 00:00.',
      'Station 2, rain sensor: not heeded.',
      'Station 2, pump: runs.',
      'Program A, percentage: 80 %.',
      'Program A, stations at once: 2.',
      'Program B: off.',
    ],
  });
});

it('by program the percentage is a row, and the order of the stations where the timer goes by it', () => {
  const plan: Plan = {
    ...EVERYTHING,
    timer: { ...EVERYTHING.timer, stationOrder: 'listed' },
    controller: { ...EVERYTHING.controller, season: { mode: 'program' } },
    programs: EVERYTHING.programs.map((program) => ({
      ...program,
      runs: [2, 1].map((station) => ({ station, seconds: 600 })),
    })),
  };
  const { programs, rows, lines } = printedCopy(plan);
  expect(programs).toEqual(['A', 'B (off)']);
  expect(rows.slice(3, 5)).toEqual([
    { name: 'Percentage', note: '', cells: ['80 %', '100 %'] },
    { name: 'Order', note: '', cells: ['2, 1', '2, 1'] },
  ]);
  expect(lines.filter((line) => line.startsWith('Program'))).toEqual([
    'Program A, stations at once: 2.',
  ]);
  expect(lines[0]).toContain('Season percentage by program.');
});
