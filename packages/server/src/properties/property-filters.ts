import { addDays, formatDate, parseDate } from '@water-clock/core/civil-time';
import { SOON_DAYS } from '@water-clock/core/dues';
import { REASON_KINDS } from '@water-clock/core/standing';
import { holding, searchWords } from '../platform/search-words.js';
import type { PropertyQuery, SORTS } from './property.dto.js';

/** The timers of a property with what was true of them when it was asked last on that date. */
const ITS_TIMERS = `timers t JOIN standings o ON o.timer_id = t.id AND o.from_date = $2::date
  WHERE t.property_id = p.id`;

/** What stands first of a timer's reasons, the worst 1; null where nothing is known, or nothing wrong. */
const WORST = `array_position(ARRAY[${REASON_KINDS.map((kind) => `'${kind}'`).join(', ')}],
  o.document #>> '{reasons,0,kind}')`;

export const ORDERS: Record<(typeof SORTS)[number], string> = {
  name: 'lower(p.name), p.id',
  town: 'lower(p.town), lower(p.name), p.id',
  newest: 'p.created_at DESC, p.id',
  worst: `(SELECT min(${WORST}) FROM ${ITS_TIMERS}), lower(p.name), p.id`,
};

interface Filter {
  /** A condition on `properties p`; `$1` is the firm, `$2` the date. */
  readonly where: string;
  readonly values: readonly unknown[];
}

/** Which properties of a firm are meant. */
export function filterOf(firmId: string, query: PropertyQuery): Filter {
  const values: unknown[] = [firmId, query.from];
  const put = (value: unknown) => `$${values.push(value)}`;
  const { archived, reason, due, ruleSetId, timerTypeId, personId, from } = query;
  const conditions = [
    // Each way of asking names the date, whether or not it goes by it.
    'p.firm_id = $1 AND $2::date IS NOT NULL',
    `p.archived_at ${archived === 'yes' ? 'IS NOT NULL' : 'IS NULL'}`,
    // One LIKE a word: a list of them would not use the index.
    ...searchWords(query.q).map((word) => `p.search_text LIKE ${put(holding(word))}`),
  ];
  if (reason !== undefined)
    conditions.push(`EXISTS (SELECT 1 FROM ${ITS_TIMERS}
      AND o.document -> 'reasons' @> ${put(JSON.stringify([{ kind: reason }]))}::jsonb)`);
  if (due !== undefined) {
    const until = formatDate(addDays(parseDate(from)!, SOON_DAYS));
    conditions.push(`EXISTS (SELECT 1 FROM ${ITS_TIMERS} AND jsonb_path_exists(o.document,
      '$.dues[*] ? (@.kind == $kind && @.on <= $until)', ${put(JSON.stringify({ kind: due, until }))}::jsonb))`);
  }
  if (ruleSetId !== undefined) conditions.push(`p.rule_set_id = ${put(ruleSetId)}`);
  if (timerTypeId !== undefined)
    conditions.push(
      `EXISTS (SELECT 1 FROM timers t WHERE t.property_id = p.id AND t.kind_id = ${put(timerTypeId)})`,
    );
  if (personId !== undefined) {
    const person = put(personId);
    conditions.push(`(EXISTS (SELECT 1 FROM planned_visits v
        WHERE v.property_id = p.id AND v.visit_id IS NULL AND v.person_id = ${person})
      OR (SELECT name FROM people WHERE id = ${person} AND firm_id = $1) = (
        SELECT v.started_by FROM visits v JOIN timers t ON t.id = v.timer_id
        WHERE t.property_id = p.id ORDER BY v.started_at DESC LIMIT 1))`);
  }
  return { where: conditions.join(' AND '), values };
}
