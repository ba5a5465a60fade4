import { addSeconds, SECONDS_PER_DAY } from '../../civil-time/index.js';
import { merged, outside, type Span } from '../../engine/index.js';
import { MOST_OFF_DAYS, type Believed, type Flow } from '../../faults/index.js';
import { getOrMake } from '../../kernel/index.js';
import { ROUNDED_SECONDS, withoutBreaks, type Sighting, type Sightings } from '../what-holds.js';

/** Offsets of a clock, both ends included, that fit what was seen equally well. */
export interface OffsetRange {
  readonly from: number;
  readonly to: number;
  readonly score: number;
}

const MOST_OFF_SECONDS = MOST_OFF_DAYS * SECONDS_PER_DAY;

interface Range {
  readonly from: number;
  readonly to: number;
}

/**
 * How well every offset of the clock fits what was seen. Water slides under the sightings as the clock goes: each
 * edge of water passes each edge of a sighting at one offset, and between two of these nothing changes.
 */
export function fitOfOffsets(believed: Believed, sightings: Sightings): OffsetRange[] {
  const changes: (readonly [number, number])[] = [];
  const add = (ranges: readonly Range[], by: number) => {
    for (const { from, to } of joined(ranges)) changes.push([from, by], [to + 1, -by]);
  };
  const water = new SlidingWater(believed);
  let score = 0;
  for (const sighting of sightings.all)
    if (sighting.what === 'watered') add(water.offsetsOfWatered(sighting), 1);
    else {
      score++;
      // It is not explained, and it is contradicted.
      if (!sighting.isShort) add(water.offsetsWet(sighting, sighting.station), -2);
    }
  for (const ranges of water.offsetsOfRunsIn(sightings.quiet ?? [])) add(ranges, -1);
  changes.sort(([a], [b]) => a - b);
  const found: OffsetRange[] = [];
  let from = -MOST_OFF_SECONDS;
  for (const [offset, by] of changes) {
    if (offset > from && from <= MOST_OFF_SECONDS) {
      if (offset > -MOST_OFF_SECONDS)
        found.push({ from, to: Math.min(offset - 1, MOST_OFF_SECONDS), score });
      from = Math.max(offset, -MOST_OFF_SECONDS);
    }
    score += by;
  }
  if (from <= MOST_OFF_SECONDS) found.push({ from, to: MOST_OFF_SECONDS, score });
  return sameJoined(found);
}

/** Whole seconds in ascending ranges that neither overlap nor touch. */
function joined(ranges: readonly Range[]): Range[] {
  const sorted = ranges.filter(({ from, to }) => from <= to).sort((a, b) => a.from - b.from);
  const result: Range[] = [];
  for (const range of sorted) {
    const last = result.at(-1);
    if (last && range.from <= last.to + 1)
      result[result.length - 1] = { from: last.from, to: Math.max(last.to, range.to) };
    else result.push(range);
  }
  return result;
}

function sameJoined(ranges: readonly OffsetRange[]): OffsetRange[] {
  const result: OffsetRange[] = [];
  for (const range of ranges) {
    const last = result.at(-1);
    if (last?.score === range.score) result[result.length - 1] = { ...last, to: range.to };
    else result.push(range);
  }
  return result;
}

/** The water of the settings in timer time; a clock so many seconds ahead lets it flow so much earlier. */
class SlidingWater {
  readonly #stations: readonly number[];
  readonly #unbroken = new Map<number | null, readonly Span[]>();

  constructor(private readonly believed: Believed) {
    this.#stations = [...new Set(believed.wide.map(({ station }) => station))];
  }

  /** At which offsets somebody sees that water. */
  offsetsOfWatered({ from, to, station, isShort }: Sighting): Range[] {
    if (isShort) return this.offsetsWet({ from, to }, station, { isInclusive: true });
    // What rain takes out of the middle of it, no clock brings back.
    const dry = (one: number) => this.#isNoticedDry(one, { from, to });
    const isWhole = station === null && !this.#stations.some(dry);
    const stations = station === null ? this.#stations : [station];
    const spans = isWhole
      ? this.#unbrokenOf(null)
      : stations.filter((one) => !dry(one)).flatMap((one) => this.#unbrokenOf(one));
    return spans.map((span) => ({ from: span.from - from, to: span.to - to }));
  }

  /** At which offsets any water flows in a time. */
  offsetsWet(time: Span, station: number | null, { isInclusive = false } = {}): Range[] {
    const rest = new Map<number, readonly Span[]>();
    const end = isInclusive ? 0 : 1;
    return this.believed.wide.flatMap((flow) => {
      if (station !== null && flow.station !== station) return [];
      const parts = getOrMake(rest, flow.station, () => this.#wetPartsOf(flow.station, time));
      return parts.map((part) => ({
        from: flow.from - part.to + (part.to === time.to ? end : 1),
        to: flow.to - part.from - 1,
      }));
    });
  }

  /** By run, at which offsets it lets water flow in times that are to be dry. */
  offsetsOfRunsIn(times: readonly Span[]): Range[][] {
    if (times.length === 0) return [];
    const runs = new Map<string, Range[]>();
    const wet = new Map<number, readonly Span[]>();
    for (const flow of this.believed.wide) {
      const parts = getOrMake(wet, flow.station, () =>
        times.flatMap((time) => this.#wetPartsOf(flow.station, time)),
      );
      const ranges = getOrMake(runs, flow.run, (): Range[] => []);
      for (const part of parts)
        ranges.push({ from: flow.from - part.to + 1, to: flow.to - part.from - 1 });
    }
    return [...runs.values()];
  }

  #unbrokenOf(station: number | null): readonly Span[] {
    return getOrMake(this.#unbroken, station, () =>
      withoutBreaks(merged(this.believed.wide.filter((flow) => isOf(flow, station)))),
    );
  }

  /** What rain and frost leave of a time, at a station. */
  #wetPartsOf(station: number, time: Span): readonly Span[] {
    const flow: Flow = { ...time, station, run: '', runEnd: time.to, start: null };
    // A moment has no length of its own.
    if (time.from >= time.to) {
      const moment = { ...flow, to: addSeconds(time.from, 1) };
      return this.believed.inWeather([moment]).length > 0 ? [time] : [];
    }
    return this.believed.inWeather([flow]);
  }

  /** For longer than anybody misses, or at an end of it. */
  #isNoticedDry(station: number, time: Span): boolean {
    return outside(time, this.#wetPartsOf(station, time)).some(
      ({ from, to }) => to - from > ROUNDED_SECONDS || from === time.from || to === time.to,
    );
  }
}

const isOf = (flow: Flow, station: number | null): boolean =>
  station === null || flow.station === station;
