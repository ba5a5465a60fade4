import { TimerCapability } from '../timer-types/index.js';
import { ControllerSettings, type Plan, type Weather } from './plan.js';

const CONTROLLER = new ControllerSettings();
const TIMER = new TimerCapability();

/** Settings as they may have been kept before the format had all its fields: each is said, and means what it meant. */
export const withLaterFields = (plan: Plan): Plan => ({
  ...plan,
  timer: said(plan.timer, {
    intervalMaxHours: TIMER.intervalMaxHours,
    programWindows: TIMER.programWindows,
    freezeSensor: TIMER.freezeSensor,
  }),
  controller: said(plan.controller, { freezeSensor: CONTROLLER.freezeSensor }),
  stations: plan.stations.map((station) => said(station, { freezeSensor: true })),
  programs: plan.programs.map((program) => said(program, { waterWindows: [] })),
  ...(plan.weather && { weather: said<Weather>(plan.weather, { freeze: [], percents: [] }) }),
});

const said = <Value extends object>(value: Value, usual: Partial<Value>): Value => ({
  ...usual,
  ...value,
});
