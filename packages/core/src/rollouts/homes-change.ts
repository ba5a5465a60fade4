import {
  Nested,
  OneOf,
  pathWithin,
  readObject,
  ROOT_PATH,
  StoredVersion,
  TimeOfDay,
  Uuid,
  WholeNumber,
  type DocumentClass,
  type DocumentProblem,
} from '../documents/index.js';
import { err, fieldOf, keysOf, ok, type Result } from '../kernel/index.js';
import { readRuleSet, RuleSet } from '../local-rules/index.js';
import { LARGEST_PERCENT } from '../settings/index.js';
import { readTimerType, TimerCapability } from '../timer-types/index.js';

/** The rules of a district as they are to be. */
export class RulesChange {
  @OneOf(['rules']) kind = 'rules' as const;
  @Uuid() ruleSetId!: string;
  /** Of the stored rules that it was made from. */
  @StoredVersion() version!: number;
  @Nested(() => RuleSet) document!: RuleSet;
}

/** What timers of a type can do, as it is to be. */
export class CapabilityChange {
  @OneOf(['timer-type']) kind = 'timer-type' as const;
  @Uuid() timerTypeId!: string;
  /** Of the stored type that it was made from. */
  @StoredVersion() version!: number;
  @Nested(() => TimerCapability) capability!: TimerCapability;
}

/** Every timer is set to what its season plan asks for on the date. */
export class SeasonStepChange {
  @OneOf(['season-step']) kind = 'season-step' as const;
}

/** Every timer is set to one percentage, on its own steps. */
export class PercentageChange {
  @OneOf(['percentage']) kind = 'percentage' as const;
  @WholeNumber(1, LARGEST_PERCENT) percent!: number;
}

/** Everything is to be over by a time of day. */
export class FinishChange {
  @OneOf(['finish']) kind = 'finish' as const;
  @TimeOfDay() finishBy!: string;
}

export type HomesChange =
  RulesChange | CapabilityChange | SeasonStepChange | PercentageChange | FinishChange;

const CHANGES = {
  rules: RulesChange,
  'timer-type': CapabilityChange,
  'season-step': SeasonStepChange,
  percentage: PercentageChange,
  finish: FinishChange,
};

export const HOMES_CHANGES: readonly DocumentClass[] = Object.values(CHANGES);

/** Reads what is to be changed at many homes; every fault at once, by its path. */
export function readHomesChange(
  document: unknown,
): Result<HomesChange, readonly DocumentProblem[]> {
  const kind = keysOf(CHANGES).find((one) => one === fieldOf(document, 'kind'));
  if (kind === undefined)
    return err([{ path: 'kind', message: `must be one of ${keysOf(CHANGES).join(', ')}` }]);
  const problems: DocumentProblem[] = [];
  const change = readObject<HomesChange>(CHANGES[kind], document, ROOT_PATH, problems);
  if (problems.length > 0) return err(problems);
  if (change.kind === 'rules') return whole(change, 'document', readRuleSet(change.document));
  if (change.kind === 'timer-type')
    return whole(change, 'capability', readTimerType(change.capability));
  return ok(change);
}

/** With what its own reader says of the document within it. */
function whole(
  change: HomesChange,
  field: string,
  read: Result<unknown, readonly DocumentProblem[]>,
): Result<HomesChange, readonly DocumentProblem[]> {
  if (read.ok) return ok(change);
  return err(read.trouble.map(({ path, message }) => ({ path: pathWithin(field, path), message })));
}
