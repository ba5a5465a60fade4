import type { UnitSystem } from './reading';

/** How a temperature that is stored in Celsius is shown and typed. */
export interface TemperatureScale {
  readonly label: string;
  readonly shown: (celsius: number) => number;
  readonly stored: (shown: number) => number;
}

const CELSIUS: TemperatureScale = {
  label: '°C',
  shown: (celsius) => Number(celsius.toFixed(1)),
  stored: (shown) => shown,
};

const FAHRENHEIT: TemperatureScale = {
  label: '°F',
  shown: (celsius) => Number(((celsius * 9) / 5 + 32).toFixed(1)),
  stored: (shown) => Number((((shown - 32) * 5) / 9).toPrecision(12)),
};

export const temperatureIn = (system: UnitSystem): TemperatureScale =>
  system === 'us' ? FAHRENHEIT : CELSIUS;
