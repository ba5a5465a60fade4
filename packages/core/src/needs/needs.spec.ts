import fc from 'fast-check';
import type { MonthWeather } from '../weather/index.js';
import { readYard, SOILS, SUNS, type YardStation } from '../yards/index.js';
import {
  Customary,
  highestMonth,
  monthAhead,
  monthPercents,
  readCustomary,
  stationNeed,
  type StationNeed,
} from './index.js';

/** 5 mm a day and, in 30 days, three rains: 2 mm that is lost, 12 mm, and more than roots hold. */
const JUNE: MonthWeather = { et0Mm: 5, days: 30, rainsMm: [2, 12, 200] };
const DRY: MonthWeather = { et0Mm: 5, days: 30, rainsMm: [] };

function stationOf(fields: object): YardStation {
  const read = readYard({ format: 'waterclock.yard/1', stations: [{ number: 1, ...fields }] });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value.stations[0]!;
}

const needOf = (fields: object, month: MonthWeather | null = DRY, percent = 100): StationNeed =>
  stationNeed(stationOf(fields), {}, { month, percent, customary: new Customary() });

describe('a need by measurement', () => {
  it('is that of the arithmetic by hand', () => {
    // Cool turf on loam in full sun: uses 5 × 0.8 = 4 mm a day; roots hold 170 × 0.15 = 25.5 mm.
    // Rain: 0 + 0.8 × 10 = 8 + at most 25.5, of 30 days, by the week: 33.5 × 7 / 30 = 7.8167 mm.
    const { measurement } = needOf(
      {
        head: 'spray',
        plant: 'cool turf',
        soil: 'loam',
        sun: 'full',
        flowLpm: 19,
        areaSquareMetres: 30,
      },
      JUNE,
    );
    const { parts, ...need } = measurement!;
    expect(parts.dailyUseMm).toBeCloseTo(4, 12);
    expect(parts.rootZoneMm).toBeCloseTo(25.5, 12);
    expect(parts.readilyMm).toBeCloseTo(12.75, 12);
    expect(parts.weeklyRainMm).toBeCloseTo((33.5 * 7) / 30, 12);
    expect(parts.netMm).toBeCloseTo(28 - (33.5 * 7) / 30, 12);
    // 12.75 ÷ 4 = 3.19: at most 3 days between, so three waterings a week.
    expect(parts.longestIntervalDays).toBe(3);
    expect(need.wateringsPerWeek).toBe(3);
    // 60 × 19 ÷ 30 = 38 mm/h.
    expect(need.weeklySeconds).toBeCloseTo((parts.netMm / 38) * 3600, 9);
    expect(need.eachSeconds).toBeCloseTo(need.weeklySeconds / 3, 9);
    // Loam, level: 7.5 mm stand before they run off; 38 − 9 = 29 mm/h too many: 931 s.
    expect(need.pieces.longestSeconds).toBeCloseTo((7.5 / 29) * 3600, 9);
    expect(need.pieces).toMatchObject({ count: 1, soakSeconds: null, from: 'soil' });
  });

  it('waters new seed as often a day as it uses up what its roots may give', () => {
    // Seed on clay loam: 180 × 0.05 × 0.2 = 1.8 mm, and 6.7 mm a day are used: 3.7 times as much.
    const month = { et0Mm: 6.7, days: 30, rainsMm: [] };
    const fields = { head: 'spray', soil: 'clay loam', flowLpm: 19, areaSquareMetres: 30 };
    const { measurement } = needOf({ ...fields, plant: 'seed', sun: 'full' }, month);
    expect(measurement!.parts.readilyMm).toBeCloseTo(1.8, 9);
    expect(measurement!.wateringsPerWeek).toBe(28);
    expect(measurement!.eachSeconds).toBeCloseTo(measurement!.weeklySeconds / 28, 9);
    const grown = needOf({ ...fields, plant: 'vegetables', sun: 'full' }, month);
    expect(grown.measurement!.wateringsPerWeek).toBeLessThanOrEqual(7);
  });

  it('goes by a catch test where there is one, its multiplier included', () => {
    // 40 mL in 50 cm² stand 8 mm deep, after 15 minutes: 32 mm/h. The driest of four has half.
    const need = needOf({
      head: 'rotor',
      flowLpm: 20,
      areaSquareMetres: 10,
      catchTest: { millilitres: [40, 40, 60, 20], mouthSquareCentimetres: 50, minutes: 15 },
    });
    expect(need.facts.rate).toEqual({
      from: 'catch-test',
      mmPerHour: 32,
      uniformity: 0.5,
      multiplier: 1 / 0.7,
    });
    expect(need.measurement!.parts.grossMm).toBeCloseTo(28 / 0.7, 9);
    expect(need.measurement!.weeklySeconds).toBeCloseTo((28 / 0.7 / 32) * 3600, 6);
  });

  it('is cut by the run-off that was timed, with the soak of the soil or the one seen', () => {
    const timed = { head: 'spray', soil: 'clay', runoffSeconds: 240 };
    const { pieces } = needOf(timed).measurement!;
    // 28 mm at 38 mm/h in 28 ÷ … clay turf roots: 12.75 mm, 3 a week: 884 s each, in pieces of 240 s.
    expect(pieces).toMatchObject({ longestSeconds: 240, count: 4, from: 'timed' });
    // Clay, level: 5 mm at 2.5 mm/h take two hours.
    expect(pieces.soakSeconds).toBe(7200);
    expect(needOf({ ...timed, minSoakSeconds: 1800 }).measurement!.pieces.soakSeconds).toBe(1800);
  });

  it('waters deep roots less often than weekly', () => {
    // Trees on loam: 170 × 0.75 × 0.5 = 63.75 mm ÷ (5 × 0.5) = 25 days.
    const { parts, wateringsPerWeek, eachSeconds, weeklySeconds } = needOf({
      head: 'bubbler',
      plant: 'trees',
    }).measurement!;
    expect(parts.longestIntervalDays).toBe(25);
    expect(wateringsPerWeek).toBe(7 / 25);
    expect(eachSeconds).toBeCloseTo((weeklySeconds * 25) / 7, 9);
  });

  it('is nothing in a month of rain or without any evapotranspiration', () => {
    for (const month of [
      { ...JUNE, et0Mm: 0 },
      { et0Mm: 1, days: 30, rainsMm: Array(30).fill(20) },
    ])
      expect(needOf({ head: 'spray' }, month).measurement).toMatchObject({
        weeklySeconds: 0,
        wateringsPerWeek: 0,
        eachSeconds: 0,
        pieces: { count: 1, soakSeconds: null },
      });
  });

  it('is not there without weather, or without any rate', () => {
    expect(needOf({ head: 'spray' }, null)).toMatchObject({
      measurement: null,
      differenceSeconds: null,
      taken: null,
    });
    expect(needOf({ flowLpm: 10 })).toMatchObject({ minute: null, measurement: null });
    expect(needOf({ flowLpm: 0, areaSquareMetres: 5, head: 'drip' }).facts.rate!.from).toBe('head');
    const dry = { millilitres: [0, 0], mouthSquareCentimetres: 50, minutes: 15 };
    expect(needOf({ catchTest: dry, head: 'drip' }).facts.rate!.from).toBe('head');
  });

  const station = fc.record({
    head: fc.constantFrom('spray', 'rotor', 'drip'),
    plant: fc.constantFrom('cool turf', 'trees', 'vegetables'),
    soil: fc.constantFrom(...SOILS),
    slopePercent: fc.integer({ min: 0, max: 20 }),
    flowLpm: fc.integer({ min: 1, max: 60 }),
  });

  it('never needs less in more sun, and twice the time at half the rate', () => {
    fc.assert(
      fc.property(station, (fields) => {
        const secondsIn = (sun: string) =>
          needOf({ ...fields, sun, areaSquareMetres: 40 }, JUNE).measurement!.weeklySeconds;
        const [full, part, shade] = SUNS.map(secondsIn);
        expect(full).toBeGreaterThanOrEqual(part!);
        expect(part).toBeGreaterThanOrEqual(shade!);
        const half = needOf({ ...fields, sun: 'full', areaSquareMetres: 80 }, JUNE).measurement!;
        expect(half.weeklySeconds).toBeCloseTo(2 * full!, 6);
      }),
    );
  });

  it('never leaves the roots longer than they last, and its pieces carry it all', () => {
    fc.assert(
      fc.property(station, (fields) => {
        const { parts, wateringsPerWeek, weeklySeconds, eachSeconds, pieces } = needOf({
          ...fields,
          areaSquareMetres: 40,
        }).measurement!;
        if (weeklySeconds > 0)
          expect(7 / wateringsPerWeek).toBeLessThanOrEqual(parts.longestIntervalDays + 1e-9);
        expect(eachSeconds * wateringsPerWeek).toBeCloseTo(weeklySeconds, 6);
        expect((pieces.longestSeconds ?? Infinity) * pieces.count).toBeGreaterThanOrEqual(
          eachSeconds,
        );
      }),
    );
  });
});

describe('a need by the minute', () => {
  it('is customary for the head, less in the shade, by the month’s percentage', () => {
    const { minute } = needOf({ head: 'spray', plant: 'cool turf', sun: 'part' }, DRY, 50);
    // 15 minutes × 0.8 × 50 %, three times a week, at 38 mm/h.
    expect(minute).toMatchObject({ eachSeconds: 360, wateringsPerWeek: 3, weeklySeconds: 1080 });
    expect(minute!.weeklyMm).toBeCloseTo((1080 / 3600) * 38, 9);
    expect(minute!.pieces).toEqual({
      longestSeconds: null,
      count: 1,
      soakSeconds: null,
      from: 'custom',
    });
  });

  it('is cut in halves on clay and on steep ground, or by the run-off that was timed', () => {
    const halves = { longestSeconds: 450, count: 2, soakSeconds: 2400, from: 'custom' };
    expect(needOf({ head: 'spray', soil: 'clay' }).minute!.pieces).toEqual(halves);
    expect(needOf({ head: 'spray', slopePercent: 7 }).minute!.pieces).toEqual(halves);
    expect(needOf({ head: 'spray', slopePercent: 6 }).minute!.pieces.count).toBe(1);
    expect(needOf({ head: 'spray', soil: 'clay', runoffSeconds: 200 }).minute!.pieces).toEqual({
      ...halves,
      longestSeconds: 200,
      count: 5,
      from: 'timed',
    });
  });

  it('stands beside the measured one, with the difference, and the school that is taken', () => {
    const need = needOf({ head: 'spray', school: 'minute' });
    // 4 mm × 7 at 38 mm/h against 3 × 15 minutes.
    expect(need.differenceSeconds).toBeCloseTo((28 / 38) * 3600 - 2700, 9);
    expect(need.taken).toBe('minute');
    expect(needOf({ head: 'spray' }).taken).toBe('measurement');
    const yards = { school: 'minute' } as const;
    const conditions = { month: DRY, percent: 100, customary: new Customary() };
    expect(stationNeed(stationOf({ head: 'spray' }), yards, conditions).taken).toBe('minute');
  });
});

describe('the percentage of a month', () => {
  const months = Array.from({ length: 12 }, (_, index): MonthWeather => ({
    et0Mm: index === 6 ? 8 : 3,
    days: 30,
    rainsMm: [],
  }));
  const season = {
    modes: ['whole'],
    minPercent: 10,
    maxPercent: 150,
    stepPercent: 10,
    roundToSeconds: 60,
  } as never;

  it('is as typed, else the share of the highest month on the timer’s steps', () => {
    const typed = Array.from({ length: 12 }, (_, index) => index);
    expect(monthPercents({ monthPercents: typed }, months, season)).toEqual({
      percents: typed,
      from: 'typed',
    });
    // 3 ÷ 8 = 37.5 %: 40 on steps of ten, 38 without any.
    expect(monthPercents({}, months, season).percents[0]).toBe(40);
    expect(monthPercents({}, months, season).percents[6]).toBe(100);
    expect(monthPercents({}, months, null).percents[0]).toBe(38);
  });

  it('is not known where a month is missing', () => {
    expect(monthPercents({}, [null, ...months.slice(1)], season).from).toBe('unknown');
    expect(monthPercents({}, null, season).percents).toEqual(Array(12).fill(100));
    expect(highestMonth(months)).toBe(7);
    expect(highestMonth([null, ...months.slice(1)])).toBe(7);
    expect(highestMonth(null)).toBe(7);
  });
});

it('a firm’s table is read with its defaults, and refused with all that is wrong', () => {
  expect(readCustomary({ minutes: { spray: 12 } })).toMatchObject({
    ok: true,
    value: { minutes: { spray: 12, rotor: 35 }, waterings: { 'cool turf': 3 } },
  });
  const read = readCustomary({ minutes: { spray: -1, jet: 4 }, waterings: { trees: 'two' } });
  expect(!read.ok && read.trouble.map(({ path }) => path).sort()).toEqual([
    'minutes.jet',
    'minutes.spray',
    'waterings.trees',
  ]);
});

describe('the month that a timer is set for', () => {
  const of = (...et0: number[]) => et0.map((et0Mm) => ({ et0Mm, days: 30, rainsMm: [] }));
  const months = of(1, 1.5, 2.4, 3.4, 5, 6.2, 6.7, 5.9, 4.4, 2.6, 1.4, 1);

  it('is this month in the season, and the first of the next season out of it', () => {
    const ahead = Array.from({ length: 12 }, (_, index) => monthAhead(months, index + 1));
    expect(ahead).toEqual([4, 4, 4, 4, 5, 6, 7, 8, 9, 4, 4, 4]);
  });

  it('is the one that needs most where the weather does not say, and none that is not known', () => {
    expect(monthAhead(null, 11)).toBe(7);
    expect(
      monthAhead(
        [...Array(12).keys()].map(() => null),
        11,
      ),
    ).toBe(7);
    expect(monthAhead([...months.slice(0, 3), null, ...months.slice(4)], 11)).toBe(5);
  });
});
