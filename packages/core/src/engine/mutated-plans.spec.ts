import fc from 'fast-check';
import { parseDate } from '../civil-time/index.js';
import { allDatesReport, simulate } from './index.js';
import { planDocument } from '../testing/plans.js';
import { readPlan, readPlanText } from '../settings/index.js';
import { runs } from '../testing/runs.js';

const FROM = parseDate('2026-06-01')!;

type Container = Record<string, unknown> | unknown[];

/** Every object and list of a document, the document itself first. */
function containers(value: unknown): Container[] {
  if (typeof value !== 'object' || value === null) return [];
  return [value as Container, ...Object.values(value).flatMap(containers)];
}

const anyValue = fc.oneof(
  fc.jsonValue({ maxDepth: 2 }),
  fc.constantFrom<unknown>(-1, 0, 0.5, 1e9, 1e300, '', '24:00', '2027-02-29', null, [], {}, 'A'),
);

const mutation = fc.record({
  container: fc.nat(),
  key: fc.nat(),
  how: fc.constantFrom('replace', 'remove', 'add', 'repeat'),
  name: fc.constantFrom('colour', '__proto__', 'constructor', 'toString', 'mode', 'number', 'days'),
  value: anyValue,
});

type Mutation = typeof mutation extends fc.Arbitrary<infer Type> ? Type : never;

/** Changes one place of a document: another value, nothing, a field more, or an entry twice. */
function mutate(document: unknown, { container, key, how, name, value }: Mutation): void {
  const other: unknown = structuredClone(value);
  const all = containers(document);
  const target = all[container % all.length] as Record<string, unknown>;
  const keys = Object.keys(target);
  const at = keys[key % Math.max(1, keys.length)];
  if (how === 'repeat' && Array.isArray(target))
    target.push(structuredClone(target[key % target.length]));
  else if (how === 'add' || at === undefined)
    Object.defineProperty(target, Array.isArray(target) ? String(target.length) : name, {
      value: other,
      enumerable: true,
      configurable: true,
      writable: true,
    });
  else if (how === 'remove') Reflect.deleteProperty(target, at);
  else target[at] = other;
}

const mutated = fc
  .tuple(planDocument, fc.array(mutation, { minLength: 1, maxLength: 4 }))
  .map(([document, mutations]) => {
    const copy: unknown = JSON.parse(JSON.stringify(document));
    for (const one of mutations) mutate(copy, one);
    return JSON.stringify(copy);
  });

it('a mutated plan file gives a plan that runs, or messages with paths', () => {
  fc.assert(
    fc.property(mutated, (text) => {
      const read = readPlanText(text);
      if (read.ok) {
        expect(readPlan(JSON.parse(JSON.stringify(read.value)))).toEqual(read);
        expect(() => simulate(read.value, { from: FROM, days: 14 })).not.toThrow();
        expect(() => allDatesReport(read.value, FROM)).not.toThrow();
      } else {
        expect(read.trouble.length).toBeGreaterThan(0);
        const places = read.trouble.map(({ path }) => path);
        expect(new Set(places).size).toBe(places.length);
        for (const { path, message } of read.trouble) {
          expect(path).toMatch(/^(\$|[\w$]+)(\.[\w$]+|\[\d+\]|\["(?:[^"\\]|\\.)*"\])*$/);
          expect(message).not.toBe('');
        }
      }
    }),
    runs(400, 10_000),
  );
});

it('a cut off or garbled file is one message about the file', () => {
  fc.assert(
    fc.property(
      planDocument,
      fc.double({ min: 0.01, max: 0.99, noNaN: true }),
      (document, share) => {
        const text = JSON.stringify(document);
        const read = readPlanText(text.slice(0, Math.floor(text.length * share)));
        expect(read.ok ? [] : read.trouble.map(({ path }) => path)).toEqual(['$']);
      },
    ),
    { numRuns: 100 },
  );
});
