/** @jest-environment jsdom */
import { act, renderHook, waitFor } from '@testing-library/react';
import { parseDate } from '@water-clock/core/civil-time';
import { testPlan } from '../testing/plans';

const SINCE = parseDate('2026-06-01')!;

let repair: jest.Mock;
const threads: { onerror: (() => void) | null; terminate: jest.Mock }[] = [];

jest.mock('comlink', () => ({
  wrap: () => ({ repair: (...asked: unknown[]) => repair(...asked) }),
}));
jest.mock('./repair-thread', () => ({
  repairThread: () => {
    const thread = { onerror: null, terminate: jest.fn() };
    threads.push(thread);
    return thread;
  },
}));

import { useRepair } from './use-repair';

const FOUND = { isSound: false, isRepaired: true, isProven: true, changes: [] };

beforeEach(() => {
  repair = jest.fn().mockResolvedValue(FOUND);
  threads.length = 0;
});

/** Lets a worker answer, and what waits for it go on. */
const answered = (answer: () => void) =>
  act(async () => {
    answer();
    await Promise.resolve();
  });

const asked = (plan = testPlan()) =>
  renderHook(({ settings }) => useRepair(settings, SINCE), { initialProps: { settings: plan } });

it('shows what was found, and no more once it is asked for other settings', async () => {
  const { result, rerender } = asked();
  expect(result.current.found).toBe('busy');
  await waitFor(() => expect(result.current.found).toBe(FOUND));
  let answer: (found: unknown) => void = () => undefined;
  repair.mockReturnValue(new Promise((resolve) => (answer = resolve)));
  const other = { ...testPlan(), name: 'Other' };
  rerender({ settings: other });
  expect(result.current.found).toBe('busy');
  expect(repair).toHaveBeenLastCalledWith(other, SINCE);
  const later = { ...FOUND, isProven: false };
  await answered(() => answer(later));
  expect(result.current.found).toBe(later);
  expect(threads.map(({ terminate }) => terminate.mock.calls.length > 0)).toEqual([true, true]);
});

it('is stopped by hand, and what comes after that is not heeded', async () => {
  let answer: (found: unknown) => void = () => undefined;
  repair.mockReturnValue(new Promise((resolve) => (answer = resolve)));
  const { result } = asked();
  act(() => result.current.stop());
  expect(result.current.found).toBe('stopped');
  expect(threads[0]!.terminate).toHaveBeenCalled();
  await answered(() => answer(FOUND));
  expect(result.current.found).toBe('stopped');
});

it('says that it is too much, or that it could not be worked out', async () => {
  repair.mockResolvedValue(null);
  const tooMuch = asked();
  await waitFor(() => expect(tooMuch.result.current.found).toBe('too-much'));
  repair.mockReturnValue(new Promise(() => undefined));
  const failed = asked();
  act(() => threads.at(-1)!.onerror?.());
  expect(failed.result.current.found).toBe('failed');
});
