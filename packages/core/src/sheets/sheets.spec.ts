import { sheetNotes } from './sheet-notes.js';
import fc from 'fast-check';
import { parseDate } from '../civil-time/index.js';
import { simulate } from '../engine/index.js';
import type { Plan } from '../settings/index.js';
import { anyPlan, planOf } from '../testing/plans.js';
import { runs } from '../testing/runs.js';
import { TimerHandling } from '../timer-types/index.js';
import {
  axisHour,
  barWords,
  EN,
  hourWords,
  sheetDate,
  shortSheetDate,
  speakerOf,
} from '../household-words/index.js';
import { Spans } from '../dues/index.js';
import { dueDates, readSheet, seasonStep, sheetOf } from './index.js';

const SPEAKER = speakerOf('en');

const ON = parseDate('2026-06-01')!;

const plan = planOf({
  site: { timeZone: 'America/Denver' },
  timer: { cycleSoak: {} },
  controller: { season: { mode: 'whole', percent: 80 } },
  stations: [
    { number: 1, name: 'Kerb strip', flowLpm: 20 },
    { number: 2, name: 'Hedge' },
    { number: 3, enabled: false },
  ],
  programs: [
    {
      id: 'A',
      starts: ['23:50'],
      days: { mode: 'weekdays', weekdays: [2, 5] },
      runs: [
        { station: 1, seconds: 900 },
        { station: 2, seconds: 600 },
      ],
    },
    {
      id: 'B',
      starts: ['05:00', '04:00'],
      days: { mode: 'interval', everyDays: 3, anchor: '2026-06-02' },
      runs: [
        { station: 2, seconds: 0 },
        { station: 1, seconds: 300 },
      ],
    },
    { id: 'C', starts: ['06:00'], runs: [{ station: 2, seconds: 600 }] },
  ],
});

const sheet = (
  clock: '24' | '12' = '24',
  handling = {},
  of = plan,
  confirmed = {},
  moistureHeld: number[] = [],
) =>
  sheetOf({
    plan: of,
    on: ON,
    property: 'Plum cottage',
    timer: 'Garage timer',
    firm: 'Quillhaven Sprinkler Care',
    phone: '555 0100',
    handling: Object.assign(new TimerHandling(), handling),
    clock,
    language: 'en',
    due: [],
    confirmed: { of: 19, keyedIn: 0, unknown: 0, ...confirmed },
    moistureHeld,
    volumeWords: (litres) => `${Math.round(litres)} L`,
  });

it('says by station when each really waters, at the percentage that is set, in plain words', () => {
  expect(sheet().stations).toEqual([
    {
      number: 1,
      name: 'Kerb strip',
      waters:
        'On Tue and Fri, about 23:50 to 00:02: 12 min. Every 3 days, next on Tue 2 June, Fri 5 June and Mon 8 June, about 04:00 to 04:04 and 05:00 to 05:04: 4 min each time.',
      // Eight times 12 minutes, and nine days of two times 4, at 20 litres, over four weeks.
      water: '840 L',
    },
    // Behind the first station, and so on the next date.
    {
      number: 2,
      name: 'Hedge',
      waters: 'On Tue and Fri, about 00:02 to 00:10 the next day: 8 min.',
    },
    { number: 3, name: '', waters: '' },
  ]);
  expect(sheet('12').stations[1]!.waters).toBe(
    'On Tue and Fri, about 12:02 AM to 12:10 AM the next day: 8 min.',
  );
  expect(sheet().season).toBe('Season percentage: 80 %.');
});

const waters = (changes: Parameters<typeof planOf>[0]) =>
  sheet('24', {}, planOf({ stations: [{ number: 1 }], ...program({}), ...changes })).stations[0]!
    .waters;

const program = (fields: object) => ({
  programs: [
    {
      id: 'A',
      starts: ['04:00'],
      days: { mode: 'odd' },
      runs: [{ station: 1, seconds: 630 }],
      ...fields,
    },
  ],
});

const SOAKED = {
  timer: { cycleSoak: {} },
  stations: [{ number: 1, cycleSeconds: 240, soakSeconds: 1200 }],
};
const PAUSED = { pauses: [{ from: '2026-05-30T00:00:00', to: '2026-06-10T00:00:00' }] };
const DRY = {
  timer: { noWaterWindows: true },
  controller: { noWater: [{ from: '04:05', to: '18:00' }] },
};

it.each([
  ['odd dates', {}, 'On odd dates, about 04:00 to 04:11: 10 min 30 s.'],
  [
    'a day that is left out',
    program({ days: { mode: 'even' }, blockedWeekdays: [7] }),
    'On even dates, not on Sun, about 04:00 to 04:11: 10 min 30 s.',
  ],
  [
    'all days of the week',
    program({ days: { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] } }),
    'Every day, about 04:00 to 04:11: 10 min 30 s.',
  ],
  [
    'starts in their order',
    program({ starts: ['23:00', '04:00', '04:30'] }),
    'On odd dates, about 04:00 to 04:11, 04:30 to 04:41 and 23:00 to 23:11: 10 min 30 s each time.',
  ],
  ['cycle-and-soak', SOAKED, 'On odd dates, about 04:00 to 04:51: 10 min 30 s in 3 parts.'],
  ['an hour without water', DRY, 'On odd dates, about 04:00 to 04:05: 5 min.'],
  [
    'an interval while it is paused',
    {
      controller: PAUSED,
      ...program({ days: { mode: 'interval', everyDays: 7, anchor: '2026-06-01' } }),
    },
    'Every 7 days, next on Mon 15 June, Mon 22 June and Mon 29 June, about 04:00 to 04:11: 10 min 30 s.',
  ],
  ['a program that is off', program({ enabled: false }), ''],
  ['no start', program({ starts: [] }), ''],
  ['no day', program({ days: { mode: 'weekdays', weekdays: [] } }), ''],
  ['no minutes', program({ runs: [] }), ''],
  ['a station that is off', { stations: [{ number: 1, enabled: false }] }, ''],
  ['a timer that is off', { controller: { off: true } }, ''],
  ['nothing but nought of it', { controller: { season: { mode: 'whole', percent: 0 } } }, ''],
])('a station under %s', (_, changes, words) => {
  expect(waters(changes)).toBe(words);
});

it('a station is told to water if and only if it does', () => {
  fc.assert(
    fc.property(anyPlan, (one) => {
      const { controller } = one;
      // A table by month is told as it is on the day of the sheet.
      if (controller.season.mode === 'monthly' || controller.off) return;
      const queued = simulate(one, { from: ON, days: 62 });
      for (const { number } of one.stations) {
        const told = sheet('24', {}, one).stations.find((station) => station.number === number)!;
        const isWet = queued.pieces.some(({ station }) => station === number);
        expect([number, told.waters !== '']).toEqual([number, isWet]);
      }
    }),
    runs(40, 400),
  );
});

it('tells what holds water back, what is uncertain, and that two runs meet', () => {
  const notes = (fields: Parameters<typeof planOf>[0], confirmed = {}) =>
    sheet('24', {}, planOf({ stations: [{ number: 1 }], ...program({}), ...fields }), confirmed)
      .notes!;
  const DRY_SENSOR = 'It does not water while the rain sensor is wet.';
  expect(notes({})).toEqual([DRY_SENSOR]);
  expect(notes({ timer: { rainSensor: false } })).toEqual([]);
  expect(notes({ controller: { rainSensor: 'bypass' } })).toEqual([
    'The rain sensor is bypassed: it waters in rain too.',
  ]);
  expect(
    notes({
      timer: { monthDaysOff: true, noWaterWindows: true },
      controller: {
        ...PAUSED,
        monthDaysOff: [31, 4],
        noWater: [
          { from: '10:00', to: '18:00' },
          { from: '20:00', to: '21:00', weekdays: [2, 5] },
        ],
      },
    }),
  ).toEqual([
    'On hold from Sat 30 May, 00:00 to Wed 10 June, 00:00: nothing waters then.',
    'Never waters on the 4th and 31st of a month.',
    'From 10:00 to 18:00 the timer lets nothing water, and watering that falls in these hours is lost.',
    'From 20:00 to 21:00 on Tue and Fri the timer lets nothing water, and watering that falls in these hours is lost.',
    DRY_SENSOR,
  ]);
  const over = { pauses: [{ from: '2026-05-01T00:00:00', to: '2026-05-10T00:00:00' }] };
  expect(notes({ controller: over })).toEqual([DRY_SENSOR]);
  expect(notes(program({ starts: ['04:00', '04:05'] }))[0]).toBe(
    'Two runs of the timer overlap, first on Mon 1 June at 04:05, and one is late, cut short or left out. Please phone us.',
  );
  expect(notes({}, { keyedIn: 1 })[0]).toBe(
    'One value of 19 was not read off the timer again: what stands here was keyed in.',
  );
  expect(notes({}, { keyedIn: 3, unknown: 2 }).slice(0, 2)).toEqual([
    '3 values of 19 were not read off the timer again: what stands here was keyed in.',
    'Nobody has read 2 values of 19 off the timer: what stands here is what was planned.',
  ]);
});

it('tells which rule holds, from when another does, and who answers for it', () => {
  const rulesOf = (rules: object) => sheet('12', {}, planOf({ rules })).rules!;
  expect(rulesOf({})).toEqual([]);
  const OWNER = 'Whoever owns the home answers for keeping them, and for any fine.';
  expect(rulesOf({ weekdays: [2, 6], noWater: [{ from: '10:00', to: '18:00' }] })).toEqual([
    'Now: watering on Tue and Sat only; none from 10:00 AM to 6:00 PM.',
    OWNER,
  ]);
  expect(
    rulesOf({
      dateParity: 'odd',
      exempt: ['drip', 'bubbler'],
      periods: [{ from: '2026-10-01', to: '2026-12-31', weekdays: [] }],
    }),
  ).toEqual([
    'Now: watering on odd dates only; drip and bubblers exempt.',
    'From Thu 1 October: no watering at all.',
    OWNER,
  ]);
  expect(
    rulesOf({ periods: [{ from: '2026-07-01', to: '2026-07-31', weekdays: [3] }] }).slice(0, 2),
  ).toEqual(['Now: no rule of days or hours.', 'From Wed 1 July: watering on Wed only.']);
});

it.each([
  [{ off: true }, 'The timer is switched off: nothing waters.'],
  [{ season: { mode: 'program' } }, 'Season percentage by program: A 80 %.'],
  [
    { season: { mode: 'monthly', percents: [50, 60, 70, 80, 90, 100, 110, 120, 90, 80, 70, 60] } },
    'Season percentage by month: Jan 50 %, Feb 60 %, Mar 70 %, Apr 80 %, May 90 %, Jun 100 %, Jul 110 %, Aug 120 %, Sep 90 %, Oct 80 %, Nov 70 %, Dec 60 %.',
  ],
])('the percentage of %j in words', (controller, words) => {
  const timer = { season: { modes: ['whole', 'program', 'monthly'] } };
  const { season } = sheet(
    '24',
    {},
    planOf({ timer, controller, programs: [{ id: 'A', percent: 80 }] }),
  );
  expect(season).toBe(words);
});

it('draws the week by dates: a run over midnight is on both', () => {
  const { week } = sheet();
  expect(week.map(({ date }) => date.slice(8))).toEqual(['01', '02', '03', '04', '05', '06', '07']);
  expect(week[1]!.bars).toEqual([
    { program: 'B', from: 240, to: 244 },
    { program: 'B', from: 300, to: 304 },
    { program: 'A', from: 1430, to: 1440 },
  ]);
  expect(week[2]!.bars).toEqual([{ program: 'A', from: 0, to: 10 }]);
  expect(week[0]!.bars).toEqual([]);
});

it('uses the words of the kind, or general ones', () => {
  expect(sheet('24', { pauseForRain: 'Press pause.' })).toMatchObject({
    pauseForRain: 'Press pause.',
    runOneStation: expect.stringContaining('manual'),
  });
});

it('comes back as it was when it is read, and is refused with every fault', () => {
  const made = sheet();
  const read = readSheet(JSON.parse(JSON.stringify(made)));
  expect(read).toMatchObject({ ok: true, value: { ...made } });
  const many = (length: number) => Array.from({ length }, () => ({ number: 1 }));
  expect(readSheet({ ...made, stations: many(256) }).ok).toBe(true);
  expect(readSheet({ ...made, stations: many(257), week: many(32) })).toMatchObject({
    trouble: [
      { path: 'stations', message: 'must have at most 256 entries' },
      { path: 'week', message: 'must have at most 31 entries' },
    ],
  });
  const wrong = readSheet({ ...made, madeOn: 'today', stations: [{ number: 'one' }], gate: '12' });
  expect(wrong.ok ? [] : wrong.trouble.map(({ path }) => path).sort()).toEqual([
    'gate',
    'madeOn',
    'stations[0].number',
  ]);
});

it('says which stations a moisture sensor may hold back, and nothing of what it reads', () => {
  const notes = (held: number[]) =>
    sheet('24', {}, plan, {}, held).notes!.filter((note) => note.includes('moisture'));
  expect(notes([])).toEqual([]);
  expect(notes([2])).toEqual([
    'Station 2 waters only while the moisture sensor in the ground lets it.',
  ]);
  expect(notes([1, 2])).toEqual([
    'Stations 1 and 2 water only while the moisture sensor in the ground lets it.',
  ]);
});

it('names what falls due next, the soonest first', () => {
  const step = { on: '2026-09-01', what: 'Set the season percentage to 60 %' };
  const asked = { plan, on: ON, care: new Set(['battery'] as const), seasonStep: step };
  const care = { spans: new Spans(), next: { 'sensor-test': '2026-06-01' }, setsSummerTime: false };
  const due = dueDates({
    speaker: SPEAKER,
    ...asked,
    ...care,
    sensorBackOn: null,
    backflowNextOn: null,
  });
  expect(due).toEqual([
    { on: '2026-06-01', what: 'Try the rain sensor' },
    step,
    { on: '2026-11-01', what: 'Summer time ends: put the clock back' },
    { on: '2027-06-01', what: 'Change the backup battery' },
  ]);
  const spring = dueDates({
    speaker: SPEAKER,
    plan: { ...plan, timer: { ...plan.timer, power: 'battery', rainSensor: false } },
    on: parseDate('2026-12-01')!,
    ...{ ...care, next: { battery: '2026-12-01', filter: '2027-01-09' } },
    care: new Set(),
    seasonStep: null,
    sensorBackOn: null,
    backflowNextOn: '2027-04-01',
  });
  expect(spring.map(({ on, what }) => `${on} ${what}`)).toEqual([
    '2026-12-01 Change the battery',
    '2027-01-09 Clean the filter and the screen',
    '2027-03-14 Summer time begins: put the clock forward',
    '2027-04-01 Have the backflow preventer tested by a licensed tester',
  ]);
  // Without a date of its tester it is due after the firm's months, and not at all where it has none.
  const tested = (backflowTest: number) =>
    dueDates({
      ...{ speaker: SPEAKER, ...asked, ...care, sensorBackOn: null, backflowNextOn: null },
      ...{ care: new Set(['backflow'] as const), spans: { ...new Spans(), backflowTest } },
    }).flatMap(({ on, what }) => (what.includes('backflow') ? [on] : []));
  expect([tested(12), tested(0)]).toEqual([['2027-06-01'], []]);
});

it('has the day on which a sensor that is bypassed is switched back, and none for one that is heeded', () => {
  const dueOf = (controller: Partial<Plan['controller']>) =>
    dueDates({
      speaker: SPEAKER,
      plan: {
        ...plan,
        timer: { ...plan.timer, freezeSensor: true },
        controller: { ...plan.controller, ...controller },
      },
      ...{ spans: new Spans(), next: {}, setsSummerTime: true },
      ...{ on: ON, care: new Set<never>(), seasonStep: null, sensorBackOn: '2026-06-09' },
      backflowNextOn: null,
    }).flatMap(({ on, what }) => (what.startsWith('Switch') ? [`${on} ${what}`] : []));
  expect(dueOf({ rainSensor: 'active', freezeSensor: 'active' })).toEqual([]);
  expect(dueOf({ rainSensor: 'bypass', freezeSensor: 'bypass' })).toEqual([
    '2026-06-09 Switch the rain sensor back to active',
    '2026-06-09 Switch the freeze sensor back to active',
  ]);
});

it('words its dates and times from the catalogue, in the clock of the household', () => {
  expect([sheetDate(EN, '2026-06-09'), shortSheetDate(EN, '2026-12-31')]).toEqual([
    'Tue 9 June 2026',
    'Thu 31 Dec',
  ]);
  const bar = { program: 'A', from: 13 * 60 + 5, to: 1440 };
  expect([barWords(EN, bar, '24'), barWords(EN, bar, '12')]).toEqual([
    'A 13:05 to 00:00',
    'A 1:05 PM to 12:00 midnight',
  ]);
  expect([hourWords(EN, 6, '24'), hourWords(EN, 18, '12')]).toEqual(['06:00', '6:00 PM']);
  const axis = [0, 3, 12, 21];
  expect(axis.map((hour) => axisHour(EN, hour, '24'))).toEqual(['00', '03', '12', '21']);
  expect(axis.map((hour) => axisHour(EN, hour, '12'))).toEqual(['12', '3 AM', 'noon', '9 PM']);
});

it('a step of the season says what is to be set', () => {
  expect(seasonStep(SPEAKER, '2026-07-01', { A: 60, B: 60 })).toEqual({
    on: '2026-07-01',
    what: 'Set the season percentage to 60 %',
  });
  expect(seasonStep(SPEAKER, '2026-07-01', { A: 60, B: 40 }).what).toBe(
    'Set the season percentage to A 60 %, B 40 %',
  );
  expect(seasonStep(SPEAKER, '2026-11-01', {}).what).toBe('Set the season percentage to 100 %');
  expect(seasonStep(SPEAKER, '2026-11-01', null).what).toBe(
    'Turn the timer off: no water is needed',
  );
});

it('says of stations what this timer does, not what only stands in its settings', () => {
  const fields = {
    controller: { stationDelaySeconds: 5 },
    stations: [1, 2].map((number) => ({
      ...{ number, cycleSeconds: 300, soakSeconds: 1200, pump: true, rainSensor: false },
    })),
    programs: [
      {
        ...{ id: 'A', starts: ['04:00'], concurrent: 2 },
        days: { mode: 'weekdays', weekdays: [1] },
        runs: [1, 2].map((station) => ({ station, seconds: 600 })),
      },
    ],
  };
  const notesOf = (timer: object) =>
    sheetNotes(SPEAKER, planOf({ timer, ...fields }), parseDate('2026-06-01')!);
  const able = { cycleSoak: { policy: 'in-order' }, maxConcurrentStations: 3 };
  const sensor = ['It does not water while the rain sensor is wet.'];
  expect(notesOf({ ...able, pumpPerStation: true, rainSensor: true })).toEqual([
    'Between one station and the next it waits 5 s.',
    'Program A waters up to 2 stations at once.',
    'Stations 1 and 2 water in parts of 5 min at most, with 20 min or more between them.',
    'The pump runs for stations 1 and 2.',
    ...sensor,
    'Stations 1 and 2 water even while the rain sensor is wet.',
  ]);
  expect(
    notesOf({
      cycleSoak: null,
      maxConcurrentStations: 1,
      pumpPerStation: false,
      rainSensor: false,
    }),
  ).toEqual(['Between one station and the next it waits 5 s.']);
});
