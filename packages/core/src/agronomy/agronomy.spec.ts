import fc from 'fast-check';
import {
  areaPerHead,
  catchTest,
  CUSTOMARY_MINUTES,
  customaryMinutes,
  customaryPieceSeconds,
  effectiveRainMm,
  EXPOSURES,
  extraterrestrialRadiation,
  flowOfMeter,
  HEAD_RATES_MM_PER_HOUR,
  longestIntervalDays,
  longestPieceSeconds,
  lowQuarterUniformity,
  piecesOf,
  PLANT_FACTORS,
  plantUseMm,
  rateMmPerHour,
  readilyAvailableMm,
  referenceEvapotranspiration,
  rootZoneMm,
  runTimeMultiplier,
  seasonPercents,
  soakSeconds,
  SOIL_FACTS,
  surfaceStoreMm,
  waterBalance,
  weeklyNeed,
  type Planting,
  type RatedHead,
  type SoilKind,
} from './index.js';

const MM_PER_MEGAJOULE = 0.408;

describe('published examples', () => {
  it('FAO-56 example 8: radiation at 20° south on 3 September is 32.2 MJ/m²/day', () => {
    const ra = extraterrestrialRadiation(-20, 246);
    expect(Math.abs(ra / 32.2 - 1)).toBeLessThan(0.005);
  });

  it('FAO-56 table 2.6: radiation at 40° north in the middle of January, June and October', () => {
    for (const [day, published] of [
      [15, 15.0],
      [166, 41.9],
      [288, 22.5],
    ] as const)
      expect(Math.abs(extraterrestrialRadiation(40, day) / published - 1)).toBeLessThan(0.01);
  });

  it('FAO-56 example 20: Hargreaves for July at 45°43′ north, 26.6 and 14.8 °C, is 5.0 mm/day', () => {
    const ra = extraterrestrialRadiation(45 + 43 / 60, 196);
    expect(Math.abs(ra / 40.55 - 1)).toBeLessThan(0.005);
    expect(Math.abs(referenceEvapotranspiration(14.8, 26.6, ra) - 5.0)).toBeLessThan(0.1);
  });

  it('the polar day and night do not break it', () => {
    expect(extraterrestrialRadiation(80, 355)).toBeCloseTo(0, 6);
    expect(extraterrestrialRadiation(80, 172)).toBeGreaterThan(40);
  });
});

describe('by hand', () => {
  it('a rate is flow over ground', () => {
    expect(rateMmPerHour(20, 60)).toBe(20);
    expect(rateMmPerHour(3, areaPerHead(4, 3))).toBe(15);
    expect(flowOfMeter(120_400, 120_460, 180)).toBe(20);
  });

  it('a catch test gives rate, uniformity and how much longer to run', () => {
    // Eight cups of 50 cm²: depths 2, 3, 4, 4, 5, 5, 6, 7 mm in 12 minutes; their mean is 4.5.
    const millilitres = [25, 20, 35, 10, 20, 30, 15, 25];
    const { rateMmPerHour: rate, ...rest } = catchTest({
      millilitres,
      mouthSquareCentimetres: 50,
      minutes: 12,
    });
    expect(rate).toBeCloseTo(22.5, 10);
    expect(rest.uniformity).toBeCloseTo(2.5 / 4.5, 10);
    expect(rest.runTimeMultiplier).toBeCloseTo(1 / (0.4 + (0.6 * 2.5) / 4.5), 10);
  });

  it('a quarter of the cups is rounded half up, one at least', () => {
    expect(lowQuarterUniformity([1, 3])).toBe(0.5);
    expect(lowQuarterUniformity([1, 2, 3, 4, 5, 9])).toBe(1.5 / 4);
    expect(lowQuarterUniformity([2, 2, 2])).toBe(1);
    expect(runTimeMultiplier(1)).toBe(1);
    expect(runTimeMultiplier(0)).toBe(2.5);
  });

  it('a week of cool turf in full sun, with one shower', () => {
    const uses = Array.from({ length: 7 }, () => plantUseMm(5, 'cool turf', 'full'));
    const rains = [effectiveRainMm(12, rootZoneMm('loam', 'cool turf'))];
    const { netMm, grossMm, seconds } = weeklyNeed(uses, rains, 15, 1.25);
    expect([netMm, grossMm, seconds]).toEqual([20, 25, 6000]);
  });

  it('how seldom, and how long at once', () => {
    expect(rootZoneMm('loam', 'cool turf')).toBeCloseTo(25.5, 10);
    expect(readilyAvailableMm('loam', 'cool turf')).toBeCloseTo(12.75, 10);
    expect(readilyAvailableMm('sand', 'seed')).toBeCloseTo(0.6, 10);
    expect(longestIntervalDays(12.75, 4)).toBe(3);
    expect(longestIntervalDays(0.6, 5)).toBe(1);
    expect(surfaceStoreMm('clay', 3)).toBe(5);
    expect(surfaceStoreMm('clay', 3.1)).toBe(4);
    expect(surfaceStoreMm('clay', 40)).toBe(2.5);
    // 5 mm stand on clay while 38 come and 2.5 go in each hour: 507 s; then 2 h to go in.
    expect(longestPieceSeconds('clay', 2, 38)).toBeCloseTo((5 / 35.5) * 3600, 10);
    expect(longestPieceSeconds('sand', 2, 15)).toBeNull();
    expect(soakSeconds('clay', 2)).toBe(7200);
    expect(soakSeconds('loam', 2)).toBe(3000);
    expect(soakSeconds('sandy loam', 0)).toBe(3300);
    expect([piecesOf(900, 360), piecesOf(720, 360), piecesOf(900, null)]).toEqual([3, 2, 1]);
  });

  it('the root zone day by day', () => {
    const zone = { rootZoneMm: 25, readilyAvailableMm: 12, runTimeMultiplier: 1.25 };
    const day = (useMm: number, rainMm = 0, grossMm = 0) => ({ useMm, rainMm, grossMm });
    const days = waterBalance(
      [day(5), day(5, 12), day(6, 0, 10), day(30), day(1, 100), day(2, 0, 20)],
      zone,
      4,
    );
    expect(days.map(({ depletionMm }) => depletionMm)).toEqual([9, 6, 4, 25, 0, 0]);
    expect(days.map(({ drainageMm }) => drainageMm)).toEqual([0, 0, 0, 0, 0, 14]);
    expect(days.map(({ isStressed }) => isStressed)).toEqual([
      false,
      false,
      false,
      true,
      false,
      false,
    ]);
    expect(days[1]!.effectiveRainMm).toBe(8);
    expect(days[4]!.effectiveRainMm).toBe(26);
  });

  it('by the minute', () => {
    expect(customaryMinutes('spray', 'part')).toBe(12);
    expect(customaryPieceSeconds(900, 'clay')).toBe(450);
    expect(customaryPieceSeconds(900, 'silty clay', 6)).toBe(900);
    expect(customaryPieceSeconds(900, 'loam', 7)).toBe(450);
    const et0 = [20, 30, 60, 90, 130, 165, 180, 150, 105, 60, 30, 18];
    const grid = { minPercent: 10, maxPercent: 150, stepPercent: 10 };
    expect(seasonPercents(et0, grid)).toEqual([10, 20, 30, 50, 70, 90, 100, 80, 60, 30, 20, 10]);
    // At 45 of 100 the two nearest are as near: the larger.
    expect(seasonPercents([45, ...Array<number>(11).fill(100)], grid)[0]).toBe(50);
    expect(
      seasonPercents([1, ...Array<number>(11).fill(100)], { ...grid, minPercent: 20 })[0],
    ).toBe(20);
  });

  it('customary minutes put down 8 mm, rounded to five', () => {
    for (const head of Object.keys(CUSTOMARY_MINUTES) as RatedHead[]) {
      const minutes = (8 * 60) / HEAD_RATES_MM_PER_HOUR[head];
      expect(CUSTOMARY_MINUTES[head]).toBe(Math.round(minutes / 5) * 5);
    }
  });
});

describe('properties', () => {
  const plantings = fc.constantFrom(...(Object.keys(PLANT_FACTORS) as Planting[]));
  const soils = fc.constantFrom(...(Object.keys(SOIL_FACTS) as SoilKind[]));
  const amount = (min: number, max: number) => fc.double({ min, max, noNaN: true });

  it('more sun never needs less', () => {
    fc.assert(
      fc.property(amount(0, 12), plantings, (et0, planting) => {
        const [shade, part, full] = (['shade', 'part', 'full'] as const).map((exposure) =>
          plantUseMm(et0, planting, exposure),
        );
        expect(shade! <= part! && part! <= full!).toBe(true);
      }),
    );
    expect(EXPOSURES.full).toBe(1);
  });

  it('half the rate takes twice the time', () => {
    fc.assert(
      fc.property(amount(0, 60), amount(1, 80), amount(1, 2.5), (use, rate, multiplier) => {
        const whole = weeklyNeed([use], [], rate, multiplier).seconds;
        expect(weeklyNeed([use], [], rate / 2, multiplier).seconds).toBeCloseTo(whole * 2, 6);
      }),
    );
  });

  it('steeper ground never takes longer pieces, nor more rate', () => {
    fc.assert(
      fc.property(soils, amount(0, 60), amount(0, 60), amount(16, 80), (soil, a, b, rate) => {
        const [flat, steep] = [Math.min(a, b), Math.max(a, b)];
        expect(longestPieceSeconds(soil, steep, rate)!).toBeLessThanOrEqual(
          longestPieceSeconds(soil, flat, rate)!,
        );
        expect(longestPieceSeconds(soil, flat, rate * 2)!).toBeLessThan(
          longestPieceSeconds(soil, flat, rate)!,
        );
      }),
    );
  });

  it('no water is made or lost in the root zone', () => {
    const day = fc.record({ useMm: amount(0, 10), rainMm: amount(0, 60), grossMm: amount(0, 30) });
    const zone = { rootZoneMm: 1e6, readilyAvailableMm: 10, runTimeMultiplier: 1.2 };
    fc.assert(
      fc.property(fc.array(day, { minLength: 1, maxLength: 60 }), (days) => {
        const results = waterBalance(days, zone, 20);
        const sum = (values: number[]) => values.reduce((total, value) => total + value, 0);
        const went = sum(days.map(({ useMm }) => useMm)) + sum(results.map((r) => r.drainageMm));
        const came =
          sum(results.map((r) => r.effectiveRainMm)) + sum(days.map((d) => d.grossMm / 1.2));
        expect(results.at(-1)!.depletionMm).toBeCloseTo(20 + went - came, 6);
      }),
    );
  });

  it('warmer days, with the same spread, use more', () => {
    fc.assert(
      fc.property(amount(0, 30), amount(0.1, 15), amount(0.5, 20), (low, spread, warmer) => {
        const ra = 40 / MM_PER_MEGAJOULE;
        expect(
          referenceEvapotranspiration(low + warmer, low + warmer + spread, ra),
        ).toBeGreaterThan(referenceEvapotranspiration(low, low + spread, ra));
      }),
    );
  });
});

it.each([
  ['a negative flow', () => rateMmPerHour(-1, 20)],
  ['no ground', () => rateMmPerHour(20, 0)],
  ['highs below lows', () => referenceEvapotranspiration(20, 10, 40)],
  ['3,000 mm of rain in a day', () => effectiveRainMm(3000, 20)],
  ['a latitude beyond the pole', () => extraterrestrialRadiation(91, 1)],
  ['dry cups', () => lowQuarterUniformity([0, 0])],
  ['no cups', () => catchTest({ millilitres: [], mouthSquareCentimetres: 50, minutes: 5 })],
  ['a meter that runs back', () => flowOfMeter(100, 90, 60)],
  [
    'eleven months',
    () =>
      seasonPercents(Array<number>(11).fill(1), {
        minPercent: 10,
        maxPercent: 100,
        stepPercent: 10,
      }),
  ],
])('%s is refused', (_, broken) => {
  expect(broken).toThrow(RangeError);
});
