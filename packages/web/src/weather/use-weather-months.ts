import { monthsOf, type MonthWeather, type WeatherFile } from '@water-clock/core/weather';
import { useMemo } from 'react';

/** The months of a home's weather; null where it goes by none. */
export const useWeatherMonths = (
  weather: WeatherFile | null,
): readonly (MonthWeather | null)[] | null =>
  useMemo(() => weather && monthsOf(weather), [weather]);
