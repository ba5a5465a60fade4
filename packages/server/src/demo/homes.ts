import type { DemoHome } from './demo-home.js';
import { plan, runs, timerType } from './plans.js';
import { PLUM_YARD } from './plum-yard.js';

export const DEMO_TOWN = { town: 'Quillhaven', timeZone: 'America/Denver' };

/** The made-up homes of a made-up town. Their timers differ in type; some have something wrong. */
export const DEMO_HOMES: readonly DemoHome[] = [
  {
    name: 'Plum cottage',
    address: '3 Alder Row',
    latitude: 40.212,
    longitude: -107.361,
    contactName: 'Odile Brandt',
    contactPhone: '555 0142',
    gateNotes: 'Side gate, code 2804. The dog is friendly. Timer left of the garage door.',
    supplySource: 'mains',
    frost: 'hard',
    supplyLpm: 60,
    supplyKpa: 410,
    waterPrice: 1.85,
    timers: [
      {
        // B drifts through the week and meets A on some nights only.
        name: 'Garage timer',
        yard: PLUM_YARD,
        document: plan(timerType('wall-12'), {
          controller: { stationDelaySeconds: 5, season: { mode: 'whole', percent: 110 } },
          stations: [
            {
              number: 1,
              name: 'Kerb strip',
              cycleSeconds: 360,
              soakSeconds: 1500,
              head: 'spray',
              plant: 'turf',
            },
            {
              number: 2,
              name: 'Front lawn',
              cycleSeconds: 480,
              soakSeconds: 1500,
              head: 'spray',
              plant: 'turf',
            },
            {
              number: 3,
              name: 'Side lawn',
              cycleSeconds: 480,
              soakSeconds: 1500,
              head: 'spray',
              plant: 'turf',
            },
            { number: 4, name: 'Back lawn', head: 'rotor', plant: 'turf' },
            { number: 5, name: 'Fence side', head: 'rotor', plant: 'turf' },
            {
              number: 6,
              name: 'Slope',
              cycleSeconds: 600,
              soakSeconds: 1800,
              head: 'rotary',
              plant: 'turf',
            },
            { number: 7, name: 'Hedge', head: 'drip', plant: 'shrubs' },
            { number: 8, name: 'Rose bed', head: 'drip', plant: 'flowers' },
            { number: 9, name: 'Orchard', head: 'bubbler', plant: 'trees' },
            { number: 10, name: 'Kitchen beds', head: 'drip', plant: 'vegetables' },
            {
              number: 11,
              name: 'Pots, terrace',
              head: 'micro',
              plant: 'flowers',
              rainSensor: false,
            },
            { number: 12, name: 'Spare wire', enabled: false },
          ],
          programs: [
            {
              id: 'A',
              starts: ['01:30'],
              days: { mode: 'weekdays', weekdays: [2, 5, 7] },
              runs: runs([1, 12], [2, 16], [3, 14], [4, 25], [5, 25], [6, 20]),
            },
            {
              id: 'B',
              starts: ['03:45'],
              days: { mode: 'interval', everyDays: 3, anchor: '2026-06-03' },
              runs: runs([7, 45], [8, 30], [9, 20]),
            },
            {
              id: 'C',
              starts: ['06:15', '19:30'],
              days: { mode: 'weekdays', weekdays: [1, 3, 5, 7] },
              runs: runs([10, 12], [11, 8]),
            },
          ],
        }),
      },
      {
        name: 'Greenhouse tap',
        document: plan(timerType('tap-1'), {
          stations: [{ number: 1, name: 'Greenhouse bench', head: 'micro', plant: 'vegetables' }],
          programs: [
            {
              id: '1',
              starts: ['07:00', '12:30', '18:00'],
              days: { mode: 'interval', everyDays: 1, anchor: '2026-06-01' },
              runs: runs([1, 6]),
            },
          ],
        }),
      },
    ],
  },
  {
    name: 'Heron gate',
    address: '18 Millpond Lane',
    hasRules: true,
    latitude: 40.205,
    longitude: -107.348,
    contactName: 'Abel Quist',
    contactPhone: '555 0177',
    supplySource: 'pond',
    frost: 'hard',
    supplyLpm: 45,
    timers: [
      {
        // The clock is twelve hours ahead: what is meant for the night waters in the afternoon.
        name: 'Valve box by the gate',
        document: plan(timerType('battery-2'), {
          controller: {
            clock: { timerReads: '2026-06-01T20:52:00', trueTime: '2026-06-01T08:52:00' },
          },
          stations: [
            { number: 1, name: 'Verge', head: 'rotary', plant: 'turf' },
            { number: 2, name: 'Young trees', head: 'bubbler', plant: 'trees' },
          ],
          programs: [
            { id: 'A', starts: ['04:30'], days: { mode: 'odd' }, runs: runs([1, 35]) },
            {
              id: 'B',
              starts: ['05:30'],
              days: { mode: 'weekdays', weekdays: [4] },
              runs: runs([2, 25]),
            },
          ],
        }),
      },
    ],
  },
  {
    name: 'Thistle yard',
    address: '41 Cooper Bank',
    hasRules: true,
    latitude: 40.219,
    longitude: -107.355,
    supplySource: 'bore',
    frost: 'hard',
    supplyLpm: 22,
    // Each tap by itself is well; in the morning both are open at once, and the bore does not give that.
    timers: [
      {
        name: 'Bean house tap',
        document: plan(timerType('tap-hours'), {
          stations: [
            { number: 1, name: 'Seed trays', head: 'micro', plant: 'vegetables', flowLpm: 15 },
          ],
          programs: [
            {
              id: '1',
              days: { mode: 'hours', everyHours: 8, anchor: '2026-05-30T06:10:00' },
              runs: runs([1, 10]),
            },
          ],
        }),
      },
      {
        name: 'Tap by the kitchen door',
        document: plan(timerType('tap-1'), {
          stations: [
            { number: 1, name: 'Herb spiral', head: 'drip', plant: 'vegetables', flowLpm: 9 },
          ],
          programs: [
            {
              id: '1',
              starts: ['06:00', '20:00'],
              days: { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] },
              runs: runs([1, 15]),
            },
          ],
        }),
      },
    ],
  },
  {
    name: 'Lantern house',
    address: '2 Upper Terrace',
    latitude: 40.224,
    longitude: -107.366,
    timers: [
      {
        name: 'Plant room',
        document: plan(timerType('modular-24'), {
          controller: {
            stationDelaySeconds: 10,
            season: {
              mode: 'monthly',
              percents: [40, 40, 55, 70, 90, 110, 125, 120, 95, 70, 50, 40],
            },
            noWater: [{ from: '10:00', to: '16:00' }],
          },
          stations: Array.from({ length: 24 }, (_, index) => {
            const number = index + 1;
            const [area, head, plant] =
              number <= 8
                ? ['Upper lawn', 'rotor', 'turf']
                : number <= 14
                  ? ['Terrace', 'spray', 'turf']
                  : number <= 20
                    ? ['Border', 'drip', 'shrubs']
                    : ['Trees', 'bubbler', 'trees'];
            const soaks = head === 'spray' ? { cycleSeconds: 300, soakSeconds: 1800 } : {};
            return { number, name: `${area} ${number}`, head, plant, ...soaks };
          }),
          programs: [
            {
              id: 'A',
              concurrent: 2,
              starts: ['21:45'],
              days: { mode: 'even' },
              runs: runs([1, 30], [2, 30], [3, 30], [4, 30], [5, 28], [6, 28], [7, 28], [8, 28]),
            },
            {
              id: 'B',
              concurrent: 2,
              starts: ['01:00'],
              days: { mode: 'weekdays', weekdays: [1, 3, 5] },
              runs: runs([9, 15], [10, 15], [11, 15], [12, 12], [13, 12], [14, 12]),
            },
            {
              id: 'C',
              starts: ['03:00'],
              days: { mode: 'weekdays', weekdays: [2, 6] },
              blockedWeekdays: [7],
              runs: runs([15, 20], [16, 20], [17, 20], [18, 20], [19, 18], [20, 18]),
            },
            {
              id: 'D',
              starts: ['05:30'],
              days: { mode: 'interval', everyDays: 10, anchor: '2026-06-05' },
              blockedWeekdays: [6],
              runs: runs([21, 20], [22, 20], [23, 20], [24, 20]),
            },
          ],
        }),
      },
    ],
  },
  {
    name: 'Wren corner',
    address: '7 Sparrow Steps',
    latitude: 40.199,
    longitude: -107.352,
    contactName: 'Mira Sandoval',
    contactPhone: '555 0119',
    supplySource: 'mains',
    frost: 'hard',
    supplyLpm: 38,
    timers: [
      {
        // Each station was given a start of its own, so the whole program runs three times.
        name: 'Carport',
        before: plan(timerType('wall-6'), {
          stations: [
            { number: 1, name: 'Front', head: 'spray', plant: 'turf' },
            { number: 2, name: 'Side', head: 'spray', plant: 'turf' },
            { number: 3, name: 'Back', head: 'rotor', plant: 'turf' },
            { number: 4, name: 'Beds', head: 'drip', plant: 'shrubs' },
          ],
          programs: [
            {
              id: 'A',
              starts: ['04:00'],
              days: { mode: 'weekdays', weekdays: [1, 4, 6] },
              runs: runs([1, 15], [2, 15], [3, 30]),
            },
            {
              id: 'B',
              starts: ['20:30'],
              days: { mode: 'weekdays', weekdays: [3] },
              runs: runs([4, 40]),
            },
          ],
        }),
        yard: {
          1: { sun: 'full', soil: 'clay loam', slopePercent: 4, areaSquareMetres: 52, flowLpm: 21 },
          2: { sun: 'part', soil: 'clay loam', slopePercent: 2, areaSquareMetres: 38, flowLpm: 18 },
          3: { sun: 'full', soil: 'loam', slopePercent: 1, areaSquareMetres: 110, flowLpm: 24 },
          4: { sun: 'part', soil: 'loam', areaSquareMetres: 24, flowLpm: 6 },
        },
        document: plan(timerType('wall-6'), {
          stations: [
            { number: 1, name: 'Front', head: 'spray', plant: 'turf' },
            { number: 2, name: 'Side', head: 'spray', plant: 'turf' },
            { number: 3, name: 'Back', head: 'rotor', plant: 'turf' },
            { number: 4, name: 'Beds', head: 'drip', plant: 'shrubs' },
          ],
          programs: [
            {
              id: 'A',
              starts: ['04:00', '04:20', '04:40'],
              days: { mode: 'weekdays', weekdays: [1, 4, 6] },
              runs: runs([1, 15], [2, 15], [3, 30]),
            },
            {
              id: 'B',
              starts: ['20:30'],
              days: { mode: 'weekdays', weekdays: [3] },
              runs: runs([4, 40]),
            },
          ],
        }),
      },
    ],
  },
  {
    name: 'Otter reach',
    address: '9 Weir Walk',
    latitude: 40.208,
    longitude: -107.372,
    contactName: 'Lorcan Ames',
    supplySource: 'reclaimed',
    frost: 'hard',
    supplyLpm: 70,
    supplyKpa: 380,
    waterPrice: 0.9,
    timers: [
      {
        // The percentage of July, and of July alone, makes A run into B.
        name: 'Boat shed',
        document: plan(timerType('wall-12'), {
          controller: {
            season: {
              mode: 'monthly',
              percents: [20, 20, 40, 60, 80, 100, 130, 120, 90, 60, 30, 20],
            },
          },
          stations: [
            { number: 1, name: 'River lawn', head: 'rotor', plant: 'turf' },
            { number: 2, name: 'Landing', head: 'rotor', plant: 'turf' },
            { number: 3, name: 'Bank', head: 'rotary', plant: 'turf' },
            { number: 4, name: 'Reed bed', head: 'drip', plant: 'shrubs' },
            { number: 5, name: 'Willows', head: 'bubbler', plant: 'trees' },
          ],
          programs: [
            {
              id: 'A',
              starts: ['02:00'],
              days: { mode: 'weekdays', weekdays: [1, 4] },
              runs: runs([1, 35], [2, 35], [3, 50]),
            },
            {
              id: 'B',
              starts: ['04:30'],
              days: { mode: 'weekdays', weekdays: [4] },
              runs: runs([4, 30], [5, 20]),
            },
          ],
        }),
      },
    ],
  },
];
