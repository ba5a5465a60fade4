import { addStation, emptied, setProgram, setStation } from '@water-clock/core/settings';
import { testPlan } from '../../testing/plans';
import { partsRead } from './parts-read';

const blank = emptied(testPlan());

it('nothing of a reading is read until something of it was entered, part by part', () => {
  expect(partsRead(blank, blank)).toEqual([false, false, false, false, false]);
  const started = setProgram('B', { starts: ['04:00'] })(blank);
  expect(partsRead(started, blank)).toEqual([false, false, true, false, false]);
  const without = setStation(1, { enabled: false })(started);
  expect(partsRead(without, blank)).toEqual([false, false, true, false, true]);
  const clock = { timerReads: '2026-06-01T20:52:00', trueTime: '2026-06-01T08:52:00' };
  const clocked = { ...blank, controller: { ...blank.controller, clock } };
  expect(partsRead(clocked, blank)).toEqual([true, false, false, false, false]);
});

it('a station that the timer shows beyond those that are known is read', () => {
  expect(partsRead(addStation(9)(blank), blank)).toEqual([false, false, false, false, true]);
});

it('a program that was entered and emptied again is not read', () => {
  const set = setProgram('A', { starts: ['04:00'] })(blank);
  expect(partsRead(setProgram('A', { starts: [] })(set), blank)[1]).toBe(false);
});
