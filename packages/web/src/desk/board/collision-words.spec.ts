import { dayNumberOf } from '@water-clock/core/civil-time';
import type { OverlapBehaviour } from '@water-clock/core/timer-types';
import { boardModel, type BoardCollision } from '../../computing/board-model';
import { testPlan } from '../../testing/plans';
import { whatHappens, whatTheTimerDoes } from './collision-words';

const MONDAY = dayNumberOf({ year: 2026, month: 6, day: 1 });

const collisions = (fields: Record<string, unknown> = {}): readonly BoardCollision[] =>
  boardModel(testPlan(fields), MONDAY).collisions;

const first = (fields: Record<string, unknown> = {}) => collisions(fields)[0]!;

it('names the station that is on when the later run starts', () => {
  expect(whatHappens(first())).toBe('B starts at 04:00 while A is still on station 2.');
});

it('says that a run is still going where no station of it is on', () => {
  const waits = first({ controller: { stationDelaySeconds: 900 } });
  // Station 1 is on until 03:50, station 2 from 04:05 on.
  expect(whatHappens(waits)).toBe('B starts at 04:00 while A is still going.');
});

it('tells starts of one program apart by their numbers', () => {
  const days = { mode: 'weekdays', weekdays: [4] };
  const runs = [{ station: 1, seconds: 3600 }];
  const own = first({ programs: [{ id: 'A', starts: ['03:00', '03:30'], days, runs }] });
  expect(whatHappens(own)).toBe(
    'A (start 2) starts at 03:30 while A (start 1) is still on station 1.',
  );
});

describe('what the timer makes of it', () => {
  const told = (overlap: OverlapBehaviour, at = 0, programs?: object[]) => {
    const fields = { timer: { overlap, maxConcurrentStations: 2 }, ...(programs && { programs }) };
    return whatTheTimerDoes(collisions(fields)[at]!, overlap);
  };

  it('is a wait, with its length and the end it leads to', () => {
    expect(told('queue')).toBe('This timer makes B wait 20 min, so it ends at 05:00.');
  });

  it('is a run left out', () => {
    expect(told('drop')).toBe('This timer leaves B out: its stations stay dry that night.');
  });

  it('is no run left out where the one before it was left out itself', () => {
    const days = { mode: 'weekdays', weekdays: [4] };
    const program = (id: string, start: string, station: number) => ({
      ...{ id, starts: [start], days },
      runs: [{ station, seconds: 3600 }],
    });
    const chain = [program('A', '01:00', 1), program('B', '01:30', 2), program('C', '02:15', 3)];
    // B, that would have met C, was left out for A.
    expect(told('drop', 1, chain)).toBe('This timer runs C all the same, because B was left out.');
  });

  it('is what is cut off of the run before', () => {
    expect(told('preempt')).toBe('This timer cuts A off: 20 min of it never run.');
  });

  it('is both at once', () => {
    expect(told('concurrent')).toMatch(/^This timer waters both at once/);
  });
});
