import type { Plan } from '../settings/index.js';
import { planOf } from '../testing/plans.js';
import {
  keyInPlaces,
  meantPlaces,
  valueWords,
  withShown,
  type KeyInPlace,
  type KeyInValue,
} from './index.js';

/** Every sort of setting that a timer has a place for. */
const plan = (season: object = { mode: 'whole', percent: 90 }, timer: object = {}): Plan =>
  planOf({
    timer: {
      programs: ['A', 'B'],
      startsPerProgram: 2,
      maxStationDelaySeconds: 600,
      monthDaysOff: true,
      cycleSoak: { policy: 'in-order' },
      maxConcurrentStations: 2,
      noWaterWindows: true,
      ...timer,
    },
    controller: {
      season,
      stationDelaySeconds: 20,
      monthDaysOff: [31, 4],
      noWater: [{ from: '10:00', to: '18:00', weekdays: [2, 5] }],
    },
    stations: [
      { number: 1, name: 'Kerb strip', cycleSeconds: 300, soakSeconds: 1200 },
      { number: 2, pump: true, rainSensor: false, enabled: false },
    ],
    programs: [
      {
        id: 'A',
        enabled: false,
        concurrent: 2,
        starts: ['03:30'],
        days: { mode: 'weekdays', weekdays: [2, 5] },
        blockedWeekdays: [6],
        percent: 110,
        runs: [{ station: 1, seconds: 900 }],
      },
    ],
  });

const placeOf = (of: Plan, key: string): KeyInPlace => {
  const place = keyInPlaces(of).find((one) => one.key === key);
  if (!place) throw new Error(`no place ${key}`);
  return place;
};

/** Part, key, what is asked for, of which program and station, and what stands there. */
const table = (of: Plan) =>
  keyInPlaces(of).map(({ part, key, what, program, station, read }) =>
    [part, key, what, program ?? '-', station ?? '-', valueWords(read(of))].join(' | '),
  );

const STARTS_RUNS_DAYS = [
  'starts | A start 1 | Start 1 | A | - | 03:30',
  'starts | A start 2 | Start 2 | A | - | off',
  'starts | B start 1 | Start 1 | B | - | off',
  'starts | B start 2 | Start 2 | B | - | off',
  'run-times | A station 1 | Run time | A | 1 | 15 min',
  'run-times | A station 2 | Run time | A | 2 | off',
  'run-times | B station 1 | Run time | B | 1 | off',
  'run-times | B station 2 | Run time | B | 2 | off',
  'days | A days | Water days | A | - | on Tue Fri',
  'days | A never on | Never on | A | - | Sat',
  'days | B days | Water days | B | - | no days chosen',
  'days | B never on | Never on | B | - | none',
];

it('a timer with everything has a place for everything, in its order', () => {
  expect(table(plan())).toEqual([
    ...STARTS_RUNS_DAYS,
    'percent | percent | Season percentage | - | - | 90 %',
    'extras | A on | Switched | A | - | off',
    'extras | B on | Switched | B | - | on',
    'extras | station delay | Wait between stations | - | - | 20 s',
    'extras | month days off | Never on these days of a month | - | - | 4, 31',
    'extras | no water | Hours without watering | - | - | 10:00 to 18:00 on Tue Fri',
    'extras | hold | Hold | - | - | none',
    'extras | A at once | Stations at once | A | - | 2',
    'extras | B at once | Stations at once | B | - | 1',
    'extras | stations off | Stations that are switched off | - | - | 2',
    'extras | pump | Pump runs for stations | - | - | 2',
    'extras | sensor not heeded | Rain sensor not heeded by stations | - | - | 2',
    'extras | station 1 cycle | Longest cycle | - | 1 | 5 min',
    'extras | station 1 soak | Soak | - | 1 | 20 min',
    'extras | station 2 cycle | Longest cycle | - | 2 | off',
    'extras | station 2 soak | Soak | - | 2 | off',
    'extras | switch | The switch | - | - | set to run',
    'extras | rain sensor | Rain sensor | - | - | active',
  ]);
});

it('a timer without the extras has no place for them', () => {
  const plain = {
    ...{ season: null, cycleSoak: null, monthDaysOff: false, maxStationDelaySeconds: 0 },
    ...{ noWaterWindows: false, maxConcurrentStations: 1, pumpPerStation: false },
    rainSensor: false,
  };
  expect(table(plan(undefined, plain))).toEqual([
    ...STARTS_RUNS_DAYS,
    'extras | A on | Switched | A | - | off',
    'extras | B on | Switched | B | - | on',
    'extras | hold | Hold | - | - | none',
    'extras | stations off | Stations that are switched off | - | - | 2',
    'extras | switch | The switch | - | - | set to run',
  ]);
});

it('hours of a program, the freeze sensor and the bounds of the weather have their places where the timer has them', () => {
  const weather = { mode: 'weather', leastPercent: 20, mostPercent: 140 };
  const able = plan(weather, { programWindows: true, freezeSensor: true });
  const changed: Plan = {
    ...able,
    stations: able.stations.map((station) => ({ ...station, freezeSensor: station.number === 2 })),
    programs: able.programs.map((program) => ({
      ...program,
      waterWindows: [{ from: '20:00', to: '07:00', weekdays: [1, 2, 3, 4, 5, 6, 7] }],
    })),
  };
  expect(table(changed).filter((line) => !table(plan()).includes(line))).toEqual([
    'percent | percent least | Least percentage that the weather may set | - | - | 20 %',
    'percent | percent most | Greatest percentage that the weather may set | - | - | 140 %',
    'extras | A own hours | Hours of its own | A | - | 20:00 to 07:00',
    'extras | B own hours | Hours of its own | B | - | none',
    'extras | freeze sensor not heeded | Freeze sensor not heeded by stations | - | - | 1',
    'extras | freeze sensor | Freeze sensor | - | - | active',
  ]);
  const shown = new Map(keyInPlaces(changed).map(({ key, read }) => [key, read(changed)]));
  const read = withShown(able, shown);
  expect(table(read)).toEqual(table(changed));
});

it('of a program that counts hours no starts are asked for, and those that it has stay', () => {
  const hours = { mode: 'hours' as const, everyHours: 8, anchor: '2026-06-02T06:00:00' };
  const before = plan();
  const counting: Plan = {
    ...before,
    programs: before.programs.map((program) => ({ ...program, days: hours })),
  };
  const asked = meantPlaces(counting).map(({ key }) => key);
  expect(asked.filter((key) => key.includes('start'))).toEqual(['B start 1', 'B start 2']);
  const [days] = [placeOf(counting, 'A days')];
  expect(valueWords(days.read(counting))).toBe(
    'every 8 hours, counted from Tue 2 June 2026, 06:00',
  );
  expect(days.write!(before, days.read(counting)).programs[0]).toMatchObject({
    days: hours,
    starts: ['03:30'],
  });
});

it('percentages stand by program or by month where the timer has them so', () => {
  const percents = (of: Plan) => table(of).filter((line) => line.startsWith('percent'));
  expect(percents(plan({ mode: 'program' }))).toEqual([
    'percent | A percent | Season percentage | A | - | 110 %',
    'percent | B percent | Season percentage | B | - | 100 %',
  ]);
  const monthly = plan({ mode: 'monthly', percents: [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11] });
  const lines = percents(monthly);
  expect(lines).toHaveLength(12);
  expect(lines[0]).toBe('percent | percent January | Percentage in January | - | - | 0 %');
  expect(lines[11]).toBe('percent | percent December | Percentage in December | - | - | 11 %');
});

it('a place reads 100 % off a timer whose percentage stands in another way', () => {
  const [whole, byProgram] = [plan(), plan({ mode: 'program' })];
  const monthly = plan({ mode: 'monthly', percents: Array.from({ length: 12 }, () => 70) });
  const read = (key: string, from: Plan, of: Plan) => valueWords(placeOf(of, key).read(from));
  expect(read('percent', byProgram, whole)).toBe('100 %');
  expect(read('percent', monthly, whole)).toBe('100 %');
  expect(read('A percent', whole, byProgram)).toBe('100 %');
  expect(read('percent June', whole, monthly)).toBe('100 %');
});

const length = (seconds: number): KeyInValue => ({ type: 'length', seconds });
const numbers = (...stations: number[]): KeyInValue => ({ type: 'stations', stations });
const percent = (of: number): KeyInValue => ({ type: 'percent', percent: of });

/** What a place writes, and what has changed by it. */
it.each<[string, KeyInValue, (changed: Plan) => unknown, unknown]>([
  ['A station 1', length(600), ({ programs }) => programs[0]!.runs, [{ station: 1, seconds: 600 }]],
  [
    'A station 2',
    length(60),
    ({ programs }) => programs[0]!.runs,
    [
      { station: 1, seconds: 900 },
      { station: 2, seconds: 60 },
    ],
  ],
  // A station that is off in a program which never had it is not made one of its stations.
  ['A station 2', length(0), ({ programs }) => programs[0]!.runs, [{ station: 1, seconds: 900 }]],
  [
    'A days',
    { type: 'days', days: { mode: 'odd' } },
    ({ programs }) => programs[0]!.days,
    { mode: 'odd' },
  ],
  [
    'A never on',
    { type: 'weekdays', weekdays: [7, 1] },
    ({ programs }) => programs[0]!.blockedWeekdays,
    [7, 1],
  ],
  ['percent', percent(75), ({ controller }) => controller.season, { mode: 'whole', percent: 75 }],
  ['station delay', length(45), ({ controller }) => controller.stationDelaySeconds, 45],
  [
    'month days off',
    { type: 'month-days', monthDays: [13] },
    ({ controller }) => controller.monthDaysOff,
    [13],
  ],
  [
    'no water',
    { type: 'hours', hours: [{ from: '09:00', to: '17:00', weekdays: [1] }], areDry: true },
    ({ controller }) => controller.noWater,
    [{ from: '09:00', to: '17:00', weekdays: [1] }],
  ],
  ['A at once', { type: 'count', count: 1 }, ({ programs }) => programs[0]!.concurrent, 1],
  [
    'B on',
    { type: 'choice', isOn: false, words: ['on', 'off'] },
    ({ programs }) => programs.map(({ enabled }) => enabled),
    [false, false],
  ],
  [
    'stations off',
    numbers(1),
    ({ stations }) => stations.map(({ enabled }) => enabled),
    [false, true],
  ],
  ['pump', numbers(1), ({ stations }) => stations.map(({ pump }) => pump === true), [true, false]],
  [
    'sensor not heeded',
    numbers(),
    ({ stations }) => stations.map(({ rainSensor }) => rainSensor),
    [true, true],
  ],
  [
    'station 2 cycle',
    length(240),
    ({ stations }) => stations[1],
    expect.objectContaining({ number: 2, cycleSeconds: 240 }),
  ],
  [
    'station 1 soak',
    length(0),
    ({ stations: [first] }) => [first!.cycleSeconds, 'soakSeconds' in first!],
    [300, false],
  ],
])('%s takes %j, and nothing else changes', (key, value, part, expected) => {
  const before = plan();
  const place = placeOf(before, key);
  const changed = place.write!(before, value);
  expect(part(changed)).toEqual(expected);
  const others = keyInPlaces(before).filter((one) => one.key !== key);
  expect(others.map(({ read }) => read(changed))).toEqual(others.map(({ read }) => read(before)));
  const kept = ({ format, timer, controller, stations }: Plan) => ({
    format,
    timer,
    numbers: stations.map(({ number, name }) => [number, name]),
    rainSensor: controller.rainSensor,
  });
  expect(kept(changed)).toEqual(kept(before));
});

it('a percentage by program and by month is written where it stands', () => {
  const byProgram = plan({ mode: 'program' });
  const changed = placeOf(byProgram, 'A percent').write!(byProgram, percent(130));
  expect(changed.programs[0]).toMatchObject({ id: 'A', percent: 130, starts: ['03:30'] });
  const monthly = plan({ mode: 'monthly', percents: [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11] });
  const june = placeOf(monthly, 'percent June');
  expect(june.write!(monthly, percent(155)).controller).toEqual({
    ...monthly.controller,
    season: { mode: 'monthly', percents: [0, 1, 2, 3, 4, 155, 6, 7, 8, 9, 10, 11] },
  });
  // A timer that has no table of months has nothing to write into.
  expect(june.write!(plan(), percent(155))).toEqual(plan());
});

it('more starts than the timer has are still places, so that they are cleared', () => {
  const three = planOf({
    timer: { programs: ['A'], startsPerProgram: 1 },
    stations: [{ number: 1 }],
    programs: [{ id: 'A', starts: ['01:00', '02:00', '03:00'], days: { mode: 'odd' }, runs: [] }],
  });
  expect(table(three).filter((line) => line.startsWith('starts'))).toEqual([
    'starts | A start 1 | Start 1 | A | - | 01:00',
    'starts | A start 2 | Start 2 | A | - | 02:00',
    'starts | A start 3 | Start 3 | A | - | 03:00',
  ]);
});

describe('what the last look shows', () => {
  const isOn = (on: boolean): KeyInValue => ({ type: 'choice', isOn: on, words: ['yes', 'no'] });
  const seen = (key: string, value: KeyInValue, of = plan()) =>
    withShown(of, new Map([[key, value]])).controller;

  it('is what the timer does', () => {
    expect(seen('look run', isOn(false))).toMatchObject({ off: true, rainSensor: 'active' });
    expect(seen('look run', isOn(true))).toMatchObject({ off: false, rainSensor: 'active' });
    expect(seen('look sensor', isOn(false))).toMatchObject({ off: false, rainSensor: 'bypass' });
    expect(seen('look percent', percent(60)).season).toEqual({ mode: 'whole', percent: 60 });
  });

  it('changes nothing where it is not known, or has no place', () => {
    expect(seen('look clock', isOn(false))).toEqual(plan().controller);
    const off = { ...plan(), controller: { ...plan().controller, off: true } };
    expect(seen('look sensor', isOn(true), off)).toMatchObject({ off: true, rainSensor: 'active' });
    const byProgram = plan({ mode: 'program' });
    expect(seen('look percent', percent(60), byProgram)).toEqual(byProgram.controller);
  });
});
