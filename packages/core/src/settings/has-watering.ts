import { hasStart } from './has-start.js';
import type { Plan, ProgramSettings } from './plan.js';

/** Whether a program is on, and has what sets it off and a run time. */
export const isWatering = (program: ProgramSettings): boolean =>
  program.enabled && hasStart(program) && program.runs.some(({ seconds }) => seconds > 0);

/** Whether some program is on, and has what sets it off and a run time. */
export const hasWatering = ({ programs }: Plan): boolean => programs.some(isWatering);
