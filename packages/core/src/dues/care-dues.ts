import { addMonths, formatDate, type DayNumber } from '../civil-time/index.js';
import { CARE_KINDS, type CareKind, type FirstDue } from './due.js';
import { doneOn, type DueFacts } from './due-facts.js';
import { latest } from './latest.js';

/** What is done again and again, so many months after it was done last. */
export const careDues = (facts: DueFacts): FirstDue[] =>
  CARE_KINDS.flatMap((kind): FirstDue[] => {
    const months = monthsOf(kind, facts);
    const last = lastOf(kind, facts);
    const said = kind === 'backflow-test' && facts.hasBackflow ? facts.backflowNextOn : null;
    if (months === 0 && said === null) return [];
    // What nobody wrote down counts from when the timer came to the firm.
    const on = formatDate(said ?? addMonths(last ?? facts.addedOn, months));
    const known = last === null ? null : formatDate(last);
    const due = { key: `${kind}:${known ?? 'never'}`, on, last: known };
    return kind === 'battery'
      ? [{ ...due, kind, isBackup: facts.battery === 'backup' }]
      : [{ ...due, kind }];
  });

/** When each is to be done next; absent: not at this timer, or not by this firm. */
export const nextCare = (facts: DueFacts): Partial<Record<CareKind, string>> =>
  Object.fromEntries(careDues(facts).map(({ kind, on }) => [kind, on]));

/** After how many months; 0: not at this timer, or not by this firm. */
function monthsOf(kind: CareKind, facts: DueFacts): number {
  const { spans, battery, hasRainSensor, hasFilter, hasBackflow } = facts;
  switch (kind) {
    case 'battery':
      return battery === 'main' ? spans.battery : spans.backupBattery;
    case 'sensor-test':
      return hasRainSensor ? spans.sensorTest : 0;
    case 'filter':
      return hasFilter ? spans.filter : 0;
    case 'yearly-check':
      return spans.yearlyCheck;
    case 'backflow-test':
      return hasBackflow ? spans.backflowTest : 0;
  }
}

/** When it was done last, at a visit or as somebody said; null: nobody wrote it down. */
const lastOf = (kind: CareKind, { care, answers }: DueFacts): DayNumber | null =>
  latest([care[kind], ...doneOn(answers, kind)]);
