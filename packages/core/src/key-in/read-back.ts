import { programOf, type Plan } from '../settings/index.js';
import { keyInPlaces } from './places.js';
import type { KeyInValue } from './value.js';

/**
 * The settings that are truly in a timer: those that were to be keyed in, but for what its display shows
 * otherwise, by the key of the place. Keys that the timer has no place for change nothing.
 */
export function withShown(plan: Plan, shown: ReadonlyMap<string, KeyInValue>): Plan {
  const places = keyInPlaces(plan);
  const settled = withSwitches(plan, shown);
  // All starts of a program at once: one that is off moves those after it.
  const started = {
    ...settled,
    programs: settled.programs.map((program) => {
      const slots = places.filter(
        ({ part, program: id }) => part === 'starts' && id === program.id,
      );
      const times = slots.map(({ key, read }) => shown.get(key) ?? read(plan));
      return {
        ...program,
        starts: times.flatMap((value) => (value.type === 'time' ? (value.time ?? []) : [])),
      };
    }),
  };
  return places
    .filter(({ key }) => shown.has(key))
    .reduce((changed, { key, write }) => write?.(changed, shown.get(key)!) ?? changed, started);
}

function withSwitches(plan: Plan, shown: ReadonlyMap<string, KeyInValue>): Plan {
  const isOn = (key: string): boolean | null => {
    const value = shown.get(key);
    return value?.type === 'choice' ? value.isOn : null;
  };
  const [runs, hears] = [isOn('look run'), isOn('look sensor')];
  const feelsFrost = isOn('look freeze sensor');
  const percent = shown.get('look percent');
  const switched: Plan = {
    ...plan,
    programs: plan.timer.programs.map((id) => programOf(plan, id)),
    controller: {
      ...plan.controller,
      ...(runs !== null && { off: !runs }),
      ...(hears !== null && { rainSensor: hears ? 'active' : 'bypass' }),
      ...(feelsFrost !== null && { freezeSensor: feelsFrost ? 'active' : 'bypass' }),
    },
  };
  const place = keyInPlaces(plan).find(({ key }) => key === 'percent');
  return (percent && place?.write?.(switched, percent)) ?? switched;
}
