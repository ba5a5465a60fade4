import { simulatedStation, WEATHER_FORMAT } from '@water-clock/core/weather';

/** The weather station of the made-up town. */
export const DEMO_WEATHER = {
  format: WEATHER_FORMAT,
  name: 'Quillhaven airfield',
  towns: ['Quillhaven', 'Sedge Ferry'],
  latitude: 40.21,
  record: simulatedStation(2026),
};
