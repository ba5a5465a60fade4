import type { FlowStep, NightOfHome } from '@water-clock/core/engine';

/** A stretch in seconds since the noon that a night begins with. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
}

export interface FlowStretch extends Stretch {
  readonly lpm: number;
}

const HOUR = 3600;
const NIGHT = 24 * HOUR;
/** Where little waters, at least so many hours are shown. */
const LEAST_HOURS = 6;
const EMPTY_NIGHT: Stretch = { from: 8 * HOUR, to: 20 * HOUR };

/** The whole hours in which anything waters, not fewer than {@link LEAST_HOURS}. */
export function hoursInUse({ from, pieces }: NightOfHome): Stretch {
  if (pieces.length === 0) return EMPTY_NIGHT;
  const begin = Math.max(0, Math.min(...pieces.map((piece) => piece.from)) - from);
  const end = Math.min(NIGHT, Math.max(...pieces.map((piece) => piece.to)) - from);
  const [first, last] = [Math.floor(begin / HOUR), Math.ceil(end / HOUR)];
  const missing = Math.max(0, LEAST_HOURS - (last - first));
  const start = Math.max(0, Math.min(first - Math.ceil(missing / 2), 24 - LEAST_HOURS));
  return { from: start * HOUR, to: Math.max(last, start + LEAST_HOURS) * HOUR };
}

/** What all timers take together, stretch by stretch, over the whole night. */
export const flowStretches = ({ from, to, flow }: NightOfHome): FlowStretch[] =>
  flow.map(({ at, lpm }: FlowStep, index) => ({
    from: at - from,
    to: (flow[index + 1]?.at ?? to) - from,
    lpm,
  }));

/** When valves of more than one timer are open. */
export function overlapsOf({ from, pieces }: NightOfHome): Stretch[] {
  const turns = pieces
    .flatMap(({ timer, ...piece }) => [
      { at: piece.from - from, timer, by: 1 },
      { at: piece.to - from, timer, by: -1 },
    ])
    .sort((a, b) => a.at - b.at || a.by - b.by);
  const open = new Map<number, number>();
  const found: Stretch[] = [];
  let since: number | null = null;
  for (const { at, timer, by } of turns) {
    open.set(timer, (open.get(timer) ?? 0) + by);
    const isShared = [...open.values()].filter((count) => count > 0).length > 1;
    if (isShared && since === null) since = at;
    if (!isShared && since !== null) {
      if (at > since) found.push({ from: since, to: at });
      since = null;
    }
  }
  return found;
}
