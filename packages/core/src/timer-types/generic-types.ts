import { TimerHandling } from './handling.js';
import { TimerCapability } from './timer-capability.js';

/** A type of timer that a technician can start from and then adjust. */
export interface GenericType {
  readonly key: string;
  /** One line on what it is and how to know it. */
  readonly summary: string;
  readonly timer: TimerCapability;
  readonly handling: TimerHandling;
}

function timerType(
  key: string,
  name: string,
  summary: string,
  differs: Partial<TimerCapability>,
  handling: Partial<TimerHandling> = {},
): GenericType {
  return {
    key,
    summary,
    timer: Object.assign(new TimerCapability(), { name, ...differs }),
    handling: Object.assign(new TimerHandling(), handling),
  };
}

/** Days before times: how small timers ask. */
const DAYS_FIRST: Partial<TimerHandling> = {
  keyInOrder: ['clock', 'days', 'starts', 'run-times', 'percent', 'extras'],
};

/** Lengths before starts. */
const LENGTHS_FIRST: Partial<TimerHandling> = {
  keyInOrder: ['clock', 'run-times', 'starts', 'days', 'percent', 'extras'],
};

/** A unit at each valve, all on the same two wires. */
const TWO_WIRES: Partial<TimerHandling> = {
  wiring: 'two-wire',
  storeCopy: 'Open the menu, choose memory, then store; wait until it says done.',
  bringBackCopy: 'Open the menu, choose memory, then bring back, and confirm.',
  factoryReset: 'Open the menu, choose memory, then empty, and confirm. Set the clock anew.',
};

const plainRunTime = {
  minSeconds: 60,
  maxSeconds: 14_400,
  stepSeconds: 60,
  scope: 'station',
} as const;

/** What timers on a garden tap have in common. */
const ON_A_TAP: Partial<TimerCapability> = {
  startStepMinutes: 5,
  runTime: { minSeconds: 60, maxSeconds: 10_800, stepSeconds: 60, scope: 'program' },
  dayModes: ['weekdays', 'interval'],
  intervalMaxDays: 7,
  season: null,
  overlap: 'drop',
  maxStationDelaySeconds: 0,
  pumpPerStation: false,
  power: 'battery',
};

/** Types of timers as they hang on walls and taps, made up and without makers. */
export const GENERIC_TYPES: readonly GenericType[] = [
  timerType(
    'tap-1',
    'Tap timer, one valve',
    'Screws on a garden tap; one valve, one length for every start',
    { ...ON_A_TAP, stations: 1, programs: ['1'], startsPerProgram: 6, rainSensor: false },
    DAYS_FIRST,
  ),
  timerType(
    'battery-2',
    'Battery timer, 2 stations',
    'In a valve box, on a battery; two programs',
    {
      stations: 2,
      programs: ['A', 'B'],
      startsPerProgram: 3,
      startStepMinutes: 5,
      runTime: plainRunTime,
      season: null,
      overlap: 'queue',
      maxStationDelaySeconds: 0,
      power: 'battery',
    },
  ),
  timerType(
    'wall-6',
    'Wall timer, 6 stations',
    'Plain wall timer: two programs, whole-timer percentage',
    {
      stations: 6,
      programs: ['A', 'B'],
      startStepMinutes: 10,
      runTime: plainRunTime,
      maxStationDelaySeconds: 3600,
    },
  ),
  timerType(
    'wall-12',
    'Wall timer, 12 stations',
    'Three programs, cycle-and-soak, percentage by program',
    {
      stations: 12,
      cycleSoak: { policy: 'in-order' },
      season: {
        modes: ['whole', 'program', 'monthly'],
        minPercent: 10,
        maxPercent: 200,
        stepPercent: 10,
        roundToSeconds: 60,
      },
    },
  ),
  timerType(
    'modular-24',
    'Modular timer, 24 stations',
    'Station modules; four programs, two stations at once',
    {
      stations: 24,
      programs: ['A', 'B', 'C', 'D'],
      startsPerProgram: 8,
      startStepMinutes: 1,
      runTime: { minSeconds: 10, maxSeconds: 43_200, stepSeconds: 10, scope: 'station' },
      skip31: true,
      skipFeb29: true,
      blockedDay: 'defer',
      monthDaysOff: true,
      season: {
        modes: ['whole', 'monthly'],
        minPercent: 5,
        maxPercent: 300,
        stepPercent: 5,
        roundToSeconds: 10,
      },
      overlap: 'queue',
      cycleSoak: { policy: 'ready-first' },
      maxConcurrentStations: 2,
      noWaterWindows: true,
    },
  ),
  timerType(
    'older-8',
    'Older wall timer, 8 stations',
    'A new start cuts off what is running',
    {
      stations: 8,
      programs: ['A', 'B', 'C'],
      startsPerProgram: 3,
      runTime: { minSeconds: 60, maxSeconds: 5940, stepSeconds: 60, scope: 'station' },
      dayModes: ['weekdays', 'odd', 'even'],
      overlap: 'preempt',
      maxStationDelaySeconds: 0,
      pumpPerStation: false,
    },
    LENGTHS_FIRST,
  ),
  timerType(
    'tap-2',
    'Tap timer, two valves',
    'On a garden tap with two outlets; one program each',
    { ...ON_A_TAP, stations: 2, programs: ['1', '2'], overlap: 'queue' },
  ),
  timerType(
    'battery-4',
    'Battery timer, 4 stations',
    'In a valve box, on a battery; percentage by month',
    {
      stations: 4,
      programs: ['A', 'B', 'C'],
      startsPerProgram: 4,
      startStepMinutes: 5,
      runTime: { minSeconds: 60, maxSeconds: 14_400, stepSeconds: 60, scope: 'station' },
      season: {
        modes: ['whole', 'monthly'],
        minPercent: 10,
        maxPercent: 200,
        stepPercent: 10,
        roundToSeconds: 60,
      },
      maxStationDelaySeconds: 0,
      pumpPerStation: false,
      power: 'battery',
    },
  ),
  timerType(
    'wall-4',
    'Wall timer, 4 stations',
    'Small and indoors: one program, whole-timer percentage',
    {
      stations: 4,
      programs: ['A'],
      startsPerProgram: 3,
      startStepMinutes: 15,
      runTime: plainRunTime,
      dayModes: ['weekdays', 'interval'],
      intervalMaxDays: 7,
      maxStationDelaySeconds: 0,
      pumpPerStation: false,
    },
  ),
  timerType(
    'wall-8',
    'Wall timer, 8 stations',
    'Outdoors in a case; three programs, cycle-and-soak',
    {
      stations: 8,
      startsPerProgram: 4,
      startStepMinutes: 10,
      runTime: plainRunTime,
      cycleSoak: { policy: 'in-order' },
      maxStationDelaySeconds: 3600,
    },
  ),
  timerType(
    'program-length-6',
    'Older dial timer, 6 stations',
    'One length for all stations of a program',
    {
      stations: 6,
      programs: ['A', 'B'],
      startsPerProgram: 2,
      startStepMinutes: 60,
      runTime: { minSeconds: 300, maxSeconds: 3600, stepSeconds: 300, scope: 'program' },
      dayModes: ['weekdays'],
      season: null,
      overlap: 'drop',
      maxStationDelaySeconds: 0,
      rainSensor: false,
      pumpPerStation: false,
    },
    {
      ...DAYS_FIRST,
      pauseForRain: 'Turn the big switch to off while it rains, and back to automatic afterwards.',
    },
  ),
  timerType(
    'two-wire-48',
    'Two-wire timer, 48 stations',
    'Decoders on one cable; six programs, four stations at once',
    {
      stations: 48,
      programs: ['A', 'B', 'C', 'D', 'E', 'F'],
      startsPerProgram: 8,
      startStepMinutes: 1,
      runTime: { minSeconds: 1, maxSeconds: 43_200, stepSeconds: 1, scope: 'station' },
      blockedDay: 'defer',
      monthDaysOff: true,
      stationOrder: 'listed',
      season: {
        modes: ['whole', 'program', 'monthly'],
        minPercent: 0,
        maxPercent: 300,
        stepPercent: 1,
        roundToSeconds: 1,
      },
      overlap: 'concurrent',
      cycleSoak: { policy: 'ready-first' },
      maxConcurrentStations: 4,
      noWaterWindows: true,
    },
    TWO_WIRES,
  ),
  timerType(
    'tap-hours',
    'Tap timer by the hour, one valve',
    'Screws on a garden tap; waters every so many hours, or days',
    {
      ...ON_A_TAP,
      stations: 1,
      programs: ['1'],
      startsPerProgram: 2,
      runTime: { minSeconds: 60, maxSeconds: 7200, stepSeconds: 60, scope: 'program' },
      dayModes: ['hours', 'interval'],
      intervalMaxHours: 72,
      rainSensor: false,
    },
    DAYS_FIRST,
  ),
  timerType(
    'wall-frost-8',
    'Wall timer with a freeze input, 8 stations',
    'Three programs; stops for rain, and for frost, station by station',
    {
      stations: 8,
      startStepMinutes: 10,
      runTime: plainRunTime,
      freezeSensor: true,
      cycleSoak: { policy: 'in-order' },
      maxStationDelaySeconds: 3600,
    },
  ),
  timerType(
    'wall-weather-12',
    'Wall timer with a weather sensor, 12 stations',
    'The sensor sets the percentage every day, between two bounds',
    {
      stations: 12,
      startStepMinutes: 5,
      runTime: plainRunTime,
      monthDaysOff: true,
      cycleSoak: { policy: 'in-order' },
      season: {
        modes: ['whole', 'monthly', 'weather'],
        minPercent: 10,
        maxPercent: 200,
        stepPercent: 5,
        roundToSeconds: 60,
      },
    },
  ),
  timerType(
    'two-wire-64',
    'Two-wire timer, 64 stations',
    'Valve units on one cable; each program can have hours of its own',
    {
      stations: 64,
      programs: ['A', 'B', 'C', 'D', 'E', 'F', 'G', 'H'],
      startsPerProgram: 8,
      startStepMinutes: 1,
      runTime: { minSeconds: 1, maxSeconds: 43_200, stepSeconds: 1, scope: 'station' },
      blockedDay: 'defer',
      monthDaysOff: true,
      season: {
        modes: ['whole', 'program', 'monthly'],
        minPercent: 0,
        maxPercent: 300,
        stepPercent: 1,
        roundToSeconds: 1,
      },
      overlap: 'queue',
      cycleSoak: { policy: 'ready-first' },
      maxConcurrentStations: 3,
      noWaterWindows: true,
      programWindows: true,
      freezeSensor: true,
    },
    TWO_WIRES,
  ),
];
