import { parseDateTime, type TimerSeconds } from '../civil-time/index.js';
import type { Flow } from '../faults/index.js';
import { readSeen } from './seen.js';
import { Sightings } from './what-holds.js';

const at = (time: string): TimerSeconds => parseDateTime(`2026-06-02T${time}:00`)!;
const flow = (from: string, to: string, station = 1, run = from): Flow => ({
  ...{ station, run, from: at(from), to: at(to), runEnd: at(to) },
  start: null,
});

function sightings(fields: object): Sightings {
  const read = readSeen({
    ...{ format: 'waterclock.seen/1', from: '2026-06-01T00:00:00', to: '2026-06-08T00:00:00' },
    ...fields,
  });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return new Sightings(read.value);
}

const sighting = (
  what: 'watered' | 'dry',
  from: string,
  to: string | null,
  station: number | null = null,
) =>
  sightings({
    seen: [
      {
        ...{ what, station, from: `2026-06-02T${from}:00` },
        to: to === null ? null : `2026-06-02T${to}:00`,
      },
    ],
  });
const holds = (one: Sightings, ...flows: Flow[]): boolean => one.fit(flows).holds[0]!;

it.each([
  ['all of it', [flow('14:10', '14:25')], true],
  ['five minutes less at each end', [flow('14:15', '14:20')], true],
  ['a minute less than that', [flow('14:16', '14:25')], false],
  ['with a break that nobody notices', [flow('14:10', '14:17'), flow('14:18', '14:25')], true],
  ['with a longer break', [flow('14:10', '14:15'), flow('14:21', '14:25')], false],
  [
    'from two stations, one after the other',
    [flow('14:10', '14:17'), flow('14:17', '14:25', 2)],
    true,
  ],
])('water from 14:10 to 14:25 is seen: %s', (_, flows, isSeen) => {
  expect(holds(sighting('watered', '14:10', '14:25'), ...flows)).toBe(isSeen);
});

it('of a station that was named only its own water is seen', () => {
  const one = sighting('watered', '14:10', '14:25', 2);
  expect(holds(one, flow('14:10', '14:25', 1))).toBe(false);
  expect(holds(one, flow('14:10', '14:25', 2))).toBe(true);
});

it.each([
  ['five minutes before', [flow('14:00', '14:06')], true],
  ['over before that', [flow('14:00', '14:05')], false],
  ['five minutes after', [flow('14:15', '14:30')], true],
  ['later', [flow('14:16', '14:30')], false],
])('water at 14:10 is seen: %s', (_, flows, isSeen) => {
  expect(holds(sighting('watered', '14:10', null), ...flows)).toBe(isSeen);
});

it('a dry time holds without water in it, less what is rounded, and one of ten minutes always', () => {
  const one = sighting('dry', '14:00', '15:00', 1);
  expect(holds(one, flow('13:00', '14:05'), flow('14:55', '16:00'))).toBe(true);
  expect(holds(one, flow('14:20', '14:21'))).toBe(false);
  expect(holds(one, flow('14:20', '14:21', 2))).toBe(true);
  expect(one.fit([flow('14:20', '14:21')])).toMatchObject({ explains: 0, against: 1 });
  expect(holds(sighting('dry', '14:00', '14:10', 1), flow('14:00', '14:10'))).toBe(true);
});

it('who saw all of it counts each run that nobody saw, once', () => {
  const seen = [
    { what: 'watered', from: '2026-06-02T04:00:00', to: '2026-06-02T05:00:00', station: null },
  ];
  const runs = [
    ...[flow('03:56', '04:30', 1, 'a'), flow('04:30', '05:04', 2, 'a')],
    ...[flow('06:00', '06:10', 1, 'b'), flow('06:10', '06:20', 2, 'b')],
  ];
  expect(sightings({ isWhole: true, seen }).fit(runs)).toMatchObject({ explains: 1, against: 1 });
  expect(sightings({ seen }).fit(runs)).toMatchObject({ explains: 1, against: 0 });
});
