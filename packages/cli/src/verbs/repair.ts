import { changesOn, documentWith, pathOf, repair } from '@water-clock/core/repair';
import { readPlan } from '@water-clock/core/settings';
import { readArguments, readFrom } from '../arguments.js';
import { printed, refused } from '../outcome.js';
import { readDocumentFile } from '../read-plan-file.js';
import type { Verb } from './verb.js';

/** So that the answer is there within two seconds, the start of the program included. */
const LIMIT_MS = 1300;

export const repairVerb: Verb = {
  name: 'repair',
  usage: 'repair FILE --from YYYY-MM-DD',
  summary:
    'the fewest settings to change so that nothing is wrong, and the plan file with them changed',
  run: (words) => {
    const given = readArguments(words, { from: { type: 'string' } });
    if (!given.ok) return refused(given.trouble);
    const { files, options } = given.value;
    const from = readFrom(options);
    const trouble = from.ok ? [] : [...from.trouble];
    const [file, ...more] = files;
    if (file === undefined || more.length > 0)
      return refused([
        ...trouble,
        'water-clock: give one plan file: repair FILE --from YYYY-MM-DD',
      ]);
    const read = readDocumentFile(file, (document) => {
      const plan = readPlan(document);
      return plan.ok ? { ok: true, value: { document, plan: plan.value } } : plan;
    });
    if (!read.ok) return refused([...trouble, ...read.trouble]);
    if (!from.ok) return refused(trouble);
    const { document, plan } = read.value;
    const found = repair(plan, from.value, { now: () => performance.now(), limitMs: LIMIT_MS });
    const changes = changesOn(document, plan, found);
    const result = {
      isSound: found.isSound,
      changes: changes.map(({ keys, ...change }) => ({ path: pathOf(keys), ...change })),
      plan: documentWith(document, changes),
      isProven: found.isProven,
      left: found.left,
    };
    return {
      ...printed(result, found.isRepaired ? 0 : 1),
      messages: found.isRepaired
        ? []
        : ['water-clock: no repair was found; the changes are the best that was looked at'],
    };
  },
};
