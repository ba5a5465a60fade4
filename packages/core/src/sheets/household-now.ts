import type { Care } from '../care/index.js';
import {
  addDays,
  asTimerSeconds,
  dayOf,
  formatDate,
  parseDateTime,
  type DayNumber,
  type TimerSeconds,
} from '../civil-time/index.js';
import { inHouseholdClock, timeWords, type Speaker } from '../household-words/index.js';
import { keysOf } from '../kernel/index.js';
import { holdsNotOver, type Plan } from '../settings/index.js';
import type { ClockStyle } from '../words/index.js';
import { stationWaterings, type StationWatering } from './station-week.js';

/** What was done at a visit, as far as a household is told. */
export interface VisitDone {
  /** Of the home's calendar. */
  readonly on: DayNumber;
  /** How many stations were seen running. */
  readonly seen: number;
  readonly isKeyedIn: boolean;
  readonly repairedStations: readonly number[];
  /** The timer or its wiring was repaired. */
  readonly isTimerRepaired: boolean;
  readonly care: ReadonlySet<Care>;
}

export interface HouseholdAsked {
  readonly speaker: Speaker;
  readonly clock: ClockStyle;
  /** At the home, in true time. */
  readonly now: TimerSeconds;
  /** What stands in the timer; null: nobody has read it. */
  readonly plan: Plan | null;
  /** The last one that has ended; null: there was none. */
  readonly visit: VisitDone | null;
  /** Stations at which something that was found is still to be repaired. */
  readonly openStations: readonly number[];
}

export interface HouseholdDay {
  /** `YYYY-MM-DD` */
  readonly date: string;
  readonly waterings: readonly HouseholdWatering[];
}

export interface HouseholdWatering {
  readonly station: number;
  readonly name: string;
  /** From when to when, in words. */
  readonly when: string;
}

/** What a household reads of its timer today, in its language. */
export interface HouseholdNow {
  /** Today and the six days after it; empty: nobody knows. */
  readonly days: readonly HouseholdDay[];
  /** A sentence each. */
  readonly holds: readonly string[];
  /** When somebody was there last and what was done, a sentence each; empty: nobody was. */
  readonly visit: readonly string[];
  readonly lookOutFor: readonly string[];
}

const WEEK = 7;

/** What waters today and this week by station, what holds it back, what was done last, and what to look out for. */
export function householdNow(asked: HouseholdAsked): HouseholdNow {
  const { speaker, clock, plan, visit, now } = asked;
  const turned = (sentences: readonly string[]) =>
    sentences.map((one) => inHouseholdClock(speaker.language, one, clock));
  const today = dayOf(now);
  return {
    days: plan === null ? [] : daysOf(speaker, plan, today, (one) => turned([one])[0]!),
    holds: plan === null ? [] : turned(holdsOf(speaker, plan, now)),
    visit: visit === null ? [] : turned(visitWords(speaker, visit)),
    lookOutFor: lookOutFor(asked),
  };
}

function daysOf(
  speaker: Speaker,
  plan: Plan,
  today: DayNumber,
  turned: (sentence: string) => string,
): HouseholdDay[] {
  const all = stationWaterings(plan, today, WEEK);
  const names = new Map(plan.stations.map(({ number, name = '' }) => [number, name]));
  return Array.from({ length: WEEK }, (_, index) => {
    const day = addDays(today, index);
    return {
      date: formatDate(day),
      waterings: all
        .filter(({ from }) => dayOf(from) === day)
        .map((watering) => ({
          ...{ station: watering.station, name: names.get(watering.station) ?? '' },
          when: turned(spanWords(speaker, watering)),
        })),
    };
  });
}

const spanWords = (speaker: Speaker, { from, to }: StationWatering): string =>
  speaker.message('time', {
    from: timeWords(from),
    to: timeWords(asTimerSeconds(to)),
    isNextDay: dayOf(to) > dayOf(from) ? 'yes' : 'no',
  });

function holdsOf(speaker: Speaker, { controller }: Plan, now: TimerSeconds): string[] {
  if (controller.off) return [speaker.message('seasonOff')];
  return holdsNotOver(controller.pauses, now).map(({ from, to }) =>
    speaker.message('paused', {
      from: speaker.moment(parseDateTime(from)!),
      to: speaker.moment(parseDateTime(to)!),
    }),
  );
}

const CARE_SAID = {
  battery: 'didBattery',
  sensor: 'didSensor',
  filter: 'didFilter',
  backflow: 'didBackflow',
  winter: 'didWinter',
  spring: 'didSpring',
} as const satisfies Record<Care, string>;

function visitWords(speaker: Speaker, visit: VisitDone): string[] {
  const { on, seen, isKeyedIn, repairedStations: stations, isTimerRepaired, care } = visit;
  return [
    speaker.message('wereHere', { date: speaker.date(on) }),
    ...(isKeyedIn ? [speaker.message('didSettings')] : []),
    ...(seen > 0 ? [speaker.message('didWalk', { count: seen })] : []),
    ...(stations.length > 0 ? [speaker.message('didRepair', named(speaker, stations))] : []),
    ...(isTimerRepaired ? [speaker.message('didTimer')] : []),
    ...keysOf(CARE_SAID)
      .filter((one) => care.has(one))
      .map((one) => speaker.message(CARE_SAID[one])),
  ];
}

const named = (speaker: Speaker, stations: readonly number[]) => ({
  count: stations.length,
  names: speaker.listed(stations.map(String)),
});

function lookOutFor({ speaker, plan, openStations }: HouseholdAsked): string[] {
  return [
    ...(openStations.length > 0
      ? [speaker.message('stillToRepair', named(speaker, openStations))]
      : []),
    speaker.message('lookForWater'),
    ...(plan === null || plan.timer.power === 'mains' ? [speaker.message('lookAtClock')] : []),
    ...(plan?.timer.power === 'battery' ? [speaker.message('lookAtBattery')] : []),
  ];
}
