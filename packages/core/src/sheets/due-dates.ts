import { addDays, dayOf, formatDate, type DayNumber } from '../civil-time/index.js';
import type { Plan } from '../settings/index.js';
import { clockChanges } from '../time-zones/index.js';
import type { Speaker } from '../household-words/index.js';
import type { SheetDue } from './sheet.js';

export interface DueAsked {
  readonly speaker: Speaker;
  readonly plan: Plan;
  /** The date of the visit. */
  readonly on: DayNumber;
  /** What was done at the visit: it falls due again in a year. */
  readonly care: ReadonlySet<'battery' | 'sensor'>;
  /** The next change of the percentage; null where none is known. */
  readonly seasonStep: SheetDue | null;
  /** The day (YYYY-MM-DD) on which a sensor that is bypassed is to be switched back; null: none was said. */
  readonly sensorBackOn: string | null;
}

/** What falls due next, the soonest first: season step, clock change, battery, sensor. */
export function dueDates(asked: DueAsked): SheetDue[] {
  const { speaker, plan, on, care, seasonStep, sensorBackOn } = asked;
  const due: SheetDue[] = seasonStep ? [seasonStep] : [];
  const add = (day: DayNumber, what: string) => due.push({ on: formatDate(day), what });
  const timeZone = plan.site?.timeZone;
  const [change] = timeZone ? clockChanges(timeZone, addDays(on, 1), addDays(on, 400)) : [];
  if (change) {
    const isForward = change.offsetAfterSeconds > change.offsetBeforeSeconds;
    const what = speaker.message(isForward ? 'clockForward' : 'clockBack');
    add(dayOf(change.at), what);
  }
  const yearly = (what: 'battery' | 'sensor', words: string) =>
    add(care.has(what) ? yearAfter(on) : on, words);
  yearly(
    'battery',
    speaker.message(plan.timer.power === 'battery' ? 'changeBattery' : 'backupBattery'),
  );
  if (plan.timer.rainSensor) yearly('sensor', speaker.message('trySensor'));
  if (sensorBackOn !== null)
    due.push(
      ...bypassedSensors(plan).map((sensor) => ({
        on: sensorBackOn,
        what: speaker.message('sensorBack', { sensor }),
      })),
    );
  return due.sort((a, b) => a.on.localeCompare(b.on));
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
  if (!percents) return { on, what: speaker.message('seasonStepOff') };
  const all = Object.entries(percents);
  const isOne = new Set(all.map(([, percent]) => percent)).size <= 1;
  const words = isOne
    ? speaker.message('percent', { percent: all[0]?.[1] ?? 100 })
    : all.map(([of, percent]) => speaker.message('percentOf', { of, percent })).join(', ');
  return { on, what: speaker.message('seasonStep', { percents: words }) };
}

const yearAfter = (on: DayNumber): DayNumber => addDays(on, 365);
