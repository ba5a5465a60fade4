import { parseDate } from '../civil-time/index.js';
import type { Plan } from '../settings/index.js';
import { homeOf } from '../testing/homes.js';
import { check, type Finding, type FindingCode } from './index.js';
import { RULES } from './rules.js';

/** A Monday. */
const FROM = parseDate('2026-06-01')!;

interface Example {
  /** A plan on which the finding fires. */
  readonly fires: Plan;
  /** All its findings of this code. */
  readonly found: readonly Partial<Finding>[];
  /** What the sentences about the first one hold. */
  readonly says: readonly string[];
  /** As near to it as can be, and nothing to find. */
  readonly silent: Plan;
}

const runs = (...seconds: number[]) =>
  seconds.map((length, index) => ({ station: index + 1, seconds: length }));
const programB = (fields: object = {}) => ({
  id: 'B',
  starts: ['05:00'],
  days: { mode: 'weekdays', weekdays: [2, 6] },
  runs: [{ station: 2, seconds: 600 }],
  ...fields,
});
const season = (setting: object) => ({ season: setting });
const months = (changed: Record<number, number>) =>
  Array.from({ length: 12 }, (_, month) => changed[month + 1] ?? 100);

const EXAMPLES: Record<FindingCode, Example> = {
  'missing-start': {
    fires: homeOf({ a: { starts: [] } }),
    found: [{ program: 'A', station: null, startNumber: null }],
    says: ['2 stations', 'no start time'],
    silent: homeOf({ a: { enabled: false, starts: [] } }),
  },
  'missing-run-time': {
    fires: homeOf({ a: { runs: runs(0, 0) } }),
    found: [{ program: 'A' }],
    says: ['04:00', 'nothing opens'],
    silent: homeOf({ a: { runs: [], starts: [] } }),
  },
  'missing-days': {
    fires: homeOf({ a: { days: { mode: 'weekdays', weekdays: [] }, starts: [] } }),
    found: [{ program: 'A' }],
    says: ['no water days'],
    silent: homeOf({ others: [{ id: 'B' }] }),
  },
  'never-waters': {
    fires: homeOf({ a: { blockedWeekdays: [2, 6] } }),
    found: [{ program: 'A' }],
    says: ['Program A', 'Mon 5 July 2027'],
    silent: homeOf({ a: { blockedWeekdays: [2] } }),
  },
  collision: {
    fires: homeOf({ others: [programB({ starts: ['04:15'] })] }),
    found: [
      {
        program: 'A',
        startNumber: 1,
        first: '2026-06-02T04:15:00',
        seconds: 300,
        b: { program: 'B', startNumber: 1 },
      },
    ],
    says: [
      'Tue 2 June',
      '04:15',
      'station 2',
      '5 min',
      'makes program B wait until 04:20 or later',
      '04:30 or later',
    ],
    silent: homeOf({
      a: { runs: runs(300, 600) },
      others: [programB({ starts: ['04:15'] })],
    }),
  },
  'low-headroom': {
    fires: homeOf({ others: [programB({ starts: ['04:15'] })], a: { runs: runs(300, 600) } }),
    found: [{ program: null, station: null }],
    says: ['above 100 %', '120 %'],
    silent: homeOf({ others: [programB({ starts: ['04:30'] })] }),
  },
  'start-per-station': {
    fires: homeOf({ a: { starts: ['04:15', '04:00'] } }),
    found: [{ program: 'A' }],
    says: ['2 starts for 2 stations', 'Keep the start at 04:00 and drop 04:15'],
    silent: homeOf({ a: { starts: ['04:00', '04:15', '09:00'] } }),
  },
  repeats: {
    fires: homeOf({ a: { starts: ['04:00', '05:00'] } }),
    found: [{ program: 'A' }],
    says: ['2 times', '04:00 and 05:00'],
    silent: homeOf({ a: { starts: ['04:00', '04:15'] } }),
  },
  'station-twice': {
    fires: homeOf({ others: [programB()] }),
    found: [{ program: null, station: 2 }],
    says: ['station 2 (Fig tree)', 'A and B'],
    silent: homeOf({ others: [programB({ enabled: false })] }),
  },
  'station-idle': {
    fires: homeOf({ a: { runs: runs(600) } }),
    found: [{ program: null, station: 2 }],
    says: ['Fig tree'],
    silent: homeOf({ a: { runs: runs(600) }, two: { enabled: false } }),
  },
  'too-many-starts': {
    fires: homeOf({
      timer: { startsPerProgram: 2 },
      a: { starts: ['01:00', '02:00', '03:00', '04:00'] },
    }),
    found: [{ program: 'A', startNumber: 3, count: 2 }],
    says: ['4 starts', 'takes 2', '03:00 and 04:00'],
    silent: homeOf({ timer: { startsPerProgram: 2 }, a: { starts: ['01:00', '02:00'] } }),
  },
  'start-off-step': {
    fires: homeOf({ a: { starts: ['23:50'], enabled: false } }),
    found: [{ program: 'A', startNumber: 1 }],
    says: ['23:50', '23:45 or 00:00'],
    silent: homeOf({ timer: { startStepMinutes: 10 }, a: { starts: ['23:50'] } }),
  },
  'run-too-short': {
    fires: homeOf({ a: { runs: runs(30, 0) }, one: { enabled: false } }),
    found: [{ program: 'A', station: 1 }],
    says: ['30 s', '1 min'],
    silent: homeOf({ a: { runs: runs(60, 0) } }),
  },
  'run-too-long': {
    fires: homeOf({ timer: { runTime: { maxSeconds: 540 } }, a: { runs: runs(600, 540) } }),
    found: [{ program: 'A', station: 1 }],
    says: ['10 min', '9 min'],
    silent: homeOf({ timer: { runTime: { maxSeconds: 600 } } }),
  },
  'run-off-step': {
    fires: homeOf({ a: { runs: runs(600, 250) } }),
    found: [{ program: 'A', station: 2 }],
    says: ['4 min 10 s', '4 min or 5 min'],
    silent: homeOf({ timer: { runTime: { stepSeconds: 10 } }, a: { runs: runs(600, 250) } }),
  },
  'interval-too-long': {
    fires: homeOf({
      timer: { intervalMaxDays: 7 },
      a: { days: { mode: 'interval', everyDays: 8, anchor: '2026-06-02' } },
    }),
    found: [{ program: 'A', station: null }],
    says: ['every 8 days', 'no further than 7'],
    silent: homeOf({
      timer: { intervalMaxDays: 7 },
      a: { days: { mode: 'interval', everyDays: 7, anchor: '2026-06-02' } },
    }),
  },
  'day-mode': {
    fires: homeOf({ timer: { dayModes: ['weekdays', 'interval'] }, a: { days: { mode: 'odd' } } }),
    found: [{ program: 'A' }],
    says: ['odd days', 'weekdays and every so many days'],
    silent: homeOf({ timer: { dayModes: ['odd'] }, a: { days: { mode: 'weekdays' } } }),
  },
  'station-beyond-timer': {
    fires: homeOf({ timer: { stations: 1 } }),
    found: [{ program: null, station: 2 }],
    says: ['Fig tree', '1 station.'],
    silent: homeOf({ timer: { stations: 2 } }),
  },
  'percent-beyond-timer': {
    fires: homeOf({ controller: season({ mode: 'whole', percent: 115 }) }),
    found: [{ program: null, station: null }],
    says: ['115 %', '10 to 150 %', 'Set 110 %'],
    silent: homeOf({ timer: season({ modes: ['monthly'], stepPercent: 7 }) }),
  },
  'delay-too-long': {
    fires: homeOf({
      timer: { maxStationDelaySeconds: 30 },
      controller: { stationDelaySeconds: 31 },
    }),
    found: [{ program: null, station: null }],
    says: ['31 s', 'no more than 30 s'],
    silent: homeOf({
      timer: { maxStationDelaySeconds: 30 },
      controller: { stationDelaySeconds: 30 },
    }),
  },
  'cycle-soak-unsupported': {
    fires: homeOf({ one: { cycleSeconds: 540, soakSeconds: 600 } }),
    found: [{ program: 'A', station: 1 }],
    says: ['10 min without a break', '9 min'],
    silent: homeOf({ one: { cycleSeconds: 600, soakSeconds: 600 } }),
  },
  'concurrent-unsupported': {
    fires: homeOf({ a: { concurrent: 2 } }),
    found: [{ program: 'A', station: null }],
    says: ['2 stations at once', 'one after the other'],
    silent: homeOf({ timer: { maxConcurrentStations: 2 }, a: { concurrent: 2 } }),
  },
  'window-unsupported': {
    fires: homeOf({ controller: { noWater: [{ from: '09:30', to: '17:00' }] } }),
    found: [{ program: null }],
    says: ['09:30 to 17:00'],
    silent: homeOf({
      timer: { noWaterWindows: true },
      controller: { noWater: [{ from: '09:30', to: '17:00' }] },
    }),
  },
  'month-day-unsupported': {
    fires: homeOf({ controller: { monthDaysOff: [15, 3] } }),
    found: [{ program: null }],
    says: ['3 and 15'],
    silent: homeOf({ timer: { monthDaysOff: true }, controller: { monthDaysOff: [15] } }),
  },
  'one-length-only': {
    fires: homeOf({ timer: { runTime: { scope: 'program' } }, a: { runs: runs(600, 660) } }),
    found: [{ program: 'A', station: null }],
    says: ['10 min to 11 min'],
    silent: homeOf({ timer: { runTime: { scope: 'program' } }, a: { runs: runs(600, 0) } }),
  },
  'season-scaled': {
    fires: homeOf({ controller: season({ mode: 'monthly', percents: months({ 7: 120 }) }) }),
    found: [{ program: null }],
    says: ['Jul 120 %'],
    silent: homeOf({
      timer: season(null as unknown as object),
      controller: season({ mode: 'whole', percent: 120 }),
    }),
  },
  'controller-off': {
    fires: homeOf({ controller: { off: true } }),
    found: [{ program: null }],
    says: ['switched off'],
    silent: homeOf(),
  },
  'sensor-bypassed': {
    fires: homeOf({ controller: { rainSensor: 'bypass' } }),
    found: [{ program: null }],
    says: ['bypassed'],
    silent: homeOf({ timer: { rainSensor: false }, controller: { rainSensor: 'bypass' } }),
  },
  'clock-off': {
    fires: homeOf({
      controller: {
        clock: { timerReads: '2026-06-01T20:52:00', trueTime: '2026-06-01T08:52:00' },
      },
    }),
    found: [{ program: null, kinds: ['am-pm'], offSeconds: 43_200 }],
    says: [
      'Mon 1 June, 20:52',
      'Mon 1 June, 08:52',
      'AM and PM',
      'set to 04:00, really begins at 16:00',
    ],
    silent: homeOf({
      controller: {
        clock: { timerReads: '2026-06-01T08:56:59', trueTime: '2026-06-01T08:52:00' },
      },
    }),
  },
  'rule-day': {
    fires: homeOf({ rules: { weekdays: [2, 6] }, a: { starts: ['23:45'] } }),
    found: [
      { program: 'A', station: 2, afterMidnight: true, first: '2026-06-03T00:00:00', count: 17 },
    ],
    says: ['Tue 2 June', 'past midnight'],
    silent: homeOf({ rules: { weekdays: [2, 6] }, a: { starts: ['23:45'], runs: runs(600, 300) } }),
  },
  'rule-hours': {
    fires: homeOf({ rules: { noWater: [{ from: '04:19', to: '09:00' }] } }),
    found: [{ program: 'A', station: 2, first: '2026-06-02T04:19:00', count: 17 }],
    says: ['04:19 to 09:00', 'Tue 2 June'],
    silent: homeOf({
      rules: {
        noWater: [
          { from: '04:20', to: '04:00' },
          { from: '00:00', to: '00:00', weekdays: [1, 4] },
        ],
      },
    }),
  },
  'mowing-day': {
    fires: homeOf({ rules: { mowingWeekdays: [6] } }),
    found: [
      { program: 'A', station: 1, first: '2026-06-06T04:00:00', count: 8 },
      { program: 'A', station: 2 },
    ],
    says: ['Sat 6 June'],
    silent: homeOf({
      rules: { mowingWeekdays: [3, 7] },
      a: { starts: ['23:30'], runs: runs(900, 900) },
    }),
  },
  'late-finish': {
    fires: homeOf({ rules: { finishBy: '04:19' } }),
    found: [{ program: 'A', station: null, first: '2026-06-02T04:00:00', count: 17 }],
    says: ['04:20', '04:19', '1 min earlier'],
    silent: homeOf({ rules: { finishBy: '04:20' } }),
  },
  'wet-night': {
    fires: homeOf({ a: { starts: ['01:30'], runs: runs(1740) } }),
    found: [{ program: 'A', station: null, first: '2026-06-02T01:30:00' }],
    says: ['01:59', 'Front lawn'],
    silent: homeOf({ a: { starts: ['01:30'], runs: runs(1800) } }),
  },
  'too-often': {
    fires: homeOf({ a: { days: { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6] } } }),
    found: [{ program: null, station: 1, first: '2026-06-01T00:00:00', count: 54 }, { station: 2 }],
    says: ['6 of the 7 days', 'Mon 1 June'],
    silent: homeOf({
      a: { days: { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5] }, starts: ['04:00', '05:00'] },
    }),
  },
  runoff: {
    fires: homeOf({ one: { runoffSeconds: 599 } }),
    found: [{ program: 'A', station: 1, first: '2026-06-02T04:00:00', count: 17 }],
    says: ['10 min without a break', '9 min 59 s'],
    silent: homeOf({ one: { runoffSeconds: 600 } }),
  },
  'short-soak': {
    fires: homeOf({ one: { minSoakSeconds: 3001 }, a: { starts: ['04:00', '05:00'] } }),
    found: [{ program: 'A', station: 1, first: '2026-06-02T05:00:00', count: 17 }],
    says: ['50 min after', 'Tue 2 June, 05:00'],
    silent: homeOf({ one: { minSoakSeconds: 3000 }, a: { starts: ['04:00', '05:00'] } }),
  },
  'flow-over': {
    fires: homeOf({
      site: { supplyLpm: 29.9 },
      timer: { maxConcurrentStations: 2 },
      a: { concurrent: 2 },
      one: { flowLpm: 10.1 },
      two: { flowLpm: 19.9 },
    }),
    found: [{ program: null, station: null, first: '2026-06-02T04:00:00', count: 17 }],
    says: ['1 and 2', '30 L/min', '29.9 L/min'],
    silent: homeOf({
      site: { supplyLpm: 0.3 },
      timer: { maxConcurrentStations: 2 },
      a: { concurrent: 2 },
      one: { flowLpm: 0.1 },
      two: { flowLpm: 0.2 },
    }),
  },
  'window-cuts': {
    fires: homeOf({
      timer: { noWaterWindows: true },
      controller: { noWater: [{ from: '04:05', to: '04:12' }] },
    }),
    found: [
      { program: 'A', station: 1, first: '2026-06-02T04:05:00', count: 17, lostSeconds: 300 },
      { program: 'A', station: 2, first: '2026-06-02T04:10:00', count: 17, lostSeconds: 120 },
    ],
    says: ['Front lawn', 'loses 5 min of 10 min on Tue 2 June', 'from 04:05 to 04:12'],
    silent: homeOf({
      timer: { noWaterWindows: true },
      controller: {
        noWater: [
          { from: '03:00', to: '04:00' },
          { from: '04:20', to: '09:00' },
          { from: '04:00', to: '05:00', weekdays: [1, 3, 4, 5, 7] },
        ],
      },
    }),
  },
  'knock-on': {
    fires: homeOf({ a: { starts: ['04:00', '04:15', '04:45'], runs: runs(1200, 600) } }),
    found: [
      { program: 'A', startNumber: 3, first: '2026-06-02T04:45:00', seconds: 900, count: 17 },
    ],
    says: ['04:45', '15 min late', 'is late itself'],
    silent: homeOf({
      timer: { overlap: 'concurrent' },
      a: { starts: ['04:00', '04:15', '04:45'] },
    }),
  },
  'flow-unknown': {
    fires: homeOf({
      site: { supplyLpm: 30 },
      timer: { maxConcurrentStations: 2 },
      a: { concurrent: 2 },
      one: { flowLpm: 10 },
    }),
    found: [{ program: null, station: null, stations: [2] }],
    says: ['station 2', 'not known'],
    silent: homeOf({ site: { supplyLpm: 30 }, a: { concurrent: 2 }, one: { flowLpm: 10 } }),
  },
};

const ofCode = (plan: Plan, code: FindingCode) =>
  check(plan, FROM).filter((finding) => finding.code === code);

it('nothing is to be found on the home from which the examples are made', () => {
  expect(check(homeOf(), FROM)).toEqual([]);
});

describe.each(RULES.map(({ code, severity }) => ({ code, severity, ...EXAMPLES[code] })))(
  '$code',
  ({ code, severity, fires, found, says, silent }) => {
    it('is found, in words with times and dates', () => {
      const findings = ofCode(fires, code);
      expect(findings).toEqual(found.map((one) => expect.objectContaining({ severity, ...one })));
      const words = `${findings[0]!.message.toLowerCase()} ${findings[0]!.fix}`.toLowerCase();
      for (const part of says) expect(words).toContain(part.toLowerCase());
      for (const { message, fix } of findings)
        for (const sentence of [message, fix]) expect(sentence).toMatch(/^[A-Z].*\.$/);
    });

    it('is not found where it only nearly is so', () => {
      expect(ofCode(silent, code)).toEqual([]);
    });
  },
);
