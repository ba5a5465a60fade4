import type { ParseArgsConfig } from 'node:util';
import type { Result } from '@water-clock/core/kernel';
import type { Plan } from '@water-clock/core/settings';
import { readArguments, type Arguments } from '../arguments.js';
import { refused, type Outcome } from '../outcome.js';
import { readPlanFile } from '../read-plan-file.js';
import type { Verb } from './verb.js';

interface PlanVerb<Asked> extends Omit<Verb, 'run'> {
  readonly options: NonNullable<ParseArgsConfig['options']>;
  /** Reads what is asked of the plan from the options. */
  readonly read: (options: Arguments['options']) => Result<Asked, readonly string[]>;
  readonly run: (plan: Plan, asked: Asked, options: Arguments['options']) => Outcome;
}

/** A verb that works on one plan file; all that is wrong with a call is said at once. */
export function planVerb<Asked>({ options, read, run, ...verb }: PlanVerb<Asked>): Verb {
  return {
    ...verb,
    run: (words) => {
      const given = readArguments(words, options);
      if (!given.ok) return refused(given.trouble);
      const asked = read(given.value.options);
      const trouble = asked.ok ? [] : [...asked.trouble];
      const [file, ...more] = given.value.files;
      if (file === undefined || more.length > 0)
        return refused([...trouble, `water-clock: give one plan file: ${verb.usage}`]);
      const plan = readPlanFile(file);
      if (!plan.ok) return refused([...trouble, ...plan.trouble]);
      if (!asked.ok) return refused(trouble);
      return run(plan.value, asked.value, given.value.options);
    },
  };
}
