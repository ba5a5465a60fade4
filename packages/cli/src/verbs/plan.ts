import { isObject } from '@water-clock/core/documents';
import { planBrief, readBrief } from '@water-clock/core/planner';
import { readArguments } from '../arguments.js';
import { printed, refused } from '../outcome.js';
import { readDocumentFile } from '../read-plan-file.js';
import type { Verb } from './verb.js';

const MOST_LIMIT_SECONDS = 600;

export const planVerb: Verb = {
  name: 'plan',
  usage: 'plan FILE [--limit SECONDS]',
  summary: 'a plan file that keeps the brief, or why there is none and what would help',
  run: (words) => {
    const given = readArguments(words, { limit: { type: 'string' } });
    if (!given.ok) return refused(given.trouble);
    const { files, options } = given.value;
    const limit = Number(options['limit'] ?? 2);
    const trouble: string[] = [];
    if (!(limit > 0 && limit <= MOST_LIMIT_SECONDS))
      trouble.push(`water-clock: --limit must be seconds, up to ${MOST_LIMIT_SECONDS}`);
    const [file, ...more] = files;
    if (file === undefined || more.length > 0)
      return refused([...trouble, 'water-clock: give one brief: plan FILE [--limit SECONDS]']);
    const read = readDocumentFile(file, (document) => {
      const brief = readBrief(document);
      if (!brief.ok) return brief;
      // What is a brief is an object.
      const raw = isObject(document) ? document : {};
      return { ok: true, value: { document: raw, brief: brief.value } };
    });
    if (!read.ok) return refused([...trouble, ...read.trouble]);
    if (trouble.length > 0) return refused(trouble);
    const { document, brief } = read.value;
    const answer = planBrief(document, brief, {
      now: () => performance.now(),
      limitMs: limit * 1000,
    });
    if (!answer.feasible) {
      const { reasons, nearest } = answer;
      return printed({ feasible: false, reasons, nearest }, 1);
    }
    return {
      ...printed(answer.document),
      messages: answer.isProven
        ? []
        : ['water-clock: best found; fewer programs were not ruled out'],
    };
  },
};
