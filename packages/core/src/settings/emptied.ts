import type { Plan } from './plan.js';
import { readPlan } from './read-plan.js';

/** A timer and its stations with nothing set: as a reading of it begins, with what is known of its stations. */
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

/** The same as it left the factory: every station on, heeding what there is, and none set to run the pump. */
export function fromFactory(plan: Plan): Plan {
  const empty = emptied(plan);
  return {
    ...empty,
    stations: empty.stations.map(({ pump, ...station }) => ({
      ...station,
      // What the timer cannot set is a fact of the station.
      ...(!plan.timer.pumpPerStation && pump !== undefined && { pump }),
      enabled: true,
      rainSensor: true,
      freezeSensor: true,
    })),
  };
}
