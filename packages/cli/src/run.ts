import { printed, refused, type Outcome } from './outcome.js';
import type { Verb } from './verbs/verb.js';

/** Each verb by its name, loaded when it is asked for: most of the time of a call is reading code. */
const VERBS: Readonly<Record<string, () => Promise<Verb>>> = {
  simulate: async () => (await import('./verbs/simulate.js')).simulateVerb,
  forever: async () => (await import('./verbs/forever.js')).foreverVerb,
  check: async () => (await import('./verbs/check.js')).checkVerb,
  plan: async () => (await import('./verbs/plan.js')).planVerb,
  water: async () => (await import('./verbs/water.js')).waterVerb,
  ics: async () => (await import('./verbs/ics.js')).icsVerb,
  repair: async () => (await import('./verbs/repair.js')).repairVerb,
  explain: async () => (await import('./verbs/explain.js')).explainVerb,
  compare: async () => (await import('./verbs/compare.js')).compareVerb,
  together: async () => (await import('./verbs/together.js')).togetherVerb,
};

async function help(): Promise<string[]> {
  const verbs = await Promise.all(Object.values(VERBS).map((load) => load()));
  return [
    'water-clock VERB FILE [options]',
    '',
    ...verbs.flatMap(({ usage, summary }) => [`  water-clock ${usage}`, `      ${summary}`]),
    '',
    'FILE is a plan file (waterclock.plan/2, or the earlier /1), for plan a brief (waterclock.brief/1). Results are JSON on standard output (ics: iCalendar),',
    'messages go to standard error. Times are what the timer shows, or true time with --true-time.',
    'Exit 0; 1 when a check finds an error, or there is no plan or no repair; 2 for bad input or usage.',
  ];
}

/** Runs one call of the command line, made at `now`; reads files, prints nothing. */
export async function run(words: readonly string[], now: Date): Promise<Outcome> {
  const [name, ...rest] = words;
  if (name === undefined) return refused(await help());
  if (words.includes('--help')) return { ...printed(null), out: `${(await help()).join('\n')}\n` };
  const load = Object.hasOwn(VERBS, name) ? VERBS[name] : undefined;
  if (!load)
    return refused([
      `water-clock: there is no verb "${name}": use ${Object.keys(VERBS).join(', ')}, or --help`,
    ]);
  const verb = await load();
  try {
    return verb.run(rest, now);
  } catch (error) {
    const [{ isTooMuch }, { TOO_MUCH_WORDS }] = await Promise.all([
      import('@water-clock/core/engine'),
      import('@water-clock/core/words'),
    ]);
    if (!isTooMuch(error)) throw error;
    return refused([`water-clock: ${TOO_MUCH_WORDS} Or ask for fewer dates.`]);
  }
}
