import fc from 'fast-check';
import { addDays, formatDateTime, parseDate, startOfDay } from '../civil-time/index.js';
import { firstCollision, simulate } from '../engine/index.js';
import { anyPlan, testPlan } from '../testing/plans.js';
import { runs } from '../testing/runs.js';
import { check, outlook, OUTLOOK_DAYS } from './index.js';

const FROM = parseDate('2026-06-01')!;

it('names the collision that the findings and the engine name first, and counts those that are soon', () => {
  let colliding = 0;
  fc.assert(
    fc.property(anyPlan, (plan) => {
      const { first, collisions, runs: begun } = outlook(plan, FROM);
      const found = check(plan, FROM)
        .filter(({ code }) => code === 'collision')
        .map(({ first: when, seconds }) => [when, seconds])
        .sort(([a], [b]) => (a! < b! ? -1 : 1));
      const { first: earliest } = { first: firstCollision(plan, FROM) };
      expect(first?.start ?? null).toBe(earliest?.b.nominal ?? null);
      expect(first && formatDateTime(first.start)).toBe(found[0]?.[0] ?? null);
      const on = { ...plan, controller: { ...plan.controller, off: false } };
      const soon = simulate(on, { from: FROM, days: OUTLOOK_DAYS });
      expect([collisions, begun]).toEqual([soon.collisions.length, soon.nominal.length]);
      if (first) colliding += 1;
    }),
    runs(60, 1000),
  );
  expect(colliding).toBeGreaterThan(5);
});

it('is the same for a timer that is switched off', () => {
  const off = testPlan({ controller: { off: true } });
  expect(outlook(off, FROM)).toEqual(outlook(testPlan(), FROM));
  expect(outlook(off, FROM).first).not.toBeNull();
});

it('counts what begins on the fourteen dates, not on the one after', () => {
  const days = (mode: string) => ({ mode, everyDays: 14, anchor: '2026-06-01' });
  const plan = testPlan({
    programs: [
      { id: 'A', starts: ['00:00'], days: days('interval'), runs: [{ station: 1, seconds: 60 }] },
    ],
  });
  expect(outlook(plan, FROM).runs).toBe(1);
  expect(outlook(plan, addDays(FROM, 1)).runs).toBe(1);
  expect(outlook(plan, addDays(FROM, 2)).runs).toBe(1);
  expect(startOfDay(FROM)).toBeLessThan(startOfDay(addDays(FROM, 1)));
});
