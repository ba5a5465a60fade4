import { readWhole } from '../testing/cases.js';
import { explain, perhapsTwo, waterWith } from './index.js';
import { seenOf } from './testing/seen-of.js';

const PLAN = readWhole({
  format: 'waterclock.plan/2',
  timer: { season: { modes: ['whole'] } },
  stations: [{ number: 1 }, { number: 2 }, { number: 3 }],
  programs: [
    {
      ...{ id: 'A', starts: ['04:00'], days: { mode: 'weekdays', weekdays: [1, 3, 5] } },
      runs: [1, 2, 3].map((station) => ({ station, seconds: 1200 })),
    },
  ],
});

it('a clock and a dead station: the settings that one changes are the other one’s timer', () => {
  const seen = seenOf([
    { what: 'watered', from: '2026-06-01T16:00:00', to: '2026-06-01T16:20:00', station: 1 },
    { what: 'watered', from: '2026-06-03T16:40:00', to: '2026-06-03T17:00:00', station: 3 },
    { what: 'dry', from: '2026-06-03T16:20:00', to: '2026-06-03T16:40:00', station: 2 },
  ]);
  const [best] = explain(PLAN, seen);
  expect(best!.explains - best!.against).toBeLessThan(3);
  const two = perhapsTwo(PLAN, seen)!;
  expect(two.faults).toEqual([
    { code: 'clock', offSeconds: -43_200 },
    { code: 'station-dead', station: 2 },
  ]);
  expect(two).toMatchObject({ explains: 3, of: 3, against: 0 });
  expect(two.says).toMatch(
    /^Perhaps two things: the clock is 12 h behind.* And station 2 never opens/,
  );
  const water = waterWith(PLAN, seen, two.faults);
  expect(water.some(({ station }) => station === 2)).toBe(false);
  expect(water.filter(({ station }) => station === 1)).toHaveLength(3);
});

it('two that are none of the settings: a dead station, and water of another at an odd time', () => {
  const seen = seenOf([
    { what: 'dry', from: '2026-06-01T04:00:00', to: '2026-06-01T04:20:00', station: 1 },
    { what: 'watered', from: '2026-06-01T04:20:00', to: '2026-06-01T04:40:00', station: 2 },
    { what: 'dry', from: '2026-06-05T04:00:00', to: '2026-06-05T04:20:00', station: 1 },
    { what: 'watered', from: '2026-06-02T11:00:00', to: '2026-06-02T11:15:00', station: 3 },
    { what: 'watered', from: '2026-06-06T11:00:00', to: '2026-06-06T11:15:00', station: 3 },
    { what: 'dry', from: '2026-06-04T00:00:00', to: '2026-06-05T00:00:00', station: 3 },
  ]);
  const two = perhapsTwo(PLAN, seen)!;
  expect(two.faults.map(({ code }) => code).sort()).toEqual(['extra-program', 'station-dead']);
  expect(two).toMatchObject({ explains: 6, against: 0 });
});

it('nothing is doubled where one thing explains all, or two explain no more', () => {
  const one = seenOf([
    { what: 'watered', from: '2026-06-01T16:00:00', to: '2026-06-01T16:20:00', station: 1 },
  ]);
  expect(perhapsTwo(PLAN, one)).toBeNull();
  expect(perhapsTwo(PLAN, seenOf([]))).toBeNull();
});
