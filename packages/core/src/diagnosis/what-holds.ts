import { asTimerSeconds, parseDateTime, type TimerSeconds } from '../civil-time/index.js';
import { merged, outside, type Span } from '../engine/index.js';
import type { Flow } from '../faults/index.js';
import { getOrMake } from '../kernel/index.js';
import type { Observation, Seen } from './seen.js';

/** Times that people name are rounded: so many seconds at each end, and nobody notices a break that is no longer. */
export const ROUNDED_SECONDS = 300;

/** What somebody saw, less what people round. */
export interface Sighting {
  readonly what: Observation['what'];
  readonly station: number | null;
  /** All of this time; where it is short, some moment of it. Both ends are of it. */
  readonly from: TimerSeconds;
  readonly to: TimerSeconds;
  readonly isShort: boolean;
  /** As it was said. */
  readonly said: Span;
}

export function sightingOf({ what, from, to, station }: Observation): Sighting {
  const said = { from: parseDateTime(from)!, to: parseDateTime(to ?? from)! };
  const isShort = said.to - said.from <= 2 * ROUNDED_SECONDS;
  const [begin, end] = isShort
    ? [said.to - ROUNDED_SECONDS, said.from + ROUNDED_SECONDS]
    : [said.from + ROUNDED_SECONDS, said.to - ROUNDED_SECONDS];
  return {
    ...{ what, station, isShort, said },
    ...{ from: asTimerSeconds(begin), to: asTimerSeconds(end) },
  };
}

/** How well water fits what was seen. */
export interface Fit {
  /** By sighting: it holds. */
  readonly holds: readonly boolean[];
  readonly explains: number;
  readonly against: number;
}

/** What was seen, ready to be held against water. */
export class Sightings {
  readonly all: readonly Sighting[];
  readonly watch: Span;
  /** When nothing was to water, to who saw all of it; null: somebody may have missed some. */
  readonly quiet: readonly Span[] | null;

  constructor(seen: Seen) {
    this.all = seen.seen.map(sightingOf);
    this.watch = { from: parseDateTime(seen.from)!, to: parseDateTime(seen.to)! };
    this.quiet = seen.isWhole ? outside(this.watch, merged(this.#watered())) : null;
  }

  #watered(): Span[] {
    return this.all
      .filter(({ what }) => what === 'watered')
      .map(({ said: { from, to } }) => ({
        from: asTimerSeconds(from - ROUNDED_SECONDS),
        to: asTimerSeconds(to + ROUNDED_SECONDS),
      }));
  }

  fit(flows: readonly Flow[]): Fit {
    const water = new Water(flows);
    const holds = this.all.map((sighting) => isSeen(sighting, water));
    const contradicted = this.all.filter(({ what }, index) => what === 'dry' && !holds[index]);
    return {
      holds,
      explains: holds.filter(Boolean).length,
      against: contradicted.length + this.#runsTooMany(flows),
    };
  }

  #runsTooMany(flows: readonly Flow[]): number {
    const { quiet } = this;
    if (!quiet) return 0;
    const runs = flows.filter((flow) => quiet.some((span) => overlap(span, flow)));
    return new Set(runs.map(({ run }) => run)).size;
  }
}

/** Water by station, and of all of them. */
class Water {
  readonly #spans = new Map<number | null, readonly Span[]>();
  readonly #unbroken = new Map<number | null, readonly Span[]>();

  constructor(private readonly flows: readonly Flow[]) {}

  spans(station: number | null): readonly Span[] {
    return getOrMake(this.#spans, station, () =>
      merged(station === null ? this.flows : this.flows.filter((flow) => flow.station === station)),
    );
  }

  /** With its breaks that nobody notices. */
  unbroken(station: number | null): readonly Span[] {
    return getOrMake(this.#unbroken, station, () => withoutBreaks(this.spans(station)));
  }
}

export function withoutBreaks(spans: readonly Span[]): Span[] {
  const joined: Span[] = [];
  for (const span of spans) {
    const last = joined.at(-1);
    if (last && span.from - last.to <= ROUNDED_SECONDS)
      joined[joined.length - 1] = { from: last.from, to: span.to };
    else joined.push(span);
  }
  return joined;
}

const overlap = (a: Span, b: Span): boolean => a.from < b.to && a.to > b.from;

function isSeen({ what, station, from, to, isShort }: Sighting, water: Water): boolean {
  if (what === 'dry')
    return isShort || !water.spans(station).some((span) => overlap(span, { from, to }));
  return isShort
    ? water.spans(station).some((span) => span.from <= to && span.to > from)
    : water.unbroken(station).some((span) => span.from <= from && span.to >= to);
}
