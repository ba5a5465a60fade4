import type { DayNumber } from '@water-clock/core/civil-time';
import { monthsInShort, type MonthInShort, type WeatherFile } from '@water-clock/core/weather';
import type { Task } from '../computing/task.js';

interface Asked {
  readonly weather: WeatherFile;
  readonly from: DayNumber;
  readonly to: DayNumber;
}

/** What the weather of each month came to. */
export const MONTHS_TASK: Task<Asked, MonthInShort[]> = {
  name: 'months',
  limitMs: 2000,
  work: ({ weather, from, to }) => monthsInShort(weather, from, to),
};
