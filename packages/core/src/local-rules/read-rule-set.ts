import {
  entryPath,
  fieldPath,
  isBlank,
  readObject,
  ROOT_PATH,
  type DocumentProblem,
} from '../documents/index.js';
import { err, ok, type Result } from '../kernel/index.js';
import { RuleSet } from './rule-set.js';

/** Reads a parsed rule set; every problem is reported at once, each with its JSON path. */
export function readRuleSet(document: unknown): Result<RuleSet, readonly DocumentProblem[]> {
  const problems: DocumentProblem[] = [];
  const set = readObject(RuleSet, document, ROOT_PATH, problems);
  if (isBlank(set.district))
    problems.push({ path: 'district', message: 'must not be empty: name the district' });
  if (Array.isArray(set.periods))
    set.periods.forEach(({ houses }, index) => {
      const path = fieldPath(entryPath('periods', index), 'houses');
      houses.forEach((rule, at) => {
        if (rule.houses === 'digits' && rule.digits.length === 0)
          problems.push({
            path: fieldPath(entryPath(path, at), 'digits'),
            message: 'must name at least one last digit',
          });
      });
    });
  return problems.length === 0 ? ok(set) : err(problems);
}
