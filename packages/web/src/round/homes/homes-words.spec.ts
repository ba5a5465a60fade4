import type { Rollout } from '../../api/rollouts';
import {
  listsOf,
  outcomeInWords,
  progressCounts,
  refusalsInWords,
  workInWords,
} from './homes-words';

const ROLLOUT: Rollout = {
  ...{ id: 'x', name: 'Two days a week', on: '2026-06-09', from: '2026-07-01' },
  ...{ change: { kind: 'season-step' }, state: 'working', inForceAt: null, closedAt: null },
  ...{ createdAt: '2026-06-09T10:00:00Z', madeBy: 'Greta Holloway', of: 40, tried: 40 },
  ...{ toFix: 3, fixed: 1, acceptable: 0, accepted: 2, pending: 0 },
  outcomes: { untouched: 4, well: 33, breaks: 2, wasBroken: 1, tooMuch: 0 },
  progress: { readBack: 0, keyedIn: 1, household: 0, messaged: 1, putOff: 0, planned: 0, toDo: 0 },
};

it('says how far it is, and that it was stopped', () => {
  expect(workInWords({ ...ROLLOUT, tried: 12 })).toBe('12 of 40 timers tried …');
  expect(workInWords(ROLLOUT)).toBe('40 timers tried, fixes worked out for 1 of 3 …');
  expect(workInWords({ ...ROLLOUT, tried: 12, state: 'stopped' })).toBe(
    'Stopped: 12 of 40 timers tried.',
  );
});

it('says what it does, and where it does nothing', () => {
  expect(outcomeInWords(ROLLOUT)).toBe(
    'It breaks something at 2 of 36 timers. 1 more were broken before.',
  );
  const none = { untouched: 40, well: 0, breaks: 0, wasBroken: 0, tooMuch: 0 };
  expect(outcomeInWords({ of: 40, outcomes: none })).toBe(
    'It touches no timer: everything is so already.',
  );
  expect(outcomeInWords({ of: 40, outcomes: { ...none, untouched: 39, well: 1 } })).toBe(
    'It breaks nothing at 1 timer.',
  );
});

it('leaves out lists that are empty', () => {
  const of = (rollout: Rollout) => listsOf(rollout).map(({ which, count }) => [which, count]);
  expect(of(ROLLOUT)).toEqual([
    ['breaks', 2],
    ['was-broken', 1],
    ['well', 33],
    ['accepted', 2],
    ['all', 36],
  ]);
  const outcomes = { untouched: 0, well: 40, breaks: 0, wasBroken: 0, tooMuch: 0 };
  expect(of({ ...ROLLOUT, outcomes, accepted: 0 })).toEqual([
    ['well', 40],
    ['all', 40],
  ]);
});

it('counts what is known apart from what is only said', () => {
  expect(progressCounts(ROLLOUT)).toEqual([
    ['keyed-in', 1],
    ['messaged', 1],
  ]);
});

it('says what was not done, and why', () => {
  const refused = [
    { timerId: 'a', why: 'changed' as const },
    { timerId: 'b', why: 'keyed-in' as const },
  ];
  expect(refusalsInWords({ done: 4, refused })).toBe(
    '1 timer had other settings saved meanwhile: nothing was saved over. ' +
      '1 timer is keyed in already: it stays.',
  );
  expect(refusalsInWords({ done: 4, refused: [] })).toBe('');
});
