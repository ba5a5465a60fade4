import { CIRCUITS, LAMPS, type Circuit, type Lamp } from '@water-clock/core/faults';
import { fieldOf } from '@water-clock/core/kernel';
import { CircuitsEntry } from '@water-clock/core/visits';

/** A check of the circuits as it is entered, until it is kept in the visit. */
export interface CircuitsTyped {
  readonly lamp: Lamp;
  /** By the number of the station. */
  readonly circuits: Readonly<Record<string, Circuit>>;
  /** Of the pump relay or the master valve. */
  readonly pump: Circuit | null;
}

export const typedOf = (entry: CircuitsEntry | undefined): CircuitsTyped => ({
  lamp: entry?.lamp ?? 'none',
  circuits: Object.fromEntries(
    (entry?.circuits ?? []).map(({ station, circuit }) => [station, circuit]),
  ),
  pump: entry?.pump ?? null,
});

/** The same, as it lies on the device; null where it cannot be read. */
export function circuitsIn(kept: unknown): CircuitsTyped | null {
  const circuits = fieldOf(kept, 'circuits');
  if (typeof circuits !== 'object' || circuits === null) return null;
  const circuitOf = (value: unknown) => CIRCUITS.find((one) => one === value) ?? null;
  return {
    lamp: LAMPS.find((one) => one === fieldOf(kept, 'lamp')) ?? 'none',
    circuits: Object.fromEntries(
      Object.entries(circuits).flatMap(([station, value]) => {
        const circuit = circuitOf(value);
        return circuit === null ? [] : [[station, circuit]];
      }),
    ),
    pump: circuitOf(fieldOf(kept, 'pump')),
  };
}

export const entryOf = ({ lamp, circuits, pump }: CircuitsTyped): CircuitsEntry =>
  Object.assign(new CircuitsEntry(), {
    lamp,
    circuits: Object.entries(circuits).map(([station, circuit]) => ({
      station: Number(station),
      circuit,
    })),
    ...(pump !== null && { pump }),
  });
