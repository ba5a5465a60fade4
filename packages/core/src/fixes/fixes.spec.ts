import fc from 'fast-check';
import { asMinuteOfDay, formatTimeOfDay, parseDate, parseTimeOfDay } from '../civil-time/index.js';
import { changesInWords } from '../compare/index.js';
import { firstCollisions } from '../engine/index.js';
import { check, type Finding } from '../findings/index.js';
import type { Plan } from '../settings/index.js';
import { homeOf } from '../testing/homes.js';
import { anyPlan } from '../testing/plans.js';
import { fixesOf } from './index.js';
import { runs } from '../testing/runs.js';

const FROM = parseDate('2026-06-01')!;

const fixesFor = (plan: Plan, code: string) =>
  check(plan, FROM)
    .filter((finding) => finding.code === code)
    .flatMap((finding) => fixesOf(plan, finding, FROM));

const b = (fields: object = {}) => ({
  id: 'B',
  starts: ['04:15'],
  days: { mode: 'weekdays', weekdays: [2] },
  runs: [{ station: 2, seconds: 600 }],
  ...fields,
});

it('one start a station becomes the earliest start alone', () => {
  const plan = homeOf({ a: { starts: ['04:15', '04:00'] } });
  const [fix] = fixesFor(plan, 'start-per-station');
  expect(fix!.label).toBe('Keep the start at 04:00, drop 1 other');
  expect(changesInWords(plan, fix!.plan)).toEqual([
    { what: 'Program A, start 1', before: '04:15', after: '04:00' },
    { what: 'Program A, start 2', before: '04:00', after: null },
  ]);
});

it('a start that collides moves to the first clear step of its day', () => {
  const [fix] = fixesFor(homeOf({ others: [b()] }), 'collision');
  expect(fix!.label).toBe('Move start 1 of program B to 04:30');
});

it('a start that finds no clear step later moves back to the nearest', () => {
  const late = homeOf({
    a: { starts: ['23:30'], runs: [{ station: 1, seconds: 1800 }] },
    others: [b({ starts: ['23:45'] })],
  });
  const [fix] = fixesFor(late, 'collision');
  expect(fix!.label).toBe('Move start 1 of program B to 23:15');
});

it('leftovers in a second program are cleared, the later one first', () => {
  const plan = homeOf({ others: [b({ starts: ['06:00'] })] });
  const fixes = fixesFor(plan, 'station-twice');
  expect(fixes.map(({ label }) => label)).toEqual(['Clear program B']);
  expect(check(fixes[0]!.plan, FROM)).toEqual([]);
});

it('nearly every day becomes three days, each so much longer that the water of a week stays', () => {
  const weekdays = [1, 2, 3, 4, 5, 6, 7];
  const plan = homeOf({ a: { days: { mode: 'weekdays', weekdays } } });
  const [fix, ...others] = fixesFor(plan, 'too-often');
  expect(fix!.label).toBe(
    "Water program A on Mon Wed Fri, and each station so much longer that a week's water stays",
  );
  // Found of both its stations, and for both the same.
  expect(others.map(({ label }) => label)).toEqual([fix!.label]);
  const programA = ({ programs }: Plan) => programs.find(({ id }) => id === 'A')!;
  expect(programA(fix!.plan).days).toEqual({ mode: 'weekdays', weekdays: [1, 3, 5] });
  // Seven times ten minutes are three times 23, to the minute that the timer knows.
  expect(programA(fix!.plan).runs.map(({ seconds }) => seconds)).toEqual([1380, 1380]);
  expect(fixesFor(fix!.plan, 'too-often')).toEqual([]);
});

it('every day by interval becomes every other, and what would be too long is not offered', () => {
  const daily = { mode: 'interval', everyDays: 1, anchor: '2026-06-02' };
  const [fix] = fixesFor(homeOf({ a: { days: daily } }), 'too-often');
  expect(fix!.plan.programs[0]).toMatchObject({
    days: { mode: 'interval', everyDays: 2 },
    runs: [{ seconds: 1200 }, { seconds: 1200 }],
  });
  const short = { timer: { runTime: { maxSeconds: 900 } } };
  expect(fixesFor(homeOf({ a: { days: daily }, ...short }), 'too-often')).toEqual([]);
  // Six days that leave one out for good are every second of those that are left.
  const blocked = { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] };
  const [six] = fixesFor(homeOf({ a: { days: blocked, blockedWeekdays: [1] } }), 'too-often');
  expect(six!.plan.programs[0]!.days).toEqual({ mode: 'weekdays', weekdays: [2, 4, 6] });
});

it('offers nothing where only the technician knows what is meant', () => {
  const idle = homeOf({ a: { runs: [{ station: 1, seconds: 600 }] } });
  expect(fixesFor(idle, 'station-idle')).toEqual([]);
});

describe('takes away what was found', () => {
  test.each<[string, Plan]>([
    ['missing-start', homeOf({ a: { starts: [] } })],
    ['missing-run-time', homeOf({ a: { runs: [] } })],
    ['missing-days', homeOf({ a: { days: { mode: 'weekdays', weekdays: [] } } })],
    [
      'too-many-starts',
      homeOf({ timer: { startsPerProgram: 1 }, a: { starts: ['01:00', '02:00'] } }),
    ],
    [
      'delay-too-long',
      homeOf({ timer: { maxStationDelaySeconds: 9 }, controller: { stationDelaySeconds: 10 } }),
    ],
    ['controller-off', homeOf({ controller: { off: true } })],
    ['sensor-bypassed', homeOf({ controller: { rainSensor: 'bypass' } })],
    ['window-unsupported', homeOf({ controller: { noWater: [{ from: '09:30', to: '17:00' }] } })],
    ['month-day-unsupported', homeOf({ controller: { monthDaysOff: [3] } })],
  ])('%s', (code, plan) => {
    const [fix] = fixesFor(plan, code);
    expect(fix!.label).toMatch(/^[A-Z]/);
    expect(check(fix!.plan, FROM).filter((finding) => finding.code === code)).toEqual([]);
  });
});

it('on any plan, a moved start collides with nothing, and no earlier step of the same side is clear', () => {
  const hits = (plan: Plan, { program, startNumber }: NonNullable<Finding['b']>) =>
    firstCollisions(plan, FROM).filter((found) =>
      [found.a, found.b].some(
        (run) => run.program.id === program && run.startNumber === startNumber,
      ),
    ).length;
  const movedTo = (
    plan: Plan,
    { program, startNumber }: NonNullable<Finding['b']>,
    start: string,
  ) => ({
    ...plan,
    programs: plan.programs.map((one) =>
      one.id === program ? { ...one, starts: one.starts.with(startNumber - 1, start) } : one,
    ),
  });
  fc.assert(
    fc.property(anyPlan, (plan) => {
      const finding = check(plan, FROM).find(({ code }) => code === 'collision');
      fc.pre(finding?.b !== undefined);
      const name = finding.b;
      const fix = fixesOf(plan, finding, FROM).find(({ label }) => label.startsWith('Move'));
      const start = (of: Plan) =>
        of.programs.find(({ id }) => id === name.program)!.starts[name.startNumber - 1]!;
      const now = parseTimeOfDay(start(plan))!;
      const steps = Array.from({ length: 96 }, (_, quarter) => quarter * 15);
      const clear = (minute: number) =>
        hits(movedTo(plan, name, formatTimeOfDay(asMinuteOfDay(minute))), name) === 0;
      const expected =
        steps.find((minute) => minute > now && clear(minute)) ??
        steps.findLast((minute) => minute < now && clear(minute));
      expect(fix && parseTimeOfDay(start(fix.plan))).toBe(expected);
    }),
    runs(1, 100),
  );
});
