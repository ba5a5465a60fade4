import type { Plan } from '../settings/index.js';
import { planOf } from './plans.js';

interface HomeFields {
  readonly timer?: object;
  readonly controller?: object;
  readonly site?: object;
  readonly rules?: object;
  readonly weather?: object;
  /** Of station 1 and of station 2. */
  readonly one?: object;
  readonly two?: object;
  /** Of program A: 04:00 on Tuesdays and Saturdays, ten minutes each. */
  readonly a?: object;
  readonly others?: readonly object[];
}

/** A small home on whose timer nothing is to be found, with some fields changed. */
export const homeOf = (changed: HomeFields = {}): Plan => {
  const { one, two, a, others = [], ...fields } = changed;
  return planOf({
    ...fields,
    stations: [
      { number: 1, name: 'Front lawn', plant: 'turf', ...one },
      { number: 2, name: 'Fig tree', plant: 'trees', ...two },
    ],
    programs: [
      {
        id: 'A',
        starts: ['04:00'],
        days: { mode: 'weekdays', weekdays: [2, 6] },
        runs: [
          { station: 1, seconds: 600 },
          { station: 2, seconds: 600 },
        ],
        ...a,
      },
      ...others,
    ],
  });
};
