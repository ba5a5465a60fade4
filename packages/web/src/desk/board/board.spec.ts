import { parseDate } from '@water-clock/core/civil-time';
import type { OverlapBehaviour } from '@water-clock/core/timer-types';
import { testPlan } from '../../testing/plans';
import { boardModel } from '../../computing/board-model';
import { whatHappens, whatTheTimerDoes } from './collision-words';
import { sunriseSecondOfDay } from '../../computing/sunrise';

const FROM = parseDate('2026-06-01')!;
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

it('says of a collision what happens, and what comes of it', () => {
  const [collision] = model().collisions;
  expect(collision!.seconds).toBe(1200);
  expect(whatHappens(collision!)).toBe('B starts at 04:00 while A is still on station 2.');
  expect(whatTheTimerDoes(collision!, 'queue')).toBe(
    'This timer makes B wait 20 min, so it ends at 05:00.',
  );
});

it('moves all times back by the error of the clock, into the nights in which they will be', () => {
  const ahead = boardModel(testPlan(), FROM, 12 * HOUR);
  // Thursday 03:30 on a clock 12 hours ahead is Wednesday 15:30.
  const found = ahead.nights.flatMap(({ runs }, night) =>
    runs.map(({ program, asked }) => [night, program, asked.from / HOUR]),
  );
  expect(found.slice(0, 3)).toEqual([
    [2, 'A', 3.5],
    [2, 'B', 4],
    [6, 'A', 3.5],
  ]);
  const seven = boardModel(testPlan(), FROM, 7 * 24 * HOUR);
  expect(seven.nights.map(({ runs }) => runs.length)).toEqual(
    model().nights.map(({ runs }) => runs.length),
  );
});

it('knows sunrise by the clock of the zone, within two minutes of the almanac', () => {
  // Worked out with the NOAA solar equations for 40.0 N, 105.0 W: 05:31 MDT on 21 June 2026.
  const june = sunriseSecondOfDay(parseDate('2026-06-21')!, 40, -105, 'America/Denver');
  expect(Math.abs(june! - (5 * HOUR + 31 * 60))).toBeLessThanOrEqual(120);
  const polar = sunriseSecondOfDay(parseDate('2026-06-21')!, 80, 15, 'Europe/Oslo');
  expect(polar).toBeNull();
});
