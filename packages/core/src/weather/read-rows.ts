import { MOST_RAIN_MM } from '../agronomy/index.js';
import { formatDate, parseDate } from '../civil-time/index.js';
import { COLDEST_CELSIUS, HOTTEST_CELSIUS, type WeatherDay } from './weather.js';

export const WEATHER_COLUMNS = ['date', 'low', 'high', 'rain'] as const;
export type WeatherColumn = (typeof WEATHER_COLUMNS)[number];

/** How dates are written: year, month and day in their order. */
export const DATE_ORDERS = ['ymd', 'dmy', 'mdy'] as const;
export type DateOrder = (typeof DATE_ORDERS)[number];

/** What somebody must say of a sheet before its rows can be read. */
export interface WeatherSheet {
  /** Which column of the sheet holds what, from 0; null: there is none (rain may be missing). */
  readonly columns: Readonly<Record<WeatherColumn, number | null>>;
  readonly temperature: 'C' | 'F';
  readonly rain: 'mm' | 'in';
  readonly dateOrder: DateOrder;
}

/** A row that cannot be read, and everything that is wrong with it. */
export interface BadRow {
  /** Counts the sheet's rows from 1, the headings included. */
  readonly row: number;
  readonly faults: readonly { readonly column: WeatherColumn; readonly message: string }[];
}

export interface ReadRows {
  readonly days: WeatherDay[];
  readonly bad: BadRow[];
}

const MILLIMETRES_AN_INCH = 25.4;

/** Reads the rows of a sheet that is split already; `firstRow` is the number of the first of them. */
export function readWeatherRows(
  rows: readonly (readonly string[])[],
  sheet: WeatherSheet,
  firstRow = 1,
): ReadRows {
  const days: WeatherDay[] = [];
  const bad: BadRow[] = [];
  const seen = new Map<string, number>();
  rows.forEach((cells, index) => {
    const row = firstRow + index;
    if (cells.every((cell) => cell.trim() === '')) return;
    const read = readRow(cells, sheet);
    const earlier = read.day && seen.get(read.day.date);
    if (earlier) read.faults.push({ column: 'date', message: `is the date of row ${earlier} too` });
    if (read.day && read.faults.length === 0) {
      seen.set(read.day.date, row);
      days.push(read.day);
    } else bad.push({ row, faults: read.faults });
  });
  return { days: days.sort((a, b) => (a.date < b.date ? -1 : 1)), bad };
}

type Fault = BadRow['faults'][number];

function readRow(cells: readonly string[], sheet: WeatherSheet) {
  const { columns, dateOrder } = sheet;
  const faults: Fault[] = [];
  const textOf = (column: WeatherColumn) => {
    const index = columns[column];
    return index === null ? null : (cells[index] ?? '').trim();
  };
  const numberOf = (column: WeatherColumn): number | null => {
    const text = textOf(column);
    if (text === null) return 0;
    const value = Number(text.replace(',', '.'));
    if (text !== '' && Number.isFinite(value)) return value;
    faults.push({ column, message: text === '' ? 'is missing' : `“${text}” is not a number` });
    return null;
  };
  const date = readDate(textOf('date') ?? '', dateOrder);
  if (date === null)
    faults.push({ column: 'date', message: `“${textOf('date') ?? ''}” is not a date` });
  const lowCelsius = inCelsius(numberOf('low'), sheet);
  const highCelsius = inCelsius(numberOf('high'), sheet);
  const rainMm = inMillimetres(numberOf('rain'), sheet);
  faults.push(...temperatureFaults(lowCelsius, highCelsius), ...rainFaults(rainMm));
  const isWhole = date !== null && lowCelsius !== null && highCelsius !== null && rainMm !== null;
  return { day: isWhole ? { date, lowCelsius, highCelsius, rainMm } : null, faults };
}

const inCelsius = (value: number | null, { temperature }: WeatherSheet): number | null =>
  value === null ? null : hundredths(temperature === 'C' ? value : ((value - 32) * 5) / 9);

const inMillimetres = (value: number | null, { rain }: WeatherSheet): number | null =>
  value === null ? null : hundredths(rain === 'mm' ? value : value * MILLIMETRES_AN_INCH);

function temperatureFaults(low: number | null, high: number | null): Fault[] {
  const faults: Fault[] = [];
  for (const [column, value] of [
    ['low', low],
    ['high', high],
  ] as const)
    if (value !== null && !(value >= COLDEST_CELSIUS && value <= HOTTEST_CELSIUS))
      faults.push({ column, message: `${Math.round(value)} °C cannot be: are the units right?` });
  if (low !== null && high !== null && high < low)
    faults.push({ column: 'high', message: 'is below the low' });
  return faults;
}

function rainFaults(rainMm: number | null): Fault[] {
  if (rainMm === null || (rainMm >= 0 && rainMm <= MOST_RAIN_MM)) return [];
  const message =
    rainMm < 0
      ? 'is below 0'
      : `${Math.round(rainMm)} mm is more than falls in a day anywhere: are the units right?`;
  return [{ column: 'rain', message }];
}

const hundredths = (value: number): number => Math.round(value * 100) / 100;

/** A date in any writing whose order of year, month and day is known: 1/6/2026, 2026.06.01, 20260601. */
function readDate(text: string, order: DateOrder): string | null {
  const solid = /^(\d{4})(\d{2})(\d{2})$/.exec(text);
  const parts =
    solid?.slice(1) ?? /^(\d{1,4})[-./ ](\d{1,2})[-./ ](\d{1,4})(?:[T ].*)?$/.exec(text)?.slice(1);
  if (!parts) return null;
  // A year of four digits in front is a year, whatever was said.
  const places = solid || parts[0]!.length === 4 ? 'ymd' : order;
  const part = (letter: string) => Number(parts[places.indexOf(letter)]);
  const year = part('y') < 100 ? 2000 + part('y') : part('y');
  const two = (value: number) => String(value).padStart(2, '0');
  const day = parseDate(`${String(year).padStart(4, '0')}-${two(part('m'))}-${two(part('d'))}`);
  return day === null ? null : formatDate(day);
}

const NAMES: Readonly<Record<WeatherColumn, RegExp>> = {
  date: /\b(date|day|time|datum)\b/i,
  low: /(\bmin|\blow|tmin|t_min|minimum|lowest)/i,
  high: /(\bmax|\bhigh|tmax|t_max|maximum|highest)/i,
  rain: /(rain|precip|prcp)/i,
};

/** What a sheet's headings say of it; what they do not say is null or the firm's usual. */
export function guessSheet(
  headings: readonly string[],
  rows: readonly (readonly string[])[],
  usual: Pick<WeatherSheet, 'temperature' | 'rain'>,
): WeatherSheet {
  const find = (column: WeatherColumn) => {
    const index = headings.findIndex((heading) => NAMES[column].test(heading));
    return index < 0 ? null : index;
  };
  const columns = { date: find('date'), low: find('low'), high: find('high'), rain: find('rain') };
  const headingOf = (column: WeatherColumn) => headings[columns[column] ?? -1] ?? '';
  const warm = headingOf('high') + headingOf('low');
  const wet = headingOf('rain');
  return {
    columns,
    temperature: /°?F\b|fahrenheit/i.test(warm)
      ? 'F'
      : /°?C\b|celsius/i.test(warm)
        ? 'C'
        : usual.temperature,
    rain: /\bin\b|inch|"/i.test(wet) ? 'in' : /mm|milli/i.test(wet) ? 'mm' : usual.rain,
    dateOrder: guessOrder(
      rows.map((row) => row[columns.date ?? -1] ?? ''),
      usual.rain === 'in',
    ),
  };
}

/**
 * The order in which most dates can be read; of those the one in which they lie closest together,
 * for days are read one after another; of two alike, the firm's usual.
 */
function guessOrder(dates: readonly string[], isMonthFirst: boolean): DateOrder {
  const orders: DateOrder[] = isMonthFirst ? ['ymd', 'mdy', 'dmy'] : ['ymd', 'dmy', 'mdy'];
  const tries = orders.map((order) => {
    const days = dates.flatMap((text) => parseDate(readDate(text, order) ?? '') ?? []);
    const [first, last] = days.reduce(
      ([least, most], day) => [Math.min(least, day), Math.max(most, day)],
      [Infinity, -Infinity],
    );
    return { order, readable: days.length, spanDays: last - first };
  });
  const isBetter = (a: (typeof tries)[number], b: (typeof tries)[number]) =>
    a.readable > b.readable || (a.readable === b.readable && a.spanDays < b.spanDays);
  return tries.reduce((best, one) => (isBetter(one, best) ? one : best)).order;
}
