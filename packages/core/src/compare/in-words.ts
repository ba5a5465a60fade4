import { parseDate, parseDateTime } from '../civil-time/index.js';
import type {
  DailyHours,
  DayRule,
  Plan,
  RulesPeriod,
  SeasonSetting,
  Stretch,
} from '../settings/index.js';
import {
  civilDateInWords,
  daysLong,
  hoursInWords,
  lengthInWords,
  listInWords,
  momentInWords,
  stretchInWords,
  MONTHS_SHORT,
  weekdayNames,
} from '../words/index.js';
import type { Difference } from './differences.js';

/** A difference as it is read: what it is, what was set, and what is; null where nothing is set. */
export interface DifferenceInWords {
  /** @example "Program A, start 2" */
  readonly what: string;
  readonly before: string | null;
  readonly after: string | null;
}

type Field = Difference['field'];

/** A difference in words; `names` are the plans that are compared, which know what stations are called. */
export function inWords(
  { field, before, after }: Difference,
  names: readonly Plan[],
): DifferenceInWords {
  return {
    what: whatOf(field, names),
    before: valueInWords(field, before),
    after: valueInWords(field, after),
  };
}

/** One difference as a sentence. */
export function says({ what, before, after }: DifferenceInWords): string {
  if (before === null) return `${what}: now ${after}; before, it was not set.`;
  if (after === null) return `${what}: not set any more; it was ${before}.`;
  return `${what}: now ${after}; it was ${before}.`;
}

function whatOf([part, key, ...rest]: Field, names: readonly Plan[]): string {
  switch (part) {
    case 'programs':
      return programWhat(String(key), rest, names);
    case 'stations':
      return `Station ${key}${labelled(STATION, String(rest[0]))}`;
    case 'controller':
      return named(CONTROLLER, [key!, ...rest]);
    case 'rules':
      return `Local rules, ${named(RULES, [key!, ...rest])}`;
    case 'timer':
      return `What the timer can do, ${named(TIMER, [key!, ...rest])}`;
    case 'site':
      return named(SITE, [key!]);
    default:
      return named(WEATHER, [key!]);
  }
}

function programWhat(id: string, [field, key, leaf]: Field, names: readonly Plan[]): string {
  if (field === 'starts') return `Program ${id}, start ${Number(key) + 1}`;
  if (field !== 'runs') return `Program ${id}${labelled(PROGRAM, String(field))}`;
  if (key === undefined) return `Program ${id}, order of the stations`;
  const name = names
    .flatMap(({ stations }) => stations)
    .find((station) => station.number === key && station.name)?.name;
  const station = `Program ${id}, station ${key}${name ? ` (${name})` : ''}`;
  return leaf === 'station' ? `${station}, listed` : station;
}

type Labels = Readonly<Record<string, string>>;

const labelled = (labels: Labels, field: string): string => {
  const label = labels[field];
  return label === '' ? '' : `, ${label ?? field}`;
};

const named = (labels: Labels, [field, ...rest]: Field): string =>
  typeof rest[0] === 'string'
    ? (labels[`${field}.${rest[0]}`] ?? `${field} ${rest[0]}`)
    : (labels[String(field)] ?? String(field));

/** Empty: the thing itself, which is on or off, or there or not. */
const PROGRAM: Labels = {
  id: 'listed',
  enabled: '',
  percent: 'percentage',
  days: 'water days',
  blockedWeekdays: 'never on',
  concurrent: 'stations at once',
  waterWindows: 'hours of its own',
};

const STATION: Labels = {
  number: 'listed',
  name: 'name',
  enabled: '',
  cycleSeconds: 'cycle',
  soakSeconds: 'soak',
  flowLpm: 'flow',
  pump: 'pump',
  rainSensor: 'rain sensor',
  freezeSensor: 'freeze sensor',
  head: 'head',
  plant: 'plants',
  runoffSeconds: 'time to run-off',
  minSoakSeconds: 'least soak',
};

const CONTROLLER: Labels = {
  off: 'Timer',
  stationDelaySeconds: 'Wait between stations',
  season: 'Season percentage',
  rainSensor: 'Rain sensor',
  freezeSensor: 'Freeze sensor',
  monthDaysOff: 'Days of the month off',
  noWater: 'Hours without watering',
  pauses: 'Hold',
  'clock.timerReads': "The timer's clock showed",
  'clock.trueTime': 'True time when the clock was read',
};

const RULES: Labels = {
  weekdays: 'weekdays',
  dateParity: 'dates',
  noWater: 'hours without watering',
  mowingWeekdays: 'days kept dry for mowing',
  finishBy: 'finish by',
  exempt: 'heads that are exempt',
  headroomPercent: 'clear up to',
  periods: 'on certain dates',
};

const WEATHER: Labels = {
  rain: 'Rain',
  freeze: 'Frost',
  percents: 'Percentage by the weather',
};

const SITE: Labels = {
  timeZone: 'Time zone',
  latitude: 'Latitude',
  longitude: 'Longitude',
  supplyLpm: 'Supply',
};

const TIMER: Labels = {
  name: 'name',
  stations: 'stations',
  programs: 'programs',
  startsPerProgram: 'starts a program',
  startStepMinutes: 'step of start times',
  'runTime.minSeconds': 'shortest run time',
  'runTime.maxSeconds': 'longest run time',
  'runTime.stepSeconds': 'step of run times',
  'runTime.scope': 'run times by',
  dayModes: 'kinds of water days',
  intervalMaxDays: 'longest interval',
  intervalMaxHours: 'longest interval in hours',
  skip31: 'odd days leave out the 31st',
  skipFeb29: 'odd days leave out 29 February',
  blockedDay: 'an interval day that is blocked',
  monthDaysOff: 'days of the month off',
  stationOrder: 'order of stations',
  'season.modes': 'season percentages',
  'season.minPercent': 'least percentage',
  'season.maxPercent': 'greatest percentage',
  'season.stepPercent': 'step of the percentage',
  'season.roundToSeconds': 'rounding of scaled times',
  overlap: 'a start while a program runs',
  'cycleSoak.policy': 'cycle-and-soak',
  maxStationDelaySeconds: 'longest wait between stations',
  maxConcurrentStations: 'stations at once',
  noWaterWindows: 'hours without watering',
  programWindows: 'hours of a program',
  rainSensor: 'rain sensor',
  freezeSensor: 'freeze sensor',
  pumpPerStation: 'pump by station',
  power: 'power',
};

/** The words of a value that says yes or no, by its field; the rest say yes and no. */
const YES_NO: Readonly<Record<string, readonly [string, string]>> = {
  off: ['off', 'set to run'],
  enabled: ['on', 'off'],
  rainSensor: ['heeded', 'not heeded'],
  freezeSensor: ['heeded', 'not heeded'],
  pump: ['runs', 'does not run'],
};

function valueInWords(field: Field, value: unknown): string | null {
  if (value === null) return null;
  const key = String(field.findLast((part) => typeof part === 'string'));
  const isTimer = field[0] === 'timer';
  if (typeof value === 'boolean') {
    const words = isTimer ? undefined : YES_NO[key];
    return value ? (words?.[0] ?? 'yes') : (words?.[1] ?? 'no');
  }
  if (typeof value === 'number') return numberInWords(field, key, value);
  if (typeof value === 'string') return textInWords(key, value);
  if (Array.isArray(value)) return listOfValues(key, value);
  return thingInWords(key, value);
}

/** What is set as one thing. */
function thingInWords(key: string, value: unknown): string {
  switch (key) {
    case 'days':
      return dayRuleInWords(value as DayRule);
    case 'season':
      return seasonInWords(value as SeasonSetting);
    case 'noWater':
    case 'waterWindows':
      return hoursInWords(value as DailyHours);
    case 'periods':
      return periodInWords(value as RulesPeriod);
    default:
      return stretchInWords(value as Stretch);
  }
}

function numberInWords(field: Field, key: string, value: number): string {
  if (key.endsWith('Seconds') || key === 'seconds') return lengthInWords(value);
  if (key.endsWith('Percent') || (key === 'percent' && field[0] !== 'timer')) return `${value} %`;
  if (key.endsWith('Lpm')) return `${value} L/min`;
  if (key.endsWith('Minutes')) return `${value} min`;
  if (key.endsWith('Days')) return `${value} days`;
  if (key.endsWith('Hours')) return `${value} hours`;
  return key === 'number' || key === 'station' ? 'there' : String(value);
}

function textInWords(key: string, value: string): string {
  if (key === 'id') return 'there';
  if (key === 'timerReads' || key === 'trueTime') return momentInWords(parseDateTime(value)!);
  if (key === 'date') return civilDateInWords(parseDate(value)!);
  return key.endsWith('Sensor') && value === 'bypass' ? 'bypassed' : value;
}

function listOfValues(key: string, value: readonly unknown[]): string {
  if (value.length === 0) return 'none';
  if (/weekdays$/i.test(key)) return weekdayNames(value as number[]).join(' ');
  if (key === 'runs')
    return (value as { station: number }[]).map(({ station }) => station).join(', ');
  return key === 'monthDaysOff'
    ? listInWords((value as number[]).toSorted((a, b) => a - b).map(String))
    : listInWords(value.map(String));
}

/** With the year of the day that it is counted from: intervals of different years may look alike. */
export const dayRuleInWords = (rule: DayRule): string =>
  rule.mode === 'interval'
    ? `every ${rule.everyDays === 1 ? 'day' : `${rule.everyDays} days`}, counted from ${civilDateInWords(parseDate(rule.anchor)!)}`
    : daysLong(rule, []);

export function seasonInWords(season: SeasonSetting): string {
  switch (season.mode) {
    case 'whole':
      return `${season.percent} %`;
    case 'program':
      return 'by program';
    case 'monthly':
      return season.percents
        .map((percent, month) => `${MONTHS_SHORT[month]!} ${percent} %`)
        .join(', ');
    case 'weather':
      return `by the weather, ${season.leastPercent} to ${season.mostPercent} %`;
  }
}

function periodInWords({ from, to, ...rules }: RulesPeriod): string {
  const { weekdays, dateParity, noWater, finishBy, exempt } = rules;
  const asked = [
    ...(weekdays ? [listOfValues('weekdays', weekdays)] : []),
    ...(dateParity ? [`${dateParity} dates`] : []),
    ...noWater.map((hours) => `no watering ${hoursInWords(hours)}`),
    ...(finishBy === undefined ? [] : [`finish by ${finishBy}`]),
    ...(exempt.length > 0 ? [`exempt: ${listInWords(exempt)}`] : []),
  ];
  const [first, last] = [from, to].map((date) => civilDateInWords(parseDate(date)!));
  return `${first} to ${last}: ${asked.join(', ') || 'no rule'}`;
}
