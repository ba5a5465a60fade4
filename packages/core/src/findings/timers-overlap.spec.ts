import { parseDate } from '../civil-time/index.js';
import { homeOf } from '../testing/homes.js';
import { timersOverlap, type NamedTimer } from './index.js';

/** A Monday; the home waters on Tuesdays and Fridays from 04:00 for 20 minutes. */
const FROM = parseDate('2026-06-01')!;

const garage = (fields: Parameters<typeof homeOf>[0] = {}): NamedTimer => ({
  name: 'Garage timer',
  plan: homeOf({ site: { supplyLpm: 40 }, one: { flowLpm: 25 }, two: { flowLpm: 25 }, ...fields }),
});
const tap = (start: string, flowLpm?: number): NamedTimer => ({
  name: 'Greenhouse tap',
  plan: homeOf({
    a: { starts: [start] },
    ...(flowLpm !== undefined && { one: { flowLpm }, two: { flowLpm } }),
  }),
});
const found = (...timers: NamedTimer[]) => timersOverlap(timers, FROM);

it('more than the supply gives is an error, with who takes it and when', () => {
  expect(found(garage(), tap('04:10', 20))).toEqual({
    ...{ code: 'timers-overlap', severity: 'error', timers: [0, 1] },
    first: '2026-06-02T04:10:00',
    message:
      'On Tue 2 June at 04:10 Garage timer (station 2) and Greenhouse tap (station 1) take 45 L/min, and the supply gives 40 L/min.',
  });
});

it('an overlap that the supply gives is told, and for how long that was looked at', () => {
  expect(found(garage(), tap('04:10', 15))).toMatchObject({
    ...{ severity: 'info', timers: [0, 1], first: '2026-06-02T04:10:00' },
    message:
      'On Tue 2 June at 04:10 program A of Greenhouse tap begins while program A of Garage timer is going, for 10 min; in the 60 days from now the supply gives enough for both.',
  });
});

it('where a flow or the supply is not known nobody can say', () => {
  expect(found(garage(), tap('04:10'))).toMatchObject({
    severity: 'warning',
    message: expect.stringContaining('what stations take is not known: Greenhouse tap (1 and 2)'),
  });
  expect(found(garage({ site: {} }), tap('04:10', 20))).toMatchObject({
    severity: 'warning',
    message: expect.stringContaining('what the supply gives is not known'),
  });
});

it('a flow that is not known counts where only a later overlap opens its station', () => {
  const late = garage({
    two: {},
    others: [
      {
        ...{ id: 'B', starts: ['12:00'], days: { mode: 'weekdays', weekdays: [7] } },
        runs: [{ station: 2, seconds: 600 }],
      },
    ],
    a: { runs: [{ station: 1, seconds: 600 }] },
  });
  expect(found(late, tap('04:05', 10))).toMatchObject({
    severity: 'warning',
    message: expect.stringContaining('what stations take is not known: Garage timer (2)'),
  });
});

it('timers that never overlap say how far their clocks may drift apart', () => {
  expect(found(garage(), tap('04:27', 20))).toEqual({
    ...{ code: 'timers-overlap', severity: 'info', timers: [], first: null },
    message:
      'Their runs never overlap, on any date, as long as their clocks agree to within 7 min.',
  });
  expect(found(garage(), tap('04:20', 20))!.message).toContain(
    'in the moment in which another ends',
  );
  expect(found(garage())).toBeNull();
});
