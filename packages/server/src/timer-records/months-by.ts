import { monthsOf, type MonthWeather, type WeatherFile } from '@water-clock/core/weather';

/** What the months of a home are like by the weather that it goes by; null: it goes by none. */
export type MonthsBy = (weatherId: string | null) => readonly (MonthWeather | null)[] | null;

/** Worked out once for all homes that go by the same. */
export function monthsBy(weather: ReadonlyMap<string, WeatherFile>): MonthsBy {
  const known = new Map<string, readonly (MonthWeather | null)[]>();
  return (id) => {
    const file = id === null ? undefined : weather.get(id);
    if (id === null || !file) return null;
    const months = known.get(id) ?? monthsOf(file);
    known.set(id, months);
    return months;
  };
}
