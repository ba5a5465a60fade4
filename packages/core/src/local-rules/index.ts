export { readRuleSet } from './read-rule-set.js';
export { HOUSES, HouseRule, RulePeriod, RULES_FORMAT, RuleSet, YearPart } from './rule-set.js';
export { dryForMowing, withRulesOf, type HomeForRules } from './rules-of-home.js';
export { houseNumberOf, rulesOn, type House, type RulesInForce } from './rules-on.js';
