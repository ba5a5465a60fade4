import type { FaultKind } from '../fault-kind.js';
import { moment } from '../in-words.js';

/** The rain sensor is bypassed or broken: it waters in rain. */
export const SENSOR_IGNORED: FaultKind<'sensor-ignored'> = {
  flows: (believed) => believed.inWeather(believed.asSet, { isIgnored: true }),
  inSettings: (plan) => ({ ...plan, controller: { ...plan.controller, rainSensor: 'bypass' } }),
  size: () => 0,
  happens: (believed) => {
    const wet = believed.asSet.find(
      (flow) =>
        believed.heedsRain(flow.station) &&
        believed.rain.some(({ from, to }) => from < flow.to && to > flow.from),
    );
    const where = wet ? `: it waters station ${wet.station} on ${moment(wet.from)}` : '';
    return `the rain sensor is bypassed or broken, and rain does not stop the timer${where}.`;
  },
  shows: 'It waters in rain.',
  tells: 'Wet the sensor and look whether the timer says so.',
  check: () => 'Look at the sensor switch, then wet the sensor: does the timer say that it is wet?',
  mend: () => 'Switch the sensor to active; where it is broken, put in another one.',
  caution: 'Some places ask for a working rain sensor: local codes come first.',
};
