import { hasStart } from './has-start.js';
import type { Plan } from './plan.js';

/** Whether some program that is on has what sets it off and a run time. */
export const hasWatering = ({ programs }: Plan): boolean =>
  programs.some(
    (program) =>
      program.enabled && hasStart(program) && program.runs.some(({ seconds }) => seconds > 0),
  );
