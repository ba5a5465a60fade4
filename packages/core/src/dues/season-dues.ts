import {
  addDays,
  civilDateOf,
  dayNumberOf,
  formatDate,
  parseDate,
  type DayNumber,
} from '../civil-time/index.js';
import type { FirstDue } from './due.js';
import type { Percents } from './percents.js';
import type { DueFacts, SeasonFacts } from './due-facts.js';

/** Whoever is there so many days before a step may set it already. */
const EARLY_DAYS = 14;
const KEY = 'season-step:';
/** Of a season that is the same all year. */
const ALL_YEAR = 'all-year';

/** The steps of the season that the timer has not been brought to. */
export function seasonDues(facts: DueFacts, today: DayNumber, until: DayNumber): FirstDue[] {
  const { season, addedOn } = facts;
  if (!season) return [];
  const inTimer = inTimerBy(facts, season);
  const isSet = (percents: Percents) => codeOf(percents) === inTimer;
  const coming = stepsAfter(season, today);
  const dues = coming
    .filter((step) => step.on <= until && !isSet(step.percents))
    .map(({ on, percents }) => dueOf(formatDate(on), on, percents));
  const { on: since, percents } = stepAt(season, today);
  const [next] = coming;
  const isEarly = next && next.on <= addDays(today, EARLY_DAYS) && isSet(next.percents);
  if (isSet(percents) || isEarly) return dues;
  const on = since === null || since < addedOn ? addedOn : since;
  return [dueOf(since === null ? ALL_YEAR : formatDate(since), on, percents), ...dues];
}

const dueOf = (which: string, on: DayNumber, percents: Percents): FirstDue => ({
  kind: 'season-step',
  key: KEY + which,
  on: formatDate(on),
  percents,
});

const codeOf = (percents: Percents): string =>
  percents === null
    ? 'dry'
    : JSON.stringify(Object.entries(percents).sort(([a], [b]) => (a < b ? -1 : 1)));

/** What stands in the timer: as it was read last, or as somebody said since that they have set it. */
function inTimerBy({ answers }: DueFacts, { months, inTimer, asOf }: SeasonFacts): string {
  const [said] = answers
    .filter(({ kind, until, at }) => kind === 'season-step' && until === null && at > (asOf ?? ''))
    .sort((a, b) => b.at.localeCompare(a.at));
  if (!said) return codeOf(inTimer);
  const day = parseDate(said.key.slice(KEY.length));
  return codeOf(months[day === null ? 0 : civilDateOf(day).month - 1]!);
}

interface Step {
  readonly on: DayNumber;
  readonly percents: Percents;
}

/** The firsts of the next twelve months at which something else is to be set. */
function stepsAfter({ months }: SeasonFacts, today: DayNumber): Step[] {
  const { year, month: now } = civilDateOf(today);
  return Array.from({ length: 12 }, (_, index) => now + index).flatMap((count) => {
    const percents = months[count % 12]!;
    if (codeOf(percents) === codeOf(months[(count + 11) % 12]!)) return [];
    const on = dayNumberOf({
      year: year + Math.floor(count / 12),
      month: (count % 12) + 1,
      day: 1,
    });
    return [{ on, percents }];
  });
}

/** Since when what holds on a date is to be set; null: all year. */
function stepAt(
  { months }: SeasonFacts,
  today: DayNumber,
): { on: DayNumber | null; percents: Percents } {
  const { year, month } = civilDateOf(today);
  const percents = months[month - 1]!;
  for (let back = 0; back < 12; back++) {
    const index = (month - 1 - back + 12) % 12;
    if (codeOf(months[index]!) !== codeOf(months[(index + 11) % 12]!))
      return {
        on: dayNumberOf({ year: index > month - 1 ? year - 1 : year, month: index + 1, day: 1 }),
        percents,
      };
  }
  return { on: null, percents };
}
