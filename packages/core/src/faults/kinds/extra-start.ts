import type { FaultKind } from '../fault-kind.js';

/** A start more than the copy has, on the days of its program. */
export const EXTRA_START: FaultKind<'extra-start'> = {
  flows: (believed, { program, time }) => {
    const { plan } = believed;
    const programs = plan.programs.map((one) =>
      one.id === program ? { ...one, starts: [...one.starts, time] } : one,
    );
    return believed.inWeather(believed.dryFlows({ ...plan, programs }));
  },
  size: () => 0,
  happens: (_believed, { program, time }) =>
    `program ${program} has one start more than the copy, at ${time}, on its own days.`,
  check: ({ program }) =>
    `Step through all starts of program ${program}: is there one more than on the copy?`,
};
