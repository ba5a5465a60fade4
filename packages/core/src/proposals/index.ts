export {
  ALTERNATIVES,
  planAlternatives,
  type Alternative,
  type Change,
  type Offer,
  type PlanAsked,
  type PlanEvent,
  type Refusal,
} from './alternatives.js';
export {
  briefFor,
  keptPrograms,
  type BriefForPlan,
  type Pinned,
  type PlanTargets,
} from './brief-for.js';
export { costsOf, type Costs } from './costs.js';
export { planDates } from './plan-dates.js';
export { changedPrograms, proposalOn, withPrograms } from './proposal.js';
export {
  isTarget,
  targetsOf,
  type Cut,
  type NoTarget,
  type StationTarget,
  type TargetConditions,
} from './station-target.js';
export { readWishes, Wishes, WISHES_FORMAT, WishedTarget } from './wishes.js';
