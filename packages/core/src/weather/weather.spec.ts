import { addDays, dayNumberOf, parseDate } from '../civil-time/index.js';
import {
  DAYS_OF_MONTH,
  DRY_SUMMER_CLIMATE,
  guessSheet,
  monthsOf,
  readWeather,
  readWeatherRows,
  simulatedStation,
  simulatedYear,
  weatherOn,
  type WeatherFile,
  type WeatherSheet,
} from './index.js';

const fileOf = (record: object, fields: object = {}) =>
  readWeather({
    format: 'waterclock.weather/1',
    name: 'Quillhaven airfield',
    latitude: 40,
    record,
    ...fields,
  });

function weatherOf(record: object): WeatherFile {
  const read = fileOf(record);
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
}

const day = (text: string) => parseDate(text)!;
const table = (fields: object = {}) =>
  Array.from({ length: 12 }, () => ({ et0MmPerDay: 4, rainMm: 30, rainDays: 6, ...fields }));

describe('weather', () => {
  it('is read with its days in order, and rain none where none is named', () => {
    const { record } = weatherOf({
      kind: 'daily',
      days: [
        { date: '2026-06-02', lowCelsius: 10, highCelsius: 25, rainMm: 3 },
        { date: '2026-06-01', lowCelsius: 9, highCelsius: 24 },
      ],
    });
    expect(record).toMatchObject({ days: [{ date: '2026-06-01', rainMm: 0 }, { rainMm: 3 }] });
  });

  const faults: [string, object, string[]][] = [
    [
      'a high below the low, a date twice',
      {
        kind: 'daily',
        days: [
          { date: '2026-06-01', lowCelsius: 20, highCelsius: 12 },
          { date: '2026-06-01', lowCelsius: 2, highCelsius: 12 },
        ],
      },
      ['record.days[0].highCelsius', 'record.days[1].date'],
    ],
    [
      '3,000 mm of rain and 90 degrees',
      {
        kind: 'daily',
        days: [{ date: '2026-06-01', lowCelsius: 20, highCelsius: 90, rainMm: 3000 }],
      },
      ['record.days[0].highCelsius', 'record.days[0].rainMm'],
    ],
    ['eleven months', { kind: 'monthly', months: table().slice(1) }, ['record.months']],
    [
      'rain on no day',
      { kind: 'monthly', months: table({ rainDays: 0 }) },
      DAYS_OF_MONTH.map((_, index) => `record.months[${index}].rainDays`),
    ],
    ['another kind', { kind: 'hourly' }, ['record.kind']],
    [
      'a seed that is none',
      { kind: 'simulated', seed: -1, months: DRY_SUMMER_CLIMATE },
      ['record.seed'],
    ],
  ];
  it.each(faults)('with %s is refused at its place', (_, record, paths) => {
    const read = fileOf(record);
    expect(read.ok ? [] : read.trouble.map(({ path }) => path).sort()).toEqual([...paths].sort());
  });

  it('turns lows and highs into evapotranspiration, and knows no other days', () => {
    // FAO-56 example 20, 45.72° N, 15 July, 26.6 and 14.8 °C: 5.0 mm a day.
    const lyon = weatherOf({
      kind: 'daily',
      days: [{ date: '2026-07-15', lowCelsius: 14.8, highCelsius: 26.6, rainMm: 1.5 }],
    });
    const on = weatherOn({ ...lyon, latitude: 45.72 });
    expect(on(day('2026-07-15'))!.et0Mm).toBeCloseTo(5.0, 1);
    expect(on(day('2026-07-15'))!.rainMm).toBe(1.5);
    expect(on(day('2026-07-16'))).toBeNull();
  });

  it('as a table rains its month’s rain in its number of equal showers', () => {
    const on = weatherOn(weatherOf({ kind: 'monthly', months: table() }));
    for (const [month, length] of DAYS_OF_MONTH.entries()) {
      const first = dayNumberOf({ year: 2027, month: month + 1, day: 1 });
      const days = Array.from({ length }, (_, index) => on(addDays(first, index))!);
      const wet = days.filter(({ rainMm }) => rainMm > 0);
      expect(wet.map(({ rainMm }) => rainMm)).toEqual([5, 5, 5, 5, 5, 5]);
      expect(new Set(days.map(({ et0Mm }) => et0Mm))).toEqual(new Set([4]));
    }
    expect(on(day('2028-02-29'))).toEqual({ et0Mm: 4, rainMm: 0 });
  });

  it('by the month is the mean of all years, and null where no day is known', () => {
    const june = (year: number, lowCelsius: number, rainMm: number) => ({
      date: `${year}-06-10`,
      lowCelsius,
      highCelsius: 30,
      rainMm,
    });
    const weather = weatherOf({ kind: 'daily', days: [june(2025, 10, 8), june(2026, 16, 0)] });
    const on = weatherOn(weather);
    const months = monthsOf(weather);
    expect(months[5]).toEqual({
      et0Mm: (on(day('2025-06-10'))!.et0Mm + on(day('2026-06-10'))!.et0Mm) / 2,
      days: 2,
      rainsMm: [8],
    });
    expect(months.filter((month) => month !== null)).toHaveLength(1);
    const ofTable = monthsOf(weatherOf({ kind: 'monthly', months: table() }));
    expect(ofTable[1]).toEqual({ et0Mm: 4, days: 28, rainsMm: [5, 5, 5, 5, 5, 5] });
  });
});

describe('the simulated station', () => {
  it('gives the same year for the same seed, and another for another seed or year', () => {
    const year = (seed: number, which = 2026) =>
      JSON.stringify(simulatedYear(simulatedStation(seed), which).map(({ rainMm }) => rainMm));
    expect(year(7)).toBe(year(7));
    expect(year(7)).not.toBe(year(8));
    expect(year(7)).not.toBe(year(7, 2027));
    expect(simulatedYear(simulatedStation(7), 2028)).toHaveLength(366);
  });

  it('is, over many years, as its climate says', () => {
    const climate = DRY_SUMMER_CLIMATE;
    const sums = climate.map(() => ({ days: 0, low: 0, high: 0, rain: 0, wet: 0 }));
    const years = 60;
    for (let year = 2000; year < 2000 + years; year++)
      for (const read of simulatedYear(simulatedStation(3), year)) {
        const sum = sums[Number(read.date.slice(5, 7)) - 1]!;
        sum.days += 1;
        sum.low += read.lowCelsius;
        sum.high += read.highCelsius;
        sum.rain += read.rainMm;
        sum.wet += read.rainMm > 0 ? 1 : 0;
        expect(read.highCelsius).toBeGreaterThanOrEqual(read.lowCelsius);
      }
    sums.forEach((sum, month) => {
      // Between two middles of months temperatures go straight, which takes the tops off a little.
      expect(Math.abs(sum.low / sum.days - climate[month]!.lowCelsius)).toBeLessThan(1.2);
      expect(Math.abs(sum.high / sum.days - climate[month]!.highCelsius)).toBeLessThan(1.2);
      expect(sum.wet / years / climate[month]!.rainDays).toBeCloseTo(1, 0);
      expect(Math.abs(sum.rain / years / climate[month]!.rainMm - 1)).toBeLessThan(0.3);
    });
  });

  it('needs most in summer, north and south', () => {
    const north = { ...weatherOf(simulatedStation(1)), latitude: 40 };
    const et0s = monthsOf(north).map((month) => month!.et0Mm);
    expect(et0s.indexOf(Math.max(...et0s))).toBe(6);
    const months = [...DRY_SUMMER_CLIMATE.slice(6), ...DRY_SUMMER_CLIMATE.slice(0, 6)];
    const south = { ...weatherOf(simulatedStation(1, months)), latitude: -40 };
    const southern = monthsOf(south).map((month) => month!.et0Mm);
    expect(southern.indexOf(Math.max(...southern))).toBe(0);
  });
});

describe('a sheet', () => {
  const sheet: WeatherSheet = {
    columns: { date: 2, low: 1, high: 0, rain: 3 },
    temperature: 'F',
    rain: 'in',
    dateOrder: 'mdy',
  };

  it('is read in any order of columns and in its own units', () => {
    const { days, bad } = readWeatherRows(
      [
        ['86', '50', '6/2/2026', '0'],
        ['', '', '', ''],
        ['77', '41', '06/01/26', '0.5'],
      ],
      sheet,
    );
    expect(bad).toEqual([]);
    expect(days).toEqual([
      { date: '2026-06-01', lowCelsius: 5, highCelsius: 25, rainMm: 12.7 },
      { date: '2026-06-02', lowCelsius: 10, highCelsius: 30, rainMm: 0 },
    ]);
  });

  it('names every fault of every bad row, and keeps the good ones', () => {
    const { days, bad } = readWeatherRows(
      [
        ['25', '10', '2026-06-01', '0'],
        ['9', '10', '2026-06-02', '3000'],
        ['x', '', '31/31/2026', '-1'],
        ['25', '10', '2026-06-01', '0'],
        ['250', '10', '2026-06-03', '0'],
      ],
      { ...sheet, temperature: 'C', rain: 'mm' },
      2,
    );
    expect(days.map(({ date }) => date)).toEqual(['2026-06-01']);
    expect(bad.map(({ row, faults }) => [row, faults.map(({ column }) => column)])).toEqual([
      [3, ['high', 'rain']],
      [4, ['date', 'low', 'high', 'rain']],
      [5, ['date']],
      [6, ['high']],
    ]);
    expect(bad[0]!.faults.map(({ message }) => message)).toEqual([
      'is below the low',
      '3000 mm is more than falls in a day anywhere: are the units right?',
    ]);
  });

  it('is guessed from its headings; dates that read both ways go by how close they lie, then by the firm', () => {
    const usual = { temperature: 'C', rain: 'mm' } as const;
    expect(
      guessSheet(['Tmax °F', 'Tmin °F', 'Date', 'Precip (in)'], [['1', '2', '13/02/2026']], usual),
    ).toEqual({ ...sheet, dateOrder: 'dmy' });
    const days = [['06/01/2026'], ['06/02/2026'], ['06/03/2026']];
    expect(guessSheet(['date'], days, usual).dateOrder).toBe('mdy');
    const both = [['01/02/2026']];
    expect(guessSheet(['date'], both, usual).dateOrder).toBe('dmy');
    expect(guessSheet(['date'], both, { temperature: 'F', rain: 'in' })).toEqual({
      columns: { date: 0, low: null, high: null, rain: null },
      temperature: 'F',
      rain: 'in',
      dateOrder: 'mdy',
    });
  });
});

it('asks for a day before the first year as for any other', () => {
  const on = weatherOn({ ...({} as WeatherFile), latitude: 10, record: simulatedStation(1) });
  const early = dayNumberOf({ year: 1969, month: 12, day: 31 });
  expect(on(early)!.et0Mm).toBeGreaterThan(0);
});
