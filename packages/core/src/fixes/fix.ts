import { emptyProgram, setProgram, type Plan } from '../settings/index.js';

/** A change that takes away what was found, where it is certain what to set. */
export interface Fix {
  /** What it does, as a button says it. */
  readonly label: string;
  /** The settings after it. */
  readonly plan: Plan;
}

/** Takes out of a program what makes it begin or water. */
export const clearProgram = (plan: Plan, id: string): Fix => ({
  label: `Clear program ${id}`,
  plan: setProgram(id, { starts, runs, blockedWeekdays, days })(plan),
});

const { starts, runs, blockedWeekdays, days } = emptyProgram('');
