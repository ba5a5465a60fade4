import { differences } from './differences.js';
import type { Plan } from '../settings/index.js';
import { listInWords } from '../words/index.js';

/**
 * What is set otherwise in `after` than in `before`, as sentences a technician would say:
 * "Program B now also starts at 21:45." One for each thing, by programs, stations, then the rest.
 */
export function changeSentences(before: Plan, after: Plan): string[] {
  return differences(before, after).map(({ what, before: was, after: is }) => {
    const program = /^Program (.+), starts$/.exec(what)?.[1];
    if (program !== undefined)
      return startsSentence(program, startsOf(before, program), startsOf(after, program));
    if (was === null) return `${what}: now ${is}; before, it was not set.`;
    if (is === null) return `${what}: not set any more; it was ${was}.`;
    return `${what}: now ${is}; it was ${was}.`;
  });
}

const startsOf = ({ programs }: Plan, id: string): readonly string[] =>
  programs.find((program) => program.id === id)?.starts ?? [];

function startsSentence(
  program: string,
  before: readonly string[],
  after: readonly string[],
): string {
  const added = after.filter((start) => !before.includes(start));
  const gone = before.filter((start) => !after.includes(start));
  const name = `Program ${program}`;
  if (before.length === 0) return `${name} now starts at ${listInWords(added)}; it had no start.`;
  if (after.length === 0)
    return `${name} has no start any more; it started at ${listInWords(gone)}.`;
  if (gone.length === 0 && added.length > 0)
    return `${name} now also starts at ${listInWords(added)}.`;
  if (added.length === 0 && gone.length > 0)
    return `${name} no longer starts at ${listInWords(gone)}.`;
  if (added.length === 0) return `${name} has the same starts in another order.`;
  return `${name} now starts at ${listInWords(added)} instead of ${listInWords(gone)}.`;
}
