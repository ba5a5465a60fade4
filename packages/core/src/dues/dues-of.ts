import { formatDate, parseDate, type DayNumber } from '../civil-time/index.js';
import { careDues } from './care-dues.js';
import { clockDues } from './clock-dues.js';
import { datedDues } from './dated-dues.js';
import { DUE_KINDS, type Due, type FirstDue } from './due.js';
import type { DueFacts } from './due-facts.js';
import { seasonDues } from './season-dues.js';
import { winterDues } from './winter-dues.js';

/**
 * What is due at a timer by a date, and has been since before, the soonest first. What is done is gone because the
 * facts say so; what was put off stands at the date that it was put off to.
 */
export function duesOf(facts: DueFacts, today: DayNumber, until: DayNumber): Due[] {
  const first = [
    ...seasonDues(facts, today, until),
    ...clockDues(facts, today, until),
    ...careDues(facts),
    ...winterDues(facts, today, until),
    ...datedDues(facts),
  ];
  return first
    .map((due) => putOffBy(facts, due))
    .filter(({ on }) => parseDate(on)! <= until)
    .sort(
      (a, b) =>
        a.on.localeCompare(b.on) ||
        DUE_KINDS.indexOf(a.kind) - DUE_KINDS.indexOf(b.kind) ||
        a.key.localeCompare(b.key),
    );
}

function putOffBy({ answers }: DueFacts, due: FirstDue): Due {
  const said = answers.filter(({ key }) => key === due.key).at(-1);
  const until = said?.until ?? null;
  if (!said || until === null || formatDate(until) <= due.on) return { ...due, putOff: null };
  return { ...due, on: formatDate(until), putOff: { from: due.on, reason: said.reason } };
}
