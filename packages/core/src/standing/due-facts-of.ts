import { dayOf, parseDate, parseDateTime, type DayNumber } from '../civil-time/index.js';
import {
  householdSets,
  latest,
  type CareKind,
  type DueFacts,
  type SeasonFacts,
} from '../dues/index.js';
import type { Plan } from '../settings/index.js';
import { subjectOf } from '../visits/index.js';
import { bypassedSensors } from '../sheets/index.js';
import { keysOf } from '../kernel/index.js';
import { hasBackflow, hasFilter, type Care } from '../care/index.js';
import type { PastEntry, TimerFacts } from './standing.js';

const CARED_FOR = {
  battery: 'battery',
  sensor: 'sensor-test',
  filter: 'filter',
  backflow: 'backflow-test',
} as const satisfies Partial<Record<Care, CareKind>>;

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
  const { linkEndsOn, answers } = facts;
  const pastEntries = saidLast(facts.pastEntries);
  return {
    ...{ spans, addedOn, timeZone, season, rulesBrokenFrom, linkEndsOn, answers },
    ...{ visitedOn, keyedInOn, setsSummerTime: handling.setsSummerTime },
    battery: plan.timer.power === 'battery' ? 'main' : 'backup',
    hasRainSensor: plan.timer.rainSensor,
    hasFilter: hasFilter(plan),
    ...backflowOf(plan, pastEntries),
    hasFrost: facts.frost !== 'none',
    seasonCare: {
      winter: lastCare(pastEntries, 'winter'),
      spring: lastCare(pastEntries, 'spring'),
    },
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

/** Of each visit what was said last of each thing: what was taken back there was not done. In the order of time. */
function saidLast(past: readonly PastEntry[]): PastEntry[] {
  const last = new Map(past.map((one) => [`${one.visitId} ${subjectOf(one.entry)}`, one]));
  return past.filter((one) => last.get(`${one.visitId} ${subjectOf(one.entry)}`) === one);
}

/** When each was cared for last at a visit. */
function careOf(past: readonly PastEntry[]): Partial<Record<CareKind, DayNumber>> {
  const care: Partial<Record<CareKind, DayNumber>> = {};
  for (const what of keysOf(CARED_FOR)) {
    const last = lastCare(past, what);
    if (last !== null) care[CARED_FOR[what]] = last;
  }
  return care;
}

/** When something was cared for last at a visit, or was tested; null: nobody wrote it down. */
const lastCare = (past: readonly PastEntry[], what: Care): DayNumber | null =>
  latest(past.map((one) => (isDoneCare(one, what) ? doneOnDay(one) : null)));

const isDoneCare = ({ entry }: PastEntry, what: Care): boolean =>
  entry.kind === 'care' && entry.isDone && entry.what === what;

const doneOnDay = ({ entry, observedOn }: PastEntry): DayNumber =>
  entry.kind === 'care' && entry.testedOn !== undefined ? parseDate(entry.testedOn)! : observedOn;

/** What was said at the last test of the backflow preventer, where there is one. */
function backflowOf({ timer }: Plan, past: readonly PastEntry[]) {
  const said = past
    .filter((one) => isDoneCare(one, 'backflow'))
    .map(({ entry }) => (entry.kind === 'care' ? entry.nextOn : undefined))
    .at(-1);
  return {
    hasBackflow: hasBackflow(timer),
    backflowNextOn: said === undefined ? null : parseDate(said),
  };
}

const isOfClock = ({ entry }: PastEntry): boolean =>
  entry.kind === 'step'
    ? entry.step === 'clock' && entry.state === 'done'
    : entry.kind === 'key-in' && entry.key === 'clock' && entry.isTicked;
