import type { PlanEdit, ProgramSettings } from '../settings/index.js';

/** Changes fields of a program at its place in the list; the list stays in its order. */
export const editProgram =
  (program: number, fields: Partial<ProgramSettings>): PlanEdit =>
  (plan) => ({
    ...plan,
    programs: plan.programs.map((one, index) => (index === program ? { ...one, ...fields } : one)),
  });
