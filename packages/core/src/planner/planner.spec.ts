import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { planBrief, readBrief, type Brief } from './index.js';
import { judge } from './testing/judge.js';
import { drawFrom, randomBrief } from './testing/random-brief.js';

type Raw = Record<string, unknown>;

/** A clock that goes on by being asked: a search has so many looks, however fast the machine is. */
function clock(): () => number {
  let looks = 0;
  return () => looks++;
}

function briefOf(document: unknown): Brief {
  const read = readBrief(document);
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
}

const answerOf = (document: Raw) => planBrief(document, briefOf(document), { now: clock() });

const FOLDER = join(__dirname, '../../../../../shared/cases/plan');
const CASES = existsSync(FOLDER)
  ? readdirSync(FOLDER)
      .filter((name) => name.endsWith('.json'))
      .map((name) => [name, JSON.parse(readFileSync(join(FOLDER, name), 'utf8')) as Raw] as const)
  : [];

describe('a public brief', () => {
  if (CASES.length === 0) it.skip(`${FOLDER} is not here`, () => undefined);
  else
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

const RUNS = Number(process.env['PLAN_RUNS'] ?? 300);

it('meets every brief that can be met, with no more programs and starts than are known', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 1_000_000 }), (seed) => {
      const { document, known } = randomBrief(drawFrom(seed), { stations: 8, isCoarse: false });
      const answer = answerOf(document);
      if (!answer.feasible) throw new Error(JSON.stringify(answer.reasons));
      expect(judge(briefOf(document), answer.document)).toEqual([]);
      expect(answer.programs).toBeLessThanOrEqual(known.programs);
    }),
    { numRuns: RUNS, seed: 20_261_125 },
  );
});
