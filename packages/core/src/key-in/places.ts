import {
  changeProgram,
  MonthlySeason,
  programOf,
  setController,
  setProgram,
  WholeSeason,
  type Plan,
  type ProgramSettings,
  type StationSettings,
} from '../settings/index.js';
import { MONTHS } from '../words/index.js';
import { switches } from './front-switches.js';
import type { KeyInPlace } from './key-in-place.js';
import type { KeyInValue } from './value.js';

/** Every setting that a plan's timer has, part by part, program by program, station by station. */
export function keyInPlaces(plan: Plan): KeyInPlace[] {
  const programs = plan.timer.programs.map((id) => programOf(plan, id));
  return [
    ...programs.flatMap((program) => startPlaces(plan, program)),
    ...programs.flatMap(({ id }) => plan.stations.map((one) => runPlace(id, one.number))),
    ...programs.flatMap(({ id }) => dayPlaces(id)),
    ...percentPlaces(plan),
    ...plan.timer.programs.map(switchPlace),
    ...extraPlaces(plan),
  ];
}

/** The places that mean something: a program that counts hours begins by its anchor, whatever its starts. */
export const meantPlaces = (plan: Plan): KeyInPlace[] =>
  keyInPlaces(plan).filter((place) => isMeant(place, plan));

export const isMeant = ({ part, program }: KeyInPlace, plan: Plan): boolean =>
  part !== 'starts' || programOf(plan, program!).days.mode !== 'hours';

function startPlaces({ timer }: Plan, { id, starts }: ProgramSettings): KeyInPlace[] {
  const count = Math.max(timer.startsPerProgram, starts.length);
  return Array.from({ length: count }, (_, index) => ({
    key: `${id} start ${index + 1}`,
    part: 'starts',
    program: id,
    what: `Start ${index + 1}`,
    read: (plan) => ({ type: 'time', time: programOf(plan, id).starts[index] ?? null }),
    write: null,
  }));
}

const runPlace = (program: string, station: number): KeyInPlace => ({
  key: `${program} station ${station}`,
  part: 'run-times',
  program,
  station,
  what: 'Run time',
  read: (plan) => ({
    type: 'length',
    seconds: programOf(plan, program).runs.find((run) => run.station === station)?.seconds ?? 0,
  }),
  write: (plan, value) =>
    changeProgram(program, ({ runs }) => {
      const seconds = value.type === 'length' ? value.seconds : 0;
      const isKnown = runs.some((run) => run.station === station);
      if (!isKnown) return { runs: seconds > 0 ? [...runs, { station, seconds }] : runs };
      return { runs: runs.map((run) => (run.station === station ? { station, seconds } : run)) };
    })(plan),
});

const dayPlaces = (program: string): KeyInPlace[] => [
  {
    key: `${program} days`,
    part: 'days',
    program,
    what: 'Water days',
    read: (plan) => ({ type: 'days', days: programOf(plan, program).days }),
    write: (plan, value) =>
      value.type === 'days' ? setProgram(program, { days: value.days })(plan) : plan,
  },
  {
    key: `${program} never on`,
    part: 'days',
    program,
    what: 'Never on',
    read: (plan) => ({
      type: 'weekdays',
      weekdays: programOf(plan, program).blockedWeekdays,
    }),
    write: (plan, value) =>
      value.type === 'weekdays'
        ? setProgram(program, { blockedWeekdays: [...value.weekdays] })(plan)
        : plan,
  },
];

const percentOf = (value: KeyInValue): number => (value.type === 'percent' ? value.percent : 100);

function percentPlaces({ timer, controller: { season } }: Plan): KeyInPlace[] {
  if (timer.season === null) return [];
  const place = { part: 'percent', what: 'Season percentage' } as const;
  switch (season.mode) {
    case 'whole':
      return [
        {
          ...place,
          key: 'percent',
          read: ({ controller }) => ({
            type: 'percent',
            percent: controller.season.mode === 'whole' ? controller.season.percent : 100,
          }),
          write: (plan, value) => ({
            ...plan,
            controller: {
              ...plan.controller,
              season: Object.assign(new WholeSeason(), { percent: percentOf(value) }),
            },
          }),
        },
      ];
    case 'program':
      return timer.programs.map((program) => ({
        ...place,
        key: `${program} percent`,
        program,
        read: (plan) => ({
          type: 'percent',
          percent:
            plan.controller.season.mode === 'program' ? programOf(plan, program).percent : 100,
        }),
        write: (plan, value) => setProgram(program, { percent: percentOf(value) })(plan),
      }));
    case 'monthly':
      return MONTHS.map((month, index) => ({
        ...place,
        key: `percent ${month}`,
        what: `Percentage in ${month}`,
        read: ({ controller }) => ({
          type: 'percent',
          percent: controller.season.mode === 'monthly' ? controller.season.percents[index]! : 100,
        }),
        write: (plan, value) => {
          const { season: before } = plan.controller;
          if (before.mode !== 'monthly') return plan;
          const percents = before.percents.map((percent, at) =>
            at === index ? percentOf(value) : percent,
          );
          const changed = Object.assign(new MonthlySeason(), { percents });
          return { ...plan, controller: { ...plan.controller, season: changed } };
        },
      }));
    case 'weather':
      return [weatherPlace('leastPercent'), weatherPlace('mostPercent')];
  }
}

const weatherPlace = (bound: 'leastPercent' | 'mostPercent'): KeyInPlace => ({
  part: 'percent',
  key: `percent ${bound === 'leastPercent' ? 'least' : 'most'}`,
  what:
    bound === 'leastPercent'
      ? 'Least percentage that the weather may set'
      : 'Greatest percentage that the weather may set',
  read: ({ controller }) => ({
    type: 'percent',
    percent: controller.season.mode === 'weather' ? controller.season[bound] : 100,
  }),
  write: (plan, value) => {
    const { season } = plan.controller;
    if (season.mode !== 'weather') return plan;
    const changed = { ...season, [bound]: percentOf(value) };
    return { ...plan, controller: { ...plan.controller, season: changed } };
  },
});

const extraPlaces = (plan: Plan): KeyInPlace[] => [
  ...(plan.timer.maxStationDelaySeconds > 0 ? [DELAY] : []),
  ...(plan.timer.monthDaysOff ? [MONTH_DAYS] : []),
  ...(plan.timer.noWaterWindows ? [NO_WATER] : []),
  HOLD,
  ...(plan.timer.programWindows ? plan.timer.programs.map(ownHoursPlace) : []),
  ...(plan.timer.maxConcurrentStations > 1 ? plan.timer.programs.map(atOncePlace) : []),
  STATIONS_OFF,
  ...(plan.timer.pumpPerStation ? [PUMP] : []),
  ...(plan.timer.rainSensor ? [notHeeding('rainSensor')] : []),
  ...(plan.timer.freezeSensor ? [notHeeding('freezeSensor')] : []),
  ...(plan.timer.cycleSoak
    ? plan.stations.flatMap(({ number }) => [
        cyclePlace(number, 'cycleSeconds'),
        cyclePlace(number, 'soakSeconds'),
      ])
    : []),
  ...switches(plan),
];

const DELAY: KeyInPlace = {
  key: 'station delay',
  part: 'extras',
  what: 'Wait between stations',
  read: ({ controller }) => ({ type: 'length', seconds: controller.stationDelaySeconds }),
  write: (plan, value) =>
    setController({ stationDelaySeconds: value.type === 'length' ? value.seconds : 0 })(plan),
};

const MONTH_DAYS: KeyInPlace = {
  key: 'month days off',
  part: 'extras',
  what: 'Never on these days of a month',
  read: ({ controller }) => ({ type: 'month-days', monthDays: controller.monthDaysOff }),
  write: (plan, value) =>
    setController({ monthDaysOff: value.type === 'month-days' ? [...value.monthDays] : [] })(plan),
};

const NO_WATER: KeyInPlace = {
  key: 'no water',
  part: 'extras',
  what: 'Hours without watering',
  read: ({ controller }) => ({ type: 'hours', hours: controller.noWater, areDry: true }),
  write: (plan, value) =>
    setController({ noWater: value.type === 'hours' ? [...value.hours] : [] })(plan),
};

const HOLD: KeyInPlace = {
  key: 'hold',
  part: 'extras',
  what: 'Hold',
  usual: { type: 'holds', holds: [] },
  read: ({ controller }) => ({ type: 'holds', holds: controller.pauses }),
  write: (plan, value) =>
    setController({ pauses: value.type === 'holds' ? [...value.holds] : [] })(plan),
};

const ownHoursPlace = (program: string): KeyInPlace => ({
  key: `${program} own hours`,
  part: 'extras',
  program,
  what: 'Hours of its own',
  read: (plan) => ({
    type: 'hours',
    hours: programOf(plan, program).waterWindows,
    areDry: false,
  }),
  write: (plan, value) =>
    setProgram(program, { waterWindows: value.type === 'hours' ? [...value.hours] : [] })(plan),
});

const atOncePlace = (program: string): KeyInPlace => ({
  key: `${program} at once`,
  part: 'extras',
  program,
  what: 'Stations at once',
  read: (plan) => ({ type: 'count', count: programOf(plan, program).concurrent }),
  write: (plan, value) =>
    setProgram(program, { concurrent: value.type === 'count' ? value.count : 1 })(plan),
});

const switched = (isOn: boolean): KeyInValue => ({ type: 'choice', isOn, words: ['on', 'off'] });

const switchPlace = (program: string): KeyInPlace => ({
  key: `${program} on`,
  part: 'extras',
  program,
  what: 'Switched',
  usual: switched(true),
  read: (plan) => switched(programOf(plan, program).enabled),
  write: (plan, value) =>
    setProgram(program, { enabled: value.type !== 'choice' || value.isOn })(plan),
});

const STATIONS_OFF: KeyInPlace = {
  key: 'stations off',
  part: 'extras',
  what: 'Stations that are switched off',
  usual: { type: 'stations', stations: [] },
  read: ({ stations }) => stationsValue(stations, ({ enabled }) => !enabled),
  write: (plan, value) =>
    withStations(plan, value, (station, isOne) => ({ ...station, enabled: !isOne })),
};

/** Set station by station, and read as one: the few that are otherwise than the rest. */
const PUMP: KeyInPlace = {
  key: 'pump',
  part: 'extras',
  what: 'Pump runs for stations',
  read: ({ stations }) => stationsValue(stations, ({ pump }) => pump === true),
  write: (plan, value) =>
    withStations(plan, value, ({ pump: _before, ...station }, isOne) =>
      isOne ? { ...station, pump: true } : station,
    ),
};

const notHeeding = (sensor: 'rainSensor' | 'freezeSensor'): KeyInPlace => ({
  key: sensor === 'rainSensor' ? 'sensor not heeded' : 'freeze sensor not heeded',
  part: 'extras',
  what: `${sensor === 'rainSensor' ? 'Rain' : 'Freeze'} sensor not heeded by stations`,
  read: ({ stations }) => stationsValue(stations, (station) => !station[sensor]),
  write: (plan, value) =>
    withStations(plan, value, (station, isOne) => ({ ...station, [sensor]: !isOne })),
});

const stationsValue = (
  stations: readonly StationSettings[],
  isOne: (station: StationSettings) => boolean,
): KeyInValue => ({
  type: 'stations',
  stations: stations.filter(isOne).map(({ number }) => number),
});

function withStations(
  plan: Plan,
  value: KeyInValue,
  change: (station: StationSettings, isOne: boolean) => StationSettings,
): Plan {
  const ones = new Set(value.type === 'stations' ? value.stations : []);
  return {
    ...plan,
    stations: plan.stations.map((station) => change(station, ones.has(station.number))),
  };
}

const cyclePlace = (number: number, field: 'cycleSeconds' | 'soakSeconds'): KeyInPlace => ({
  key: `station ${number} ${field === 'cycleSeconds' ? 'cycle' : 'soak'}`,
  part: 'extras',
  station: number,
  what: field === 'cycleSeconds' ? 'Longest cycle' : 'Soak',
  read: ({ stations }) => ({
    type: 'length',
    seconds: stations.find((one) => one.number === number)?.[field] ?? 0,
  }),
  write: (plan, value) => ({
    ...plan,
    stations: plan.stations.map((station) => {
      if (station.number !== number) return station;
      const { [field]: _before, ...rest } = station;
      const seconds = value.type === 'length' ? value.seconds : 0;
      return seconds > 0 ? { ...rest, [field]: seconds } : rest;
    }),
  }),
});
