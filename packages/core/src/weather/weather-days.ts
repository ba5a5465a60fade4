import { extraterrestrialRadiation, referenceEvapotranspiration } from '../agronomy/index.js';
import {
  asDayNumber,
  civilDateOf,
  dayNumberOf,
  parseDate,
  type DayNumber,
} from '../civil-time/index.js';
import { DAYS_OF_MONTH } from './months.js';
import { simulatedYear } from './simulated-year.js';
import type { MonthlyRecord, MonthOfTable, WeatherDay, WeatherFile } from './weather.js';

/** What the weather does on one day to what grows. */
export interface DayWeather {
  /** Reference evapotranspiration, mm. */
  readonly et0Mm: number;
  readonly rainMm: number;
}

/** Gives the weather of a day; null where it is not known. */
export type WeatherOn = (day: DayNumber) => DayWeather | null;

const yearOf = (day: DayNumber): number => civilDateOf(day).year;

const dayOfYear = (day: DayNumber): number =>
  day - dayNumberOf({ year: yearOf(day), month: 1, day: 1 }) + 1;

/** Lows and highs become reference evapotranspiration by Hargreaves and Samani. */
function withEt0(
  { lowCelsius, highCelsius, rainMm }: WeatherDay,
  day: DayNumber,
  latitude: number,
) {
  const radiation = extraterrestrialRadiation(latitude, dayOfYear(day));
  return { et0Mm: referenceEvapotranspiration(lowCelsius, highCelsius, radiation), rainMm };
}

/** How weather is asked for, day by day; what was worked out once is kept. */
export function weatherOn({ record, latitude }: WeatherFile): WeatherOn {
  switch (record.kind) {
    case 'monthly':
      return (day) => dayOfTable(record, day);
    case 'daily': {
      const byDay = new Map(
        record.days.map((read) => {
          const day = parseDate(read.date)!;
          return [day, withEt0(read, day, latitude)] as const;
        }),
      );
      return (day) => byDay.get(day) ?? null;
    }
    case 'simulated': {
      const years = new Map<number, DayWeather[]>();
      return (day) => {
        const year = yearOf(day);
        const first = dayNumberOf({ year, month: 1, day: 1 });
        const days =
          years.get(year) ??
          simulatedYear(record, year).map((read, index) =>
            withEt0(read, asDayNumber(first + index), latitude),
          );
        years.set(year, days);
        return days[day - first]!;
      };
    }
  }
}

/** A table's rain falls in equal showers, as evenly through the month as days allow. */
function dayOfTable({ months }: MonthlyRecord, day: DayNumber): DayWeather {
  const { month, day: date } = civilDateOf(day);
  const { et0MmPerDay, rainMm, rainDays } = months[month - 1]!;
  const showers = showersOf({ rainMm, rainDays }, month);
  const upTo = (dates: number) => Math.floor((dates * showers.count) / DAYS_OF_MONTH[month - 1]!);
  const falls = date <= DAYS_OF_MONTH[month - 1]! && upTo(date) > upTo(date - 1);
  return { et0Mm: et0MmPerDay, rainMm: falls ? showers.eachMm : 0 };
}

function showersOf({ rainMm, rainDays }: Pick<MonthOfTable, 'rainMm' | 'rainDays'>, month: number) {
  const count = Math.min(
    DAYS_OF_MONTH[month - 1]!,
    Math.max(rainMm > 0 ? 1 : 0, Math.round(rainDays)),
  );
  return { count, eachMm: count === 0 ? 0 : rainMm / count };
}

/** The years that stand for a simulated station's months. */
const SIMULATED_YEARS = [2001, 2020] as const;

/** How a month is, over all years that are known. */
export interface MonthWeather {
  /** Reference evapotranspiration, mm a day, the mean. */
  readonly et0Mm: number;
  /** The days that stand for the month. */
  readonly days: number;
  /** The rain of every rainy day among them, mm. */
  readonly rainsMm: readonly number[];
}

/** The twelve months, January first; null for a month of which no day is known. */
export function monthsOf(weather: WeatherFile): (MonthWeather | null)[] {
  const sums = Array.from({ length: 12 }, () => ({
    et0Mm: 0,
    days: 0,
    rainsMm: new Array<number>(),
  }));
  const on = weatherOn(weather);
  for (const day of knownDays(weather)) {
    const { et0Mm, rainMm } = on(day)!;
    const sum = sums[civilDateOf(day).month - 1]!;
    sum.et0Mm += et0Mm;
    sum.days += 1;
    if (rainMm > 0) sum.rainsMm.push(rainMm);
  }
  return sums.map(({ et0Mm, days, rainsMm }) =>
    days === 0 ? null : { et0Mm: et0Mm / days, days, rainsMm },
  );
}

function knownDays({ record }: WeatherFile): DayNumber[] {
  if (record.kind === 'daily') return record.days.map(({ date }) => parseDate(date)!);
  // Any year that has no leap day does for a table: all are the same.
  const [from, to] = record.kind === 'simulated' ? SIMULATED_YEARS : [2001, 2001];
  const first = dayNumberOf({ year: from, month: 1, day: 1 });
  const end = dayNumberOf({ year: to + 1, month: 1, day: 1 });
  return Array.from({ length: end - first }, (_, index) => asDayNumber(first + index));
}
