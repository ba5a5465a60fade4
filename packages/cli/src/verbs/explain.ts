import { explain, readSeen } from '@water-clock/core/diagnosis';
import { readArguments } from '../arguments.js';
import { printed, refused } from '../outcome.js';
import { readDocumentFile, readPlanFile } from '../read-plan-file.js';
import type { Verb } from './verb.js';

export const explainVerb: Verb = {
  name: 'explain',
  usage: 'explain FILE --seen SEEN',
  summary: 'what would make the timer water as it was seen to (waterclock.seen/1), best first',
  run: (words) => {
    const given = readArguments(words, { seen: { type: 'string' } });
    if (!given.ok) return refused(given.trouble);
    const { files, options } = given.value;
    const [file, ...more] = files;
    if (file === undefined || more.length > 0 || typeof options['seen'] !== 'string')
      return refused([
        'water-clock: give one plan file and what was seen: explain FILE --seen SEEN',
      ]);
    const plan = readPlanFile(file);
    const seen = readDocumentFile(options['seen'], readSeen);
    if (!plan.ok || !seen.ok)
      return refused([...(plan.ok ? [] : plan.trouble), ...(seen.ok ? [] : seen.trouble)]);
    return printed({ causes: explain(plan.value, seen.value).map(asPrinted) });
  },
};

type Cause = ReturnType<typeof explain>[number];

/** A cause with the data of its fault that the contract has. */
function asPrinted({ fault, explains, of, against, says, check }: Cause): object {
  const data = {
    ...('offSeconds' in fault && { offSeconds: fault.offSeconds }),
    ...('percent' in fault && { percent: fault.percent }),
    ...('program' in fault && { program: fault.program }),
    ...('station' in fault && { station: fault.station }),
    ...('time' in fault && { time: fault.time }),
    ...('seconds' in fault && { seconds: Math.round(fault.seconds) }),
  };
  return { code: fault.code, ...data, explains, of, against, says, check };
}
