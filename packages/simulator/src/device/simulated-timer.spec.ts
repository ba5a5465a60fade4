import { parseDateTime } from '@water-clock/core/civil-time';
import Papa from 'papaparse';
import { planOf } from '../../../core/src/testing/plans.js';
import { SimulatedTimer } from './simulated-timer.js';

const at = (text: string) => parseDateTime(`2026-06-01T${text}`)!;

const STATIONS = [
  { number: 1, pump: true },
  { number: 2, pump: false, rainSensor: false },
  { number: 3 },
];

/** Three stations, ten minutes each, every day at 04:00. */
const plan = (timer: object = {}, controller: object = {}) =>
  planOf({
    timer,
    controller,
    stations: STATIONS,
    programs: [
      {
        id: 'A',
        starts: ['04:00'],
        days: { mode: 'weekdays', weekdays: [1, 2, 3, 4, 5, 6, 7] },
        runs: STATIONS.map(({ number: station }) => ({ station, seconds: 600 })),
      },
    ],
  });

/** What the log says since the settings were put in: time of day, event, station. */
const told = (device: SimulatedTimer, events = ['open', 'close']) =>
  Papa.parse<Record<string, string>>(device.log.asCsv(), { header: true })
    .data.filter(({ event }) => events.includes(event!))
    .map(({ at: when, event, station }) =>
      [when!.slice(11), event, station].filter(Boolean).join(' '),
    );

const device = (reads = '03:00:00', ...fields: Parameters<typeof plan>) =>
  new SimulatedTimer(plan(...fields), at(reads));

it('runs a station, a program and all of them by hand, and goes on to the next when told', () => {
  const timer = device();
  timer.runStation(3, 60);
  timer.advance(30);
  expect(timer.state).toMatchObject({ open: [{ station: 3, secondsLeft: 30 }], master: true });
  timer.runAll(120);
  timer.advance(50);
  timer.nextStation();
  timer.advance(120);
  timer.stop();
  timer.runProgram('A');
  timer.advance(1800);
  expect(told(timer)).toEqual([
    '03:00:00 open 3',
    '03:00:30 close 3',
    '03:00:30 open 1',
    '03:01:20 close 1',
    '03:01:20 open 2',
    '03:03:20 close 2',
    '03:03:20 open 3',
    '03:03:20 close 3',
    '03:03:20 open 1',
    '03:13:20 close 1',
    '03:13:20 open 2',
    '03:23:20 close 2',
    '03:23:20 open 3',
    '03:33:20 close 3',
  ]);
});

it('opens the master valve for all, the pump for those that need it', () => {
  const timer = device('03:59:00');
  timer.advance(3600);
  expect(told(timer, ['pump-on', 'pump-off', 'master-on', 'master-off'])).toEqual([
    '04:00:00 master-on',
    '04:00:00 pump-on',
    '04:10:00 pump-off',
    '04:30:00 master-off',
  ]);
});

it('is dry while the sensor is wet, but for stations that do not heed it, or in bypass', () => {
  const timer = device('03:59:00');
  timer.setSensor({ isWet: true });
  timer.advance(25 * 60);
  timer.setSwitches({ isBypassed: true });
  timer.advance(3600);
  expect(told(timer)).toEqual([
    '04:10:00 open 2',
    '04:20:00 close 2',
    '04:24:00 open 3',
    '04:30:00 close 3',
  ]);
  const freezing = device('03:59:00');
  freezing.setSensor({ isFreezing: true });
  freezing.advance(3600);
  expect(told(freezing)).toEqual([]);
});

it('waters in frost while its freeze sensor is bypassed, and no more once it is switched back', () => {
  const timer = device('03:59:00', { freezeSensor: true });
  timer.setSensor({ isFreezing: true });
  timer.advance(86_400);
  expect(told(timer)).toEqual([]);
  timer.setSwitches({ isFreezeBypassed: true });
  timer.advance(86_400);
  expect(told(timer, ['open'])).toHaveLength(3);
  timer.setSwitches({ isFreezeBypassed: false });
  timer.advance(2 * 86_400);
  expect(told(timer, ['open'])).toHaveLength(3);
});

it('begins nothing during a rain delay, nor while it is off', () => {
  const timer = device('03:00:00');
  timer.delayForRain(24);
  timer.advance(86_400);
  expect(told(timer)).toEqual([]);
  timer.advance(3600);
  expect(told(timer, ['open'])).toEqual(['04:00:00 open 1']);
  timer.setSwitches({ isOff: true });
  timer.advance(2 * 86_400);
  expect(told(timer, ['open'])).toHaveLength(1);
});

it('waters nothing through a broken wire, and lets a bridged valve go while its time passes', () => {
  const timer = device('03:59:00');
  timer.setFault(1, 'open');
  timer.setFault(2, 'short');
  expect([1, 2, 3].map(timer.readingOhms)).toEqual([null, 1.5, expect.any(Number)]);
  timer.advance(3600);
  expect(told(timer, ['open', 'close', 'no-flow', 'short', 'pump-on'])).toEqual([
    '04:00:00 pump-on',
    '04:00:00 no-flow 1',
    '04:10:00 short 2',
    '04:20:00 open 3',
    '04:30:00 close 3',
  ]);
});

it.each([
  ['with a battery the clock goes on', true, 'stops', '2026-06-01T04:15:00'],
  ['without one it stands', false, 'stops', '2026-06-01T04:05:00'],
  ['or it begins anew at midnight', false, 'midnight', '2026-06-01T00:00:00'],
] as const)('after a power cut what was going is lost; %s', (_, battery, after, clock) => {
  const timer = device('03:55:00');
  timer.advance(600);
  timer.cutPower(battery, after);
  timer.advance(600);
  timer.restorePower();
  expect(timer.state).toMatchObject({ clock, hasPower: true, open: [] });
  timer.advance(1800);
  expect(told(timer)).toEqual(['04:00:00 open 1', '04:05:00 close 1']);
});

it('keeps settings of its own, and brings them back', () => {
  const timer = device('03:00:00');
  expect(timer.restore()).toBe(false);
  timer.backUp();
  timer.enter(planOf({ stations: STATIONS, programs: [] }));
  timer.advance(86_400);
  expect(told(timer)).toEqual([]);
  expect(timer.restore()).toBe(true);
  timer.advance(3600 + 60);
  expect(told(timer)).toEqual(['04:00:00 open 1']);
});

it('a clock that is set on does not make up for starts between', () => {
  const timer = device('03:00:00');
  timer.setClock(at('05:00:00'));
  timer.advance(3600);
  expect(told(timer)).toEqual([]);
});
