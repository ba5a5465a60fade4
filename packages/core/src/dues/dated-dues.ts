import { addDays, formatDate, type DayNumber } from '../civil-time/index.js';
import type { FirstDue } from './due.js';
import type { DueFacts } from './due-facts.js';

const PLANNED_CHANGE = 'planned-change:';

/** Of what was accepted of a change of many homes, by its id. */
export const plannedChangeKey = (id: string): string => PLANNED_CHANGE + id;

/** The change of many homes that a due is of, by its id; null: it is of none. */
export const changeOfDue = ({ key }: Pick<FirstDue, 'key'>): string | null =>
  key.startsWith(PLANNED_CHANGE) ? key.slice(PLANNED_CHANGE.length) : null;

/** What falls due once, at a date that something else sets. */
export function datedDues(facts: DueFacts): FirstDue[] {
  const { rulesBrokenFrom, holdsEndOn, bypassedSensors, sensorBackOn, linkEndsOn } = facts;
  const { keyedInOn, visitedOn, plannedChanges, sets } = facts;
  const isVisitedFrom = (day: DayNumber) => visitedOn !== null && visitedOn >= day;
  const at = (day: DayNumber) => formatDate(day);
  const morningAfter = keyedInOn === null ? null : addDays(keyedInOn, 1);
  return [
    ...rulesBrokenFrom.map((day): FirstDue => ({
      kind: 'rule-change',
      key: `rule-change:${at(day)}`,
      on: at(day),
    })),
    ...(sensorBackOn !== null && bypassedSensors.length > 0
      ? [
          {
            kind: 'sensor-back' as const,
            key: `sensor-back:${at(sensorBackOn)}`,
            on: at(sensorBackOn),
            sensors: bypassedSensors,
          },
        ]
      : []),
    ...plannedChanges.map(({ id, name, on }): FirstDue => ({
      kind: 'planned-change',
      key: plannedChangeKey(id),
      ...{ on: at(on), name, sets },
    })),
    ...holdsEndOn
      .filter((day) => !isVisitedFrom(day))
      .map((day): FirstDue => ({ kind: 'hold-ends', key: `hold-ends:${at(day)}`, on: at(day) })),
    ...(morningAfter !== null && !isVisitedFrom(morningAfter)
      ? [{ kind: 'look' as const, key: `look:${at(keyedInOn!)}`, on: at(morningAfter) }]
      : []),
    ...(linkEndsOn === null
      ? []
      : [{ kind: 'link-ends' as const, key: `link-ends:${at(linkEndsOn)}`, on: at(linkEndsOn) }]),
  ].filter(({ key }) => !facts.answers.some((one) => one.key === key && one.until === null));
}
