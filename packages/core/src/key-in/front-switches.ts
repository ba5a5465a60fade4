import { setController, type Plan } from '../settings/index.js';
import type { KeyInPlace } from './key-in-place.js';

/** What is switched on the timer's front: how it is wanted, and looked at once more before leaving. */
export const switches = ({ timer }: Pick<Plan, 'timer'>): KeyInPlace[] => [
  frontSwitch('switch', 'The switch', ['set to run', 'off'], {
    isOn: ({ controller }) => !controller.off,
    set: (isOn) => ({ off: !isOn }),
  }),
  ...(timer.rainSensor ? [sensorSwitch('rainSensor', 'Rain sensor')] : []),
  ...(timer.freezeSensor ? [sensorSwitch('freezeSensor', 'Freeze sensor')] : []),
];

const sensorSwitch = (sensor: 'rainSensor' | 'freezeSensor', what: string): KeyInPlace =>
  frontSwitch(what.toLowerCase(), what, ['active', 'bypassed'], {
    isOn: ({ controller }) => controller[sensor] === 'active',
    set: (isOn) => ({ [sensor]: isOn ? 'active' : 'bypass' }),
  });

function frontSwitch(
  key: string,
  what: string,
  words: readonly [string, string],
  on: {
    readonly isOn: (plan: Plan) => boolean;
    readonly set: (isOn: boolean) => Partial<Plan['controller']>;
  },
): KeyInPlace {
  return {
    ...{ key, what, part: 'extras' },
    usual: { type: 'choice', isOn: true, words },
    read: (plan) => ({ type: 'choice', isOn: on.isOn(plan), words }),
    write: (plan, value) => setController(on.set(value.type !== 'choice' || value.isOn))(plan),
  };
}
