import type { CircuitsEntry } from './entry.js';
import { stationsInWords } from './job-faults.js';

const CIRCUITS_TOLD = ['open', 'short', 'silent', 'fine'] as const;

/** @example "open at station 3; fine at stations 1 and 2" */
export const circuitsInWords = ({ circuits, pump }: CircuitsEntry): string =>
  [
    ...CIRCUITS_TOLD.flatMap((circuit) => {
      const own = circuits.filter((one) => one.circuit === circuit).map(({ station }) => station);
      return own.length === 0 ? [] : [`${circuit} at ${stationsInWords(own)}`];
    }),
    ...(pump === undefined ? [] : [`pump or master valve ${pump}`]),
  ].join('; ') || 'none checked';
