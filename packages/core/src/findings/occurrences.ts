import type { WaterPiece } from '../engine/index.js';
import type { FindingFacts } from './finding.js';

const MOST_PROGRAMS = 64;

interface Seen<Occurrence> {
  readonly program: string;
  readonly station: number;
  readonly first: Occurrence;
  count: number;
}

/** Gathers what occurs again and again into one finding for each program and station. */
export class Occurrences<Occurrence> {
  readonly #seen = new Map<number, Seen<Occurrence>>();

  /** The first one added for a program and station is the one that is told. */
  add({ run, station }: Pick<WaterPiece, 'run' | 'station'>, occurrence: Occurrence): void {
    const key = station * MOST_PROGRAMS + run.program.order;
    const seen = this.#seen.get(key);
    if (seen) seen.count += 1;
    else this.#seen.set(key, { program: run.program.id, station, first: occurrence, count: 1 });
  }

  told(
    words: (first: Occurrence, program: string, station: number) => FindingFacts,
  ): FindingFacts[] {
    return [...this.#seen.values()].map(({ program, station, first, count }) => ({
      program,
      station,
      ...words(first, program, station),
      ...counting(count),
    }));
  }
}

/** A count stands only where something occurs more than once. */
export const counting = (count: number): Pick<FindingFacts, 'count'> =>
  count > 1 ? { count } : {};
