import { dayOf, parseDate, parseDateTime } from '@water-clock/core/civil-time';
import { outlook } from '@water-clock/core/findings';
import { nearMoment } from '@water-clock/core/words';
import fc from 'fast-check';
import { deskModel } from '../computing/desk-model';
import { nightOf, yearModel } from '../computing/year-model';
import { testPlan } from '../testing/plans';
import { verdict } from './verdict';

const quarter = fc.integer({ min: 0, max: 95 }).map((count) => {
  const [hours, minutes] = [count >> 2, (count % 4) * 15];
  return `${String(hours).padStart(2, '0')}:${String(minutes).padStart(2, '0')}`;
});

const program = (id: string) =>
  fc.record({
    id: fc.constant(id),
    starts: fc.uniqueArray(quarter, { minLength: 1, maxLength: 2 }),
    days: fc.oneof(
      fc.record({
        mode: fc.constant('weekdays'),
        weekdays: fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { minLength: 1 }),
      }),
      fc.constantFrom({ mode: 'odd' }, { mode: 'even' }),
      fc.record({
        mode: fc.constant('interval'),
        everyDays: fc.integer({ min: 1, max: 31 }),
        anchor: fc.constantFrom('2026-05-20', '2026-06-09', '2027-01-31'),
      }),
    ),
    runs: fc
      .integer({ min: 10, max: 240 })
      .map((minutes) => [{ station: 1, seconds: minutes * 60 }]),
  });

const settings = fc.record({
  since: fc.constantFrom('2026-06-01', '2026-06-17', '2026-12-31', '2028-02-28'),
  programs: fc.tuple(program('A'), program('B')),
  off: fc.boolean(),
  // A pause takes runs away, and never the collision that comes after it.
  pauses: fc.constantFrom([], [{ from: '2026-06-01T00:00:00', to: '2026-07-01T00:00:00' }]),
  minutesAhead: fc.constantFrom(0, 20),
});

it('is the same on the verdict, in the findings, in the year and in lists', () => {
  const seen = { some: 0, none: 0 };
  fc.assert(
    fc.property(settings, fc.integer({ min: -1, max: 60 }), (drawn, scrolled) => {
      const since = parseDate(drawn.since)!;
      const clock = { timerReads: '2026-06-01T12:20:00', trueTime: '2026-06-01T12:00:00' };
      const plan = testPlan({
        controller: {
          off: drawn.off,
          pauses: drawn.pauses,
          ...(drawn.minutesAhead > 0 && { clock }),
        },
        programs: drawn.programs,
      });
      const night = parseDate(drawn.since)!;
      const model = deskModel(plan, {
        since,
        night: (night + scrolled) as typeof night,
        isTrueTime: scrolled % 2 === 0,
      });
      const { first } = outlook(plan, since);
      const year = yearModel(plan, since);
      const found = model.findings
        .filter(({ code }) => code === 'collision')
        .map((finding) => parseDateTime(finding.first!)!)
        .sort((a, b) => a - b);
      if (first === null) {
        seen.none += 1;
        expect(found).toEqual([]);
        expect(year.first).toBeNull();
        expect(verdict(model)).not.toContain('collide');
        return;
      }
      seen.some += 1;
      expect(dayOf(first.start)).toBeGreaterThanOrEqual(since);
      expect(found[0]).toBe(first.start);
      expect(year.first).toEqual({ night: nightOf(first.start), start: first.start });
      expect(verdict(model)).toContain(nearMoment(first.start, since));
    }),
    { numRuns: 150 },
  );
  expect(Math.min(seen.some, seen.none)).toBeGreaterThan(5);
});
