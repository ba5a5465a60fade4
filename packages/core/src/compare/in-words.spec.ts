import { homeOf } from '../testing/homes.js';
import { inWords, type Difference } from './index.js';

type Field = Difference['field'];

/** "what: before → after" of a difference at a place, on a home whose station 1 is called Front lawn. */
function said(field: Field, before: unknown, after: unknown): string {
  const one = inWords({ path: '', field, before, after }, [homeOf()]);
  return `${one.what}: ${one.before ?? '-'} → ${one.after ?? '-'}`;
}

it.each<[Field, unknown, unknown, string]>([
  // The settings of the timer.
  [['controller', 'off'], false, true, 'Timer: set to run → off'],
  [['controller', 'stationDelaySeconds'], 0, 90, 'Wait between stations: 0 min → 1 min 30 s'],
  [['controller', 'rainSensor'], 'active', 'bypass', 'Rain sensor: active → bypassed'],
  [['controller', 'monthDaysOff'], [], [31, 4], 'Days of the month off: none → 4 and 31'],
  [
    ['controller', 'noWater', 0],
    null,
    { from: '09:30', to: '17:00', weekdays: [1, 2, 3, 4, 5, 6, 7] },
    'Hours without watering: - → 09:30 to 17:00',
  ],
  [
    ['controller', 'noWater', 0],
    { from: '09:30', to: '17:00', weekdays: [] },
    { from: '09:30', to: '17:00', weekdays: [6, 7] },
    'Hours without watering: 09:30 to 17:00 on no day → 09:30 to 17:00 on Sat Sun',
  ],
  [
    ['controller', 'pauses', 0],
    { from: '2026-06-03T00:00:00', to: '2026-06-05T12:30:00' },
    null,
    'Hold: Wed 3 June 2026, 00:00 to Fri 5 June 2026, 12:30 → -',
  ],
  [
    ['controller', 'clock', 'timerReads'],
    '2026-06-01T20:52:00',
    null,
    "The timer's clock showed: Mon 1 June 2026, 20:52 → -",
  ],
  [
    ['controller', 'clock', 'trueTime'],
    '2026-06-01T08:52:00',
    null,
    'True time when the clock was read: Mon 1 June 2026, 08:52 → -',
  ],
  [
    ['controller', 'season'],
    { mode: 'whole', percent: 90 },
    { mode: 'program' },
    'Season percentage: 90 % → by program',
  ],
  [
    ['controller', 'season'],
    { mode: 'program' },
    { mode: 'monthly', percents: [0, 10, 40, 70, 90, 130, 150, 140, 100, 60, 20, 5] },
    'Season percentage: by program → Jan 0 %, Feb 10 %, Mar 40 %, Apr 70 %, May 90 %, Jun 130 %, Jul 150 %, Aug 140 %, Sep 100 %, Oct 60 %, Nov 20 %, Dec 5 %',
  ],
  // Stations.
  [['stations', 2, 'number'], null, 2, 'Station 2, listed: - → there'],
  [['stations', 2, 'name'], 'Side', 'Hedge', 'Station 2, name: Side → Hedge'],
  [['stations', 2, 'enabled'], true, false, 'Station 2: on → off'],
  [['stations', 2, 'cycleSeconds'], 300, 360, 'Station 2, cycle: 5 min → 6 min'],
  [['stations', 2, 'soakSeconds'], 300, null, 'Station 2, soak: 5 min → -'],
  [['stations', 2, 'flowLpm'], 9.5, 12, 'Station 2, flow: 9.5 L/min → 12 L/min'],
  [['stations', 2, 'pump'], true, false, 'Station 2, pump: runs → does not run'],
  [['stations', 2, 'rainSensor'], true, false, 'Station 2, rain sensor: heeded → not heeded'],
  [['stations', 2, 'head'], 'spray', 'rotor', 'Station 2, head: spray → rotor'],
  [['stations', 2, 'plant'], 'turf', 'shrubs', 'Station 2, plants: turf → shrubs'],
  [['stations', 2, 'runoffSeconds'], 400, 60, 'Station 2, time to run-off: 6 min 40 s → 1 min'],
  [['stations', 2, 'minSoakSeconds'], 60, 120, 'Station 2, least soak: 1 min → 2 min'],
  // Programs.
  [['programs', 'B', 'id'], null, 'B', 'Program B, listed: - → there'],
  [['programs', 'B', 'enabled'], true, false, 'Program B: on → off'],
  [['programs', 'B', 'percent'], 100, 90, 'Program B, percentage: 100 % → 90 %'],
  [['programs', 'B', 'concurrent'], 1, 2, 'Program B, stations at once: 1 → 2'],
  [['programs', 'B', 'blockedWeekdays'], [], [6, 1], 'Program B, never on: none → Mon Sat'],
  [['programs', 'B', 'starts', 1], '04:00', null, 'Program B, start 2: 04:00 → -'],
  [
    ['programs', 'B', 'days'],
    { mode: 'interval', everyDays: 1, anchor: '2026-06-02' },
    { mode: 'interval', everyDays: 4, anchor: '2026-06-02' },
    'Program B, water days: every day, counted from Tue 2 June 2026 → every 4 days, counted from Tue 2 June 2026',
  ],
  [
    ['programs', 'B', 'days'],
    { mode: 'odd' },
    { mode: 'weekdays', weekdays: [2, 5] },
    'Program B, water days: on odd days of the month → on Tue Fri',
  ],
  [
    ['programs', 'B', 'runs', 1, 'seconds'],
    600,
    630,
    'Program B, station 1 (Front lawn): 10 min → 10 min 30 s',
  ],
  [['programs', 'B', 'runs', 9, 'seconds'], 600, null, 'Program B, station 9: 10 min → -'],
  [['programs', 'B', 'runs', 9, 'station'], null, 9, 'Program B, station 9, listed: - → there'],
  [
    ['programs', 'B', 'runs'],
    [{ station: 1 }, { station: 2 }],
    [{ station: 2 }, { station: 1 }],
    'Program B, order of the stations: 1, 2 → 2, 1',
  ],
  // Local rules.
  [['rules', 'weekdays'], [1], [1, 4], 'Local rules, weekdays: Mon → Mon Thu'],
  [['rules', 'dateParity'], null, 'odd', 'Local rules, dates: - → odd'],
  [
    ['rules', 'noWater', 0],
    { from: '10:00', to: '18:00', weekdays: [1, 2, 3, 4, 5, 6, 7] },
    null,
    'Local rules, hours without watering: 10:00 to 18:00 → -',
  ],
  [['rules', 'mowingWeekdays'], [5], [], 'Local rules, days kept dry for mowing: Fri → none'],
  [['rules', 'finishBy'], '06:00', '07:00', 'Local rules, finish by: 06:00 → 07:00'],
  [
    ['rules', 'exempt'],
    ['drip'],
    ['drip', 'bubbler'],
    'Local rules, heads that are exempt: drip → drip and bubbler',
  ],
  [['rules', 'headroomPercent'], 120, 130, 'Local rules, clear up to: 120 % → 130 %'],
  // Where it is.
  [['site', 'timeZone'], null, 'America/Denver', 'Time zone: - → America/Denver'],
  [['site', 'latitude'], 40, 41, 'Latitude: 40 → 41'],
  [['site', 'longitude'], -105, -104, 'Longitude: -105 → -104'],
  [['site', 'supplyLpm'], 60, 50, 'Supply: 60 L/min → 50 L/min'],
  [
    ['weather', 'rain', 0],
    null,
    { from: '2026-06-03T00:00:00', to: '2026-06-04T00:00:00' },
    'Rain: - → Wed 3 June 2026, 00:00 to Thu 4 June 2026, 00:00',
  ],
])('%j from %j to %j', (field, before, after, words) => {
  expect(said(field, before, after)).toBe(words);
});

/** What the timer can do: each thing by its name, numbers in their units, and yes or no. */
it.each<[Field, unknown, unknown, string]>([
  [['name'], 'Wall', 'Shed', 'name: Wall → Shed'],
  [['stations'], 8, 12, 'stations: 8 → 12'],
  [['programs'], ['A'], ['A', 'B'], 'programs: A → A and B'],
  [['startsPerProgram'], 3, 4, 'starts a program: 3 → 4'],
  [['startStepMinutes'], 10, 15, 'step of start times: 10 min → 15 min'],
  [['runTime', 'minSeconds'], 60, 120, 'shortest run time: 1 min → 2 min'],
  [['runTime', 'maxSeconds'], 5940, 14400, 'longest run time: 1 h 39 min → 4 h'],
  [['runTime', 'stepSeconds'], 60, 1, 'step of run times: 1 min → 1 s'],
  [['runTime', 'scope'], 'program', 'station', 'run times by: program → station'],
  [['dayModes'], ['odd'], ['odd', 'even'], 'kinds of water days: odd → odd and even'],
  [['intervalMaxDays'], 14, 31, 'longest interval: 14 days → 31 days'],
  [['skip31'], true, false, 'odd days leave out the 31st: yes → no'],
  [['skipFeb29'], false, true, 'odd days leave out 29 February: no → yes'],
  [['blockedDay'], 'skip', 'defer', 'an interval day that is blocked: skip → defer'],
  [['monthDaysOff'], false, true, 'days of the month off: no → yes'],
  [['stationOrder'], 'number', 'listed', 'order of stations: number → listed'],
  [['season', 'modes'], ['whole'], ['monthly'], 'season percentages: whole → monthly'],
  [['season', 'minPercent'], 0, 10, 'least percentage: 0 % → 10 %'],
  [['season', 'maxPercent'], 150, 200, 'greatest percentage: 150 % → 200 %'],
  [['season', 'stepPercent'], 10, 1, 'step of the percentage: 10 % → 1 %'],
  [['season', 'roundToSeconds'], 60, 1, 'rounding of scaled times: 1 min → 1 s'],
  [['overlap'], 'queue', 'drop', 'a start while a program runs: queue → drop'],
  [['cycleSoak', 'policy'], 'in-order', 'ready-first', 'cycle-and-soak: in-order → ready-first'],
  [['maxStationDelaySeconds'], 0, 60, 'longest wait between stations: 0 min → 1 min'],
  [['maxConcurrentStations'], 1, 2, 'stations at once: 1 → 2'],
  [['noWaterWindows'], false, true, 'hours without watering: no → yes'],
  [['rainSensor'], true, false, 'rain sensor: yes → no'],
  [['pumpPerStation'], true, false, 'pump by station: yes → no'],
  [['power'], 'mains', 'battery', 'power: mains → battery'],
])('of what the timer can do, %j from %j to %j', (field, before, after, words) => {
  expect(said(['timer', ...field], before, after)).toBe(`What the timer can do, ${words}`);
});
