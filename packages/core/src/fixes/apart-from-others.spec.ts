import fc from 'fast-check';
import { parseDate } from '../civil-time/index.js';
import { clocksMayDriftSeconds, firstMeetingOf, together } from '../engine/index.js';
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

it('goes on to a time at which the supply is enough, where runs that are late would meet', () => {
  // Its two programs start together: the second waits, and is an hour later than its start says.
  const late = timer('Garage', [
    { starts: ['02:00'], runs: [{ station: 1, seconds: 3600 }] },
    { starts: ['02:00'], runs: [{ station: 1, seconds: 1800 }] },
  ]);
  const other = timer('Tap', [{ starts: ['02:50'] }]);
  const thirsty = [late, other].map(({ name, plan }) => ({
    name,
    plan: {
      ...plan,
      site: { supplyLpm: 15 },
      stations: plan.stations.map((station) => ({ ...station, flowLpm: 10 })),
    },
  }));
  const [fix] = apartFromOthers(thirsty, 1, FROM);
  const both = [thirsty[0]!.plan, fix!.plan];
  expect(together(both, { from: FROM, days: 60 })).toEqual({
    firstMeeting: null,
    firstFlowOver: null,
  });
  // By its starts alone 03:05 would do.
  expect(fix!.label).toBe('Move program A later by 40 min, to 03:30');
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
