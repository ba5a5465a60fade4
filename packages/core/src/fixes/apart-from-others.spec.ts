import fc from 'fast-check';
import { parseDate } from '../civil-time/index.js';
import { clocksMayDriftSeconds, firstMeetingOf } from '../engine/index.js';
import { outlook } from '../findings/index.js';
import { anyPlan, planOf } from '../testing/plans.js';
import { runs } from '../testing/runs.js';
import { apartFromOthers } from './index.js';

const FROM = parseDate('2026-06-01')!;
const DAILY = { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] };

const timer = (name: string, programs: readonly object[], startStepMinutes = 5) => ({
  name,
  plan: planOf({
    timer: { startStepMinutes, dayModes: ['weekdays', 'hours'] },
    stations: [{ number: 1 }],
    programs: programs.map((program, index) => ({
      ...{ id: 'ABC'[index], days: DAILY, runs: [{ station: 1, seconds: 1800 }] },
      ...program,
    })),
  }),
});

it('moves the program that meets another timer by as little as it can, and leaves the rest', () => {
  const fixes = apartFromOthers(
    [
      timer('Garage', [{ starts: ['04:20'] }, { starts: ['21:00'] }]),
      timer('Tap', [{ starts: ['04:40'] }]),
    ],
    0,
    FROM,
  );
  expect(fixes.map(({ label }) => label)).toEqual(['Move program A earlier by 15 min, to 04:05']);
  expect(fixes[0]!.plan.programs.map(({ starts }) => starts)).toEqual([['04:05'], ['21:00']]);
});

it('moves no run onto one of its own', () => {
  // Half an hour earlier would be free of the tap, but not of its own program B.
  const own = timer('Garage', [{ starts: ['04:40'] }, { starts: ['04:00'] }]);
  const [fix] = apartFromOthers([own, timer('Tap', [{ starts: ['04:50'] }])], 0, FROM);
  expect(outlook(own.plan, FROM).first).toBeNull();
  expect(fix!.label).toBe('Move program A later by 45 min, to 05:25');
});

it('counts hours from another moment, and says nothing where no move helps or nothing meets', () => {
  const hourly = (anchor: string, everyHours: number) =>
    timer('Tap', [{ days: { mode: 'hours', everyHours, anchor } }]);
  const garage = timer('Garage', [{ starts: ['04:20'] }]);
  const [fix] = apartFromOthers([hourly('2026-05-30T04:30:00', 8), garage], 0, FROM);
  expect(fix!.label).toBe('Move program A later by 25 min');
  expect(fix!.plan.programs[0]!.days).toMatchObject({ anchor: '2026-05-30T04:55:00' });
  const always = timer('Always', [
    { starts: ['00:00', '06:00', '12:00', '18:00'], runs: [{ station: 1, seconds: 6 * 3600 }] },
  ]);
  expect(apartFromOthers([garage, always], 0, FROM)).toEqual([]);
  expect(apartFromOthers([garage, timer('Late', [{ starts: ['23:00'] }])], 0, FROM)).toEqual([]);
});

it('whatever it moves, afterwards nothing meets, on any date', () => {
  let fixed = 0;
  fc.assert(
    fc.property(anyPlan, anyPlan, (one, other) => {
      const [fix] = apartFromOthers(
        [
          { name: 'One', plan: one },
          { name: 'Other', plan: other },
        ],
        0,
        FROM,
      );
      if (!fix) return;
      fixed++;
      expect(firstMeetingOf([one, other], FROM)).not.toBeNull();
      expect(firstMeetingOf([fix.plan, other], FROM)).toBeNull();
      expect(clocksMayDriftSeconds([fix.plan, other], FROM) ?? 300).toBeGreaterThanOrEqual(300);
      if (outlook(one, FROM).first === null) expect(outlook(fix.plan, FROM).first).toBeNull();
    }),
    { ...runs(20, 300), seed: 11 },
  );
  expect(fixed).toBeGreaterThan(0);
});
