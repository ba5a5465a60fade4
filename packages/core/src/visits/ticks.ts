import { valueCode, valueWords, type KeyInStep } from '../key-in/index.js';
import { KeyInEntry } from './entry.js';
import { tickKey, type Visit } from './visit.js';

type Tickable = Pick<KeyInStep, 'key' | 'value'>;

/** How a tick of a value is stored; a value that does not stand still has a word of its own. */
const codeOf = ({ value }: Tickable): string => (value ? valueCode(value) : 'right');

/** How visits stored the same tick before values had codes. */
const formerCodes = ({ value }: Tickable): string[] =>
  value ? [valueWords(value)] : ['true time'];

const isStored = ({ keyedIn }: Visit, key: string, code: string): boolean =>
  keyedIn.has(tickKey(key, code));

/** Whether a value stands in the timer, as far as the visit knows. */
export const isKeyedIn = (visit: Visit, step: Tickable): boolean =>
  [codeOf(step), ...formerCodes(step)].some((code) => isStored(visit, step.key, code));

/** The entries that tick a value, or say that it is not in the timer after all. */
export function tickEntries(visit: Visit, step: Tickable, isTicked: boolean): KeyInEntry[] {
  const { key } = step;
  const former = isTicked ? [] : formerCodes(step).filter((code) => isStored(visit, key, code));
  return [codeOf(step), ...former].map((value) =>
    Object.assign(new KeyInEntry(), { key, value, isTicked }),
  );
}
