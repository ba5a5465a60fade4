import { parseDate, parseDateTime, startOfDay } from '../civil-time/index.js';
import { formatDateTime } from '../civil-time/index.js';
import { planOf } from '../testing/plans.js';
import { Believed } from './believed.js';
import type { Fault } from './fault.js';
import { flowsOf, settingsWith } from './library.js';

/** Two stations of ten and five minutes at 04:00 on Wednesdays, watched for a week from Monday 1 June on. */
const PLAN = planOf({
  timer: { overlap: 'queue' },
  stations: [{ number: 1 }, { number: 2 }],
  programs: [
    {
      ...{ id: 'A', starts: ['04:00'], days: { mode: 'weekdays', weekdays: [3] } },
      runs: [
        { station: 1, seconds: 600 },
        { station: 2, seconds: 300 },
      ],
    },
  ],
});
const WATCH = {
  from: startOfDay(parseDate('2026-06-01')!),
  to: startOfDay(parseDate('2026-06-08')!),
};
const RAIN = [{ from: '2026-06-03T04:05:00', to: '2026-06-03T05:00:00' }];

const told = (fault: Fault, { rain = [] as typeof RAIN } = {}) =>
  flowsOf(new Believed(PLAN, WATCH, rain), fault)
    .filter(({ from, to }) => from < WATCH.to && to > WATCH.from)
    .sort((a, b) => a.from - b.from || a.station - b.station)
    .map(({ station, from, to }) =>
      [station, formatDateTime(from).slice(5, 16), formatDateTime(to).slice(11, 16)].join(' '),
    );

const SET = ['1 06-03T04:00 04:10', '2 06-03T04:10 04:15'];

it.each<Fault>([
  { code: 'clock', offSeconds: -5400 },
  { code: 'percent', percent: 70 },
  { code: 'extra-start', program: 'A', time: '11:00' },
  { code: 'sensor-ignored' },
])('$code is one of the settings: a timer that has it waters as the fault has it', (fault) => {
  const changed = settingsWith(PLAN, fault)!;
  const water = (plan: typeof PLAN, one: Fault) =>
    flowsOf(new Believed(plan, WATCH, fault.code === 'sensor-ignored' ? RAIN : []), one)
      .filter(({ from, to }) => from < WATCH.to && to > WATCH.from)
      .map(({ station, from, to }) => ({ station, from, to }));
  expect(water(changed, { code: 'as-set' })).toEqual(water(PLAN, fault));
  expect(water(changed, { code: 'as-set' })).not.toEqual(water(PLAN, { code: 'as-set' }));
});

it.each<[string, Fault, string[]]>([
  ['as it is set', { code: 'as-set' }, SET],
  [
    'its clock 12 hours ahead',
    { code: 'clock', offSeconds: 43_200 },
    ['1 06-02T16:00 16:10', '2 06-02T16:10 16:15'],
  ],
  [
    'at half the percentage',
    { code: 'percent', percent: 50 },
    ['1 06-03T04:00 04:05', '2 06-03T04:05 04:08'],
  ],
  [
    'with one start more, which waits for the other',
    { code: 'extra-start', program: 'A', time: '04:05' },
    [...SET, '1 06-03T04:15 04:25', '2 06-03T04:25 04:30'],
  ],
  [
    'with something left over',
    {
      code: 'extra-program',
      station: 2,
      time: '14:00',
      seconds: 480,
      dates: [parseDate('2026-06-05')!],
    },
    [...SET, '2 06-05T14:00 14:08'],
  ],
  ['with a sensor that says wet', { code: 'sensor-stuck' }, []],
  ['switched off', { code: 'switched-off' }, []],
  ['with a dead station', { code: 'station-dead', station: 1 }, ['2 06-03T04:10 04:15']],
  [
    'with a valve that stays open to the end of its run',
    { code: 'valve-stuck', station: 1, isAlways: false },
    ['1 06-03T04:00 04:15', '2 06-03T04:10 04:15'],
  ],
  [
    'with a valve that is always open',
    { code: 'valve-stuck', station: 2, isAlways: true },
    ['2 06-01T00:00 00:00', '1 06-03T04:00 04:10'],
  ],
  [
    'run by hand',
    {
      ...{
        code: 'by-hand',
        run: { of: 'station', station: 2 },
        at: parseDateTime('2026-06-05T19:00:00')!,
      },
      pieces: [{ station: 2, fromSeconds: 0, toSeconds: 180 }],
    },
    [...SET, '2 06-05T19:00 19:03'],
  ],
])('waters %s', (_, fault, flows) => {
  expect(told(fault)).toEqual(flows);
});

it('rain takes water away in true time, whatever the clock shows, unless the sensor is ignored', () => {
  expect(told({ code: 'as-set' }, { rain: RAIN })).toEqual(['1 06-03T04:00 04:05']);
  expect(told({ code: 'sensor-ignored' }, { rain: RAIN })).toEqual(SET);
  expect(told({ code: 'clock', offSeconds: 3600 }, { rain: RAIN })).toEqual([
    '1 06-03T03:00 03:10',
    '2 06-03T03:10 03:15',
  ]);
});
