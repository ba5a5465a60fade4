import type { Plan } from '../../settings/index.js';
import type { FaultOf } from '../fault.js';
import type { FaultKind } from '../fault-kind.js';

function withStart(plan: Plan, { program, time }: FaultOf<'extra-start'>): Plan {
  const programs = plan.programs.map((one) =>
    one.id === program ? { ...one, starts: [...one.starts, time] } : one,
  );
  return { ...plan, programs };
}

/** A start more than the copy has, on the days of its program. */
export const EXTRA_START: FaultKind<'extra-start'> = {
  flows: (believed, fault) =>
    believed.inWeather(believed.dryFlows(withStart(believed.plan, fault))),
  inSettings: withStart,
  size: () => 0,
  happens: (_believed, { program, time }) =>
    `program ${program} has one start more than the copy, at ${time}, on its own days.`,
  shows: 'A whole program waters twice on its days.',
  tells: 'Step through all starts of the program, to the last that is off.',
  check: ({ program }) =>
    `Step through all starts of program ${program}: is there one more than on the copy?`,
  mend: ({ program }) =>
    `Take the start out of program ${program}, and step once more through all of its starts.`,
};
