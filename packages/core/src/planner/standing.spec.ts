import fc from 'fast-check';
import { parseDate } from '../civil-time/index.js';
import { clocksMayDriftSeconds, firstMeetingOf } from '../engine/index.js';
import { check } from '../findings/index.js';
import type { Plan } from '../settings/index.js';
import {
  NOTHING_STANDS,
  planBrief,
  readBrief,
  type Brief,
  type PlanAnswer,
  type Standing,
} from './index.js';
import { judge } from './testing/judge.js';
import { drawFrom, randomBrief } from './testing/random-brief.js';
import { planOf } from '../testing/plans.js';
import { runs } from '../testing/runs.js';

type Raw = Record<string, unknown>;

/** A clock that goes on by being asked. */
function clock(): () => number {
  let looks = 0;
  return () => looks++ / 20;
}

function briefOf(document: unknown): Brief {
  const read = readBrief(document);
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
}

const answerOf = (document: Raw, standing: Partial<Standing>): PlanAnswer =>
  planBrief(document, briefOf(document), {
    now: clock(),
    standing: { ...NOTHING_STANDS, ...standing },
  });

function planned(document: Raw, standing: Partial<Standing>) {
  const answer = answerOf(document, standing);
  if (!answer.feasible) throw new Error(JSON.stringify(answer.reasons));
  return answer;
}

/** A plan with one of its programs and that program's stations only. */
function onlyProgram(plan: Plan, id: string): Plan {
  const programs = plan.programs.filter((program) => program.id === id);
  const numbers = new Set(programs.flatMap(({ runs }) => runs.map(({ station }) => station)));
  return {
    ...plan,
    programs,
    stations: plan.stations.filter(({ number }) => numbers.has(number)),
  };
}

const without = (document: Raw, numbers: ReadonlySet<number>): Raw => ({
  ...document,
  stations: (document['stations'] as Raw[]).filter(
    (station) => !numbers.has(station['number'] as number),
  ),
});

it('a program that is kept stands as it was, and the others find room beside it', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 1_000_000 }), (seed) => {
      const { document } = randomBrief(drawFrom(seed), { stations: 7, isCoarse: false });
      const whole = planned(document, {});
      fc.pre(whole.programs >= 2);
      const id = whole.plan.programs[seed % whole.plan.programs.length]!.id;
      const kept = onlyProgram(whole.plan, id);
      const rest = without(document, new Set(kept.stations.map(({ number }) => number)));
      const beside = planned(rest, { kept });
      expect(beside.plan.programs.find((program) => program.id === id)).toEqual(kept.programs[0]);
      expect(beside.plan.stations).toEqual(expect.arrayContaining(kept.stations));
      expect(beside.programs).toBeLessThan(whole.programs);
      // The brief of all stations, the kept ones too.
      expect(judge(briefOf(document), beside.document)).toEqual([]);
    }),
    runs(8, 80),
  );
});

const station = (number: number, fields: Raw = {}): Raw => ({
  number,
  head: 'spray',
  plant: 'turf',
  need: { weeklySeconds: 3600, daysPerWeek: [2, 2] },
  ...fields,
});

const timer = { stations: 4, startStepMinutes: 5, dayModes: ['weekdays'] };
const brief = (fields: Raw = {}): Raw => ({
  format: 'waterclock.brief/1',
  from: '2026-06-01',
  timer,
  rules: { earliestStart: '04:00', finishBy: '05:30' },
  stations: [station(1), station(2)],
  ...fields,
});

/** Program B for station 4 alone. */
const keptB = (fields: Raw): Plan =>
  planOf({
    timer,
    rules: { finishBy: '05:30' },
    stations: [{ number: 4, head: 'rotor', plant: 'turf' }],
    programs: [{ id: 'B', runs: [{ station: 4, seconds: 3600 }], ...fields }],
  });

describe('beside a program that is kept', () => {
  it('the same hours are watered on days of their own', () => {
    const kept = keptB({ starts: ['04:00'], days: { mode: 'weekdays', weekdays: [1, 4] } });
    const { plan } = planned(brief(), { kept });
    // 72 minutes at headroom for each: both do not fit into 90 minutes of one night.
    const [a, b] = plan.programs;
    expect(b).toEqual(kept.programs[0]);
    expect(a!.id).toBe('A');
    const shared = (days: object) => (days as { weekdays: number[] }).weekdays;
    expect(shared(a!.days).filter((weekday) => shared(b!.days).includes(weekday))).toEqual([]);
    expect(
      check(plan, parseDate('2026-06-01')!).filter(({ severity }) => severity !== 'info'),
    ).toEqual([]);
  });

  it('there is no plan where it takes the hours of every night, and the reason names it', () => {
    const days = { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] };
    const answer = answerOf(brief(), { kept: keptB({ starts: ['04:00'], days }) });
    if (answer.feasible) throw new Error(JSON.stringify(answer.document));
    expect(answer.reasons.map(({ code, message }) => [code, message.includes('beside B')])).toEqual(
      [
        ['hours', true],
        ['hours', true],
      ],
    );
  });

  it('its own faults are not held against the plan', () => {
    // It collides with itself, whatever the others do.
    const days = { mode: 'weekdays', weekdays: [1, 4] };
    const kept = keptB({ starts: ['03:00', '03:30'], days });
    const { plan } = planned(brief(), { kept });
    expect(plan.programs[1]).toEqual(kept.programs[0]);
    const found = check(plan, parseDate('2026-06-01')!);
    expect(found.filter(({ code }) => code === 'collision')).toMatchObject([
      { program: 'B', b: { program: 'B' } },
    ]);
  });

  it('its label is not given away, and without a free one there is no plan', () => {
    const days = { mode: 'weekdays', weekdays: [1, 4] };
    const kept = { ...keptB({ starts: ['02:00'], days }), timer: planOf({ timer }).timer };
    const programs = ['B'];
    const answer = answerOf(brief({ timer: { ...timer, programs } }), {
      kept: { ...kept, timer: { ...kept.timer, programs } },
    });
    if (answer.feasible) throw new Error(JSON.stringify(answer.document));
    expect(answer.reasons.map(({ code }) => code)).toEqual(['programs']);
  });
});

it('a station that follows another is in the program of its leader, and runs as long', () => {
  const stations = [1, 2, 3, 4].map((number) => station(number));
  const rules = { earliestStart: '02:00', finishBy: '05:30', headroomPercent: 100 };
  const night = { earliestStart: '03:30' };
  // 30 minutes each: two hours do not fit one after the other, so two programs share them out.
  const document = brief({ stations, rules: { ...rules, ...night, finishBy: '04:35' } });
  for (const [follower, leader] of [
    [4, 1],
    [3, 1],
    [2, 1],
  ] as const) {
    const { plan } = planned(document, { leaders: new Map([[follower, leader]]) });
    expect(plan.programs).toHaveLength(2);
    const home = plan.programs.find(({ runs }) => runs.some((run) => run.station === leader))!;
    expect(home.runs.map((run) => run.station)).toEqual([leader, follower]);
  }
});

describe('other timers of the home', () => {
  const other = (starts: string[], fields: Raw = {}): Plan =>
    planOf({
      stations: [{ number: 1 }],
      programs: [
        {
          id: 'A',
          starts,
          days: { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] },
          runs: [{ station: 1, seconds: 1800 }],
        },
      ],
      ...fields,
    });
  const FROM = parseDate('2026-06-01')!;
  const firstStart = ({ plan }: { plan: Plan }) => plan.programs[0]!.starts[0]!;
  const document = brief({
    timer: { ...timer, season: null },
    rules: { earliestStart: '02:00', finishBy: '05:30' },
    stations: [station(1, { need: { weeklySeconds: 3600, daysPerWeek: [2, 2] } })],
  });

  it('are left room, five minutes before them and after', () => {
    expect(firstStart(planned(document, {}))).toBe('05:00');
    const beside = other(['04:50']);
    const answer = planned(document, { beside: [beside] });
    expect(firstStart(answer)).toBe('04:15');
    expect(firstMeetingOf([answer.plan, beside], FROM)).toBeNull();
    expect(clocksMayDriftSeconds([answer.plan, beside], FROM)).toBe(300);
  });

  it('are left room where they truly run, whatever their clocks show', () => {
    // Its clock is twenty minutes ahead: it begins at 04:30, and ends at five.
    const beside = other(['04:50'], {
      controller: { clock: { timerReads: '2026-06-01T08:20:00', trueTime: '2026-06-01T08:00:00' } },
    });
    const answer = planned(document, { beside: [beside] });
    expect(firstStart(answer)).toBe('03:55');
    expect(firstMeetingOf([answer.plan, beside], FROM)).toBeNull();
  });

  it('that fill the night leave none, and the reason names them', () => {
    const beside = other(['02:00', '02:32', '03:04', '03:36', '04:08', '04:40', '05:12']);
    const answer = answerOf(document, { beside: [beside] });
    expect(answer.feasible).toBe(false);
    if (!answer.feasible)
      expect(answer.reasons.map(({ message }) => message).join()).toContain(
        'beside the other timers of the home',
      );
  });

  it('are never met by a plan, on any date, whatever they are set to', () => {
    let met = 0;
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1_000_000 }), (seed) => {
        const draw = drawFrom(seed);
        const { document: own } = randomBrief(draw, { stations: 5, isCoarse: false });
        const alone = answerOf(own, {});
        if (!alone.feasible) {
          fc.pre(false);
          return;
        }
        const { plan: beside } = planned(
          randomBrief(draw, { stations: 3, isCoarse: false }).document,
          {},
        );
        if (firstMeetingOf([alone.plan, beside], FROM)) met += 1;
        const answer = answerOf(own, { beside: [beside] });
        if (!answer.feasible) {
          fc.pre(false);
          return;
        }
        expect(firstMeetingOf([answer.plan, beside], FROM)).toBeNull();
        expect(judge(briefOf(own), answer.document)).toEqual([]);
      }),
      runs(12, 120),
    );
    // Of plans that know nothing of each other some do meet.
    expect(met).toBeGreaterThan(0);
  });
});
