import { clockErrorSeconds, simulate, simulationReport } from '@water-clock/core/engine';
import { readArguments, readRange } from '../arguments.js';
import { printed, refused } from '../outcome.js';
import { readPlanFile } from '../read-plan-file.js';
import type { Verb } from './verb.js';

const USAGE = 'simulate FILE --from YYYY-MM-DD --days N [--true-time]';

export const simulateVerb: Verb = {
  name: 'simulate',
  usage: USAGE,
  summary: 'every piece of every program run, and every collision',
  run: (words) => {
    const read = readArguments(words, {
      from: { type: 'string' },
      days: { type: 'string' },
      'true-time': { type: 'boolean' },
    });
    if (!read.ok) return refused(read.trouble);
    const { files, options } = read.value;
    const range = readRange(options);
    const trouble = range.ok ? [] : [...range.trouble];
    const [file] = files;
    if (file === undefined || files.length > 1)
      return refused([...trouble, `water-clock: give one plan file: ${USAGE}`]);
    const plan = readPlanFile(file);
    if (!plan.ok) return refused([...trouble, ...plan.trouble]);
    if (!range.ok) return refused(trouble);
    const moveBack = options['true-time'] ? clockErrorSeconds(plan.value.controller) : 0;
    return printed(simulationReport(simulate(plan.value, range.value), moveBack));
  },
};
