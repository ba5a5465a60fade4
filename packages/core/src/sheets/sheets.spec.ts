import { parseDate } from '../civil-time/index.js';
import { planOf } from '../testing/plans.js';
import { TimerHandling } from '../timer-types/index.js';
import { dueDates, readSheet, sheetOf } from './index.js';

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

const sheet = (clock: '24' | '12' = '24', handling = {}, of = plan) =>
  sheetOf({
    plan: of,
    on: ON,
    property: 'Plum cottage',
    timer: 'Garage timer',
    firm: 'Quillhaven Sprinkler Care',
    phone: '555 0100',
    handling: Object.assign(new TimerHandling(), handling),
    clock,
    due: [],
    volumeWords: (litres) => `${Math.round(litres)} L`,
  });

it('says by station when each waters, at the percentage that is set, in plain words', () => {
  expect(sheet().stations).toEqual([
    {
      number: 1,
      name: 'Kerb strip',
      waters:
        'On Tue Fri, from 23:50: 12 min. Every 3 days, counted from Tue 2 Jun, from 04:00 and 05:00: 4 min.',
      // Eight times 12 minutes, and nine days of two times 4, at 20 litres, over four weeks.
      water: '840 L',
    },
    { number: 2, name: 'Hedge', waters: 'On Tue Fri, from 23:50: 8 min.' },
    { number: 3, name: '', waters: '' },
  ]);
  expect(sheet('12').stations[1]!.waters).toBe('On Tue Fri, from 11:50 PM: 8 min.');
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

it.each([
  ['odd dates', {}, 'On odd days of the month, from 04:00: 10 min 30 s.'],
  [
    'a day that is left out',
    program({ days: { mode: 'even' }, blockedWeekdays: [7] }),
    'On even days of the month, not on Sun, from 04:00: 10 min 30 s.',
  ],
  [
    'starts in their order',
    program({ starts: ['23:00', '04:00', '04:30'] }),
    'On odd days of the month, from 04:00, 04:30 and 23:00: 10 min 30 s.',
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

it.each([
  [{ off: true }, 'The timer is switched off.'],
  [{ season: { mode: 'program' } }, 'Season percentage: by program.'],
  [
    { season: { mode: 'monthly', percents: [50, 60, 70, 80, 90, 100, 110, 120, 90, 80, 70, 60] } },
    'Season percentage by month: Jan 50 %, Feb 60 %, Mar 70 %, Apr 80 %, May 90 %, Jun 100 %, Jul 110 %, Aug 120 %, Sep 90 %, Oct 80 %, Nov 70 %, Dec 60 %.',
  ],
])('the percentage of %j in words', (controller, words) => {
  const timer = { season: { modes: ['whole', 'program', 'monthly'] } };
  const { season } = sheet('24', {}, planOf({ timer, controller }));
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
  const wrong = readSheet({ ...made, madeOn: 'today', stations: [{ number: 'one' }], gate: '12' });
  expect(wrong.ok ? [] : wrong.trouble.map(({ path }) => path).sort()).toEqual([
    'gate',
    'madeOn',
    'stations[0].number',
  ]);
});

it('names what falls due next, the soonest first', () => {
  const step = { on: '2026-09-01', what: 'Set the season percentage to 60 %' };
  const due = dueDates({ plan, on: ON, care: new Set(['battery']), seasonStep: step });
  expect(due).toEqual([
    { on: '2026-06-01', what: 'Try the rain sensor' },
    step,
    { on: '2026-11-01', what: 'Summer time ends: put the clock back' },
    { on: '2027-06-01', what: 'Change the backup battery' },
  ]);
  const spring = dueDates({
    plan: { ...plan, timer: { ...plan.timer, power: 'battery', rainSensor: false } },
    on: parseDate('2026-12-01')!,
    care: new Set(),
    seasonStep: null,
  });
  expect(spring.map(({ on, what }) => `${on} ${what}`)).toEqual([
    '2026-12-01 Change the battery',
    '2027-03-14 Summer time begins: put the clock forward',
  ]);
});
