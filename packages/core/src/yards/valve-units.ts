import { addStation, nextStation, setStation, type YardEdit } from './edits.js';
import type { ValveUnit, Yard, YardStation } from './yard.js';

type UnitPlace = Pick<ValveUnit, 'serial' | 'address'>;

const serialOf = ({ serial }: UnitPlace): string => serial.trim().toUpperCase();

/** What tells one unit on a cable from all others: a unit for several valves has an address for each. */
export const unitName = (unit: UnitPlace): string => `${serialOf(unit)} ${unit.address ?? ''}`;

/** Of each station whose unit another before it has too, which that is. */
export function unitsTwice({ stations }: Yard): ReadonlyMap<number, number> {
  const owners = new Map<string, number>();
  const twice = new Map<number, number>();
  for (const { number, valveUnit } of stations) {
    if (!valveUnit) continue;
    const owner = owners.get(unitName(valveUnit));
    if (owner === undefined) owners.set(unitName(valveUnit), number);
    else twice.set(number, owner);
  }
  return twice;
}

/** What answered on the wires, against the units that the stations have. */
export interface UnitsFound {
  /** Units that no station has. */
  readonly free: readonly ValveUnit[];
  /** Stations whose unit did not answer. */
  readonly silent: readonly (YardStation & { readonly valveUnit: ValveUnit })[];
}

/** A unit of which nobody wrote down the address is known by its serial alone. */
const isSameUnit = (noted: UnitPlace, found: UnitPlace): boolean =>
  serialOf(noted) === serialOf(found) &&
  (noted.address === undefined || found.address === undefined || noted.address === found.address);

export function unitsFound({ stations }: Yard, found: readonly ValveUnit[]): UnitsFound {
  const withUnit = stations.flatMap((station) =>
    station.valveUnit ? [{ ...station, valveUnit: station.valveUnit }] : [],
  );
  return {
    free: found.filter((unit) => !withUnit.some(({ valveUnit }) => isSameUnit(valveUnit, unit))),
    silent: withUnit.filter(({ valveUnit }) => !found.some((unit) => isSameUnit(valveUnit, unit))),
  };
}

/** Gives each station without a valve unit one of those that no station has, in their order. */
export const assignInOrder =
  (found: readonly ValveUnit[]): YardEdit =>
  (yard) => {
    const { free } = unitsFound(yard, found);
    const waiting = yard.stations.filter(({ valveUnit }) => !valveUnit);
    return waiting
      .slice(0, free.length)
      .reduce(
        (changed, { number }, index) => setStation(number, { valveUnit: free[index]! })(changed),
        yard,
      );
  };

/** The same, with a new station for each unit that is left over, as far as the timer has stations. */
export const assignAndAdd =
  (found: readonly ValveUnit[], mostStations: number): YardEdit =>
  (yard) => {
    const { free } = unitsFound(yard, found);
    const waiting = yard.stations.filter(({ valveUnit }) => !valveUnit).length;
    let changed = yard;
    for (let left = free.length - waiting; left > 0; left--) {
      const next = nextStation(changed, mostStations);
      if (next === null) break;
      changed = addStation(next)(changed);
    }
    return assignInOrder(found)(changed);
  };
