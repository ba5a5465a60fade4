import { parseDate } from '../civil-time/index.js';
import { allDates } from '../engine/index.js';
import { testPlan } from '../testing/plans.js';
import { check, inspect } from './index.js';

const FROM = parseDate('2026-06-01')!;

it('gives the findings of a check and the proof of all dates, whatever the switch and the weather', () => {
  for (const fields of [{}, { controller: { off: true } }]) {
    const plan = testPlan(fields);
    const both = inspect(plan, FROM);
    const alone = allDates(plan, FROM);
    expect(both.findings).toEqual(check(plan, FROM));
    const told = ({ a, b, seconds }: (typeof alone.collisions)[number]) => [
      a.program.id,
      a.startNumber,
      a.nominal,
      b.program.id,
      b.startNumber,
      b.nominal,
      seconds,
    ];
    expect(both.allDates.collisions.map(told)).toEqual(alone.collisions.map(told));
    expect(both.allDates.collisions.length).toBeGreaterThan(0);
    expect(both.allDates.headroomPercent).toBe(alone.headroomPercent);
    expect(both.allDates.gridPercents).toEqual(alone.gridPercents);
  }
});
