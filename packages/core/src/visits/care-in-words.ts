import { parseDate } from '../civil-time/index.js';
import { CARE_DONE, CARE_NAMES } from '../care/index.js';
import { counted, longDate } from '../words/index.js';
import type { CareEntry } from './entry.js';

const dayWords = (day: string): string => `${longDate(parseDate(day)!)} ${day.slice(0, 4)}`;

/** @example "The backflow preventer was tested, by R. Lind on 3 June 2026, again on 3 June 2027 (valve 2 stiff)" */
export function careInWords(entry: CareEntry): string {
  const { what, isDone, steps = [], note, tester, testedOn, nextOn, pressureKpa } = entry;
  const said = [
    isDone ? CARE_DONE[what] : `${CARE_NAMES[what]}: begun, ${counted(steps.length, 'step')} done`,
    [tester && `by ${tester}`, testedOn && `on ${dayWords(testedOn)}`].filter(Boolean).join(' '),
    nextOn && `again on ${dayWords(nextOn)}`,
    pressureKpa !== undefined && `${pressureKpa} kPa`,
  ].filter(Boolean);
  return `${said.join(', ')}${note ? ` (${note})` : ''}`;
}
