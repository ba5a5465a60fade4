import { addDays, addMonths, dayOf, formatDate, type DayNumber } from '../civil-time/index.js';
import type { Plan } from '../settings/index.js';
import { clockChanges } from '../time-zones/index.js';
import { seasonStepWords, type CareKind, type Spans } from '../dues/index.js';
import type { Speaker } from '../household-words/index.js';
import { hasFilter, type Care } from '../care/index.js';
import type { SheetDue } from './sheet.js';

export interface DueAsked {
  readonly speaker: Speaker;
  readonly plan: Plan;
  /** The date of the visit. */
  readonly on: DayNumber;
  /** What was cared for at the visit: it falls due again after the firm's months. */
  readonly care: ReadonlySet<Care>;
  readonly spans: Spans;
  /** When the rest is to be cared for next; absent: nobody knows, or not here. */
  readonly next: Partial<Readonly<Record<CareKind, string>>>;
  /** When the backflow preventer is to be tested again, as was said at a test on this visit; null: nobody said. */
  readonly backflowNextOn: string | null;
  /** The timer puts its clock forward and back itself. */
  readonly setsSummerTime: boolean;
  /** The next change of the percentage; null where none is known. */
  readonly seasonStep: SheetDue | null;
  /** The day (YYYY-MM-DD) on which a sensor that is bypassed is to be switched back; null: none was said. */
  readonly sensorBackOn: string | null;
}

/** What falls due next, the soonest first: season step, clock change, battery, sensor. */
export function dueDates(asked: DueAsked): SheetDue[] {
  const { speaker, plan, on, care, spans, next, seasonStep, sensorBackOn } = asked;
  const due: SheetDue[] = seasonStep ? [seasonStep] : [];
  const add = (day: DayNumber, what: string) => due.push({ on: formatDate(day), what });
  const timeZone = plan.site?.timeZone;
  const [change] =
    timeZone && !asked.setsSummerTime
      ? clockChanges(timeZone, addDays(on, 1), addDays(on, 400))
      : [];
  if (change) {
    const isForward = change.offsetAfterSeconds > change.offsetBeforeSeconds;
    const what = speaker.message(isForward ? 'clockForward' : 'clockBack');
    add(dayOf(change.at), what);
  }
  const again = (what: Care, kind: CareKind, months: number, words: string) => {
    const day = care.has(what) && months > 0 ? formatDate(addMonths(on, months)) : next[kind];
    if (day !== undefined && months > 0) due.push({ on: day, what: words });
  };
  const isMain = plan.timer.power === 'battery';
  again(
    ...(['battery', 'battery', isMain ? spans.battery : spans.backupBattery] as const),
    speaker.message(isMain ? 'changeBattery' : 'backupBattery'),
  );
  if (plan.timer.rainSensor)
    again('sensor', 'sensor-test', spans.sensorTest, speaker.message('trySensor'));
  if (hasFilter(plan)) again('filter', 'filter', spans.filter, speaker.message('cleanFilter'));
  const tested = testedAgainOn(asked);
  if (tested !== undefined) due.push({ on: tested, what: speaker.message('testBackflow') });
  if (sensorBackOn !== null)
    due.push(
      ...bypassedSensors(plan).map((sensor) => ({
        on: sensorBackOn,
        what: speaker.message('sensorBack', { sensor }),
      })),
    );
  return due.sort((a, b) => a.on.localeCompare(b.on));
}

/** When the backflow preventer is to be tested again: as its tester said, or else after the firm's months. */
function testedAgainOn({ backflowNextOn, care, spans, next, on }: DueAsked): string | undefined {
  if (backflowNextOn !== null) return backflowNextOn;
  if (!care.has('backflow')) return next['backflow-test'];
  return spans.backflowTest > 0 ? formatDate(addMonths(on, spans.backflowTest)) : undefined;
}

/** The sensors that are there and bypassed. */
export const bypassedSensors = ({ timer, controller }: Plan): ('rain' | 'freeze')[] => [
  ...(timer.rainSensor && controller.rainSensor === 'bypass' ? (['rain'] as const) : []),
  ...(timer.freezeSensor && controller.freezeSensor === 'bypass' ? (['freeze'] as const) : []),
];

/** A step of the season as it falls due: percentages by program, or null where nothing is to water. */
export function seasonStep(
  speaker: Speaker,
  on: string,
  percents: Readonly<Record<string, number>> | null,
): SheetDue {
  return { on, what: seasonStepWords(speaker, percents) };
}
