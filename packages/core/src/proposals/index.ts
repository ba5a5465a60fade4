export {
  briefFor,
  keptPrograms,
  type BriefForPlan,
  type Pinned,
  type PlanWishes,
} from './brief-for.js';
export { costsOf, type Costs } from './costs.js';
export { changedPrograms, proposalOn, withPrograms } from './proposal.js';
export { isWish, wishesOf, type NoWish, type Wish, type WishConditions } from './wish.js';
