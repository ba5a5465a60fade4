import { civilDateOf, type DayNumber } from '../civil-time/index.js';
import type { Percents, SeasonFacts } from '../dues/index.js';
import { highestMonth } from '../needs/index.js';
import { monthTargets, percentsByMonth } from '../season-steps/index.js';
import type { Plan } from '../settings/index.js';
import type { TimerFacts } from './standing.js';

export type FactsOfSeason = Pick<TimerFacts, 'plan' | 'yard' | 'months' | 'customary' | 'reading'>;

/** What the season asks for, and what stands in the timer; null where it is not set by hand, or nobody knows. */
export function seasonHere(
  { plan, yard, months, customary, reading }: FactsOfSeason,
  inTimer: Plan,
): SeasonFacts | null {
  const { mode } = plan.controller.season;
  if (!yard || !(months ?? yard.monthPercents) || mode === 'monthly' || mode === 'weather')
    return null;
  const targets = monthTargets(plan, { yard, months, customary }, highestMonth(months));
  const onSteps = percentsByMonth(plan, targets, mode);
  if (!onSteps || plan.programs.length === 0) return null;
  return {
    months: onSteps.map(({ percents, isDry }) => (isDry ? null : percents)),
    inTimer: percentsIn(inTimer, new Set(plan.programs.map(({ id }) => id))),
    asOf: reading?.madeAt ?? null,
  };
}

/** What a timer's percentages are, of the programs that are spoken of; null: it is off. */
function percentsIn({ controller, programs }: Plan, spokenOf: ReadonlySet<string>): Percents {
  if (controller.off) return null;
  const { season } = controller;
  const of = (percent: number) => (season.mode === 'whole' ? season.percent : percent);
  return Object.fromEntries(
    programs.filter(({ id }) => spokenOf.has(id)).map(({ id, percent }) => [id, of(percent)]),
  );
}

/** What a date asks for, where it is more than one of the timer's steps from what stands there; else null. */
export function percentsOff(
  season: SeasonFacts | null,
  stepPercent: number,
  today: DayNumber,
): { inTimer: Percents; wanted: Percents } | null {
  if (!season) return null;
  const { inTimer } = season;
  const wanted = season.months[civilDateOf(today).month - 1] ?? null;
  if (wanted === null && inTimer === null) return null;
  if (wanted === null || inTimer === null) return { inTimer, wanted };
  const isOff = Object.entries(wanted).some(
    ([id, percent]) => Math.abs((inTimer[id] ?? percent) - percent) > stepPercent,
  );
  return isOff ? { inTimer, wanted } : null;
}
