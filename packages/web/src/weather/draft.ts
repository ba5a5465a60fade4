import {
  DRY_SUMMER_CLIMATE,
  simulatedStation,
  WEATHER_FORMAT,
  type WeatherFile,
  type WeatherRecord,
} from '@water-clock/core/weather';
import type { Property } from '../api/properties';

/** Weather while it is entered: the latitude may not be known yet. */
export type Draft = Omit<WeatherFile, 'latitude'> & { readonly latitude: number | null };

/** What a kind of record begins as. */
export function freshRecord(kind: WeatherRecord['kind']): WeatherRecord {
  switch (kind) {
    case 'daily':
      return { kind, days: [] };
    case 'monthly':
      return {
        kind,
        months: DRY_SUMMER_CLIMATE.map(() => ({ et0MmPerDay: 0, rainMm: 0, rainDays: 0 })),
      };
    case 'simulated':
      return simulatedStation(1);
  }
}

/** New weather, of one home where it is for one. */
export const freshWeather = (property: Property | null): Draft => ({
  format: WEATHER_FORMAT,
  name: property?.name ?? '',
  towns: [],
  latitude: property?.latitude ?? null,
  record: freshRecord('daily'),
});
