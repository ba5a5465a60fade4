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
import { inHouseholdClock, speakerOf, type Speaker } from '../household-words/index.js';
import type { HouseholdLanguage } from '../property-file/index.js';
import { householdHows } from './household-hows.js';
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
  /** That the household reads. */
  readonly language: HouseholdLanguage;
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
  const speaker = speakerOf(asked.language);
  const say = (text: string) => inHouseholdClock(speaker.language, text, clock);
  const month = simulate(plan, { from: on, days: 7 * WEEKS_OF_WATER });
  const timesOf = stationTimes(speaker, plan, on);
  const { of } = confirmed;
  const hows = householdHows(handling, asked.language);
  return Object.assign(new Sheet(), {
    language: asked.language,
    madeOn: formatDate(on),
    property: asked.property,
    timer: asked.timer,
    firm: asked.firm,
    phone: asked.phone,
    season: seasonWords(speaker, plan),
    clock,
    stations: plan.stations.map((station) => ({
      number: station.number,
      name: station.name ?? '',
      waters: say(timesOf(station.number).join(' ')),
      ...waterOf(station, month, asked.volumeWords),
    })),
    notes: [
      ...(confirmed.keyedIn > 0
        ? [speaker.message('unconfirmed', { count: confirmed.keyedIn, of })]
        : []),
      ...(confirmed.unknown > 0
        ? [speaker.message('unknown', { count: confirmed.unknown, of })]
        : []),
      ...sheetNotes(speaker, plan, on),
      ...moistureNote(speaker, asked.moistureHeld),
    ].map(say),
    rules: sheetRules(speaker, plan, on).map(say),
    week: weekOf(month, on),
    pauseForRain: say(hows.pauseForRain),
    runOneStation: say(hows.runOneStation),
    due: [...asked.due],
  });
}

const moistureNote = (speaker: Speaker, stations: readonly number[]): string[] =>
  stations.length === 0
    ? []
    : [
        speaker.message('moistureHeld', {
          count: stations.length,
          names: speaker.listed(stations.map(String)),
        }),
      ];

function seasonWords(
  speaker: Speaker,
  { timer, controller: { season, off }, programs }: Plan,
): string {
  if (off) return speaker.message('seasonOff');
  if (timer.season === null) return '';
  const percents = (all: readonly (readonly [string, number])[]) =>
    all.map(([of, percent]) => speaker.message('percentOf', { of, percent })).join(', ');
  switch (season.mode) {
    case 'whole':
      return speaker.message('seasonWhole', { percent: season.percent });
    case 'program':
      return speaker.message('seasonProgram', {
        percents: percents(programs.map(({ id, percent }) => [id, percent])),
      });
    case 'monthly':
      return speaker.message('seasonMonthly', {
        percents: percents(
          speaker.language.shortMonthNames.map((name, month) => [
            name,
            season.percents[month] ?? 100,
          ]),
        ),
      });
    case 'weather':
      return speaker.message('seasonWeather', {
        least: season.leastPercent,
        most: season.mostPercent,
      });
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
