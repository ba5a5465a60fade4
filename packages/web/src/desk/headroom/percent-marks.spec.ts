import { testPlan } from '../../testing/plans';
import { marksOf } from './percent-marks';

const GRID = [10, 20, 30, 40, 50, 60, 70, 80, 90, 100, 110, 120].map((percent) => ({
  percent,
  isClear: true,
}));
const { programs } = testPlan();

it('marks the one percentage of the timer', () => {
  expect(marksOf({ mode: 'whole', percent: 110 }, programs, 6, GRID)).toEqual([
    { percent: 110, label: 'now', words: 'Now 110 %', isNow: true },
  ]);
});

it('puts what is off the grid at the nearest place, and says what it is', () => {
  expect(marksOf({ mode: 'whole', percent: 133 }, programs, 6, GRID)).toEqual([
    { percent: 120, label: 'now', words: 'Now 133 %', isNow: true },
  ]);
});

it('marks each program that has its own', () => {
  const own = programs.map((program, order) => ({ ...program, percent: [80, 100][order]! }));
  expect(marksOf({ mode: 'program' }, own, 6, GRID).map(({ label }) => label)).toEqual(['A', 'B']);
});

it('puts the months of one percentage together, over the turn of the year too', () => {
  const percents = [50, 50, 60, 80, 100, 120, 120, 120, 100, 80, 60, 50];
  const marks = marksOf({ mode: 'monthly', percents }, programs, 8, GRID);
  expect(marks.map(({ percent, label }) => [percent, label])).toEqual([
    [50, 'Dec–Feb'],
    [60, 'Mar Nov'],
    [80, 'Apr Oct'],
    [100, 'May Sep'],
    [120, 'Jun–Aug now'],
  ]);
  expect(marks.at(-1)!.words).toBe('Jun, Jul and Aug 120 %');
  expect(marks.map(({ isNow }) => isNow)).toEqual([false, false, false, false, true]);
});
