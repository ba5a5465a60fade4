import {
  addSeconds,
  formatDate,
  formatDateTime,
  parseDateTime,
  addDays,
  formatTimeOfDay,
  asMinuteOfDay,
  parseTimeOfDay,
} from '../civil-time/index.js';
import { percentGrid, percentsIn, scaledSeconds, takesMore } from '../engine/index.js';
import {
  setController,
  setStation,
  type DailyHours,
  type DayRule,
  type HoursRule,
  type Plan,
  type PlanEdit,
  type ProgramSettings,
  type SeasonSetting,
} from '../settings/index.js';
import { startEdit, type Change, type Draft } from './draft.js';
import {
  disturbanceOfDays,
  disturbanceOfHours,
  disturbanceOfPercent,
  CLEARED_START,
  OTHER,
  MADE_SMALLER,
} from './disturbance.js';
import type { ControllerUnit, ProgramUnit, RunUnit, StartUnit, StationUnit, Unit } from './unit.js';

/** All that a unit may be changed to, starts aside: those are walked along the day. */
export function valuesOf(unit: Unit, draft: Draft): Change[] {
  switch (unit.of) {
    case 'start':
      return draft.startAt(unit) === null ? [] : [startChange(unit, null, draft)];
    case 'run':
      return runTimes(unit, draft);
    case 'program':
      return programValues(unit, draft);
    case 'station':
      return unit.field === 'cycleSeconds' ? cycles(unit, draft) : soaks(unit, draft);
    case 'controller':
      return controllerValues(unit, draft);
  }
}

/** A start set, or with null cleared; where there was none, it is added. */
export function startChange(unit: StartUnit, to: string | null, draft: Draft): Change {
  const was = draft.startAt(unit);
  const disturbance =
    was === null || to === null
      ? CLEARED_START
      : Math.abs(parseTimeOfDay(to)! - parseTimeOfDay(was)!);
  return { unit, to, disturbance, edit: startEdit(unit, to) };
}

export const startAtMinute = (unit: StartUnit, minute: number, draft: Draft): Change =>
  startChange(unit, formatTimeOfDay(asMinuteOfDay(minute)), draft);

const editProgram =
  (program: number, fields: Partial<ProgramSettings>): PlanEdit =>
  (plan) => ({
    ...plan,
    programs: plan.programs.map((one, index) => (index === program ? { ...one, ...fields } : one)),
  });

/** So many lengths of a station are looked at, the nearest ones and the outermost. */
const MOST_LENGTHS = 24;

function runTimes(unit: RunUnit, draft: Draft): Change[] {
  const { program, station } = unit;
  const { plan, waterings, bands } = draft;
  const { runs, enabled } = plan.programs[program]!;
  const was = runs.find((run) => run.station === station)?.seconds ?? 0;
  const aWeek = enabled ? waterings.ofProgram(program) : 0;
  const changes: Change[] = [];
  const add = (seconds: number) =>
    changes.push({
      unit,
      to: seconds,
      disturbance: (Math.abs(seconds - was) / 60) * aWeek,
      edit: editRun(program, station, seconds),
    });
  if (was > 0) add(0);
  if (aWeek === 0) return changes;
  const { least, most } = bands.of(station);
  const others = waterings.secondsOf(station, program);
  const { minSeconds, maxSeconds, stepSeconds } = plan.timer.runTime;
  const low = Math.max(minSeconds, stepSeconds, (least - others) / aWeek);
  const high = Math.min(maxSeconds, (most - others) / aWeek);
  const lengths: number[] = [];
  for (
    let seconds = Math.ceil(low / stepSeconds) * stepSeconds;
    seconds <= high && lengths.length < MOST_STEPS;
    seconds += stepSeconds
  )
    if (seconds !== was) lengths.push(seconds);
  thinned(lengths, was).forEach(add);
  return changes;
}

const MOST_STEPS = 5000;

/** The nearest to what is set, and some of the others, evenly. */
function thinned(lengths: readonly number[], was: number): number[] {
  const nearest = [...lengths].sort((a, b) => Math.abs(a - was) - Math.abs(b - was));
  if (nearest.length <= MOST_LENGTHS) return nearest;
  const half = MOST_LENGTHS / 2;
  const rest = nearest.slice(half);
  const every = rest.length / half;
  return [
    ...nearest.slice(0, half),
    ...Array.from({ length: half }, (_, at) => rest[Math.floor(at * every)]!),
    rest.at(-1)!,
  ];
}

const editRun =
  (program: number, station: number, seconds: number): PlanEdit =>
  (plan) => {
    const { runs } = plan.programs[program]!;
    const isListed = runs.some((run) => run.station === station);
    return editProgram(program, {
      runs: isListed
        ? runs.map((run) => (run.station === station ? { ...run, seconds } : run))
        : [...runs, { station, seconds }],
    })(plan);
  };

function programValues(unit: ProgramUnit, draft: Draft): Change[] {
  const { program, field } = unit;
  const { plan } = draft;
  const settings = plan.programs[program]!;
  const set = (fields: Partial<ProgramSettings>, disturbance: number): Change => ({
    unit,
    to: fields[field],
    disturbance,
    edit: editProgram(program, fields),
  });
  switch (field) {
    case 'enabled':
      return [set({ enabled: !settings.enabled }, OTHER)];
    case 'percent':
      return plan.controller.season.mode === 'program'
        ? gridOf(plan)
            .filter((percent) => percent !== settings.percent)
            .map((percent) => set({ percent }, disturbanceOfPercent(settings.percent, percent)))
        : [];
    case 'concurrent':
      return mayOpenTogether(settings, plan).map((concurrent) => set({ concurrent }, OTHER));
    case 'days':
      return dayRules(settings, draft).map((days) =>
        set({ days }, disturbanceOfDays(settings.days, days)),
      );
    case 'blockedWeekdays':
      return subsetsOf([1, 2, 3, 4, 5, 6, 7])
        .filter((weekdays) => !isSameSet(weekdays, settings.blockedWeekdays))
        .map((blockedWeekdays) => set({ blockedWeekdays }, OTHER));
    case 'waterWindows':
      return otherWindows(settings.waterWindows, plan).map((waterWindows) =>
        set({ waterWindows }, disturbanceOfHours(settings.waterWindows, waterWindows)),
      );
  }
}

const gridOf = ({ timer: { season } }: Plan): number[] => [
  ...new Set([...(season ? percentGrid(season) : []), 100]),
];

/** How many stations a program may open at once: more only where it is known what they take. */
function mayOpenTogether({ concurrent, runs }: ProgramSettings, plan: Plan): number[] {
  const most = plan.timer.maxConcurrentStations;
  const supplyLpm = plan.site?.supplyLpm;
  const flows = runs
    .filter(({ seconds }) => seconds > 0)
    .map(({ station }) => plan.stations.find(({ number }) => number === station)?.flowLpm)
    .sort((a, b) => (b ?? 0) - (a ?? 0));
  return Array.from({ length: most }, (_, at) => at + 1).filter((wanted) => {
    if (wanted === concurrent) return false;
    if (wanted < concurrent) return true;
    if (supplyLpm === undefined || flows.some((flow) => flow === undefined)) return false;
    const largest = flows.slice(0, wanted).reduce<number>((sum, flow) => sum + (flow ?? 0), 0);
    return !takesMore(largest, supplyLpm);
  });
}

/** Every day rule that the timer takes. */
function dayRules({ days }: ProgramSettings, { plan, from }: Draft): DayRule[] {
  const { dayModes, intervalMaxDays } = plan.timer;
  const rules: DayRule[] = [];
  if (dayModes.includes('weekdays'))
    for (const weekdays of subsetsOf([1, 2, 3, 4, 5, 6, 7]).sort(byEvenness))
      if (weekdays.length > 0) rules.push({ mode: 'weekdays', weekdays });
  if (dayModes.includes('odd')) rules.push({ mode: 'odd' });
  if (dayModes.includes('even')) rules.push({ mode: 'even' });
  if (dayModes.includes('interval'))
    for (let everyDays = 1; everyDays <= Math.min(intervalMaxDays, 31); everyDays++)
      for (let phase = 0; phase < everyDays; phase++)
        rules.push({ mode: 'interval', everyDays, anchor: formatDate(addDays(from, phase)) });
  if (dayModes.includes('hours') && days.mode === 'hours') rules.push(...hoursRules(days, plan));
  return rules.filter((rule) => !isSameRule(rule, days));
}

/** So many anchors of an interval in hours are looked at, the nearest. */
const MOST_ANCHORS = 200;

/** The same hours counted from other moments, and others counted from the same. */
function hoursRules({ everyHours, anchor }: HoursRule, { timer }: Plan): HoursRule[] {
  const stepSeconds = timer.startStepMinutes * 60;
  const now = parseDateTime(anchor)!;
  const onStep = addSeconds(now, -(now % stepSeconds));
  const steps = Math.min(MOST_ANCHORS, Math.floor((everyHours * 3600) / stepSeconds));
  return [
    ...Array.from({ length: steps }, (_, step) => ({
      ...{ mode: 'hours' as const, everyHours },
      anchor: formatDateTime(
        addSeconds(onStep, stepSeconds * (step % 2 === 0 ? step / 2 : -(step + 1) / 2)),
      ),
    })),
    ...Array.from({ length: timer.intervalMaxHours }, (_, at) => ({
      ...{ mode: 'hours' as const, everyHours: at + 1 },
      anchor: formatDateTime(onStep),
    })),
  ];
}

/** Of days that disturb alike those come first that leave the ground dry for the shortest time. */
const byEvenness = (a: readonly number[], b: readonly number[]): number =>
  longestGapDays(a) - longestGapDays(b);

const longestGapDays = (weekdays: readonly number[]): number =>
  weekdays.reduce(
    (longest, weekday, at) => Math.max(longest, (weekdays[at + 1] ?? weekdays[0]! + 7) - weekday),
    0,
  );

const isSameRule = (a: DayRule, b: DayRule): boolean =>
  a.mode === b.mode &&
  (a.mode === 'weekdays' && b.mode === 'weekdays'
    ? isSameSet(a.weekdays, b.weekdays)
    : JSON.stringify(a) === JSON.stringify(b));

const isSameSet = (a: readonly number[], b: readonly number[]): boolean =>
  new Set(a).size === new Set(b).size && a.every((one) => b.includes(one));

function subsetsOf(all: readonly number[]): number[][] {
  return all.reduce<number[][]>(
    (subsets, one) => [...subsets, ...subsets.map((subset) => [...subset, one])],
    [[]],
  );
}

/** So many pieces a run of a station is cut into at most. */
const MOST_PIECES = 12;

/** The run times of a station, as they may be in force. */
function timesInForce({ plan }: Draft, station: number): number[] {
  const { timer } = plan;
  const round = timer.season?.roundToSeconds ?? 1;
  const months = Array.from({ length: 12 }, (_, at) => at + 1);
  return plan.programs.flatMap((program) =>
    program.runs
      .filter((run) => run.station === station && run.seconds > 0)
      .flatMap(({ seconds }) =>
        [...new Set(months.flatMap((month) => percentsIn(plan, program, month)))].map((percent) =>
          timer.season ? scaledSeconds(seconds, percent, round) : seconds,
        ),
      ),
  );
}

function cycles(unit: StationUnit, draft: Draft): Change[] {
  const { plan } = draft;
  const station = plan.stations.find(({ number }) => number === unit.station)!;
  const { cycleSeconds: was, runoffSeconds } = station;
  const set = (cycleSeconds: number | undefined): Change => ({
    unit,
    to: cycleSeconds ?? null,
    disturbance: OTHER,
    edit: setStation(unit.station, { cycleSeconds }),
  });
  // A timer that cannot cut waters in one piece, whatever is set.
  if (plan.timer.cycleSoak === null) return was === undefined ? [] : [set(undefined)];
  const most = runoffSeconds ?? was ?? Infinity;
  if (most === Infinity) return [];
  const times = timesInForce(draft, unit.station);
  const lengths = new Set([Math.floor(most)]);
  if (most >= 60) lengths.add(Math.floor(most / 60) * 60);
  for (const seconds of times)
    for (let pieces = 1; pieces <= MOST_PIECES; pieces++) {
      const exact = Math.ceil(seconds / pieces);
      lengths.add(exact);
      lengths.add(Math.ceil(exact / 60) * 60);
    }
  return [...lengths]
    .filter((seconds) => seconds >= 1 && seconds <= most && seconds !== was)
    .sort((a, b) => b - a)
    .map(set);
}

function soaks(unit: StationUnit, { plan }: Draft): Change[] {
  const station = plan.stations.find(({ number }) => number === unit.station)!;
  const { soakSeconds: was = 0, minSoakSeconds, cycleSeconds } = station;
  if (minSoakSeconds === undefined || cycleSeconds === undefined) return [];
  const set = (soakSeconds: number): Change => ({
    unit,
    to: soakSeconds,
    disturbance: OTHER,
    edit: setStation(unit.station, { soakSeconds }),
  });
  return [...new Set([Math.ceil(minSoakSeconds / 60) * 60, minSoakSeconds])]
    .filter((seconds) => seconds !== was)
    .map(set);
}

function controllerValues(unit: ControllerUnit, draft: Draft): Change[] {
  const { plan } = draft;
  const { controller, timer } = plan;
  const set = (fields: Parameters<typeof setController>[0], disturbance: number): Change => ({
    unit,
    to: fields[unit.field],
    disturbance,
    edit: setController(fields),
  });
  switch (unit.field) {
    case 'season':
      return seasons(plan).map(({ season, disturbance }) => set({ season }, disturbance));
    case 'stationDelaySeconds':
      return delays(plan).map((stationDelaySeconds) => set({ stationDelaySeconds }, OTHER));
    case 'noWater':
      return otherWindows(controller.noWater, plan).map((noWater) =>
        set({ noWater }, disturbanceOfHours(controller.noWater, noWater)),
      );
    case 'monthDaysOff': {
      const was = controller.monthDaysOff;
      if (!timer.monthDaysOff)
        return was.length > 0 ? [set({ monthDaysOff: [] }, MADE_SMALLER)] : [];
      const less = was.map((day) => was.filter((one) => one !== day));
      const days = Array.from({ length: 31 }, (_, at) => at + 1);
      const more = [
        ...days.filter((day) => !was.includes(day)).map((day) => [...was, day]),
        ...[1, 0].map((odd) => days.filter((day) => was.includes(day) || day % 2 === odd)),
      ];
      const choices = was.length > 1 ? [...less, []] : less;
      return [
        ...choices.map((monthDaysOff) => set({ monthDaysOff }, MADE_SMALLER)),
        ...more.map((monthDaysOff) => set({ monthDaysOff }, OTHER)),
      ];
    }
  }
}

function seasons(plan: Plan): { season: SeasonSetting; disturbance: number }[] {
  const { season } = plan.controller;
  const grid = gridOf(plan);
  const modes = plan.timer.season?.modes ?? ['whole'];
  const found: { season: SeasonSetting; disturbance: number }[] = [];
  const add = (to: SeasonSetting, was: number, is: number) =>
    found.push({ season: to, disturbance: disturbanceOfPercent(was, is) });
  const whole = (was: number) => {
    for (const percent of grid) add({ mode: 'whole', percent }, was, percent);
  };
  switch (season.mode) {
    case 'whole':
      whole(season.percent);
      break;
    case 'program':
      if (!modes.includes('program')) whole(100);
      break;
    case 'monthly': {
      const most = Math.max(...season.percents);
      if (!modes.includes('monthly')) whole(most);
      for (const cap of grid)
        if (cap < most)
          add(
            { mode: 'monthly', percents: season.percents.map((one) => Math.min(one, cap)) },
            ...([most, cap] as const),
          );
      const fitting = season.percents.map((one) => nearestOf(grid, one));
      add({ mode: 'monthly', percents: fitting }, most, Math.max(...fitting));
      break;
    }
    case 'weather': {
      const { leastPercent, mostPercent } = season;
      if (!modes.includes('weather')) whole(100);
      for (const cap of grid)
        if (cap < mostPercent)
          add(
            { mode: 'weather', leastPercent: Math.min(leastPercent, cap), mostPercent: cap },
            mostPercent,
            cap,
          );
      const least = nearestOf(grid, leastPercent);
      const most = Math.max(least, nearestOf(grid, mostPercent));
      add({ mode: 'weather', leastPercent: least, mostPercent: most }, mostPercent, most);
    }
  }
  const was = JSON.stringify(season);
  return found.filter((one) => JSON.stringify(one.season) !== was);
}

const nearestOf = (grid: readonly number[], percent: number): number =>
  grid.reduce((best, one) => (Math.abs(one - percent) < Math.abs(best - percent) ? one : best));

/** Shorter waits, to the second; of longer ones none is needed. */
function delays({ timer, controller }: Plan): number[] {
  const was = controller.stationDelaySeconds;
  const most = Math.min(was, timer.maxStationDelaySeconds);
  const steps = 20;
  const shorter = Array.from({ length: steps + 1 }, (_, at) => Math.floor((most * at) / steps));
  return [...new Set(shorter)].filter((seconds) => seconds !== was).sort((a, b) => b - a);
}

/** Windows with one of them gone or all, or with an end that the rules or another window have. */
function otherWindows(was: readonly DailyHours[], { rules }: Plan): DailyHours[][] {
  if (was.length === 0) return [];
  const ends = [
    ...new Set([
      ...was.flatMap(({ from, to }) => [from, to]),
      ...(rules?.noWater ?? []).flatMap(({ from, to }) => [from, to]),
      ...(rules?.finishBy === undefined ? [] : [rules.finishBy]),
    ]),
  ];
  const found: DailyHours[][] = [[]];
  was.forEach((hours, at) => {
    if (was.length > 1) found.push(was.filter((_, other) => other !== at));
    for (const end of ends)
      if (end !== hours.from && end !== hours.to)
        found.push(was.with(at, { ...hours, from: end }), was.with(at, { ...hours, to: end }));
  });
  return found;
}
