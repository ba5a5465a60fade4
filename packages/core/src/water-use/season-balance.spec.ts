import { addDays, parseDate } from '../civil-time/index.js';
import { readPlan, type Plan } from '../settings/index.js';
import { readWeather, type WeatherOn } from '../weather/index.js';
import { readYard, type Yard } from '../yards/index.js';
import { seasonBalance, waterReport, type SeasonBalance } from './index.js';

const FROM = parseDate('2026-06-01')!;
const SEASON = { from: FROM, days: 28 };
/** 5 mm a day, no rain: cool turf uses 4 mm of the 25.5 mm that its loam holds. */
const DRY: WeatherOn = () => ({ et0Mm: 5, rainMm: 0 });
const rainOn =
  (rains: Record<number, number>): WeatherOn =>
  (day) => ({ et0Mm: 5, rainMm: rains[day - FROM] ?? 0 });

const ok = <Value>(read: { ok: true; value: Value } | { ok: false; trouble: unknown }): Value => {
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
};

/** One spray station, 38 mm/h, an hour of it at 04:00 every third day: 38 mm. */
const planOf = (fields: object = {}, program: object = {}): Plan =>
  ok(
    readPlan({
      format: 'waterclock.plan/2',
      timer: {},
      stations: [{ number: 1, head: 'spray', flowLpm: 20 }],
      programs: [
        {
          id: 'A',
          starts: ['04:00'],
          days: { mode: 'interval', everyDays: 3, anchor: '2026-06-01' },
          runs: [{ station: 1, seconds: 600 }],
          ...program,
        },
      ],
      ...fields,
    }),
  );

const yardOf = (fields: object = {}): Yard =>
  ok(
    readYard({
      format: 'waterclock.yard/1',
      stations: [
        { number: 1, head: 'spray', plant: 'cool turf', soil: 'loam', flowLpm: 20, ...fields },
      ],
    }),
  );

const only = ({ stations }: SeasonBalance) => stations[0]!;

it('waters on the engine’s days, and loses what the plants use in between', () => {
  const { gross, depletion, use, stressed, drainage } = only(
    seasonBalance(planOf(), yardOf(), DRY, SEASON),
  );
  // 600 s at 38 mm/h: 6.33 mm, on the 1st, 4th, 7th …
  const each = (600 / 3600) * 38;
  expect(gross.slice(0, 5)).toEqual([each, 0, 0, each, 0]);
  expect(use.every((mm) => Math.abs(mm - 4) < 1e-9)).toBe(true);
  // The first watering finds full roots: what the 4 mm of the day do not take drains.
  expect(drainage[0]).toBeCloseTo(each - 4, 9);
  expect(depletion[0]).toBe(0);
  expect(depletion[2]).toBeCloseTo(8, 9);
  expect(depletion[3]).toBeCloseTo(12 - each, 9);
  // 12 mm go and 6.33 come every third day: 12 − 6.33 + 2 × 4 is past 12.75 mm on the 6th.
  expect(stressed.indexOf(true)).toBe(5);
});

it('keeps the books: what comes in and what goes out leave what is lacking', () => {
  const rain = rainOn({ 2: 4, 6: 30, 7: 1, 15: 9 });
  const station = only(seasonBalance(planOf(), yardOf(), rain, SEASON));
  let lacking = 0;
  station.depletion.forEach((evening, day) => {
    const { use, rain: effective, gross, drainage } = station;
    const after = lacking + use[day]! - effective[day]! - gross[day]! + drainage[day]!;
    // Roots can be no drier than dry.
    expect(evening).toBeCloseTo(Math.min(station.rootZoneMm, after), 9);
    lacking = evening;
  });
});

it('heeds the sensor in the season’s rain, unless it is bypassed or the station does not', () => {
  // Rain on the 4th wets the sensor that day and the next: the watering of the 4th does not come.
  const rain = rainOn({ 3: 6 });
  const wateredOn = (plan: Plan, sensor?: Parameters<typeof seasonBalance>[4]) =>
    only(seasonBalance(plan, yardOf(), rain, SEASON, sensor))
      .gross.flatMap((mm, day) => (mm > 0 ? [day] : []))
      .slice(0, 3);
  expect(wateredOn(planOf())).toEqual([0, 6, 9]);
  expect(wateredOn(planOf({ controller: { rainSensor: 'bypass' } }))).toEqual([0, 3, 6]);
  expect(wateredOn(planOf({ stations: [{ number: 1, rainSensor: false }] }))).toEqual([0, 3, 6]);
  expect(wateredOn(planOf(), { tripMm: 10, dryDays: 1 })).toEqual([0, 3, 6]);
  expect(wateredOn(planOf(), { tripMm: 5, dryDays: 3 })).toEqual([0, 9, 12]);
});

it('counts percentages, windows, and water past midnight on its own date', () => {
  const half = planOf({ controller: { season: { mode: 'whole', percent: 50 } } });
  expect(only(seasonBalance(half, yardOf(), DRY, SEASON)).gross[0]).toBeCloseTo(38 / 12, 9);
  const late = planOf({}, { starts: ['23:55'] });
  const { gross } = only(seasonBalance(late, yardOf(), DRY, SEASON));
  expect(gross.slice(0, 2).map((mm) => Math.round((mm / 38) * 3600))).toEqual([300, 300]);
  const window = planOf({
    timer: { noWaterWindows: true },
    controller: { noWater: [{ from: '04:05', to: '05:00' }] },
  });
  expect(only(seasonBalance(window, yardOf(), DRY, SEASON)).seconds).toBe(10 * 300);
});

it('goes by true time where the clock is wrong, and rain finds the timer at its own hour', () => {
  const wrong = planOf({
    controller: { clock: { timerReads: '2027-06-02T08:00:00', trueTime: '2026-06-01T08:00:00' } },
  });
  // 366 days ahead, which is a multiple of three: the same days by true time.
  const { gross } = only(seasonBalance(wrong, yardOf(), rainOn({ 3: 6 }), SEASON));
  expect(gross.flatMap((mm, day) => (mm > 0 ? [day] : [])).slice(0, 3)).toEqual([0, 6, 9]);
});

it('brings the water of the evening before', () => {
  const plan = planOf({}, { starts: ['23:55'] });
  const season = { from: addDays(FROM, 1), days: 2 };
  expect(only(seasonBalance(plan, yardOf(), DRY, season)).seconds).toBe(300);
});

it('counts litres by the month: by flow, else by rate and area, else not at all', () => {
  const season = { from: parseDate('2026-06-29')!, days: 5 };
  const monthsOf = (fields: object) =>
    only(seasonBalance(planOf(), yardOf(fields), DRY, season)).months;
  // Every third day from the 1st: 1 July, and 28 June before the season; 600 s at 20 L/min.
  expect(monthsOf({})).toEqual([
    { year: 2026, month: 6, litres: 0 },
    { year: 2026, month: 7, litres: 200 },
  ]);
  const byArea = monthsOf({ flowLpm: undefined, areaSquareMetres: 30 });
  expect(byArea[1]!.litres).toBeCloseTo((600 / 3600) * 38 * 30, 9);
  expect(monthsOf({ flowLpm: undefined })[1]!.litres).toBeNull();
});

it('says which days have no weather, and which stations no rate', () => {
  const gap: WeatherOn = (day) => (day < FROM + 4 ? null : { et0Mm: 5, rainMm: 0 });
  const balance = seasonBalance(planOf(), yardOf({ head: undefined }), gap, SEASON);
  expect(balance).toMatchObject({ stations: [], withoutRate: [1], daysWithoutWeather: 4 });
  expect(only(seasonBalance(planOf(), yardOf(), gap, SEASON)).use.slice(3, 5)).toEqual([0, 4]);
});

it('waters nothing at a station that the settings do not have', () => {
  const plan = planOf({ stations: [{ number: 2 }] }, { runs: [{ station: 2, seconds: 600 }] });
  expect(only(seasonBalance(plan, yardOf(), DRY, SEASON)).seconds).toBe(0);
});

it('is reported by the station: what came down against what was needed', () => {
  const months = Array.from({ length: 12 }, () => ({ et0MmPerDay: 5, rainMm: 30, rainDays: 3 }));
  const record = { kind: 'monthly', months };
  const format = 'waterclock.weather/1';
  const weather = ok(readWeather({ format, name: 'Airfield', latitude: 40, record }));
  const season = { from: FROM, days: 30 };
  const report = waterReport(planOf(), yardOf(), weather, season);
  expect(report).toMatchObject({ from: '2026-06-01', days: 30, weather: 'Airfield' });
  // Every third day of 30 is ten times, but three showers of 10 mm keep the sensor wet.
  const [station] = report.stations;
  const times = station!.seconds / 600;
  expect(times).toBeGreaterThanOrEqual(7);
  expect(times).toBeLessThan(10);
  expect(station).toMatchObject({
    station: 1,
    rateMmPerHour: 38,
    rateFrom: 'head',
    appliedMm: Math.round(times * (600 / 3600) * 38 * 100) / 100,
    // 30 × 4 mm are used, and 3 × 0.8 × (10 − 2) come from the sky.
    neededMm: 100.8,
    litres: times * 200,
  });
  const without = waterReport(planOf(), yardOf(), null, season);
  expect(without).toMatchObject({ weather: null, daysWithoutWeather: null });
  expect(without.stations[0]).toMatchObject({ seconds: 6000, neededMm: null, stressDays: null });
});
