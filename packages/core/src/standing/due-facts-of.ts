import { dayOf, parseDate, parseDateTime, type DayNumber } from '../civil-time/index.js';
import {
  hasFilter,
  householdSets,
  latest,
  type CareKind,
  type DueFacts,
  type SeasonFacts,
} from '../dues/index.js';
import type { Plan } from '../settings/index.js';
import { bypassedSensors } from '../sheets/index.js';
import type { Care } from '../visits/index.js';
import type { PastEntry, TimerFacts } from './standing.js';

const CARED_FOR: Readonly<Record<Care, CareKind>> = {
  battery: 'battery',
  sensor: 'sensor-test',
  filter: 'filter',
};

interface WorkedOut {
  readonly inTimer: Plan;
  readonly season: SeasonFacts | null;
  readonly rulesBrokenFrom: readonly DayNumber[];
  /** How many values are to be keyed in. */
  readonly values: number;
}

/** What dues go by, of what is known of a timer. */
export function dueFactsOf(
  facts: TimerFacts,
  { inTimer, season, rulesBrokenFrom, values }: WorkedOut,
): DueFacts {
  const { spans, addedOn, timeZone, handling, plan, yard, visitedOn, keyedInOn } = facts;
  const { linkEndsOn, answers, pastEntries } = facts;
  return {
    ...{ spans, addedOn, timeZone, season, rulesBrokenFrom, linkEndsOn, answers },
    ...{ visitedOn, keyedInOn, setsSummerTime: handling.setsSummerTime },
    battery: plan.timer.power === 'battery' ? 'main' : 'backup',
    hasRainSensor: plan.timer.rainSensor,
    hasFilter: hasFilter(plan),
    care: { ...careOf(pastEntries), ...(visitedOn !== null && { 'yearly-check': visitedOn }) },
    clockSeenOn: latest(pastEntries.filter(isOfClock).map(({ observedOn }) => observedOn)),
    holdsEndOn: inTimer.controller.pauses.map(({ to }) => dayOf(parseDateTime(to)!)),
    bypassedSensors: bypassedSensors(inTimer),
    // What is in the timer is done.
    plannedChanges: values === 0 ? [] : facts.plannedChanges,
    sets:
      facts.plannedChanges.length === 0 ? null : householdSets(inTimer, plan, handling.keyInOrder),
    sensorBackOn: yard?.sensorBackOn === undefined ? null : parseDate(yard.sensorBackOn),
  };
}

/** When each was cared for last at a visit. */
function careOf(past: readonly PastEntry[]): Partial<Record<CareKind, DayNumber>> {
  const care: Partial<Record<CareKind, DayNumber>> = {};
  for (const { entry, observedOn } of past) {
    if (entry.kind !== 'care' || !entry.isDone) continue;
    const kind = CARED_FOR[entry.what];
    care[kind] = latest([care[kind], observedOn]) ?? observedOn;
  }
  return care;
}

const isOfClock = ({ entry }: PastEntry): boolean =>
  entry.kind === 'step'
    ? entry.step === 'clock' && entry.state === 'done'
    : entry.kind === 'key-in' && entry.key === 'clock' && entry.isTicked;
