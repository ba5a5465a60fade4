import { rule } from './finding.js';

/** The timer could stop for rain, and is told not to. */
export const sensorBypassed = rule('sensor-bypassed', 'warning', ({ plan }) =>
  plan.timer.rainSensor && plan.controller.rainSensor === 'bypass'
    ? [
        {
          message: 'The rain sensor is bypassed, so the timer waters in the rain.',
          fix: 'Set the sensor to active, unless none is wired.',
        },
      ]
    : [],
);
