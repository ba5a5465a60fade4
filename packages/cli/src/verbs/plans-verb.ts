import type { ParseArgsConfig } from 'node:util';
import type { Result } from '@water-clock/core/kernel';
import type { Plan } from '@water-clock/core/settings';
import { readArguments, type Arguments } from '../arguments.js';
import { refused, type Outcome } from '../outcome.js';
import { planFilesOf, readPlanFile } from '../read-plan-file.js';
import type { Verb } from './verb.js';

export interface PlanOfFile {
  readonly file: string;
  readonly plan: Plan;
}

interface PlansVerb<Asked> extends Omit<Verb, 'run'> {
  readonly options: NonNullable<ParseArgsConfig['options']>;
  /** Reads what is asked of the plans from the options. */
  readonly read: (options: Arguments['options']) => Result<Asked, readonly string[]>;
  readonly run: (
    plans: readonly PlanOfFile[],
    asked: Asked,
    options: Arguments['options'],
    now: Date,
  ) => Outcome;
}

/**
 * A verb that works on plan files, and on folders of them. All that is wrong with a call is said at
 * once, and then nothing is done.
 */
export function plansVerb<Asked>({ options, read, run, ...verb }: PlansVerb<Asked>): Verb {
  return {
    ...verb,
    run: (words, now) => {
      const given = readArguments(words, options);
      if (!given.ok) return refused(given.trouble);
      const asked = read(given.value.options);
      const trouble = asked.ok ? [] : [...asked.trouble];
      if (given.value.files.length === 0)
        return refused([...trouble, `water-clock: give a plan file: ${verb.usage}`]);
      const plans: PlanOfFile[] = [];
      for (const name of given.value.files) {
        const files = planFilesOf(name);
        if (!files.ok) trouble.push(...files.trouble);
        else
          for (const file of files.value) {
            const plan = readPlanFile(file);
            if (plan.ok) plans.push({ file, plan: plan.value });
            else trouble.push(...plan.trouble);
          }
      }
      return asked.ok && trouble.length === 0
        ? run(plans, asked.value, given.value.options, now)
        : refused(trouble);
    },
  };
}

interface PlanVerb<Asked> extends Omit<PlansVerb<Asked>, 'run'> {
  readonly run: (plan: Plan, asked: Asked, options: Arguments['options'], now: Date) => Outcome;
}

/** A verb that works on one plan file. */
export const planVerb = <Asked>({ run, ...verb }: PlanVerb<Asked>): Verb =>
  plansVerb<Asked>({
    ...verb,
    run: (plans, asked, options, now) => {
      const [only, ...more] = plans;
      return only && more.length === 0
        ? run(only.plan, asked, options, now)
        : refused([`water-clock: give one plan file: ${verb.usage}`]);
    },
  });
