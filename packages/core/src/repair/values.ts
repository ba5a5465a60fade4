import { asMinuteOfDay, formatTimeOfDay, parseTimeOfDay } from '../civil-time/index.js';
import { takesMore } from '../engine/index.js';
import {
  setController,
  type DailyHours,
  type Plan,
  type ProgramSettings,
} from '../settings/index.js';
import { cycles, soaks } from './cycles.js';
import { dayRules, otherWeekdays } from './day-rules.js';
import {
  disturbanceOfDays,
  disturbanceOfHours,
  disturbanceOfPercent,
  CLEARED_START,
  OTHER,
  MADE_SMALLER,
} from './disturbance.js';
import { startEdit, type Change, type Draft } from './draft.js';
import { editProgram } from './edit-program.js';
import { runTimes } from './run-times.js';
import { gridOf, seasons } from './seasons.js';
import type { ControllerUnit, ProgramUnit, StartUnit, Unit } from './unit.js';

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
      return otherWeekdays(settings.blockedWeekdays).map((blockedWeekdays) =>
        set({ blockedWeekdays }, OTHER),
      );
    case 'waterWindows':
      return otherWindows(settings.waterWindows, plan).map((waterWindows) =>
        set({ waterWindows }, disturbanceOfHours(settings.waterWindows, waterWindows)),
      );
  }
}

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
