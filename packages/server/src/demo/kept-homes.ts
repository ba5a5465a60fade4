import type { YardStation } from '@water-clock/core/yards';
import type { DemoHome } from './demo-home.js';
import { plan, runs, stations, timerType } from './plans.js';

const [INES, TOBIAS] = ['Ines Marlow', 'Tobias Fenn'];

/** Facts of one kind of ground, with what differs by station. */
const ground = (
  common: Partial<YardStation>,
  ...rows: Partial<YardStation>[]
): Record<number, Partial<YardStation>> =>
  Object.fromEntries(rows.map((row, index) => [index + 1, { ...common, ...row }]));

const PORCH = {
  controller: { season: { mode: 'whole', percent: 90 } },
  stations: stations(
    ['Lane lawn', 'rotary', 'turf'],
    ['Drive edge', 'spray', 'turf'],
    ['Apple lawn', 'rotor', 'turf'],
    ['Sunny border', 'drip', 'shrubs'],
    ['Pear trees', 'bubbler', 'trees'],
  ),
};

const porch = (mowed: number, percent: number) =>
  plan(timerType('wall-8'), {
    ...PORCH,
    controller: { season: { mode: 'whole', percent } },
    programs: [
      {
        id: 'A',
        starts: ['02:00'],
        days: { mode: 'weekdays', weekdays: [1, 5, 7] },
        runs: runs([1, mowed], [2, 9], [3, mowed + 8]),
      },
      {
        id: 'B',
        starts: ['05:20'],
        days: { mode: 'weekdays', weekdays: [3] },
        runs: runs([4, 40], [5, 20]),
      },
    ],
  });

const STABLE = stations(
  ['Gate verge', 'rotor', 'turf'],
  ['Paddock side', 'rotor', 'turf'],
  ['House lawn', 'rotary', 'turf'],
  ['South beds', 'drip', 'flowers'],
  ['North beds', 'drip', 'shrubs'],
  ['Walnut row', 'bubbler', 'trees'],
);

const stable = (lawn: number) =>
  plan(timerType('wall-12'), {
    controller: { stationDelaySeconds: 5 },
    stations: STABLE,
    programs: [
      {
        id: 'A',
        starts: ['22:15'],
        days: { mode: 'weekdays', weekdays: [1, 4] },
        runs: runs([1, lawn], [2, lawn], [3, lawn + 10]),
      },
      {
        id: 'B',
        starts: ['01:30'],
        days: { mode: 'weekdays', weekdays: [2, 6] },
        runs: runs([4, 25], [5, 30]),
      },
      {
        id: 'C',
        starts: ['03:00'],
        days: { mode: 'interval', everyDays: 14, anchor: '2026-05-04' },
        runs: runs([6, 50]),
      },
    ],
  });

const FERRY = stations(
  ['Césped de delante', 'spray', 'turf'],
  ['Césped de atrás', 'rotary', 'turf'],
  ['Huerto', 'drip', 'vegetables'],
);

const court = (percents: number[]) =>
  plan(timerType('modular-24'), {
    controller: { stationDelaySeconds: 15, season: { mode: 'monthly', percents } },
    stations: stations(
      ['Court lawn', 'rotor', 'turf'],
      ['Croquet lawn', 'rotor', 'turf'],
      ['Yew hedge', 'drip', 'shrubs'],
      ['Herbs', 'drip', 'vegetables'],
      ['Fruit cage', 'micro', 'vegetables'],
      ['Avenue west', 'bubbler', 'trees'],
      ['Avenue east', 'bubbler', 'trees'],
    ),
    programs: [
      {
        id: 'A',
        starts: ['23:00'],
        days: { mode: 'weekdays', weekdays: [2, 5] },
        runs: runs([1, 30], [2, 30]),
      },
      {
        id: 'B',
        starts: ['02:30'],
        days: { mode: 'weekdays', weekdays: [1, 3, 6] },
        runs: runs([3, 18], [4, 10], [5, 8]),
      },
      {
        id: 'C',
        starts: ['04:00'],
        days: { mode: 'weekdays', weekdays: [7] },
        runs: runs([6, 20], [7, 20]),
      },
    ],
  });

const COURT_YEAR = [20, 25, 40, 60, 80, 95, 100, 95, 75, 50, 30, 20];

/** Homes that have been looked after: their timers are as they should be, and visits stand behind them. */
export const KEPT_HOMES: readonly DemoHome[] = [
  {
    name: 'Sorrel bend',
    address: '5 Kiln Lane',
    hasRules: true,
    latitude: 40.216,
    longitude: -107.343,
    contactName: 'Nora Tolliver',
    contactPhone: '555 0186',
    gateNotes: 'The timer is in the porch, behind the coats. Nobody home on Thursdays.',
    supplySource: 'mains',
    frost: 'hard',
    supplyLpm: 48,
    supplyKpa: 390,
    waterPrice: 1.85,
    mowingWeekdays: [6],
    timers: [
      {
        name: 'Porch timer',
        ofType: 'Grey case by the door',
        document: porch(16, 90),
        yard: ground(
          { soil: 'loam', sun: 'full' },
          { plant: 'cool turf', areaSquareMetres: 62, flowLpm: 14, runoffSeconds: 1080 },
          { plant: 'cool turf', areaSquareMetres: 18, flowLpm: 16, slopePercent: 3 },
          { plant: 'cool turf', areaSquareMetres: 140, flowLpm: 27 },
          { areaSquareMetres: 22, flowLpm: 5, sun: 'part' },
          { areaSquareMetres: 12, flowLpm: 8 },
        ),
        visits: [
          { daysAgo: 214, by: TOBIAS, name: 'Spring start-up', left: porch(13, 60) },
          {
            ...{ daysAgo: 131, by: INES, name: 'Midsummer', left: porch(16, 110) },
            faults: [
              {
                ...{ station: 3, fault: 'head-tilted', note: 'third from the shed' },
                doneBy: TOBIAS,
              },
            ],
            care: ['sensor'],
          },
          {
            ...{ daysAgo: 44, by: TOBIAS, name: 'Autumn' },
            faults: [
              { station: 2, fault: 'leak', note: 'at the elbow by the drive, wet all the time' },
            ],
          },
        ],
      },
    ],
  },
  {
    name: 'Finch lodge',
    address: '12 Ropewalk',
    hasRules: true,
    latitude: 40.211,
    longitude: -107.339,
    contactName: 'Emory Vance',
    contactPhone: '555 0163',
    supplySource: 'bore',
    frost: 'hard',
    supplyLpm: 85,
    timers: [
      {
        // One cable round the house; the unit at the far end does not answer.
        name: 'Pump house',
        ofType: 'Blue box in the pump house',
        document: plan(timerType('two-wire-48'), {
          stations: stations(
            ['Lodge lawn', 'rotor', 'turf'],
            ['Bowling strip', 'rotary', 'turf'],
            ['Meadow', 'rotor', 'turf'],
            ['Rose walk', 'drip', 'flowers'],
            ['Pergola', 'drip', 'shrubs'],
            ['Far copse', 'bubbler', 'trees'],
          ),
          programs: [
            {
              id: 'A',
              starts: ['01:00'],
              days: { mode: 'weekdays', weekdays: [2, 4, 7] },
              runs: runs([1, 28], [2, 22], [3, 35]),
            },
            {
              id: 'B',
              starts: ['04:30'],
              days: { mode: 'weekdays', weekdays: [6] },
              runs: runs([4, 25], [5, 25], [6, 30]),
            },
          ],
        }),
        yard: Object.fromEntries(
          [
            { plant: 'cool turf' as const, soil: 'sandy loam' as const, milliamps: 38 },
            { plant: 'cool turf' as const, soil: 'sandy loam' as const, milliamps: 37 },
            { plant: 'warm turf' as const, soil: 'loam' as const, milliamps: 41 },
            { soil: 'loam' as const, milliamps: 39 },
            { soil: 'loam' as const, milliamps: 40 },
            { soil: 'loam' as const, milliamps: null },
          ].map(({ milliamps, ...facts }, index) => [
            index + 1,
            {
              ...facts,
              sun: 'full' as const,
              valveUnit: {
                serial: `RW-${4107 + 3 * index}`,
                lastTest:
                  milliamps === null
                    ? { on: '2026-09-12', result: 'silent' as const }
                    : { on: '2026-09-12', result: 'fine' as const, milliamps },
              },
              ...(index === 3 && {
                moistureSensor: {
                  ...{ serial: 'MS-77', holdsFromPercent: 28 },
                  ...{ readPercent: 22, readOn: '2026-09-12' },
                },
              }),
            },
          ]),
        ),
        visits: [
          {
            ...{ daysAgo: 79, by: INES, name: 'Cable looked through' },
            faults: [
              { station: 6, fault: 'no-valve', note: 'silent: look at the splice by the copse' },
            ],
          },
        ],
      },
    ],
  },
  {
    name: 'Marsh end',
    address: '4 Causeway',
    town: 'Sedge Ferry',
    hasRules: true,
    latitude: 40.187,
    longitude: -107.381,
    contactName: 'Ruth Adair',
    contactPhone: '555 0128',
    supplySource: 'mains',
    frost: 'hard',
    supplyLpm: 30,
    timers: [
      {
        name: 'Box by the causeway',
        document: plan(timerType('battery-4'), {
          stations: stations(
            ['Roadside', 'rotary', 'turf'],
            ['Dyke top', 'rotary', 'turf'],
            ['Willow bed', 'drip', 'shrubs'],
          ),
          programs: [
            {
              id: 'A',
              starts: ['03:00'],
              days: { mode: 'weekdays', weekdays: [4] },
              runs: runs([1, 30], [2, 30]),
            },
            {
              id: 'B',
              starts: ['05:00'],
              days: { mode: 'weekdays', weekdays: [2] },
              runs: runs([3, 35]),
            },
          ],
        }),
        visits: [{ daysAgo: 152, by: TOBIAS, name: 'New batteries', care: ['battery'] }],
      },
    ],
  },
  {
    name: 'Juniper hall',
    address: '22 Orchard Rise',
    latitude: 40.227,
    longitude: -107.358,
    contactName: 'Silas Carter',
    contactPhone: '555 0151',
    gateNotes: 'Ring at the lodge. Both timers are keyed with the brass key on the hook.',
    supplySource: 'mains',
    frost: 'hard',
    supplyLpm: 120,
    supplyKpa: 450,
    waterPrice: 1.85,
    timers: [
      {
        name: 'Stable',
        ofType: 'Beige case with three dials',
        document: stable(35),
        yard: ground(
          { soil: 'clay loam', sun: 'full' },
          { plant: 'cool turf', areaSquareMetres: 180, flowLpm: 32 },
          { plant: 'cool turf', areaSquareMetres: 210, flowLpm: 34 },
          { plant: 'cool turf', areaSquareMetres: 150, flowLpm: 22, runoffSeconds: 1500 },
          { areaSquareMetres: 30, flowLpm: 8 },
          { areaSquareMetres: 34, flowLpm: 8, sun: 'shade' },
          { areaSquareMetres: 20, flowLpm: 12 },
        ),
        visits: [
          { daysAgo: 203, by: INES, name: 'Spring start-up', left: stable(25) },
          { daysAgo: 96, by: INES, name: 'High summer' },
        ],
      },
      {
        name: 'Kitchen court',
        document: plan(timerType('wall-4'), {
          stations: stations(
            ['Herb pots', 'micro', 'vegetables'],
            ['Espaliers', 'drip', 'trees'],
            ['Cold frames', 'micro', 'vegetables'],
          ),
          programs: [
            {
              id: 'A',
              starts: ['05:30'],
              days: { mode: 'weekdays', weekdays: [1, 3, 5, 7] },
              runs: runs([1, 6], [2, 20], [3, 5]),
            },
          ],
        }),
        visits: [
          {
            ...{ daysAgo: 96, by: INES, name: 'High summer' },
            faults: [
              {
                ...{ station: 1, fault: 'head-clogged', note: 'two of the nine pots dry' },
                doneBy: INES,
              },
            ],
          },
        ],
      },
    ],
  },
  {
    name: 'Copper beech',
    address: '15 Ferry Lane',
    town: 'Sedge Ferry',
    hasRules: true,
    latitude: 40.184,
    longitude: -107.376,
    contactName: 'Pilar Montero',
    contactPhone: '555 0194',
    language: 'es',
    supplySource: 'mains',
    frost: 'hard',
    supplyLpm: 36,
    timers: [
      {
        // Held while the terrace is laid.
        name: 'Shed timer',
        ofType: 'Grey case by the door',
        holdDays: 9,
        document: plan(timerType('wall-8'), {
          stations: FERRY,
          programs: [
            {
              id: 'A',
              starts: ['04:00'],
              days: { mode: 'weekdays', weekdays: [1, 5] },
              runs: runs([1, 12], [2, 25]),
            },
            {
              id: 'B',
              starts: ['06:00'],
              days: { mode: 'interval', everyDays: 2, anchor: '2026-06-01' },
              runs: runs([3, 15]),
            },
          ],
        }),
        visits: [{ daysAgo: 61, by: TOBIAS, name: 'Before the terrace' }],
      },
    ],
  },
  {
    name: 'Bramble court',
    address: '30 Hopkiln',
    latitude: 40.222,
    longitude: -107.347,
    contactName: 'Cato Lindgren',
    contactPhone: '555 0133',
    supplySource: 'pond',
    frost: 'hard',
    supplyLpm: 95,
    timers: [
      {
        name: 'Coach house',
        ofType: 'White modular, in the coach house',
        document: court(COURT_YEAR),
        yard: ground(
          { soil: 'loam', sun: 'full', pump: true },
          { plant: 'cool turf', areaSquareMetres: 240, flowLpm: 40 },
          { plant: 'cool turf', areaSquareMetres: 220, flowLpm: 40 },
          { areaSquareMetres: 44, flowLpm: 9, sun: 'part' },
          { areaSquareMetres: 12, flowLpm: 4 },
          { areaSquareMetres: 25, flowLpm: 10 },
          { areaSquareMetres: 16, flowLpm: 12 },
          { areaSquareMetres: 16, flowLpm: 12 },
        ),
        visits: [
          {
            ...{ daysAgo: 190, by: TOBIAS, name: 'Spring start-up' },
            left: court(COURT_YEAR.map((percent) => Math.min(percent, 70))),
          },
          { daysAgo: 118, by: INES, name: 'By month from here on', care: ['sensor'] },
        ],
      },
    ],
  },
];
