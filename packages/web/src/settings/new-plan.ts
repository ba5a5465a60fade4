import { PLAN_FORMAT } from '@water-clock/core/settings';
import type { TimerCapability } from '@water-clock/core/timer-kinds';
import type { Property } from '../api/properties';

/** The first settings of a timer: its stations, and nothing set yet. */
export function newPlan(
  property: Pick<Property, 'name' | 'timeZone' | 'latitude' | 'longitude'>,
  kind: TimerCapability,
  stations: number,
) {
  const { name, timeZone, latitude, longitude } = property;
  return {
    format: PLAN_FORMAT,
    name,
    site: {
      ...(timeZone !== null && { timeZone }),
      ...(latitude !== null && { latitude }),
      ...(longitude !== null && { longitude }),
    },
    timer: { ...kind, stations: Math.max(kind.stations, stations) },
    stations: Array.from({ length: stations }, (_, index) => ({ number: index + 1 })),
    programs: [],
  };
}
