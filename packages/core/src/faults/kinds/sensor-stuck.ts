import type { FaultKind } from '../fault-kind.js';

/** The rain sensor says wet although it is dry. */
export const SENSOR_STUCK: FaultKind<'sensor-stuck'> = {
  flows: (believed) =>
    believed.inWeather(believed.asSet).filter(({ station }) => !believed.heedsRain(station)),
  size: () => 0,
  happens: () =>
    'the rain sensor says wet although it is dry, and no station that heeds it waters.',
  shows: 'Nothing that heeds the sensor waters; by hand every station runs.',
  tells: 'Set the sensor to bypass and run a program: it waters, and it is the sensor.',
  check: () =>
    'Set the sensor to bypass and run a program: does it water now? Is the sensor dry to the touch?',
  mend: () => 'Dry or change the sensor, and look along its wire; a bypass is for today only.',
  caution: 'Sensors hang under eaves: a ladder on firm ground, and never near a power line.',
};
