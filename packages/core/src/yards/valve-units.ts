import type { ValveUnit, Yard } from './yard.js';

/** What tells one unit on a cable from all others: a unit for several valves has an address for each. */
export const unitName = ({ serial, address }: Pick<ValveUnit, 'serial' | 'address'>): string =>
  `${serial.trim().toUpperCase()} ${address ?? ''}`;

/** The stations of a yard whose valve unit has the serial of another's and no address that tells them apart. */
export function unitsTwice({ stations }: Yard): readonly number[] {
  const names = stations.map(({ valveUnit }) => (valveUnit ? unitName(valveUnit) : null));
  return stations
    .filter((_, index) => names[index] !== null && names.indexOf(names[index]!) < index)
    .map(({ number }) => number);
}
