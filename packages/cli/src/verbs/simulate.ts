import { clockErrorSeconds, simulate, simulationReport } from '@water-clock/core/engine';
import { readRange, trueTimeOption } from '../arguments.js';
import { printed } from '../outcome.js';
import { planVerb } from './plans-verb.js';

export const simulateVerb = planVerb({
  name: 'simulate',
  usage: 'simulate FILE --from YYYY-MM-DD --days N [--true-time]',
  summary: 'every piece of every program run, and every collision',
  options: {
    from: { type: 'string' },
    days: { type: 'string' },
    ...trueTimeOption,
  },
  read: readRange,
  run: (plan, range, options) => {
    const moveBack = options['true-time'] ? clockErrorSeconds(plan.controller) : 0;
    return printed(simulationReport(simulate(plan, range), moveBack));
  },
});
