import { civilDateOf, type DayNumber } from '../civil-time/index.js';
import type { SeasonFacts } from '../dues/index.js';
import { percentGrid } from '../engine/index.js';
import { withTimerType } from '../findings/index.js';
import { withPercents } from '../season-steps/index.js';
import { LocalRules, type Plan } from '../settings/index.js';
import type { HomesChange } from './homes-change.js';

/**
 * Settings as a change makes them, in force from `from` on; the same object where it does not touch them. What the
 * rules of a home say is no part of settings: that is for whoever puts them at their home.
 */
export function withChange(
  plan: Plan,
  change: HomesChange,
  { season, from }: { readonly season: SeasonFacts | null; readonly from: DayNumber },
): Plan {
  switch (change.kind) {
    case 'rules':
      return plan;
    case 'timer-type':
      return isSame(plan.timer, change.capability) ? plan : withTimerType(plan, change.capability);
    case 'season-step':
      return season ? atStep(plan, season, from) : plan;
    case 'percentage':
      return atPercent(plan, change.percent);
    case 'finish':
      return plan.rules?.finishBy === change.finishBy
        ? plan
        : { ...plan, rules: { ...(plan.rules ?? new LocalRules()), finishBy: change.finishBy } };
  }
}

const isSame = (one: object, other: object): boolean =>
  JSON.stringify(one) === JSON.stringify(other);

function atStep(plan: Plan, { months }: SeasonFacts, from: DayNumber): Plan {
  const percents = months[civilDateOf(from).month - 1] ?? null;
  const isOff = percents === null;
  const { off } = plan.controller;
  if (isOff) return off ? plan : { ...plan, controller: { ...plan.controller, off: true } };
  const running = off ? { ...plan, controller: { ...plan.controller, off: false } } : plan;
  return withOther(running, percents);
}

/** A timer whose percentages are by month, or by the weather, goes by those. */
function atPercent(plan: Plan, percent: number): Plan {
  const { season } = plan.timer;
  const { mode } = plan.controller.season;
  if (!season || mode === 'monthly' || mode === 'weather') return plan;
  const nearest = percentGrid(season).reduce((best, one) =>
    Math.abs(one - percent) <= Math.abs(best - percent) ? one : best,
  );
  return withOther(plan, Object.fromEntries(plan.programs.map(({ id }) => [id, nearest])));
}

function withOther(plan: Plan, percents: Readonly<Record<string, number>>): Plan {
  const { season } = plan.controller;
  const isSo = plan.programs.every(
    ({ id, percent }) =>
      (percents[id] ?? 100) === (season.mode === 'whole' ? season.percent : percent),
  );
  return isSo ? plan : withPercents(plan, percents);
}
