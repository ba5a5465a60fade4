import { parseDateTime } from '../civil-time/index.js';
import { exhaustive } from '../kernel/index.js';
import type {
  ControllerSettings,
  Plan,
  ProgramSettings,
  SeasonSetting,
  StationSettings,
} from '../settings/index.js';
import { dateAndTime, daysLong, lengthInWords, listInWords, MONTHS_SHORT } from '../words/index.js';

/** Everything that is set on a timer, in words: what it is, and its value. What is not set is left out. */
export type PlanFacts = ReadonlyMap<string, string>;

type Fact = readonly [what: string, value: string | undefined];

export function planFacts(plan: Plan): PlanFacts {
  const facts: Fact[] = [
    ...plan.programs.flatMap((program) => programFacts(program, plan)),
    ...plan.stations.flatMap(stationFacts),
    ...controllerFacts(plan.controller),
  ];
  return new Map(facts.filter((fact): fact is [string, string] => fact[1] !== undefined));
}

const length = (seconds: number | undefined): string | undefined =>
  seconds === undefined ? undefined : lengthInWords(seconds);

function programFacts(program: ProgramSettings, { stations }: Plan): Fact[] {
  const { id, days, blockedWeekdays, starts, runs } = program;
  const names = new Map(stations.map(({ number, name }) => [number, name]));
  const hasDays =
    days.mode !== 'weekdays' || days.weekdays.length > 0 || blockedWeekdays.length > 0;
  const name = `Program ${id}`;
  return [
    [name, program.enabled ? undefined : 'off'],
    [`${name}, starts`, starts.length > 0 ? listInWords(starts) : undefined],
    [`${name}, water days`, hasDays ? daysLong(days, blockedWeekdays) : undefined],
    [`${name}, percentage`, program.percent === 100 ? undefined : `${program.percent} %`],
    [`${name}, stations at once`, program.concurrent === 1 ? undefined : `${program.concurrent}`],
    ...runs
      .filter(({ seconds }) => seconds > 0)
      .map(({ station, seconds }): Fact => {
        const called = names.get(station);
        return [`${name}, station ${station}${called ? ` (${called})` : ''}`, length(seconds)];
      }),
  ];
}

function stationFacts(station: StationSettings): Fact[] {
  const name = `Station ${station.number}`;
  const { flowLpm } = station;
  return [
    [`${name}, name`, station.name],
    [name, station.enabled ? undefined : 'off'],
    [`${name}, cycle`, length(station.cycleSeconds)],
    [`${name}, soak`, length(station.soakSeconds)],
    [`${name}, rain sensor`, station.rainSensor ? undefined : 'not heeded'],
    [
      `${name}, pump`,
      station.pump === undefined ? undefined : station.pump ? 'runs' : 'does not run',
    ],
    [`${name}, flow`, flowLpm === undefined ? undefined : `${flowLpm} l/min`],
    [`${name}, head`, station.head],
    [`${name}, plants`, station.plant],
    [`${name}, time to run-off`, length(station.runoffSeconds)],
    [`${name}, least soak`, length(station.minSoakSeconds)],
  ];
}

function controllerFacts(controller: ControllerSettings): Fact[] {
  const { clock, monthDaysOff, noWater, pauses } = controller;
  const moment = (text: string) => dateAndTime(parseDateTime(text)!);
  const list = (items: string[]) => (items.length > 0 ? items.join('; ') : undefined);
  return [
    ['Timer', controller.off ? 'off' : undefined],
    ['Season percentage', seasonWords(controller.season)],
    ['Wait between stations', length(controller.stationDelaySeconds || undefined)],
    ['Rain sensor', controller.rainSensor === 'bypass' ? 'bypassed' : undefined],
    ['Days of the month off', list(monthDaysOff.map(String))],
    ['Hours without watering', list(noWater.map(({ from, to }) => `${from} to ${to}`))],
    ['Pauses', list(pauses.map(({ from, to }) => `${moment(from)} to ${moment(to)}`))],
    [
      'Clock of the timer',
      clock && `showed ${moment(clock.timerReads)} when it was ${moment(clock.trueTime)}`,
    ],
  ];
}

function seasonWords(season: SeasonSetting): string | undefined {
  switch (season.mode) {
    case 'whole':
      return season.percent === 100 ? undefined : `${season.percent} %`;
    case 'program':
      return 'by program';
    case 'monthly':
      return season.percents
        .map((percent, month) => `${MONTHS_SHORT[month]!} ${percent} %`)
        .join(', ');
    default:
      return exhaustive(season);
  }
}
