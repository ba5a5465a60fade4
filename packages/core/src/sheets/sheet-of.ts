import {
  addDays,
  civilDateOf,
  dayOf,
  formatDate,
  startOfDay,
  type DayNumber,
  type TimerSeconds,
} from '../civil-time/index.js';
import { percentInForce, scaledSeconds, simulate, type Simulation } from '../engine/index.js';
import type { Plan, ProgramSettings, StationSettings } from '../settings/index.js';
import type { TimerHandling } from '../timer-types/index.js';
import {
  daysLong,
  inClock,
  lengthInWords,
  listInWords,
  MONTHS,
  type ClockStyle,
} from '../words/index.js';
import { Sheet, type SheetBar, type SheetDay, type SheetDue, type SheetStation } from './sheet.js';

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
  /** Litres as the firm sees them, with their unit. */
  readonly volumeWords: (litres: number) => string;
}

const WEEKS_OF_WATER = 4;

/** In words that fit any timer, where its kind has none of its own. */
export const GENERAL_WORDS = {
  pauseForRain:
    'Turn the timer off while it rains, and back to run afterwards. What is set stays as it is.',
  runOneStation:
    'Choose manual on the timer, then the station and how long, and start it. It stops by itself.',
};

/** The sheet for the door: the settings of a timer in a household's words. */
export function sheetOf(asked: SheetAsked): Sheet {
  const { plan, on, handling, clock } = asked;
  const say = (text: string) => inClock(text, clock);
  const month = simulate(plan, { from: on, days: 7 * WEEKS_OF_WATER });
  return Object.assign(new Sheet(), {
    madeOn: formatDate(on),
    property: asked.property,
    timer: asked.timer,
    firm: asked.firm,
    phone: asked.phone,
    season: seasonWords(plan),
    clock,
    stations: plan.stations.map((station) => ({
      ...stationOf(plan, station, on, say),
      ...waterOf(station, month, asked.volumeWords),
    })),
    week: weekOf(month, on),
    pauseForRain: say(handling.pauseForRain || GENERAL_WORDS.pauseForRain),
    runOneStation: say(handling.runOneStation || GENERAL_WORDS.runOneStation),
    due: [...asked.due],
  });
}

function seasonWords({ timer, controller: { season, off } }: Plan): string {
  if (off) return 'The timer is switched off.';
  if (timer.season === null) return '';
  switch (season.mode) {
    case 'whole':
      return `Season percentage: ${season.percent} %.`;
    case 'program':
      return 'Season percentage: by program.';
    case 'monthly':
      return `Season percentage by month: ${MONTHS.map((name, at) => `${name.slice(0, 3)} ${season.percents[at]} %`).join(', ')}.`;
  }
}

function stationOf(
  plan: Plan,
  { number, name = '', enabled }: StationSettings,
  on: DayNumber,
  say: (text: string) => string,
): SheetStation {
  const sentences = enabled
    ? plan.programs.flatMap((program) => sentenceOf(plan, program, number, on))
    : [];
  return { number, name, waters: say(sentences.join(' ')) };
}

/** @example "On Tue Fri Sun from 03:30, 12 min." */
function sentenceOf(
  plan: Plan,
  program: ProgramSettings,
  station: number,
  on: DayNumber,
): string[] {
  const { enabled, starts, days, blockedWeekdays, runs } = program;
  const set = runs.find((run) => run.station === station)?.seconds ?? 0;
  const { season } = plan.timer;
  const percent = percentInForce(plan.controller.season, program, civilDateOf(on).month);
  const seconds = season ? scaledSeconds(set, percent, season.roundToSeconds) : set;
  const never = days.mode === 'weekdays' && days.weekdays.length === 0;
  if (!enabled || starts.length === 0 || seconds === 0 || never || plan.controller.off) return [];
  const when = daysLong(days, blockedWeekdays);
  const from = listInWords([...starts].sort());
  return [
    `${when.replace(/^./, (letter) => letter.toUpperCase())}, from ${from}: ${lengthInWords(seconds)}.`,
  ];
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
