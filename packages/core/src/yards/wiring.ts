import type { Yard } from './yard.js';

/** A module with the stations that its terminals are for. */
export interface FittedModule {
  readonly slot: number;
  readonly from: number;
  readonly to: number;
}

/** How what is fitted, what is wired and what is in the station table fit together. */
export interface Wiring {
  /** Numbered through, slot after slot; empty where nobody said which modules there are. */
  readonly modules: readonly FittedModule[];
  /** The stations that what is fitted gives, at most all that the timer can have. */
  readonly gives: number;
  /** Terminals with a wire that are no station in the table. */
  readonly wiresWithoutStation: readonly number[];
  /** Stations in the table without a wire; empty where nobody looked at the wires. */
  readonly stationsWithoutWire: readonly number[];
  /** Stations in the table that no module has a terminal for. */
  readonly stationsWithoutTerminal: readonly number[];
}

/** `most`: the stations that the timer can have. */
export function wiringOf({ modules, stationsFitted, wires, stations }: Yard, most: number): Wiring {
  let last = 0;
  const fitted = (modules ?? []).map(({ slot, gives }) => {
    const from = last + 1;
    last += gives;
    return { slot, from, to: last };
  });
  const gives = Math.min(most, modules ? last : (stationsFitted ?? most));
  const numbers = new Set(stations.map(({ number }) => number));
  return {
    modules: fitted,
    gives,
    wiresWithoutStation: (wires ?? []).filter((wire) => !numbers.has(wire)),
    stationsWithoutWire: wires ? [...numbers].filter((number) => !wires.includes(number)) : [],
    stationsWithoutTerminal: [...numbers].filter((number) => number > gives),
  };
}
