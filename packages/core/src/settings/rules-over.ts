import { addDays, type DayNumber } from '../civil-time/index.js';
import { LocalRules, type LastingRules, type RulesOfDate } from './plan.js';
import { rulesOfDate } from './rules-of-date.js';

/** The dates for which settings are meant, both included. */
export interface SettingsDates {
  readonly from: DayNumber;
  readonly until: DayNumber;
}

/** One set of rules that keeps all those in force on some dates: what each of them forbids. */
export function rulesOver(
  rules: LocalRules | undefined,
  { from, until }: SettingsDates,
): LastingRules {
  const { mowingWeekdays, headroomPercent } = rules ?? new LocalRules();
  const inForce = new Set<RulesOfDate>();
  for (let day = from; day <= until; day = addDays(day, 1)) inForce.add(rulesOfDate(rules, day));
  return { ...[...inForce].map(ofDate).reduce(bothOf), mowingWeekdays, headroomPercent };
}

/** The rules of a date without what else stands beside them. */
const ofDate = ({ weekdays, dateParity, noWater, finishBy, exempt }: RulesOfDate): RulesOfDate => ({
  ...(weekdays && { weekdays }),
  ...(dateParity && { dateParity }),
  noWater,
  ...(finishBy !== undefined && { finishBy }),
  exempt,
});

function bothOf(a: RulesOfDate, b: RulesOfDate): RulesOfDate {
  const weekdays =
    a.dateParity && b.dateParity && a.dateParity !== b.dateParity
      ? []
      : (a.weekdays?.filter((weekday) => b.weekdays?.includes(weekday) ?? true) ?? b.weekdays);
  const dateParity = a.dateParity ?? b.dateParity;
  const finishBy = earlierInTheNight(a.finishBy, b.finishBy);
  return {
    ...(weekdays && { weekdays }),
    ...(dateParity && { dateParity }),
    noWater: [...a.noWater, ...b.noWater],
    ...(finishBy !== undefined && { finishBy }),
    exempt: a.exempt.filter((head) => b.exempt.includes(head)),
  };
}

const NOON = '12:00';

/** Of two ends of a night the earlier; after noon they are those of the evening. */
function earlierInTheNight(a: string | undefined, b: string | undefined): string | undefined {
  if (a === undefined || b === undefined) return a ?? b;
  const isEvening = (time: string) => time > NOON;
  if (isEvening(a) !== isEvening(b)) return isEvening(a) ? a : b;
  return a < b ? a : b;
}
