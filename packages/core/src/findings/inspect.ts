import type { DayNumber } from '../civil-time/index.js';
import type { AllDates } from '../engine/index.js';
import type { Plan } from '../settings/index.js';
import { findingsOf, type Finding } from './check.js';
import { outlookOf, type Outlook } from './outlook.js';
import { Situation } from './situation.js';

/** What is to be known of settings from a date on. */
export interface Inspection {
  readonly findings: readonly Finding[];
  /** The proof over all dates, which the findings are made from. */
  readonly allDates: AllDates;
  readonly outlook: Outlook;
}

/** Proof, findings and outlook together, each worked out once. */
export function inspect(plan: Plan, from: DayNumber): Inspection {
  const situation = new Situation(plan, from);
  return {
    findings: findingsOf(situation),
    allDates: situation.allDates,
    outlook: outlookOf(situation),
  };
}
