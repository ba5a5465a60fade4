import type { Believed, Fault, Flow } from '../faults/index.js';
import type { Fit, Sighting, Sightings } from './what-holds.js';

/** What causes are looked for by. */
export interface Case {
  readonly believed: Believed;
  readonly sightings: Sightings;
  /** How well the settings fit as they are. */
  readonly asSet: Fit;
  /** How well they fit with more water beside what they let flow. */
  readonly beside: (more: readonly Flow[]) => Fit;
  /** Water that was seen although the settings let none flow then. */
  readonly unexplained: readonly Sighting[];
}

export interface Candidate {
  readonly fault: Fault;
  readonly fit: Fit;
}

const MOST_SOUGHT = 8;

/** Of many sightings some, from the first to the last: a cause that explains much explains one of these. */
export function someOf(sightings: readonly Sighting[]): readonly Sighting[] {
  const every = Math.ceil(sightings.length / MOST_SOUGHT);
  return sightings.filter((_sighting, index) => index % every === 0);
}

export const scoreOf = ({ explains, against }: Fit): number => explains - against;
