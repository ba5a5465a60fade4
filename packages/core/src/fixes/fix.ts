import type { Plan, ProgramSettings } from '../settings/index.js';

/** A change that takes away what was found, where it is certain what to set. */
export interface Fix {
  /** What it does, as a button says it. */
  readonly label: string;
  /** The settings after it. */
  readonly plan: Plan;
}

/** A plan with some fields of one program changed. */
export const withProgram = (plan: Plan, id: string, fields: Partial<ProgramSettings>): Plan => ({
  ...plan,
  programs: plan.programs.map((program) =>
    program.id === id ? { ...program, ...fields } : program,
  ),
});

export const withController = (plan: Plan, fields: Partial<Plan['controller']>): Plan => ({
  ...plan,
  controller: { ...plan.controller, ...fields },
});

/** Takes out of a program what makes it begin or water. */
export const clearProgram = (plan: Plan, id: string): Fix => ({
  label: `Clear program ${id}`,
  plan: withProgram(plan, id, {
    starts: [],
    runs: [],
    blockedWeekdays: [],
    days: { mode: 'weekdays', weekdays: [] },
  }),
});
