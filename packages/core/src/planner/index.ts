export {
  Brief,
  BRIEF_FORMAT,
  BriefRules,
  BriefStation,
  DailyNeed,
  IntervalNeed,
  needClass,
  PREFERENCES,
  WeeklyNeed,
  type Need,
  type Preference,
} from './brief.js';
export { readBrief } from './read-brief.js';
export { search, type SearchResult, type Limits } from './search.js';
export { planBrief, type PlanAnswer, type PlanOptions } from './plan-brief.js';
export { NOTHING_STANDS, type Standing } from './standing.js';
export { REASON_CODES, type Reason, type ReasonCode } from './reasons.js';
