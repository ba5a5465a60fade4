/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import { useStopwatch } from './use-stopwatch';

beforeEach(() => {
  sessionStorage.clear();
  jest.useFakeTimers({ now: Date.UTC(2026, 5, 1, 8) });
});
afterEach(() => jest.useRealTimers());

const pass = (seconds: number) => act(() => jest.advanceTimersByTime(seconds * 1000));

it('stands at nothing until it is started, then counts whole seconds', () => {
  const { result } = renderHook(() => useStopwatch('run-off of station 3'));
  pass(5);
  expect(result.current).toMatchObject({ isRunning: false, seconds: 0 });
  act(() => result.current.start());
  pass(61.9);
  expect(result.current).toMatchObject({ isRunning: true, seconds: 61 });
});

it('gives the whole seconds when it is stopped, and stands at nothing again', () => {
  const { result } = renderHook(() => useStopwatch('run-off of station 3'));
  act(() => result.current.start());
  // Less than the screen's own tick: what is given is by the clock, not by what was shown last.
  act(() => jest.advanceTimersByTime(12_000));
  jest.setSystemTime(Date.now() + 150);
  let given = 0;
  act(() => {
    given = result.current.stop();
  });
  expect(given).toBe(12);
  expect(result.current).toMatchObject({ isRunning: false, seconds: 0 });
  expect(renderHook(() => useStopwatch('run-off of station 3')).result.current.isRunning).toBe(
    false,
  );
});

it('runs on while the page is reloaded, and each has its own', () => {
  const before = renderHook(() => useStopwatch('run-off of station 3'));
  act(() => before.result.current.start());
  before.unmount();
  jest.advanceTimersByTime(30_000);
  expect(renderHook(() => useStopwatch('run-off of station 3')).result.current).toMatchObject({
    isRunning: true,
    seconds: 30,
  });
  expect(renderHook(() => useStopwatch('run-off of station 4')).result.current.isRunning).toBe(
    false,
  );
});

it('never counts backwards where the device’s clock was set back', () => {
  const { result } = renderHook(() => useStopwatch('meter'));
  act(() => result.current.start());
  jest.setSystemTime(Date.now() - 3_600_000);
  pass(1);
  expect(result.current.seconds).toBe(0);
});
