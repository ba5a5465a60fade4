import fc from 'fast-check';
import { planBrief, readBrief, type Brief } from './index.js';
import { judge } from './testing/judge.js';
import { drawFrom, randomBrief } from './testing/random-brief.js';
import { casesIn } from '../testing/cases.js';
import { runs } from '../testing/runs.js';

type Raw = Record<string, unknown>;

/** A clock that goes on by being asked: 40,000 looks are the usual limit, however fast the machine is. */
function clock(): () => number {
  let looks = 0;
  return () => looks++ / 20;
}

function briefOf(document: unknown): Brief {
  const read = readBrief(document);
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
}

const answerOf = (document: Raw) => planBrief(document, briefOf(document), { now: clock() });

const CASES = casesIn('plan').map(([name, text]) => [name, JSON.parse(text) as Raw] as const);

describe('a public brief', () => {
  it.each(CASES)('%s is met, or refused with the reason and what would help', (_, test) => {
    const brief = test['brief'] as Raw;
    const answer = answerOf(brief);
    const known = test['known'] as { programs: number; starts: number } | undefined;
    if (known) {
      if (!answer.feasible) throw new Error(JSON.stringify(answer.reasons));
      expect(judge(briefOf(brief), answer.document)).toEqual([]);
      expect(answer.programs).toBeLessThanOrEqual(known.programs);
      if (answer.programs === known.programs)
        expect(answer.starts).toBeLessThanOrEqual(known.starts);
      return;
    }
    if (answer.feasible) throw new Error('It was to be refused.');
    expect(answer.reasons.map(({ code }) => code)).toContain(test['expectReason']);
    if (test['expectNearest']) expect(answer.nearest.length).toBeGreaterThan(0);
    for (const { change, plan } of answer.nearest) {
      const rule = change.field.replace('rules.', '');
      const relaxed = { ...brief, rules: { ...(brief['rules'] as Raw), [rule]: change.to } };
      expect(judge(briefOf(relaxed), plan)).toEqual([]);
    }
  });
});

it('meets every brief that can be met, with no more programs and starts than are known', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 1_000_000 }), (seed) => {
      const { document, known } = randomBrief(drawFrom(seed), { stations: 8, isCoarse: false });
      const answer = answerOf(document);
      if (!answer.feasible) throw new Error(JSON.stringify(answer.reasons));
      expect(judge(briefOf(document), answer.document)).toEqual([]);
      expect(answer.programs).toBeLessThanOrEqual(known.programs);
      if (answer.programs === known.programs)
        expect(answer.starts).toBeLessThanOrEqual(known.starts);
    }),
    runs(40, 600),
  );
});

const station = (number: number, fields: Raw = {}): Raw => ({
  number,
  head: 'spray',
  plant: 'turf',
  need: { weeklySeconds: 1800, daysPerWeek: [2, 3] },
  ...fields,
});

const small = (fields: Raw = {}): Raw => ({
  format: 'waterclock.brief/1',
  from: '2026-06-01',
  timer: { stations: 6, startStepMinutes: 5 },
  rules: { earliestStart: '01:00', finishBy: '05:30' },
  stations: [station(1), station(2)],
  ...fields,
});

function planned(document: Raw) {
  const answer = answerOf(document);
  if (!answer.feasible) throw new Error(JSON.stringify(answer.reasons));
  expect(judge(briefOf(document), answer.document)).toEqual([]);
  return answer;
}

function refused(document: Raw) {
  const answer = answerOf(document);
  if (answer.feasible) throw new Error(JSON.stringify(answer.document));
  return answer;
}

describe('a plan', () => {
  it('ends as late as the start step lets it at headroom, on the fewest days', () => {
    const { plan } = planned(small());
    // 2 stations of 900 s twice a week: 36 minutes at 120 %, so 04:50 and not 04:55.
    expect(plan.programs).toMatchObject([
      { starts: ['04:50'], runs: [{ seconds: 900 }, { seconds: 900 }] },
    ]);
    expect(plan.programs[0]!.days).toMatchObject({ mode: 'weekdays' });
  });

  it('keeps plantings apart where that is wanted and the timer has enough programs', () => {
    const stations = [station(1), station(2, { plant: 'shrubs' }), station(3)];
    expect(planned(small({ stations })).programs).toBe(1);
    const apart = planned(small({ stations, prefer: 'by-need' }));
    expect(apart.plan.programs.map(({ runs }) => runs.map((run) => run.station)).sort()).toEqual([
      [1, 3],
      [2],
    ]);
    const timer = { stations: 6, programs: ['A'] };
    expect(planned(small({ stations, timer, prefer: 'by-need' })).programs).toBe(1);
  });

  it('waters a head that is spared by day only where the night has no room for it', () => {
    const stations = [
      station(1, { need: { weeklySeconds: 9000, daysPerWeek: [2, 2] } }),
      station(2, {
        head: 'drip',
        plant: 'shrubs',
        need: { weeklySeconds: 14_400, daysPerWeek: [2, 2] },
      }),
    ];
    const timer = { stations: 2, programs: ['A'] };
    const rules = { earliestStart: '03:00', finishBy: '05:30', exempt: ['drip'] };
    expect(planned(small({ stations, timer, rules })).plan.programs[0]!.starts).toEqual(['04:00']);
    refused(small({ stations, timer, rules: { ...rules, exempt: [] } }));
  });

  it('keeps odd dates where only those are allowed, and rests on the 31st where the timer does', () => {
    const stations = [station(1, { need: { weeklySeconds: 1800, daysPerWeek: [3, 4] } })];
    const rules = { earliestStart: '01:00', finishBy: '05:30', dateParity: 'odd' };
    const { plan } = planned(small({ stations, rules, timer: { stations: 2, skip31: true } }));
    expect(plan.programs[0]!.days.mode).toBe('odd');
  });

  it('opens two valves at once only where one at a time does not do', () => {
    const stations = [1, 2, 3, 4].map((number) =>
      station(number, { flowLpm: 10, need: { weeklySeconds: 7200, daysPerWeek: [2, 2] } }),
    );
    const timer = { stations: 4, programs: ['A'], maxConcurrentStations: 2 };
    const site = { supplyLpm: 25 };
    const rules = { earliestStart: '02:50', finishBy: '05:30' };
    expect(planned(small({ stations, timer, site, rules })).plan.programs[0]!.concurrent).toBe(2);
    refused(small({ stations, timer, site: { supplyLpm: 15 }, rules }));
    const wide = { earliestStart: '22:00', finishBy: '05:30' };
    expect(planned(small({ stations, timer, rules: wide })).plan.programs[0]!.concurrent).toBe(1);
  });

  it('gives what it was given unchanged, and nothing that a plan file does not know', () => {
    const document = small({ name: 'Plum cottage', controller: { stationDelaySeconds: 10 } });
    const { document: plan } = planned(document);
    expect(plan).toMatchObject({
      name: 'Plum cottage',
      timer: document['timer'],
      controller: document['controller'],
      rules: { finishBy: '05:30' },
      stations: [{ number: 1, head: 'spray', plant: 'turf' }, { number: 2 }],
    });
    expect(JSON.stringify(plan)).not.toMatch(/earliestStart|weeklySeconds|maxPieceSeconds/);
  });
});

describe('no plan', () => {
  it('says that the timer cannot run so short', () => {
    const stations = [station(1, { maxPieceSeconds: 120, minSoakSeconds: 600 })];
    const timer = { stations: 1, runTime: { minSeconds: 300, stepSeconds: 300 } };
    expect(refused(small({ stations, timer })).reasons).toMatchObject([
      { code: 'piece', station: 1, message: expect.stringMatching(/shorter run/) as string },
    ]);
  });

  it('names every station that has no days', () => {
    const stations = [
      station(1, { need: { weeklySeconds: 600, daysPerWeek: [6, 7] } }),
      station(2),
      station(3, { need: { everyDays: 31, seconds: 600 } }),
    ];
    const { reasons } = refused(small({ stations, timer: { stations: 3, intervalMaxDays: 14 } }));
    expect(reasons.map(({ code, station: number }) => [code, number])).toEqual([
      ['days', 1],
      ['days', 3],
    ]);
  });

  it('offers the smallest later finish, and one step less does not do', () => {
    const timer = { stations: 2, startStepMinutes: 5, programs: ['A'] };
    const short = small({ timer, rules: { earliestStart: '05:00', finishBy: '05:20' } });
    const { nearest } = refused(short);
    const later = nearest.find(({ change }) => change.field === 'rules.finishBy')!;
    // On three days a week instead of two: twice 600 s are 24 minutes at 120 %.
    expect(later.change.to).toBe('05:25');
    expect(nearest.find(({ change }) => change.field === 'rules.headroomPercent')!.change.to).toBe(
      100,
    );
  });

  it('does not claim to have ruled out fewer programs where not all was gone through', () => {
    // Sixteen stations on two days each, too long even for two nights: 32,768 ways to halve them.
    const stations = Array.from({ length: 16 }, (_, index) =>
      station(index + 1, { need: { weeklySeconds: 1200 + 60 * index, daysPerWeek: [2, 2] } }),
    );
    const timer = { stations: 16, programs: ['A', 'B', 'C', 'D'] };
    const rules = { earliestStart: '02:30', finishBy: '04:30' };
    const document = small({ stations, timer, rules });
    const answer = answerOf(document);
    if (!answer.feasible) throw new Error(JSON.stringify(answer.reasons));
    expect(judge(briefOf(document), answer.document)).toEqual([]);
    expect([answer.programs, answer.isProven]).toEqual([3, false]);
  });

  it('is what a search without any time comes to, and says that it was cut short', () => {
    const document = small();
    const answer = planBrief(document, briefOf(document), {
      now: clock(),
      limitMs: -1,
      withNearest: false,
    });
    expect(answer).toMatchObject({ feasible: false, isCutShort: true });
  });
});
