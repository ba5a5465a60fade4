import {
  addDays,
  dayOf,
  formatDate,
  startOfDay,
  type DayNumber,
  type TimerSeconds,
} from '../civil-time/index.js';
import { simulate, type Simulation } from '../engine/index.js';
import type { Plan, StationSettings } from '../settings/index.js';
import type { TimerHandling } from '../timer-types/index.js';
import type { ClockStyle } from '../words/index.js';
import { inHouseholdClock } from './messages/dates.js';
import { MONTH_NAMES } from './messages/en.js';
import { listed, message } from './messages/message.js';
import { Sheet, type SheetBar, type SheetDay, type SheetDue } from './sheet.js';
import { sheetNotes } from './sheet-notes.js';
import { sheetRules } from './sheet-rules.js';
import { stationTimes } from './station-times.js';

export interface SheetAsked {
  /** What is in the timer. */
  readonly plan: Plan;
  /** The date of the visit; the week is the seven days from it. */
  readonly on: DayNumber;
  readonly property: string;
  readonly timer: string;
  readonly firm: string;
  readonly phone: string;
  readonly handling: TimerHandling;
  readonly clock: ClockStyle;
  readonly due: readonly SheetDue[];
  /** Of how many values of the timer nobody read what stands there: keyed in, or not known at all. */
  readonly confirmed: { readonly of: number; readonly keyedIn: number; readonly unknown: number };
  /** Stations that a moisture sensor in the ground may hold back. */
  readonly moistureHeld: readonly number[];
  /** Litres as the firm sees them, with their unit. */
  readonly volumeWords: (litres: number) => string;
}

const WEEKS_OF_WATER = 4;

/** The sheet for the door: the settings of a timer in a household's words. */
export function sheetOf(asked: SheetAsked): Sheet {
  const { plan, on, handling, clock, confirmed } = asked;
  const say = (text: string) => inHouseholdClock(text, clock);
  const month = simulate(plan, { from: on, days: 7 * WEEKS_OF_WATER });
  const timesOf = stationTimes(plan, on);
  const { of } = confirmed;
  return Object.assign(new Sheet(), {
    madeOn: formatDate(on),
    property: asked.property,
    timer: asked.timer,
    firm: asked.firm,
    phone: asked.phone,
    season: seasonWords(plan),
    clock,
    stations: plan.stations.map((station) => ({
      number: station.number,
      name: station.name ?? '',
      waters: say(timesOf(station.number).join(' ')),
      ...waterOf(station, month, asked.volumeWords),
    })),
    notes: [
      ...(confirmed.keyedIn > 0 ? [message('unconfirmed', { count: confirmed.keyedIn, of })] : []),
      ...(confirmed.unknown > 0 ? [message('unknown', { count: confirmed.unknown, of })] : []),
      ...sheetNotes(plan, on),
      ...moistureNote(asked.moistureHeld),
    ].map(say),
    rules: sheetRules(plan, on).map(say),
    week: weekOf(month, on),
    pauseForRain: say(handling.pauseForRain || message('pauseForRain')),
    runOneStation: say(handling.runOneStation || message('runOneStation')),
    due: [...asked.due],
  });
}

const moistureNote = (stations: readonly number[]): string[] =>
  stations.length === 0
    ? []
    : [message('moistureHeld', { count: stations.length, names: listed(stations.map(String)) })];

function seasonWords({ timer, controller: { season, off }, programs }: Plan): string {
  if (off) return message('seasonOff');
  if (timer.season === null) return '';
  const percents = (all: readonly (readonly [string, number])[]) =>
    all.map(([of, percent]) => message('percentOf', { of, percent })).join(', ');
  switch (season.mode) {
    case 'whole':
      return message('seasonWhole', { percent: season.percent });
    case 'program':
      return message('seasonProgram', {
        percents: percents(programs.map(({ id, percent }) => [id, percent])),
      });
    case 'monthly':
      return message('seasonMonthly', {
        percents: percents(
          MONTH_NAMES.map((name, month) => [name.slice(0, 3), season.percents[month] ?? 100]),
        ),
      });
    case 'weather':
      return message('seasonWeather', { least: season.leastPercent, most: season.mostPercent });
  }
}

function waterOf(
  { number, flowLpm }: StationSettings,
  { pieces }: Simulation,
  volumeWords: SheetAsked['volumeWords'],
): { water?: string } {
  if (flowLpm === undefined) return {};
  const seconds = pieces
    .filter(({ station }) => station === number)
    .reduce((sum, { from, to }) => sum + to - from, 0);
  return { water: volumeWords((flowLpm * seconds) / 60 / WEEKS_OF_WATER) };
}

function weekOf({ pieces, runs }: Simulation, on: DayNumber): SheetDay[] {
  const wet = new Set(pieces.map(({ run }) => run));
  const going = runs.filter((run) => wet.has(run));
  return Array.from({ length: 7 }, (_, index) => {
    const day = addDays(on, index);
    const bars = going.flatMap(({ begin, end, program }): SheetBar[] => {
      const [from, to] = [minuteIn(day, begin), minuteIn(day, end)];
      return from < to ? [{ program: program.id, from, to }] : [];
    });
    return { date: formatDate(day), bars };
  });
}

/** A moment as a minute of a date; before it 0, after it 1440. */
const minuteIn = (day: DayNumber, moment: TimerSeconds): number => {
  if (dayOf(moment) < day) return 0;
  return Math.min(1440, Math.round((moment - startOfDay(day)) / 60));
};
