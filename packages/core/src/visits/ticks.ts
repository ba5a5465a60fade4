import { valueCode, valueWords, type KeyInStep } from '../key-in/index.js';
import { KeyInEntry } from './entry.js';
import type { Visit } from './visit.js';

type Tickable = Pick<KeyInStep, 'key' | 'value'>;

/** How a tick of a value is stored; a value that does not stand still has a word of its own. */
const codeOf = ({ value }: Tickable): string => (value ? valueCode(value) : 'right');

/** How visits stored the same tick before values had codes. */
const formerCodes = ({ value }: Tickable): string[] =>
  value ? [valueWords(value)] : ['true time'];

/** Whether a value stands in the timer, as far as the visit knows: nothing else was keyed in there since. */
export function isKeyedIn({ keyedIn }: Visit, step: Tickable): boolean {
  const code = keyedIn.get(step.key)?.entry.value;
  return code !== undefined && [codeOf(step), ...formerCodes(step)].includes(code);
}

/** The entries that tick a value, or say that it is not in the timer after all. */
export function tickEntries({ keyedIn }: Visit, step: Tickable, isTicked: boolean): KeyInEntry[] {
  const { key } = step;
  const stored = keyedIn.get(key)?.entry.value;
  const former = isTicked ? [] : formerCodes(step).filter((code) => code === stored);
  return [codeOf(step), ...former].map((value) =>
    Object.assign(new KeyInEntry(), { key, value, isTicked }),
  );
}
