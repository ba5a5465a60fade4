import { isTooMuch } from '@water-clock/core/engine';
import { TOO_MUCH_WORDS } from '@water-clock/core/words';
import { printed, refused, type Outcome } from './outcome.js';
import { checkVerb } from './verbs/check.js';
import { compareVerb } from './verbs/compare.js';
import { foreverVerb } from './verbs/forever.js';
import { icsVerb } from './verbs/ics.js';
import { planVerb as briefVerb } from './verbs/plan.js';
import { simulateVerb } from './verbs/simulate.js';
import { togetherVerb } from './verbs/together.js';
import { waterVerb } from './verbs/water.js';
import type { Verb } from './verbs/verb.js';

const VERBS: readonly Verb[] = [
  simulateVerb,
  foreverVerb,
  checkVerb,
  briefVerb,
  waterVerb,
  icsVerb,
  compareVerb,
  togetherVerb,
];

const HELP = [
  'water-clock VERB FILE [options]',
  '',
  ...VERBS.flatMap(({ usage, summary }) => [`  water-clock ${usage}`, `      ${summary}`]),
  '',
  'FILE is a plan file (waterclock.plan/2, or the earlier /1), for plan a brief (waterclock.brief/1). Results are JSON on standard output (ics: iCalendar),',
  'messages go to standard error. Times are what the timer shows, or true time with --true-time.',
  'Exit 0; 1 when a check finds an error or there is no plan; 2 for bad input or usage.',
];

/** Runs one call of the command line, made at `now`; reads files, prints nothing. */
export function run(words: readonly string[], now: Date): Outcome {
  const [name, ...rest] = words;
  if (name === undefined) return refused(HELP);
  if (words.includes('--help')) return { ...printed(null), out: `${HELP.join('\n')}\n` };
  const verb = VERBS.find((candidate) => candidate.name === name);
  if (!verb)
    return refused([
      `water-clock: there is no verb "${name}": use ${VERBS.map((known) => known.name).join(', ')}, or --help`,
    ]);
  try {
    return verb.run(rest, now);
  } catch (error) {
    if (!isTooMuch(error)) throw error;
    return refused([`water-clock: ${TOO_MUCH_WORDS} Or ask for fewer dates.`]);
  }
}
