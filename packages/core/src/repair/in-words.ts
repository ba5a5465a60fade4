import { dayRuleInWords, seasonInWords } from '../compare/index.js';
import { programOf, type DailyHours, type Plan } from '../settings/index.js';
import { hoursInWords, lengthInWords, listInWords, weekdayNames } from '../words/index.js';
import type { Change } from './draft.js';
import type { ControllerUnit, ProgramUnit, StationUnit } from './unit.js';

/** A change as one sentence that says what to do; `before` are the given settings, `after` those with the change made. */
export function changeInWords({ unit, to }: Change, before: Plan, after: Plan): string {
  switch (unit.of) {
    case 'start': {
      const program = before.programs[unit.program]!;
      const was = program.starts[unit.place];
      const is = typeof to === 'string' ? to : null;
      if (was === undefined) return `Add a start of program ${program.id} at ${is}.`;
      const start = `start ${unit.place + 1} of program ${program.id}`;
      return is === null ? `Clear ${start}, ${was}.` : `Move ${start} from ${was} to ${is}.`;
    }
    case 'run': {
      const { id } = before.programs[unit.program]!;
      const secondsOf = (plan: Plan) =>
        programOf(plan, id).runs.find(({ station }) => station === unit.station)?.seconds ?? 0;
      const [was, is] = [secondsOf(before), secondsOf(after)];
      const station = stationName(before, unit.station);
      if (was === 0) return `Give ${station} ${lengthInWords(is)} in program ${id}.`;
      return is === 0
        ? `Remove ${station} from program ${id}, where it has ${lengthInWords(was)}.`
        : `Set ${station} in program ${id} from ${lengthInWords(was)} to ${lengthInWords(is)}.`;
    }
    case 'program':
      return programWords(unit, before, after);
    case 'station':
      return stationWords(unit, before, after);
    case 'controller':
      return controllerWords(unit, before, after);
  }
}

function stationName({ stations }: Plan, number: number): string {
  const name = stations.find((station) => station.number === number)?.name;
  return name ? `station ${number} (${name})` : `station ${number}`;
}

function programWords({ program, field }: ProgramUnit, before: Plan, after: Plan): string {
  const [was, is] = [before.programs[program]!, after.programs[program]!];
  switch (field) {
    case 'enabled':
      return `Switch program ${is.id} ${is.enabled ? 'on' : 'off'}.`;
    case 'percent':
      return `Set the percentage of program ${is.id} from ${was.percent} % to ${is.percent} %.`;
    case 'concurrent':
      return `Let program ${is.id} open ${is.concurrent === 1 ? 'one station' : `${is.concurrent} stations`} at once, not ${was.concurrent}.`;
    case 'days':
      return `Let program ${is.id} water ${daysOf(is.days)}, not ${daysOf(was.days)}.`;
    case 'blockedWeekdays':
      return is.blockedWeekdays.length === 0
        ? `Let program ${is.id} water on ${weekdaysOf(was.blockedWeekdays)} again.`
        : `Let program ${is.id} never water on ${weekdaysOf(is.blockedWeekdays)}.`;
    case 'waterWindows':
      return is.waterWindows.length === 0
        ? `Remove the hours of program ${is.id}, ${windowsOf(was.waterWindows)}.`
        : `Set the hours of program ${is.id} from ${windowsOf(was.waterWindows)} to ${windowsOf(is.waterWindows)}.`;
  }
}

const daysOf = (days: Parameters<typeof dayRuleInWords>[0]): string =>
  days.mode === 'weekdays' && days.weekdays.length === 0 ? 'on no day' : dayRuleInWords(days);

const weekdaysOf = (weekdays: readonly number[]): string => listInWords(weekdayNames(weekdays));

const windowsOf = (windows: readonly DailyHours[]): string =>
  listInWords(windows.map(hoursInWords));

function stationWords({ station: number, field }: StationUnit, before: Plan, after: Plan): string {
  const of = ({ stations }: Plan) => stations.find((station) => station.number === number)!;
  const [was, is] = [of(before), of(after)];
  const station = stationName(before, number);
  if (field === 'soakSeconds')
    return `Set the soak of ${station} from ${lengthInWords(was.soakSeconds ?? 0)} to ${lengthInWords(is.soakSeconds ?? 0)}.`;
  if (is.cycleSeconds === undefined)
    return `Remove the cycle of ${station}: this timer does not cut its time.`;
  return was.cycleSeconds === undefined
    ? `Set the cycle of ${station} to ${lengthInWords(is.cycleSeconds)}.`
    : `Set the cycle of ${station} from ${lengthInWords(was.cycleSeconds)} to ${lengthInWords(is.cycleSeconds)}.`;
}

function controllerWords({ field }: ControllerUnit, before: Plan, after: Plan): string {
  const [was, is] = [before.controller, after.controller];
  switch (field) {
    case 'season':
      return `Set the season percentage from ${seasonInWords(was.season)} to ${seasonInWords(is.season)}.`;
    case 'stationDelaySeconds':
      return `Shorten the wait between stations from ${lengthInWords(was.stationDelaySeconds)} to ${lengthInWords(is.stationDelaySeconds)}: first ask whether slow valves or a slow well needed it.`;
    case 'noWater':
      return is.noWater.length === 0
        ? `Remove the hours without watering, ${windowsOf(was.noWater)}.`
        : `Set the hours without watering from ${windowsOf(was.noWater)} to ${windowsOf(is.noWater)}.`;
    case 'monthDaysOff': {
      const days = (list: readonly number[]) =>
        list.length === 0 ? 'none' : listInWords([...list].sort((a, b) => a - b).map(String));
      return `Set the days of the month off to ${days(is.monthDaysOff)}, not ${days(was.monthDaysOff)}.`;
    }
  }
}
