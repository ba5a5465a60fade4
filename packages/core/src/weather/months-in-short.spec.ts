import { parseDate } from '../civil-time/index.js';
import { readWeather, type WeatherFile } from './index.js';
import { monthsInShort } from './months-in-short.js';

const day = (text: string) => parseDate(text)!;
const weatherOf = (record: object): WeatherFile => {
  const read = readWeather({
    ...{ format: 'waterclock.weather/1', name: 'Mill' },
    latitude: 39.5,
    record,
  });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
};
const dated = (date: string, rainMm: number) => ({ date, lowCelsius: 10, highCelsius: 25, rainMm });

it('sums the days of each month that are known, and only those asked for', () => {
  const days = [dated('2026-05-30', 9), dated('2026-05-31', 4), dated('2026-06-01', 2.5)];
  const weather = weatherOf({ kind: 'daily', days });
  const months = monthsInShort(weather, day('2026-05-31'), day('2026-07-09'));
  expect(months).toMatchObject([
    { month: '2026-05', rainMm: 4, days: 1 },
    { month: '2026-06', rainMm: 2.5, days: 1 },
  ]);
  expect(months.every(({ et0Mm }) => et0Mm > 2 && et0Mm < 8)).toBe(true);
});

it('a table says how months usually are, and nothing of what they were', () => {
  const months = Array.from({ length: 12 }, () => ({ et0MmPerDay: 5, rainMm: 20, rainDays: 3 }));
  const weather = weatherOf({ kind: 'monthly', months });
  expect(monthsInShort(weather, day('2026-05-01'), day('2026-06-30'))).toEqual([]);
});
