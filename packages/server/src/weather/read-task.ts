import type { DocumentProblem } from '@water-clock/core/documents';
import type { Result } from '@water-clock/core/kernel';
import { readWeather, type WeatherFile } from '@water-clock/core/weather';
import type { Task } from '../computing/task.js';

/** Twenty years of days are long: they are read where nobody waits for them. */
export const READ_WEATHER_TASK: Task<unknown, Result<WeatherFile, readonly DocumentProblem[]>> = {
  name: 'read-weather',
  limitMs: 10_000,
  work: readWeather,
};
