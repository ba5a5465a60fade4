import fc from 'fast-check';
import { keyInPlaces, keyInSteps, meantPlaces, valueCode, valueOfCode } from '../key-in/index.js';
import { parseDate } from '../civil-time/index.js';
import { fromFactory, type Confirmed, type Plan } from '../settings/index.js';
import { anyPlan, planOf } from '../testing/plans.js';
import { KEY_IN_PARTS } from '../timer-types/index.js';
import {
  confirmedNow,
  inTimerNow,
  tickEntries,
  toKeyIn,
  visitOf,
  type MadeEntry,
  type VisitEntry,
} from './index.js';

const planWith = (starts: string[], seconds: number, fields: object = {}): Plan =>
  planOf({
    timer: { programs: ['A'], startsPerProgram: 2, maxStationDelaySeconds: 0 },
    stations: [{ number: 1, name: 'Kerb strip' }],
    programs: [
      {
        id: 'A',
        starts,
        days: { mode: 'weekdays', weekdays: [2, 5] },
        runs: [{ station: 1, seconds }],
      },
    ],
    ...fields,
  });

const FOUND = planWith(['02:00', '05:00'], 600);
const WANTED = planWith(['03:30'], 900);
const READING = { document: FOUND, madeAt: '2026-06-01T08:00:00.000Z' };

const at = (minute: number): string => new Date(Date.UTC(2026, 5, 1, 8, minute)).toISOString();

const made = (entries: readonly VisitEntry[], firstMinute = 1): MadeEntry[] =>
  entries.map((entry, index) => ({
    id: String(index),
    number: index + 1,
    seen: index,
    person: 'Ines',
    observedAt: at(firstMinute + index),
    entry,
  }));

/** The ticks of some places of what is wanted, in the order of key in. */
function ticks(wanted: Plan, present: Plan | null, isMeant: (key: string) => boolean) {
  const steps = keyInSteps({ target: wanted, present, order: KEY_IN_PARTS, isWhole: false });
  return steps
    .filter(({ part, key }) => part !== 'last-look' && isMeant(key))
    .flatMap((step) => tickEntries(visitOf([]), step, true));
}

const starts = ({ programs }: Plan) => programs[0]!.starts;
const seconds = ({ programs }: Plan) => programs[0]!.runs.map((run) => run.seconds);

describe('in the timer', () => {
  it('is what was read, where nothing was keyed in', () => {
    const now = inTimerNow(WANTED, READING, []);
    expect([starts(now.plan), seconds(now.plan)]).toEqual([['02:00', '05:00'], [600]]);
    expect([now.keyedIn, now.unknown]).toEqual([[], []]);
  });

  it('is what was ticked, value by value, and elsewhere what was read', () => {
    const visit = visitOf(made(ticks(WANTED, FOUND, (key) => key === 'A start 1')));
    const now = inTimerNow(WANTED, READING, [visit]);
    expect([starts(now.plan), seconds(now.plan)]).toEqual([['03:30', '05:00'], [600]]);
    expect(now.keyedIn).toEqual(['A start 1']);
  });

  it('is what was wanted once all of it is ticked', () => {
    const visit = visitOf(made(ticks(WANTED, FOUND, () => true)));
    const now = inTimerNow(WANTED, READING, [visit]);
    expect([starts(now.plan), seconds(now.plan)]).toEqual([['03:30'], [900]]);
    expect(now.keyedIn).toEqual(
      ['A start 1', 'A start 2', 'A station 1', 'percent'].filter((key) => key !== 'percent'),
    );
  });

  it('is what was keyed in, though something else is wanted by now', () => {
    const visit = visitOf(made(ticks(WANTED, FOUND, () => true)));
    const now = inTimerNow(planWith(['06:00'], 300), READING, [visit]);
    expect([starts(now.plan), seconds(now.plan)]).toEqual([['03:30'], [900]]);
  });

  it('is what was read after it was keyed in, whatever was ticked before', () => {
    const visit = visitOf(made(ticks(WANTED, FOUND, () => true)));
    const readBack = { document: planWith(['03:30', '05:00'], 900), madeAt: at(50) };
    const now = inTimerNow(WANTED, readBack, [visit]);
    expect(starts(now.plan)).toEqual(['03:30', '05:00']);
    expect(now.keyedIn).toEqual([]);
  });

  it('knows of pump, sensor, hours, days off and stations at once what was read and what was ticked', () => {
    const holdsAll = { noWaterWindows: true, monthDaysOff: true, maxConcurrentStations: 2 };
    const holding = (isOther: boolean): Plan => {
      const plan = planWith(['03:30'], 600, {
        timer: { programs: ['A'], maxStationDelaySeconds: 0, ...holdsAll },
        controller: isOther
          ? { monthDaysOff: [4], noWater: [{ from: '10:00', to: '18:00', weekdays: [2] }] }
          : {},
        stations: [
          { number: 1, ...(isOther && { pump: true, rainSensor: false, enabled: false }) },
        ],
      });
      return {
        ...plan,
        programs: plan.programs.map((one) => ({ ...one, concurrent: isOther ? 2 : 1 })),
      };
    };
    const held = ({ controller, stations: [station], programs: [program] }: Plan) => ({
      ...{ hours: controller.noWater.length, monthDaysOff: controller.monthDaysOff },
      ...{ pump: station!.pump === true, heeds: station!.rainSensor, isOn: station!.enabled },
      atOnce: program!.concurrent,
    });
    const [plain, other] = [holding(false), holding(true)];
    const reading = { document: other, madeAt: at(0) };
    // What was read is there, whatever the desk says of it.
    expect(held(inTimerNow(plain, reading, []).plan)).toEqual(held(other));
    const all = visitOf(made(ticks(plain, other, () => true)));
    expect(held(inTimerNow(plain, reading, [all]).plan)).toEqual(held(plain));
    const one = visitOf(made(ticks(plain, other, (key) => key === 'pump')));
    expect(held(inTimerNow(plain, reading, [one]).plan)).toEqual({ ...held(other), pump: false });
  });

  it('is not known where nothing was read and nothing ticked', () => {
    const visit = visitOf(made(ticks(WANTED, null, (key) => key === 'A start 1')));
    const now = inTimerNow(WANTED, null, [visit]);
    expect(now.keyedIn).toEqual(['A start 1']);
    expect(now.unknown).toContain('A station 1');
    expect(now.unknown).not.toContain('A start 1');
    const all = inTimerNow(WANTED, null, [visitOf(made(ticks(WANTED, null, () => true)))]);
    expect(all.unknown).toEqual([]);
  });

  it('counts what nobody read, what the last reading did not confirm too', () => {
    const counted = (isMeant: (key: string) => boolean, before?: Confirmed) =>
      confirmedNow(
        inTimerNow(WANTED, READING, [visitOf(made(ticks(WANTED, FOUND, isMeant)))]),
        before,
      );
    const of = keyInPlaces(WANTED).length;
    expect(counted(() => false)).toEqual({ of, keyedIn: 0, unknown: 0 });
    expect(counted((key) => key === 'A start 1')).toEqual({ of, keyedIn: 1, unknown: 0 });
    const before = { of, keyedIn: 2, unknown: 0 };
    expect(counted((key) => key === 'A start 1', before).keyedIn).toBe(3);
    // Never more than there are.
    expect(counted(() => true, { of, keyedIn: of, unknown: 0 }).keyedIn).toBe(of);
    const nobody = confirmedNow(inTimerNow(WANTED, null, []));
    expect(nobody.unknown).toBeGreaterThan(3);
  });

  it('stands at 100 % where run times were entered and the percentage was not set back', () => {
    const percent = (value: number) => ({
      controller: { season: { mode: 'whole', percent: value } },
    });
    const found = planWith(['02:00'], 600, percent(130));
    const wanted = planWith(['02:00'], 900, percent(130));
    const reading = { document: found, madeAt: READING.madeAt };
    const season = (isMeant: (key: string) => boolean) => {
      const visit = visitOf(made(ticks(wanted, found, isMeant)));
      return inTimerNow(wanted, reading, [visit]).plan.controller.season;
    };
    expect(season(() => false)).toEqual({ mode: 'whole', percent: 130 });
    expect(season((key) => key !== 'percent')).toEqual({ mode: 'whole', percent: 100 });
    expect(season(() => true)).toEqual({ mode: 'whole', percent: 130 });
  });

  it('goes by a table of months once that is keyed in, the months not ticked unknown', () => {
    const season = (mode: object) => ({
      timer: {
        programs: ['A'],
        startsPerProgram: 2,
        season: { modes: ['whole', 'monthly'] },
      },
      controller: { season: mode },
    });
    const percents = Array.from({ length: 12 }, (_, index) => 50 + 10 * (index % 3));
    const found = planWith(['02:00'], 600, season({ mode: 'whole', percent: 100 }));
    const wanted = planWith(['02:00'], 600, season({ mode: 'monthly', percents }));
    const reading = { document: found, madeAt: READING.madeAt };
    const now = (isMeant: (key: string) => boolean) =>
      inTimerNow(wanted, reading, [visitOf(made(ticks(wanted, found, isMeant)))]);
    expect(now(() => false).plan.controller.season).toEqual({ mode: 'whole', percent: 100 });
    const all = now(() => true);
    expect(all.plan.controller.season).toEqual({ mode: 'monthly', percents });
    expect(all.unknown).toEqual([]);
    const some = now((key) => key !== 'percent March');
    expect(some.unknown).toEqual(['percent March']);
    expect(some.keyedIn).toContain('percent April');
  });

  it('has a right clock once that is set', () => {
    const clock = { timerReads: '2026-06-01T20:00:00', trueTime: '2026-06-01T08:00:00' };
    const found = planWith(['02:00'], 600, { controller: { clock } });
    const reading = { document: found, madeAt: READING.madeAt };
    const visit = visitOf(made(ticks(found, found, (key) => key === 'clock')));
    expect(inTimerNow(found, reading, []).plan.controller.clock).toEqual(clock);
    expect(inTimerNow(found, reading, [visit]).plan.controller).not.toHaveProperty('clock');
  });

  it('has the stations that are there now, with the cycles that were read', () => {
    const found = planWith(['02:00'], 600, {
      stations: [
        { number: 1, cycleSeconds: 300, soakSeconds: 600 },
        { number: 2, name: 'Gone' },
      ],
    });
    const { plan } = inTimerNow(WANTED, { document: found, madeAt: READING.madeAt }, []);
    expect(plan.stations).toMatchObject([{ number: 1, name: 'Kerb strip', cycleSeconds: 300 }]);
    expect(plan.stations).toHaveLength(1);
  });
});

it('on any two plans, all of it ticked is what was wanted, and none of it what was read', () => {
  fc.assert(
    fc.property(anyPlan, anyPlan, (one, other) => {
      const wanted: Plan = { ...other, timer: { ...other.timer, startsPerProgram: 6 } };
      const found: Plan = {
        ...wanted,
        controller: { ...wanted.controller, monthDaysOff: one.controller.monthDaysOff },
        programs: one.programs.map((program) => ({
          ...program,
          runs: program.runs.filter(({ station }) =>
            wanted.stations.some(({ number }) => number === station),
          ),
        })),
      };
      const reading = { document: found, madeAt: READING.madeAt };
      const facts = (plan: Plan, shownOn: Plan) =>
        meantPlaces(shownOn).map(({ key, read }) => [key, valueCode(read(plan))]);
      const none = inTimerNow(wanted, reading, []).plan;
      expect(facts(none, found)).toEqual(facts(found, found));
      const visit = visitOf(made(ticks(wanted, found, () => true)));
      const all = inTimerNow(wanted, reading, [visit]).plan;
      // Two intervals of the same days are one setting to a timer: it keeps the one it had.
      const settled = facts(all, wanted).filter(([, words]) => !words!.startsWith('every'));
      expect(facts(wanted, wanted)).toEqual(expect.arrayContaining(settled));
    }),
    { numRuns: 60 },
  );
});

it('every value is found again by its code', () => {
  fc.assert(
    fc.property(anyPlan, (plan) => {
      for (const { read } of keyInPlaces(plan)) {
        const value = read(plan);
        const again = valueOfCode(valueCode(value), value);
        expect(again && valueCode(again)).toBe(valueCode(value));
      }
    }),
    { numRuns: 60 },
  );
  const time = { type: 'time', time: null } as const;
  expect(valueOfCode('time off', time)).toEqual(time);
  expect(valueOfCode('30 s', time)).toBeNull();
  expect(valueOfCode('every 3 from 2026-06-02', { type: 'days', days: { mode: 'odd' } })).toEqual({
    type: 'days',
    days: { mode: 'interval', everyDays: 3, anchor: '2026-06-02' },
  });
  expect(valueOfCode('month days 1,15', { type: 'days', days: { mode: 'odd' } })).toBeNull();
});

it('a timer as it left the factory has every station on and heeding: what is to be otherwise is asked for', () => {
  const wanted = planOf({
    timer: { programs: ['A'], pumpPerStation: true, rainSensor: true },
    stations: [
      { number: 1, pump: true },
      { number: 2, rainSensor: false },
      { number: 3, enabled: false },
    ],
    programs: [],
  });
  const steps = toKeyIn({
    visit: visitOf([]),
    target: wanted,
    reading: { document: fromFactory(wanted), madeAt: at(0) },
    order: KEY_IN_PARTS,
    today: parseDate('2026-06-01')!,
  });
  expect(steps.map(({ key }) => key)).toEqual([
    'clock',
    'stations off',
    'pump',
    'sensor not heeded',
  ]);
  // Where the timer cannot set the pump by station, which one needs it is a fact of the yard.
  const plain = { ...wanted, timer: { ...wanted.timer, pumpPerStation: false } };
  expect(fromFactory(plain).stations[0]).toMatchObject({ pump: true });
});
