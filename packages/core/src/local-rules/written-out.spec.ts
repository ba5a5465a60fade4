import fc from 'fast-check';
import { addDays, dayNumberOf, formatDate, parseDate } from '../civil-time/index.js';
import { runs } from '../testing/runs.js';
import { RulePeriod, RULES_FORMAT, type RuleSet } from './rule-set.js';
import { rulesOn, type House } from './rules-on.js';
import { writtenOut } from './written-out.js';

const YEAR = 2027;
const HOUSE: House = { number: 7, supply: null };
const NONE = { noWater: [], exempt: [] };

/** Month and day, the last of February among them. */
const monthDay = fc.oneof(
  fc.constantFrom('02-28', '02-29', '03-01', '01-01', '12-31'),
  fc
    .integer({ min: 0, max: 364 })
    .map((day) => formatDate(addDays(parseDate('2027-01-01')!, day)).slice(5)),
);
const period = fc.record({
  from: fc
    .integer({ min: -400, max: 1500 })
    .map((day) => formatDate(addDays(parseDate('2027-01-01')!, day))),
  season: fc.option(fc.record({ from: monthDay, to: monthDay }), { nil: undefined }),
  weekday: fc.integer({ min: 1, max: 3 }),
});

it('says on every date of three years what the rules say on it', () => {
  fc.assert(
    fc.property(fc.array(period, { maxLength: 4 }), (periods) => {
      const set: RuleSet = {
        ...{ format: RULES_FORMAT, district: 'Quillhaven', towns: [] },
        periods: periods.map(({ from, season, weekday }) => ({
          ...new RulePeriod(),
          ...{ from, ...(season && { season }) },
          houses: [{ houses: 'all' as const, digits: [], weekdays: [weekday] }],
        })),
      };
      const { outer, periods: written } = writtenOut(set, HOUSE, YEAR);
      for (
        let day = dayNumberOf({ year: YEAR, month: 1, day: 1 });
        day < dayNumberOf({ year: YEAR + 3, month: 1, day: 1 });
        day = addDays(day, 1)
      ) {
        const date = formatDate(day);
        const own = written.filter(({ from, to }) => from <= date && date <= to);
        expect(own.length).toBeLessThanOrEqual(1);
        const { from: _from, to: _to, ...rules } = own[0] ?? { from: '', to: '', ...outer };
        expect([date, rules]).toEqual([date, rulesOn(set, HOUSE, day)?.rules ?? NONE]);
      }
      // No two that touch say the same: what is written out is as short as it can be.
      for (const [index, { to, ...one }] of written.entries()) {
        const next = written[index + 1];
        if (next && formatDate(addDays(parseDate(to)!, 1)) === next.from)
          expect(one.weekdays).not.toEqual(next.weekdays);
      }
    }),
    runs(25, 400),
  );
});
