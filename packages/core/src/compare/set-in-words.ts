import { ControllerSettings, emptyProgram, StationSettings, type Plan } from '../settings/index.js';
import { differences, type Difference } from './differences.js';
import { inWords } from './in-words.js';

/** One setting as it is read out. */
export interface SetInWords {
  readonly field: Difference['field'];
  /** @example "Program A, start 2" */
  readonly what: string;
  /** @example "03:30" */
  readonly says: string;
}

const PARTS = new Set(['controller', 'stations', 'programs']);

/** Everything that is set on a timer otherwise than it comes: outside its programs, of its stations, of its programs. */
export function setInWords(plan: Plan): SetInWords[] {
  return differences(asItComes(plan), plan)
    .filter(({ field }) => PARTS.has(String(field[0])))
    .map((difference) => {
      const { what, after } = inWords(difference, [plan]);
      return { field: difference.field, what, says: after ?? 'none' };
    });
}

const asItComes = (plan: Plan): Plan => ({
  ...plan,
  controller: new ControllerSettings(),
  stations: plan.stations.map(({ number }) => Object.assign(new StationSettings(), { number })),
  programs: plan.programs.map(({ id }) => emptyProgram(id)),
});
