import { emptyProgram, type Plan } from '../settings/index.js';
import { listInWords } from '../words/index.js';
import { differences, type Difference } from './differences.js';
import { inWords, says, type DifferenceInWords } from './in-words.js';

/**
 * What is set otherwise in `after` than in `before`, as sentences a technician would say:
 * "Program B now also starts at 21:45." One for each thing. What a new program, station or run has by
 * default goes without saying.
 */
export function changeSentences(before: Plan, after: Plan): string[] {
  const told = new Set<string>();
  return worthSaying(before, after).flatMap((difference) => {
    const [part, id, list] = difference.field;
    if (part !== 'programs' || list !== 'starts') return says(inWords(difference, [before, after]));
    const program = String(id);
    if (told.has(program)) return [];
    told.add(program);
    return startsSentence(program, startsOf(before, program), startsOf(after, program));
  });
}

/** The same, as what it is, what was set and what is. */
export const changesInWords = (before: Plan, after: Plan): DifferenceInWords[] =>
  worthSaying(before, after).map((difference) => inWords(difference, [before, after]));

const worthSaying = (before: Plan, after: Plan): Difference[] =>
  differences(before, after).filter((difference) => !goesWithoutSaying(difference));

const BY_DEFAULT: Readonly<Record<string, unknown>> = {
  ...emptyProgram(''),
  rainSensor: true,
  seconds: 0,
};

/** Something that is not there on one side, and has no more than what it is there by default. */
function goesWithoutSaying({ field, before, after }: Difference): boolean {
  if (before !== null && after !== null) return false;
  const leaf = String(field.at(-1));
  if (field[0] === 'programs' && (leaf === 'id' || leaf === 'station')) return true;
  if (field[0] !== 'programs' && field[0] !== 'stations') return false;
  return JSON.stringify(before ?? after) === JSON.stringify(BY_DEFAULT[leaf]);
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
  if (added.length > 0)
    return `${name} now starts at ${listInWords(added)} instead of ${listInWords(gone)}.`;
  return before.length === after.length
    ? `${name} has the same starts in another order.`
    : `${name} has a start twice that it had otherwise: ${listInWords(after)} instead of ${listInWords(before)}.`;
}
