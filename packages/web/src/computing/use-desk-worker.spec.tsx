/** @jest-environment jsdom */
import { act, renderHook, waitFor } from '@testing-library/react';
import { parseDate } from '@water-clock/core/civil-time';
import { TooMuchToWorkOut } from '@water-clock/core/engine';
import { testPlan } from '../testing/plans';

const SINCE = parseDate('2026-06-01')!;
const VIEW = { night: SINCE, since: SINCE, isTrueTime: false };

let change: jest.Mock;
let thread: { onerror: (() => void) | null; terminate: jest.Mock };

jest.mock('comlink', () => ({
  wrap: () => ({ change: (...asked: unknown[]) => change(...asked) }),
}));
jest.mock('./desk-thread', () => ({ deskThread: () => thread }));

import { useDeskWorker } from './use-desk-worker';

const night = (number: number) => ({ number, collisions: [] });
const answer = (...nights: (number | null)[]) => ({
  board: { nights: nights.map((one) => one && night(one)), axis: {}, totals: {} },
  allDates: { number: nights.length },
  findings: [],
  clockErrorSeconds: 0,
  inForce: [],
});

beforeEach(() => {
  change = jest.fn();
  thread = { onerror: null, terminate: jest.fn() };
});

it('a worker that cannot be loaded is told as failed, not waited for', async () => {
  change.mockReturnValue(new Promise(() => undefined));
  const { result } = renderHook(() => useDeskWorker(testPlan(), VIEW));
  expect(result.current).toMatchObject({ model: null, failure: null });
  act(() => thread.onerror?.());
  await waitFor(() => expect(result.current.failure).toBe('fault'));
  expect(result.current.model).toBeNull();
});

it('an answer that fails leaves the last one, and the next puts it right', async () => {
  change.mockResolvedValueOnce(answer(1, 2));
  const { result, rerender } = renderHook(({ plan }) => useDeskWorker(plan, VIEW), {
    initialProps: { plan: testPlan() },
  });
  await waitFor(() => expect(result.current.model).not.toBeNull());
  const first = result.current.model!;
  change.mockRejectedValueOnce(new Error('It broke.'));
  rerender({ plan: testPlan() });
  await waitFor(() => expect(result.current.failure).toBe('fault'));
  expect(result.current.model).toBe(first);
  // Of a night that stays as it was nothing is sent, and the same object stands there.
  change.mockResolvedValueOnce(answer(null, 3));
  rerender({ plan: testPlan() });
  await waitFor(() => expect(result.current.failure).toBeNull());
  expect(result.current.model!.board.nights[0]).toBe(first.board.nights[0]);
  expect(result.current.model!.board.nights[1]).toEqual(night(3));
});

it('what is too much to work out is told as such', async () => {
  // As it comes over from the worker: an error of no class, with the name of one.
  const { name, message } = new TooMuchToWorkOut('pieces');
  change.mockRejectedValueOnce(Object.assign(new Error(message), { name }));
  const plan = testPlan();
  const { result } = renderHook(() => useDeskWorker(plan, VIEW));
  await waitFor(() => expect(result.current.failure).toBe('too-much'));
});

it('while it is busy only the newest plan waits', async () => {
  let finish: (value: unknown) => void = () => undefined;
  change.mockImplementation(() => new Promise((resolve) => (finish = resolve)));
  const plans = [testPlan(), testPlan(), testPlan(), testPlan()];
  const { rerender, unmount } = renderHook(({ plan }) => useDeskWorker(plan, VIEW), {
    initialProps: { plan: plans[0]! },
  });
  for (const plan of plans.slice(1)) rerender({ plan });
  expect(change).toHaveBeenCalledTimes(1);
  await act(async () => finish(answer(1)));
  await waitFor(() => expect(change).toHaveBeenCalledTimes(2));
  expect(change.mock.calls[1]![0]).toBe(plans[3]);
  unmount();
  expect(thread.terminate).toHaveBeenCalled();
});
