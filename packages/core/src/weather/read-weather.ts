import {
  entryPath,
  fieldPath,
  readObject,
  ROOT_PATH,
  type DocumentProblem,
} from '../documents/index.js';
import { err, ok, type Result } from '../kernel/index.js';
import { DAYS_OF_MONTH } from './months.js';
import { MOST_WEATHER_DAYS, WeatherFile, type WeatherRecord } from './weather.js';

/** Reads parsed weather; every problem is reported at once, each with its JSON path. */
export function readWeather(document: unknown): Result<WeatherFile, readonly DocumentProblem[]> {
  const problems: DocumentProblem[] = [];
  const weather = readObject(WeatherFile, document, ROOT_PATH, problems);
  if (problems.length === 0) {
    if (weather.name.trim() === '')
      problems.push({ path: 'name', message: 'must not be empty: name the place' });
    crossCheck(weather.record, problems);
  }
  return problems.length === 0 ? ok(weather) : err(problems);
}

function crossCheck(record: WeatherRecord, problems: DocumentProblem[]): void {
  const report = (list: string, index: number, field: string, message: string) =>
    problems.push({ path: fieldPath(entryPath(`record.${list}`, index), field), message });
  if (record.kind === 'daily') {
    if (record.days.length > MOST_WEATHER_DAYS)
      problems.push({
        path: 'record.days',
        message: `must have at most ${MOST_WEATHER_DAYS} entries, twenty years`,
      });
    const seen = new Set<string>();
    record.days.forEach(({ date, lowCelsius, highCelsius }, index) => {
      if (seen.has(date)) report('days', index, 'date', 'is the date of an earlier day too');
      seen.add(date);
      if (highCelsius < lowCelsius)
        report('days', index, 'highCelsius', 'must not be below the low');
    });
    record.days.sort((a, b) => (a.date < b.date ? -1 : 1));
    return;
  }
  const { months } = record;
  if (months.length !== 12)
    problems.push({ path: 'record.months', message: 'must have 12 entries, January first' });
  if (record.kind === 'simulated')
    record.months.forEach(({ lowCelsius, highCelsius }, index) => {
      if (highCelsius < lowCelsius)
        report('months', index, 'highCelsius', 'must not be below the low');
    });
  months.forEach(({ rainMm, rainDays }, index) => {
    if (rainMm > 0 && !(rainDays > 0))
      report('months', index, 'rainDays', 'must be more than 0 where there is rain');
    if (rainDays > (DAYS_OF_MONTH[index] ?? 31))
      report('months', index, 'rainDays', `must be at most ${DAYS_OF_MONTH[index] ?? 31}`);
  });
}
