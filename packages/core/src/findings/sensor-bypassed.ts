import { rule, type SensorName } from './finding.js';

const WORDS = {
  rain: 'The rain sensor is bypassed, so the timer waters in the rain.',
  freeze: 'The freeze sensor is bypassed, so the timer waters in frost.',
  both: 'The rain and freeze sensors are bypassed, so the timer waters in rain and in frost.',
} as const;

/** The timer could stop for rain or frost, and is told not to. */
export const sensorBypassed = rule('sensor-bypassed', 'warning', ({ plan }) => {
  const { timer, controller } = plan;
  const sensors: SensorName[] = [];
  if (timer.rainSensor && controller.rainSensor === 'bypass') sensors.push('rain');
  if (timer.freezeSensor && controller.freezeSensor === 'bypass') sensors.push('freeze');
  const [first] = sensors;
  if (!first) return [];
  return [
    {
      message: WORDS[sensors.length > 1 ? 'both' : first],
      fix: 'Set the sensor to active, unless none is wired.',
      sensors,
    },
  ];
});
