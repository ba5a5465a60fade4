import { addDays, formatDate, type DayNumber } from '../civil-time/index.js';
import { weatherOn } from './weather-days.js';
import type { WeatherFile } from './weather.js';

/** What the weather of a month came to, as far as its days are known. */
export interface MonthInShort {
  /** `YYYY-MM` */
  readonly month: string;
  readonly rainMm: number;
  readonly et0Mm: number;
  /** Of so many of its days. */
  readonly days: number;
}

/** The months from one date to another, both included; none of a table, which says how months usually are. */
export function monthsInShort(
  weather: WeatherFile,
  from: DayNumber,
  to: DayNumber,
): MonthInShort[] {
  if (weather.record.kind === 'monthly') return [];
  const on = weatherOn(weather);
  const months = new Map<string, MonthInShort>();
  for (let day = from; day <= to; day = addDays(day, 1)) {
    const known = on(day);
    if (!known) continue;
    const month = formatDate(day).slice(0, 7);
    const before = months.get(month) ?? { month, rainMm: 0, et0Mm: 0, days: 0 };
    months.set(month, {
      month,
      rainMm: before.rainMm + known.rainMm,
      et0Mm: before.et0Mm + known.et0Mm,
      days: before.days + 1,
    });
  }
  return [...months.values()];
}
