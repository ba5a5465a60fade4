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
  /** By sighting, when water bears on it; and when it bears on any. */
  readonly #windows: readonly Span[];
  readonly #someWindow: readonly Span[];

  constructor(seen: Seen) {
    this.all = seen.seen.map(sightingOf);
    this.watch = { from: parseDateTime(seen.from)!, to: parseDateTime(seen.to)! };
    this.#windows = this.all.map(({ from, to }) => ({
      from: asTimerSeconds(Math.min(from, to) - ROUNDED_SECONDS),
      to: asTimerSeconds(Math.max(from, to) + ROUNDED_SECONDS),
    }));
    this.#someWindow = merged(this.#windows);
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
    const near = this.#near(flows);
    const holds = this.all.map((sighting, index) => isSeen(sighting, new Water(near[index]!)));
    return this.#fitOf(holds, this.#runsIn(flows));
  }

  /** How water fits that is looked at once, with more water beside it. */
  beside(flows: readonly Flow[]): (more: readonly Flow[]) => Fit {
    const near = this.#near(flows);
    const { holds } = this.fit(flows);
    const runs = this.#runsIn(flows);
    return (more) => {
      const nearer = this.#near(more);
      const changed = this.all.map((sighting, index) =>
        nearer[index]!.length === 0
          ? holds[index]!
          : isSeen(sighting, new Water([...near[index]!, ...nearer[index]!])),
      );
      return this.#fitOf(changed, new Set([...runs, ...this.#runsIn(more)]));
    };
  }

  #fitOf(holds: readonly boolean[], runsTooMany: ReadonlySet<string>): Fit {
    const contradicted = this.all.filter(({ what }, index) => what === 'dry' && !holds[index]);
    return {
      holds,
      explains: holds.filter(Boolean).length,
      against: contradicted.length + runsTooMany.size,
    };
  }

  /** By sighting, the water that bears on it: a break at its end may be one that nobody notices. */
  #near(flows: readonly Flow[]): readonly (readonly Flow[])[] {
    const near: Flow[][] = this.#windows.map(() => []);
    for (const flow of flows) {
      // Most water flows while nobody looks.
      if (!this.#isSeenAtAll(flow)) continue;
      for (const [index, { from, to }] of this.#windows.entries())
        if (flow.from <= to && flow.to >= from) near[index]!.push(flow);
    }
    return near;
  }

  #isSeenAtAll(flow: Flow): boolean {
    const times = this.#someWindow;
    let [low, high] = [0, times.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (times[middle]!.to < flow.from) low = middle + 1;
      else high = middle;
    }
    return low < times.length && times[low]!.from <= flow.to;
  }

  /** Runs that nobody saw, who saw all of it. */
  #runsIn(flows: readonly Flow[]): ReadonlySet<string> {
    const { quiet } = this;
    if (!quiet) return NONE;
    const runs = flows.filter((flow) => quiet.some((span) => overlap(span, flow)));
    return new Set(runs.map(({ run }) => run));
  }
}

const NONE: ReadonlySet<string> = new Set();

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
