import type { Plan } from './plan.js';
import { readPlan } from './read-plan.js';

/** A timer and its stations with nothing set: as a reading of it begins, and as it left the factory. */
export function emptied({ format, name, site, timer, stations, rules }: Plan): Plan {
  const read = readPlan({
    format,
    ...(name !== undefined && { name }),
    ...(site && { site }),
    ...(rules && { rules }),
    timer,
    stations: stations.map(({ cycleSeconds: _cycle, soakSeconds: _soak, ...station }) => station),
    programs: [],
  });
  if (!read.ok) throw new Error('The settings of this timer cannot be read.');
  return read.value;
}
