import { merged, type Span } from '../engine/index.js';
import { Believed, flowsOf, flowsOfBoth, settingsWith, type Fault } from '../faults/index.js';
import type { Plan } from '../settings/index.js';
import type { Seen } from './seen.js';
import { Sightings } from './what-holds.js';

/** Water of one station, in true time. */
export interface DrawnWater extends Span {
  readonly station: number;
}

/**
 * All water of the watch where one thing is wrong, or two; by station, in order.
 * @throws TooMuchToWorkOut
 */
export function waterWith(plan: Plan, seen: Seen, faults: readonly Fault[]): DrawnWater[] {
  const { watch } = new Sightings(seen);
  const flows = flowsWith(plan, watch, seen, faults).filter(
    ({ from, to }) => to > watch.from && from < watch.to,
  );
  const stations = [...new Set(flows.map(({ station }) => station))].sort((a, b) => a - b);
  return stations.flatMap((station) =>
    merged(flows.filter((flow) => flow.station === station)).map(({ from, to }) => ({
      ...{ station, from, to },
    })),
  );
}

function flowsWith(plan: Plan, watch: Span, seen: Seen, faults: readonly Fault[]) {
  const [one = { code: 'as-set' as const }, other] = faults;
  const believed = new Believed(plan, watch, seen.rain);
  if (!other) return flowsOf(believed, one);
  const changed = settingsWith(plan, one);
  return changed
    ? flowsOf(new Believed(changed, watch, seen.rain), other)
    : (flowsOfBoth(believed, one, other) ?? []);
}
