import { addDays, parseDate } from '../civil-time/index.js';
import { readPlan, rulesOfDate, type Plan, type SupplySource } from '../settings/index.js';
import { houseNumberOf, readRuleSet, rulesOn, withRulesOf, type RuleSet } from './index.js';

const day = (text: string) => parseDate(text)!;

const house = (number: number | null, supply: SupplySource | null = null) => ({ number, supply });

function setOf(periods: object[]): RuleSet {
  const read = readRuleSet({ format: 'waterclock.rules/1', district: 'Quillhaven', periods });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
}

const SUMMER = {
  from: '2025-05-01',
  season: { from: '05-01', to: '09-30' },
  houses: [
    { houses: 'odd', weekdays: [1, 4] },
    { houses: 'even', weekdays: [2, 5] },
  ],
  noWater: [{ from: '10:00', to: '18:00' }],
  exempt: ['drip'],
};
const WINTER = { from: '2025-05-01', season: { from: '10-01', to: '04-30' } };

it.each([
  ['3 Alder Row', 3],
  ['18b Millpond Lane', 18],
  ['Millpond Lane 18', 18],
  ['12, The Hill', 12],
  ['The Old Mill', null],
  ['2nd Street', null],
  ['', null],
])('the number of the house at "%s" is %s', (address, number) => {
  expect(houseNumberOf(address)).toBe(number);
});

it('go by the parity of the house number', () => {
  const set = setOf([SUMMER]);
  expect(rulesOn(set, house(7), day('2026-06-01'))?.rules).toEqual({
    weekdays: [1, 4],
    noWater: [expect.objectContaining({ from: '10:00', to: '18:00' })],
    exempt: ['drip'],
  });
  expect(rulesOn(set, house(8), day('2026-06-01'))?.rules.weekdays).toEqual([2, 5]);
});

it('go by the last digit', () => {
  const set = setOf([
    {
      from: '2026-01-01',
      houses: [
        { houses: 'digits', digits: [0, 1, 2], dateParity: 'even' },
        { houses: 'all', weekdays: [3] },
      ],
    },
  ]);
  expect(rulesOn(set, house(131), day('2026-06-01'))?.rules.dateParity).toBe('even');
  expect(rulesOn(set, house(139), day('2026-06-01'))?.rules.weekdays).toEqual([3]);
});

it('go by the water of a house, the first line that fits', () => {
  const set = setOf([
    {
      from: '2026-01-01',
      houses: [
        { supplies: ['reclaimed'] },
        { supplies: ['bore', 'tank'], weekdays: [1, 3, 5] },
        { houses: 'odd', supplies: ['mains'], weekdays: [3] },
        { houses: 'even', supplies: ['mains'], weekdays: [4] },
      ],
    },
  ]);
  const weekdays = (number: number, supply: SupplySource | null) => {
    const { rule, rules } = rulesOn(set, house(number, supply), day('2026-06-01'))!;
    return rule && rules.weekdays;
  };
  expect(weekdays(7, 'reclaimed')).toBeUndefined();
  expect(weekdays(7, 'tank')).toEqual([1, 3, 5]);
  expect(weekdays(7, 'mains')).toEqual([3]);
  expect(weekdays(8, 'mains')).toEqual([4]);
  // No line is for a pond, and nobody knows of what is not known.
  expect([weekdays(7, 'pond'), weekdays(7, null)]).toEqual([null, null]);
});

it('say that nobody can tell the days where the house has no number', () => {
  const found = rulesOn(setOf([SUMMER]), house(null), day('2026-06-01'));
  expect(found?.rule).toBeNull();
  expect(found?.rules).not.toHaveProperty('weekdays');
  expect(found?.rules.noWater).toHaveLength(1);
});

it('hold in their part of the year, over the turn of the year too', () => {
  const set = setOf([SUMMER, WINTER]);
  const weekdaysOn = (date: string) => rulesOn(set, house(7), day(date))?.rules.weekdays;
  expect(weekdaysOn('2026-05-01')).toEqual([1, 4]);
  expect(weekdaysOn('2026-09-30')).toEqual([1, 4]);
  for (const date of ['2026-10-01', '2026-12-31', '2027-01-01', '2027-04-30'])
    expect(weekdaysOn(date)).toBeUndefined();
});

it('hold from their date on, until a later period takes their place', () => {
  const set = setOf([
    { from: '2026-07-01', houses: [{ houses: 'all', weekdays: [4] }] },
    { from: '2026-05-01', houses: [{ houses: 'all', weekdays: [2, 4] }] },
  ]);
  expect(rulesOn(set, house(1), day('2026-04-30'))).toBeNull();
  expect(rulesOn(set, house(1), day('2026-06-30'))?.rules.weekdays).toEqual([2, 4]);
  expect(rulesOn(set, house(1), day('2026-07-01'))?.rules.weekdays).toEqual([4]);
});

describe('settings at a home', () => {
  function planOf(fields: object = {}): Plan {
    const plan = { format: 'waterclock.plan/2', timer: {}, stations: [], programs: [], ...fields };
    const read = readPlan(plan);
    if (!read.ok) throw new Error(JSON.stringify(read.trouble));
    return read.value;
  }
  const own = planOf({ rules: { weekdays: [1], finishBy: '05:40', headroomPercent: 130 } });
  const home = {
    address: '8 Alder Row',
    supplySource: null,
    mowingWeekdays: [6],
    isDryBeforeMowing: false,
  };

  it('have those of every date from this year on, for two years ahead, with the own end of a night', () => {
    const set = setOf([SUMMER, WINTER]);
    const { rules } = withRulesOf(own, { ...home, ruleSet: set }, day('2026-11-20'));
    const summers = ['2026', '2027', '2028'].map((year) => [`${year}-05-01`, `${year}-09-30`]);
    // Without a rule from October to April: on most dates.
    expect(rules).not.toHaveProperty('weekdays');
    expect(rules!.periods!.map(({ from, to }) => [from, to])).toEqual(summers);
    for (const period of rules!.periods!)
      expect(period).toMatchObject({ weekdays: [2, 5], finishBy: '05:40', exempt: ['drip'] });
    for (let at = day('2026-01-01'); at <= day('2028-12-31'); at = addDays(at, 1)) {
      const { finishBy, ...asked } = rulesOfDate(rules, at);
      expect(finishBy).toBe('05:40');
      expect(asked).toMatchObject(rulesOn(set, house(8), at)!.rules);
      expect(asked.weekdays).toEqual(rulesOn(set, house(8), at)!.rules.weekdays);
    }
    expect(withRulesOf(own, { ...home, ruleSet: set }, day('2026-02-01')).rules).toEqual(rules);
  });

  it('have no periods where the same holds on all dates', () => {
    const lasting = { ...SUMMER, season: undefined };
    const { rules } = withRulesOf(own, { ...home, ruleSet: setOf([lasting]) }, day('2026-11-20'));
    expect(rules).toMatchObject({ weekdays: [2, 5] });
    expect(rules).not.toHaveProperty('periods');
  });

  it('get its rules; choices of the technician stay', () => {
    const { rules } = withRulesOf(own, { ...home, ruleSet: setOf([SUMMER]) }, day('2026-06-01'));
    expect(rules).toMatchObject({ mowingWeekdays: [6], headroomPercent: 130 });
    expect(rulesOfDate(rules, day('2026-06-01'))).toMatchObject({
      weekdays: [2, 5],
      finishBy: '05:40',
      exempt: ['drip'],
    });
    expect(readPlan(JSON.parse(JSON.stringify({ ...own, rules }))).ok).toBe(true);
  });

  it('keep the day before mowing dry too, where the home does, over the end of a week', () => {
    const dryOn = (mowingWeekdays: number[]) =>
      withRulesOf(
        own,
        { ...home, mowingWeekdays, isDryBeforeMowing: true, ruleSet: setOf([SUMMER]) },
        day('2026-06-01'),
      ).rules!.mowingWeekdays;
    expect(dryOn([6])).toEqual([5, 6]);
    expect(dryOn([1, 7])).toEqual([1, 6, 7]);
    expect(dryOn([])).toEqual([]);
  });

  it('keep their own rules where nobody knows those of the home', () => {
    const { rules } = withRulesOf(own, { ...home, ruleSet: null }, day('2026-06-01'));
    expect(rules).toMatchObject({ weekdays: [1], mowingWeekdays: [6], headroomPercent: 130 });
    const bare = planOf();
    const nothing = { ...home, mowingWeekdays: [], ruleSet: null };
    expect(withRulesOf(bare, nothing, day('2026-06-01'))).toBe(bare);
  });
});
