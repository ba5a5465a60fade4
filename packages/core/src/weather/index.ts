export { monthsInShort, type MonthInShort } from './months-in-short.js';
export { DRY_SUMMER_CLIMATE, simulatedStation } from './generic-climate.js';
export { DAYS_OF_MONTH } from './months.js';
export {
  DATE_ORDERS,
  guessSheet,
  readWeatherRows,
  WEATHER_COLUMNS,
  type BadRow,
  type DateOrder,
  type ReadRows,
  type WeatherColumn,
  type WeatherSheet,
} from './read-rows.js';
export { readWeather } from './read-weather.js';
export { simulatedYear } from './simulated-year.js';
export {
  monthsOf,
  weatherOn,
  type DayWeather,
  type MonthWeather,
  type WeatherOn,
} from './weather-days.js';
export {
  COLDEST_CELSIUS,
  DailyRecord,
  HOTTEST_CELSIUS,
  MonthlyRecord,
  MonthOfClimate,
  MonthOfTable,
  MOST_WEATHER_DAYS,
  SimulatedRecord,
  WEATHER_FORMAT,
  WeatherDay,
  WeatherFile,
  type WeatherRecord,
} from './weather.js';
