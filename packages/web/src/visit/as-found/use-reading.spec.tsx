/** @jest-environment jsdom */
import '../../testing/in-app';
import { emptied, programOf, setProgram, setStation } from '@water-clock/core/settings';
import { act, renderHook } from '@testing-library/react';
import { testPlan } from '../../testing/plans';
import { useReading } from './use-reading';

const blank = emptied(testPlan());
const renamed = emptied(setStation(2, { name: 'Slope' })(testPlan()));
const readingOf = (timerId: string) =>
  renderHook(({ of }) => useReading('ines', timerId, of), { initialProps: { of: blank } });

it('what was entered stays, and can be undone, while newer settings of the timer come in', () => {
  const { result, rerender } = readingOf('garage');
  act(() => result.current.edit(setProgram('A', { starts: ['04:00'] })));
  rerender({ of: renamed });
  expect(programOf(result.current.plan, 'A').starts).toEqual(['04:00']);
  expect(result.current.isBegun).toBe(true);
  act(() => result.current.undo());
  expect(result.current.plan).toEqual(renamed);
  expect(result.current.isBegun).toBe(false);
});

it('begins with the stations that are known last, as long as nothing is entered', () => {
  const { result, rerender } = readingOf('shed');
  rerender({ of: renamed });
  expect(result.current.plan).toEqual(renamed);
  expect(result.current.isBegun).toBe(false);
});

it('comes back from this device until it is saved', () => {
  const { result } = readingOf('porch');
  act(() => result.current.edit(setProgram('B', { starts: ['05:10'] })));
  const again = readingOf('porch').result.current;
  expect(programOf(again.plan, 'B').starts).toEqual(['05:10']);
  again.forget();
  expect(readingOf('porch').result.current.isBegun).toBe(false);
});
