import { parseDate } from '../civil-time/index.js';
import { testPlan } from '../testing/plans.js';
import { TimerHandling } from '../timer-types/index.js';
import { timerNext, toKeyIn, visitOf } from './index.js';

/** As it is keyed in: the clock first, and so many values after it. */
const next = (fields: object, { collisions = 0, toKeyIn = 0 } = {}) =>
  timerNext({
    target: testPlan(fields as Record<string, unknown>),
    collisions,
    toKeyIn: [
      { part: 'clock' },
      ...Array.from({ length: toKeyIn }, () => ({ part: 'starts' as const })),
    ],
  });

it('leads through what a new timer lacks, in order', () => {
  expect(next({ stations: [{ number: 1 }], programs: [] }, { toKeyIn: 3 })).toEqual({
    to: 'stations',
  });
  const described = [{ number: 1, plant: 'turf' }];
  expect(next({ stations: described, programs: [] }, { toKeyIn: 3 })).toEqual({ to: 'plan' });
  const unnamed = [{ number: 1, name: '', head: 'spray' }];
  expect(next({ stations: unnamed, programs: [] })).toEqual({ to: 'plan' });
  expect(next({}, { collisions: 2, toKeyIn: 3 })).toEqual({ to: 'collisions', count: 2 });
  expect(next({}, { toKeyIn: 3 })).toEqual({ to: 'visit', values: 3 });
  expect(next({})).toBeNull();
});

it('is no visit where nothing but the clock would be set', () => {
  const target = testPlan();
  const clock = toKeyIn({
    ...{ visit: visitOf([]), target, order: new TimerHandling().keyInOrder },
    reading: { document: target, madeAt: '2026-06-01T12:00:00Z' },
    today: parseDate('2026-06-02')!,
  });
  expect(clock.map(({ part }) => part)).toEqual(['clock']);
  expect(timerNext({ target, collisions: 0, toKeyIn: clock })).toBeNull();
});

it('a program without start, without water or switched off does not water', () => {
  const program = { id: 'A', starts: ['04:00'], runs: [{ station: 1, seconds: 600 }] };
  const [start, ...others] = [
    program,
    { ...program, starts: [] },
    { ...program, enabled: false },
    { ...program, runs: [{ station: 1, seconds: 0 }] },
  ];
  expect(next({ programs: [start] })).toBeNull();
  for (const other of others) expect(next({ programs: [other] })).toEqual({ to: 'plan' });
});
