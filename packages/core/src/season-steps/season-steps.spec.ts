import { parseDate } from '../civil-time/index.js';
import { Customary } from '../needs/index.js';
import type { Plan } from '../settings/index.js';
import { planOf } from '../testing/plans.js';
import type { MonthWeather } from '../weather/index.js';
import { readYard } from '../yards/index.js';
import { monthTargets, seasonTable, type MonthTarget } from './index.js';

const TODAY = parseDate('2026-06-10')!;

/** A percentage in steps of ten from 20 to 150; A and B start an hour apart on the same days. */
const plan = (fields: object = {}): Plan =>
  planOf({
    timer: {
      season: { modes: ['whole', 'program', 'monthly'], minPercent: 20, roundToSeconds: 1 },
    },
    stations: [{ number: 1 }, { number: 2 }],
    programs: [
      {
        id: 'A',
        starts: ['03:00'],
        days: { weekdays: [1, 4] },
        runs: [{ station: 1, seconds: 3000 }],
      },
      {
        id: 'B',
        starts: ['04:00'],
        days: { weekdays: [1, 4] },
        runs: [{ station: 2, seconds: 240 }],
      },
    ],
    ...fields,
  });

const target = (percent: number, byProgram: Record<string, number> = {}): MonthTarget => ({
  percent,
  byProgram,
});
const YEAR = [0, 12, 30, 30, 62, 95, 100, 100, 62, 28, 17, 0].map((percent) => target(percent));

describe('one percentage for the whole timer', () => {
  const table = seasonTable(plan(), YEAR, 'whole', TODAY)!;

  it('is the nearest that the timer has', () => {
    expect(table.months.map(({ percents }) => percents['A'])).toEqual([
      20, 20, 30, 30, 60, 100, 100, 100, 60, 30, 20, 20,
    ]);
  });

  it('changes on the first of a month, only where something is set otherwise', () => {
    expect(
      table.steps.map(({ date, month }) => [date, month.isDry || month.percents['A']]),
    ).toEqual([
      ['2026-06-10', 100],
      ['2026-09-01', 60],
      ['2026-10-01', 30],
      ['2026-11-01', 20],
      ['2026-12-01', true],
      ['2027-02-01', 20],
      ['2027-03-01', 30],
      ['2027-05-01', 60],
    ]);
  });

  it('says which months it cannot do: below its least, or runs under a minute', () => {
    // February wants 12 % of a timer that goes down to 20 %; B's 240 s come to 48 s at 20 %.
    expect(table.months.map(({ troubles }) => troubles.join())).toEqual([
      ...['', 'below-least,too-short', '', '', '', '', '', '', '', '', 'too-short', ''],
    ]);
    expect(table.months[1]!.shortStations).toEqual([2]);
    expect(table.winter).toEqual([2, 11]);
    expect(table.months[0]).toMatchObject({ isDry: true, shortStations: [], findings: [] });
  });

  it('is not taken in by a timer that rounds up to whole minutes', () => {
    const rounding = plan({
      timer: { season: { modes: ['whole'], minPercent: 20, roundToSeconds: 60 } },
    });
    expect(seasonTable(rounding, YEAR, 'whole', TODAY)!.months[1]!.shortStations).toEqual([2]);
  });

  it('is held against collisions on every date', () => {
    // 3,000 s are over before 04:00 up to 120 %.
    const hot = (percent: number) =>
      seasonTable(plan(), YEAR.with(6, target(percent)), 'whole', TODAY)!.months[6]!;
    expect(hot(120).findings).toEqual([]);
    expect(hot(130).findings.map(({ code }) => code)).toEqual(['collision']);
    expect(hot(170)).toMatchObject({ percents: { A: 150 }, troubles: ['above-most'] });
    const late = plan({ rules: { finishBy: '04:06' } });
    const found = seasonTable(late, YEAR.with(6, target(130)), 'whole', TODAY)!.months[6]!.findings;
    expect(new Set(found.map(({ code }) => code))).toEqual(new Set(['collision', 'late-finish']));
  });

  it('tells of collisions that are there at any percentage too', () => {
    const [a, b] = plan().programs;
    // B starts while A is on even at 20 %, for ten minutes.
    const met = plan({ programs: [a, { ...b, starts: ['03:05'] }] });
    const { months } = seasonTable(met, YEAR, 'whole', TODAY)!;
    expect(months.map(({ findings }) => findings.map(({ code }) => code).join())).toEqual([
      '',
      ...Array.from({ length: 10 }, () => 'collision'),
      '',
    ]);
  });

  it('is not there on a timer without one', () => {
    expect(seasonTable(plan({ timer: { season: null } }), YEAR, 'whole', TODAY)).toBeNull();
  });
});

it('by program each goes its own way, and one that needs none leaves the others on', () => {
  const year = YEAR.with(8, target(60, { A: 130, B: 0 })).with(9, target(60, { A: 0, B: 0 }));
  const table = seasonTable(plan(), year, 'program', TODAY)!;
  expect(table.months[8]).toMatchObject({ percents: { A: 130, B: 20 }, isDry: false });
  // A goes on until 04:05 while B starts at 04:00.
  expect(table.months[8]!.findings.map(({ code }) => code)).toEqual(['collision']);
  expect(table.months[9]!.isDry).toBe(true);
  expect(table.months[0]).toMatchObject({ percents: { A: 20, B: 20 }, isDry: true });
});

it('by month there are no dates to keep, and a collision is found in its month alone', () => {
  const table = seasonTable(plan(), YEAR.with(6, target(130)), 'monthly', TODAY)!;
  expect(table.steps).toEqual([]);
  expect(table.months[6]!.findings.map(({ code, first }) => [code, first?.slice(0, 7)])).toEqual([
    ['collision', '2026-07'],
  ]);
  const clear = seasonTable(plan(), YEAR, 'monthly', TODAY)!;
  expect(clear.months.flatMap(({ findings }) => findings)).toEqual([]);
});

describe('rules of certain dates', () => {
  // From July on only Mondays: A and B water on Thursdays too.
  const rules = { periods: [{ from: '2026-07-01', to: '2026-08-31', weekdays: [1] }] };
  const warm = YEAR.map(({ percent }) => target(Math.max(percent, 50)));

  it.each(['whole', 'program', 'monthly'] as const)(
    'are kept or broken in their own months alone, by percentage %s',
    (mode) => {
      const { months } = seasonTable(plan({ rules }), warm, mode, parseDate('2026-03-10')!)!;
      const broken = months.filter(({ findings }) =>
        findings.some(({ code }) => code === 'rule-day'),
      );
      expect(broken.map(({ month }) => month)).toEqual([7, 8]);
      expect(broken[1]!.findings[0]!.first).toBe('2026-08-06T03:00:00');
    },
  );
});

it('by month a collision is in no other month', () => {
  const table = seasonTable(plan(), YEAR.with(6, target(130)), 'monthly', TODAY)!;
  const colliding = table.months.filter(({ findings }) => findings.length > 0);
  expect(colliding.map(({ month }) => month)).toEqual([7]);
});

describe('what months want', () => {
  const read = readYard({
    format: 'waterclock.yard/1',
    stations: [
      { number: 1, head: 'spray', plant: 'cool turf' },
      { number: 2, head: 'drip', plant: 'trees' },
    ],
  });
  if (!read.ok) throw new Error();
  const yard = read.value;
  const months = Array.from({ length: 12 }, (_, index): MonthWeather => ({
    et0Mm: index === 6 ? 8 : 4,
    days: 30,
    // In April four rains of 20 mm: 0.8 × 18 mm of each.
    rainsMm: index === 3 ? [20, 20, 20, 20] : [],
  }));
  const asked = { yard, months, customary: new Customary() };

  it('is the site’s percentage of the month that the run times are for', () => {
    expect(monthTargets(plan(), asked, 7).map(({ percent }) => percent)).toEqual([
      50, 50, 50, 50, 50, 50, 100, 50, 50, 50, 50, 50,
    ]);
    expect(monthTargets(plan(), asked, 1)[6]!.percent).toBe(200);
  });

  it('is that of a program’s own stations where all are measured, rain included', () => {
    const [april, july] = [3, 6].map((index) => monthTargets(plan(), asked, 7)[index]!.byProgram);
    expect(july).toEqual({ A: 100, B: 100 });
    // Turf: 4 × 0.8 × 7 = 22.4 mm less 57.6 mm × 7 ÷ 30 = 13.44, of 44.8. Trees: 14 mm less
    // the same, of 28.
    expect(april!['A']).toBeCloseTo((100 * (22.4 - 13.44)) / 44.8, 6);
    expect(april!['B']).toBeCloseTo((100 * (14 - 13.44)) / 28, 6);
    const oneUnknown = { ...asked, yard: { ...yard, stations: [yard.stations[0]!] } };
    expect(monthTargets(plan(), oneUnknown, 7)[3]!.byProgram).not.toHaveProperty('B');
  });

  it('is what somebody typed, before all else', () => {
    const typed = { ...yard, monthPercents: [0, 0, 10, 30, 60, 90, 100, 100, 70, 40, 10, 0] };
    const targets = monthTargets(plan(), { ...asked, yard: typed }, 8);
    expect(targets.map(({ percent }) => percent)).toEqual(typed.monthPercents);
    expect(targets[3]!.byProgram).toEqual({});
  });
});
