/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import { useCountdown } from './use-countdown';

const KEY = 'walk of the garage timer';

beforeEach(() => {
  sessionStorage.clear();
  jest.useFakeTimers({ now: Date.UTC(2026, 5, 1, 8) });
});
afterEach(() => jest.useRealTimers());

const pass = (seconds: number) => act(() => jest.advanceTimersByTime(seconds * 1000));

it('counts the station that is on down to nothing, and no further', () => {
  const { result } = renderHook(() => useCountdown(KEY));
  expect(result.current).toMatchObject({ station: null, secondsLeft: 0 });
  act(() => result.current.start(4, 90));
  expect(result.current).toMatchObject({ station: 4, secondsLeft: 90 });
  pass(30);
  expect(result.current.secondsLeft).toBe(60);
  pass(59.5);
  expect(result.current.secondsLeft).toBe(1);
  pass(600);
  expect(result.current).toMatchObject({ station: 4, secondsLeft: 0 });
});

it('goes on where it was after a reload, the time in between counted', () => {
  const before = renderHook(() => useCountdown(KEY));
  act(() => before.result.current.start(4, 90));
  before.unmount();
  jest.advanceTimersByTime(20_000);
  expect(renderHook(() => useCountdown(KEY)).result.current).toMatchObject({
    station: 4,
    secondsLeft: 70,
  });
  expect(renderHook(() => useCountdown('another timer')).result.current.station).toBeNull();
});

it('turns the next one on by itself, each for as long, also where the page was away', () => {
  const turnedOn: number[] = [];
  const useCounted = () => useCountdown(KEY, (station) => turnedOn.push(station));
  const { result, unmount } = renderHook(useCounted);
  act(() => result.current.start(4, 60, [5, 7]));
  expect(result.current.then).toEqual([5, 7]);
  pass(70);
  expect(result.current).toMatchObject({ station: 5, secondsLeft: 50, then: [7] });
  unmount();
  jest.advanceTimersByTime(60_000);
  const again = renderHook(useCounted);
  pass(1);
  expect(again.result.current).toMatchObject({ station: 7, secondsLeft: 49, then: [] });
  pass(100);
  expect(again.result.current).toMatchObject({ station: 7, secondsLeft: 0 });
  expect(turnedOn).toEqual([5, 7]);
});

it('is over when it is stopped, after a reload too', () => {
  const { result } = renderHook(() => useCountdown(KEY));
  act(() => result.current.start(4, 90));
  act(() => result.current.stop());
  expect(result.current).toMatchObject({ station: null, secondsLeft: 0 });
  expect(renderHook(() => useCountdown(KEY)).result.current.station).toBeNull();
});

it('begins anew with another station', () => {
  const { result } = renderHook(() => useCountdown(KEY));
  act(() => result.current.start(4, 90));
  pass(30);
  act(() => result.current.start(5, 45));
  expect(result.current).toMatchObject({ station: 5, secondsLeft: 45 });
});

it.each(['{', '[]', '"4"', '{"station":4,"startedAt":"now","seconds":90}'])(
  'takes what it cannot read, %s, for nothing',
  (stored) => {
    sessionStorage.setItem(KEY, stored);
    expect(renderHook(() => useCountdown(KEY)).result.current).toMatchObject({
      station: null,
      secondsLeft: 0,
    });
  },
);
