import { err, ok, type Result } from '@water-clock/core/kernel';
import { waterReport, type Season } from '@water-clock/core/water-use';
import { readWeather, type WeatherFile } from '@water-clock/core/weather';
import { readYard, yardFor, type Yard } from '@water-clock/core/yards';
import { readRange, type Arguments } from '../arguments.js';
import { printed } from '../outcome.js';
import { readDocumentFile } from '../read-plan-file.js';
import { planVerb } from './plans-verb.js';

interface Asked {
  readonly season: Season;
  readonly weather: WeatherFile | null;
  readonly yard: Yard | null;
}

export const waterVerb = planVerb<Asked>({
  name: 'water',
  usage: 'water FILE --from YYYY-MM-DD --days N [--weather FILE] [--yard FILE]',
  summary: 'how much water each station gets, and how much it needs in that weather',
  options: {
    from: { type: 'string' },
    days: { type: 'string' },
    weather: { type: 'string' },
    yard: { type: 'string' },
  },
  read: readAsked,
  run: (plan, { season, weather, yard }) => ({
    ...printed(waterReport(plan, yard ?? yardFor(plan, null), weather, season)),
    messages: weather
      ? []
      : ['water-clock: without --weather nobody knows what is needed: neededMm is null'],
  }),
});

function readAsked(options: Arguments['options']): Result<Asked, readonly string[]> {
  const season = readRange(options);
  const weather = readIfGiven(options['weather'], readWeather);
  const yard = readIfGiven(options['yard'], readYard);
  if (season.ok && weather.ok && yard.ok)
    return ok({ season: season.value, weather: weather.value, yard: yard.value });
  return err([season, weather, yard].flatMap((read) => (read.ok ? [] : [...read.trouble])));
}

const readIfGiven = <Value>(
  file: string | boolean | undefined,
  read: Parameters<typeof readDocumentFile<Value>>[1],
): Result<Value | null, readonly string[]> =>
  typeof file === 'string' ? readDocumentFile(file, read) : ok(null);
