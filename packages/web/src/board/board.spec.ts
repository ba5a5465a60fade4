import { parseDate, type DayNumber } from '@water-clock/core/civil-time';
import type { OverlapBehaviour } from '@water-clock/core/timer-kinds';
import { testPlan } from '../testing/plans';
import { boardModel } from './board-model';
import { collisionGroups, verdict, whatHappens, whatTheTimerDoes } from './collision-words';
import { sunriseSecondOfDay } from './sunrise';

const FROM = parseDate('2026-06-01') as DayNumber;
const model = (fields = {}) => boardModel(testPlan(fields), FROM);
const HOUR = 3600;

it('puts each run into the night that it belongs to, in seconds since noon', () => {
  const { nights } = model();
  const found = nights.flatMap(({ runs }, night) =>
    runs.map(({ program, asked }) => [night, program, asked.from / HOUR]),
  );
  expect(found).toEqual([
    [2, 'A', 15.5],
    [2, 'B', 16],
    [6, 'A', 15.5],
    [9, 'A', 15.5],
    [9, 'B', 16],
    [13, 'A', 15.5],
  ]);
});

it('gives runs that go at once a lane each, and a run alone the whole row', () => {
  const [, , thursday, , , , monday] = model().nights;
  expect(thursday!.runs.map(({ lane, lanes }) => [lane, lanes])).toEqual([
    [0, 2],
    [1, 2],
  ]);
  expect(monday!.runs.map(({ lane, lanes }) => [lane, lanes])).toEqual([[0, 1]]);
});

it('shows what the timer really does with a run that comes too soon', () => {
  const real = (overlap: OverlapBehaviour) =>
    model({ timer: { overlap } }).nights[2]!.runs.map((run) =>
      run.real ? [run.real.from - run.asked.from, run.real.to - run.asked.to] : null,
    );
  expect(real('queue')).toEqual([
    [0, 0],
    [1200, 1200],
  ]);
  expect(real('drop')).toEqual([[0, 0], null]);
  expect(real('preempt')).toEqual([
    [0, -1200],
    [0, 0],
  ]);
  expect(real('concurrent')).toEqual([
    [0, 0],
    [0, 0],
  ]);
});

it('stands stations that are open at once in slots', () => {
  const { nights } = model({
    timer: { maxConcurrentStations: 2 },
    programs: [
      {
        id: 'A',
        concurrent: 2,
        starts: ['03:30'],
        days: { mode: 'even' },
        runs: [1, 2, 3].map((station) => ({ station, seconds: 600 })),
      },
    ],
  });
  const [run] = nights.flatMap(({ runs }) => runs);
  expect(run!.pieces.map(({ station, slot }) => [station, slot])).toEqual([
    [1, 0],
    [2, 1],
    [3, 0],
  ]);
  expect(run!.slots).toBe(2);
});

it('fits the axis to the hours in use, and shows forbidden hours within the night', () => {
  const { axis, nights } = model({
    timer: { noWaterWindows: true },
    controller: { noWater: [{ from: '10:00', to: '16:00', weekdays: [2] }] },
  });
  expect(axis.from).toBeLessThanOrEqual(15 * HOUR);
  expect(axis.to).toBeGreaterThanOrEqual(17.4 * HOUR);
  expect(nights[0]!.forbidden).toEqual([{ from: 22 * HOUR, to: 24 * HOUR }]);
  expect(nights[1]!.forbidden).toEqual([{ from: 0, to: 4 * HOUR }]);
});

it('names collisions with night, minutes and what comes of them', () => {
  const board = model();
  expect(verdict(board)).toBe(
    'Two runs collide: first Thu 4 June, 04:00, 20 min, and 1 more in these 14 nights. Clear up to 60 %.',
  );
  const [group, ...others] = collisionGroups(board);
  expect(others).toEqual([]);
  expect(group).toMatchObject({ nights: 2, first: { seconds: 1200 } });
  expect(whatHappens(group!.first)).toBe('B starts at 04:00 while A is still on station 2.');
  expect(whatTheTimerDoes(group!.first, 'queue')).toBe(
    'This timer makes B wait 20 min, so it ends at 05:00.',
  );
});

it('says so when nothing collides, and when nothing waters', () => {
  expect(verdict(model({ programs: [] }))).toMatch(/^Nothing waters in these 14 nights/);
  const apart = testPlan();
  apart.programs[1]!.starts = ['05:00'];
  expect(verdict(boardModel(apart, FROM))).toBe(
    'No two runs ever overlap, on any date. Clear up to 150 %.',
  );
  const later = testPlan({
    programs: [
      {
        id: 'A',
        starts: ['03:30'],
        days: { mode: 'interval', everyDays: 31, anchor: '2026-06-02' },
        runs: [{ station: 1, seconds: 3600 }],
      },
      {
        id: 'B',
        starts: ['04:00'],
        days: { mode: 'interval', everyDays: 30, anchor: '2026-06-03' },
        runs: [{ station: 2, seconds: 3600 }],
      },
    ],
  });
  // 31 x = 30 y + 1 first holds for x = y = 1: 31 days after 2 June.
  expect(verdict(boardModel(later, FROM))).toBe(
    'Clear in these 14 nights, but two runs collide on Fri 3 July 2026, 04:00, 30 min. Clear up to 50 %.',
  );
});

it('knows sunrise by the clock of the zone, within two minutes of the almanac', () => {
  // Worked out with the NOAA solar equations for 40.0 N, 105.0 W: 05:31 MDT on 21 June 2026.
  const june = sunriseSecondOfDay(parseDate('2026-06-21') as DayNumber, 40, -105, 'America/Denver');
  expect(Math.abs(june! - (5 * HOUR + 31 * 60))).toBeLessThanOrEqual(120);
  const polar = sunriseSecondOfDay(parseDate('2026-06-21') as DayNumber, 80, 15, 'Europe/Oslo');
  expect(polar).toBeNull();
});
