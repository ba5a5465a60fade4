import { COMMON_OFFSETS, flowsOf } from '../../faults/index.js';
import type { Candidate, Case } from '../candidate.js';
import { fitOfOffsets, type OffsetRange } from './clock-offsets.js';

const A_MINUTE = 60;
/** So many odd offsets are looked at, of those that fit best. */
const MOST_ODD = 12;

/** Clocks that are off by a common error, and those by any that fit what was seen. */
export function clocks(one: Case): Candidate[] {
  const { believed, sightings } = one;
  const odd = oddOffsets(fitOfOffsets(believed, sightings));
  return [...new Set([...COMMON_OFFSETS, ...odd])]
    .filter((offSeconds) => offSeconds !== believed.offSeconds)
    .map((offSeconds) => {
      const fault = { code: 'clock' as const, offSeconds };
      return { fault, fit: sightings.fit(flowsOf(believed, fault)) };
    });
}

/** The middle of each range that fits better than all that are nearer to no error at all. */
function oddOffsets(ranges: readonly OffsetRange[]): number[] {
  const nearest = ranges
    .map((range) => ({ ...range, middle: middleOf(range) }))
    .sort((a, b) => Math.abs(a.middle) - Math.abs(b.middle));
  let best = -Infinity;
  const better = nearest.filter(({ score }) => {
    if (score <= best) return false;
    best = score;
    return true;
  });
  return better.slice(-MOST_ODD).map(({ middle }) => middle);
}

/** On a whole minute where there is one. */
function middleOf({ from, to }: OffsetRange): number {
  const middle = Math.round((from + to) / 2 / A_MINUTE) * A_MINUTE;
  return middle >= from && middle <= to ? middle : Math.round((from + to) / 2);
}
