import {
  asMinuteOfDay,
  MINUTES_PER_DAY,
  formatTimeOfDay,
  parseTimeOfDay,
} from '../civil-time/index.js';
import { withChanges, type Changes } from '../kernel/index.js';
import type { TimerCapability } from '../timer-types/index.js';
import type { DayRule } from './day-rule.js';
import {
  Weather,
  type ControllerSettings,
  type Plan,
  type ProgramSettings,
  type StationSettings,
} from './plan.js';

/** A change of a plan: gives a new one, leaves the old one as it was. */
export type PlanEdit = (plan: Plan) => Plan;

/** A program with nothing set: what a program is that a plan does not mention. */
export const emptyProgram = (id: string): ProgramSettings => ({
  id,
  enabled: true,
  percent: 100,
  starts: [],
  days: { mode: 'weekdays', weekdays: [] },
  blockedWeekdays: [],
  concurrent: 1,
  runs: [],
  waterWindows: [],
});

const emptyPrograms = new Map<string, ProgramSettings>();

/** The same object each time, so that what shows it need not be drawn again. */
function knownEmptyProgram(id: string): ProgramSettings {
  const known = emptyPrograms.get(id) ?? emptyProgram(id);
  emptyPrograms.set(id, known);
  return known;
}

/** The settings of a program; one that the plan does not mention has nothing set. */
export const programOf = (plan: Plan, id: string): ProgramSettings =>
  plan.programs.find((program) => program.id === id) ?? knownEmptyProgram(id);

/** Changes fields of a program by what they were; a program that the plan does not mention had nothing set. */
export function changeProgram(
  id: string,
  change: (program: ProgramSettings) => Partial<ProgramSettings>,
): PlanEdit {
  return (plan) => {
    const before = programOf(plan, id);
    const after = { ...before, ...change(before) };
    const others = plan.programs.filter((program) => program.id !== id);
    const order = (program: ProgramSettings) => plan.timer.programs.indexOf(program.id);
    return { ...plan, programs: [...others, after].sort((a, b) => order(a) - order(b)) };
  };
}

export const setProgram = (id: string, fields: Partial<ProgramSettings>): PlanEdit =>
  changeProgram(id, () => fields);

export const setDays = (id: string, days: DayRule): PlanEdit => setProgram(id, { days });

/** Sets how long a program waters a station; null takes the station out of the program. */
export const setRunTime = (id: string, station: number, seconds: number | null): PlanEdit =>
  changeProgram(id, ({ runs }) => {
    if (seconds === null) return { runs: runs.filter((run) => run.station !== station) };
    if (runs.some((run) => run.station === station))
      return { runs: runs.map((run) => (run.station === station ? { ...run, seconds } : run)) };
    return { runs: [...runs, { station, seconds }].sort((a, b) => a.station - b.station) };
  });

/** Sets one start, counted from 0; null takes it out, and later starts move up. */
export const setStart = (id: string, index: number, start: string | null): PlanEdit =>
  changeProgram(id, ({ starts }) => {
    if (start === null) return { starts: starts.filter((_, at) => at !== index) };
    if (index >= starts.length) return { starts: [...starts, start] };
    return { starts: starts.map((old, at) => (at === index ? start : old)) };
  });

/** Moves starts by minutes, round the clock: the one at `index`, or all of the program's. */
export const moveStart = (id: string, index: number | 'all', minutes: number): PlanEdit =>
  changeProgram(id, ({ starts }) => ({
    starts: starts.map((start, at) =>
      index === 'all' || at === index ? movedTime(start, minutes) : start,
    ),
  }));

/** A time of day, moved round the clock. */
export function movedTime(start: string, minutes: number): string {
  const moved = (parseTimeOfDay(start) ?? 0) + minutes;
  return formatTimeOfDay(
    asMinuteOfDay(((moved % MINUTES_PER_DAY) + MINUTES_PER_DAY) % MINUTES_PER_DAY),
  );
}

export const setStation = (number: number, fields: Changes<StationSettings>): PlanEdit => {
  return (plan) => ({
    ...plan,
    stations: plan.stations.map((station) =>
      station.number === number ? withChanges(station, fields) : station,
    ),
  });
};

/** The lowest station number that is free on this timer, or null when all are taken. */
export function nextStationNumber({ timer, stations }: Plan): number | null {
  const taken = new Set(stations.map((station) => station.number));
  for (let number = 1; number <= timer.stations; number++) if (!taken.has(number)) return number;
  return null;
}

export const addStation = (number: number, name?: string): PlanEdit => {
  const station: StationSettings = {
    number,
    enabled: true,
    rainSensor: true,
    freezeSensor: true,
    ...(name && { name }),
  };
  return (plan) => ({
    ...plan,
    stations: [...plan.stations, station].sort((a, b) => a.number - b.number),
  });
};

/** Takes a station out of the plan, and out of every program. */
export const removeStation = (number: number): PlanEdit => {
  return (plan) => ({
    ...plan,
    stations: plan.stations.filter((station) => station.number !== number),
    programs: plan.programs.map((program) => ({
      ...program,
      runs: program.runs.filter((run) => run.station !== number),
    })),
  });
};

/** What the weather asks for on a date (YYYY-MM-DD), as somebody read it off the timer; null: nobody did. */
export const setWeatherPercent =
  (date: string, percent: number | null): PlanEdit =>
  (plan) => {
    const weather = plan.weather ?? new Weather();
    const others = weather.percents.filter((one) => one.date !== date);
    const read = percent === null ? [] : [{ date, percent }];
    const percents = [...others, ...read].sort((a, b) => a.date.localeCompare(b.date));
    return { ...plan, weather: { ...weather, percents } };
  };

export const setController = (fields: Changes<ControllerSettings>): PlanEdit => {
  return (plan) => ({ ...plan, controller: withChanges(plan.controller, fields) });
};

/** Changes what the timer can do; programs that it no longer has go, with their settings. */
export const setTimer = (fields: Partial<TimerCapability>): PlanEdit => {
  return (plan) => {
    const timer = { ...plan.timer, ...fields };
    return {
      ...plan,
      timer,
      programs: plan.programs.filter((program) => timer.programs.includes(program.id)),
    };
  };
};

/** Several edits as one. */
export const together =
  (edits: readonly PlanEdit[]): PlanEdit =>
  (plan) =>
    edits.reduce((after, edit) => edit(after), plan);
