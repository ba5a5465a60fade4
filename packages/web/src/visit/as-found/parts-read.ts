import { isSameValue, keyInPlaces } from '@water-clock/core/key-in';
import type { Plan } from '@water-clock/core/settings';

const clockOf = ({ controller }: Plan): string => JSON.stringify(controller.clock ?? null);

/** Of the clock, each program and the rest, in this order: whether anything that a timer holds of it was entered. */
export function partsRead(reading: Plan, blank: Plan): boolean[] {
  const set = keyInPlaces(reading)
    .filter(({ read }) => !isSameValue(read(reading), read(blank)))
    .map(({ program }) => program);
  return [
    clockOf(reading) !== clockOf(blank),
    ...reading.timer.programs.map((id) => set.includes(id)),
    // That it shows one more station is read too.
    set.includes(undefined) || reading.stations.length !== blank.stations.length,
  ];
}
