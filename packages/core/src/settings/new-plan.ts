import type { TimerCapability } from '../timer-types/index.js';
import { ControllerSettings, PLAN_FORMAT, type Plan } from './plan.js';

/** Where a timer hangs, as far as it is known. */
interface Home {
  readonly name: string;
  readonly timeZone: string | null;
  readonly latitude: number | null;
  readonly longitude: number | null;
}

/** The first settings of a timer: its stations, and nothing set yet. */
export function newPlan(
  { name, timeZone, latitude, longitude }: Home,
  timerType: TimerCapability,
  stations: number,
): Plan {
  return {
    format: PLAN_FORMAT,
    name,
    site: {
      ...(timeZone !== null && { timeZone }),
      ...(latitude !== null && { latitude }),
      ...(longitude !== null && { longitude }),
    },
    timer: { ...timerType, stations: Math.max(timerType.stations, stations) },
    stations: Array.from({ length: stations }, (_, index) => ({
      number: index + 1,
      enabled: true,
      rainSensor: true,
      freezeSensor: true,
    })),
    controller: new ControllerSettings(),
    programs: [],
  };
}
