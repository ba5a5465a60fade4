import { readPlan } from '@water-clock/core/settings';
import { testPlan } from '../../testing/plans';
import { nowWords } from './month-words';

const MONTHS = [10, 20, 30, 40, 50, 60, 70, 80, 90, 95, 5, 15];

it.each([
  [{ mode: 'whole', percent: 80 }, '80 %'],
  [{ mode: 'program' }, 'A 60 %, B 120 %'],
  [{ mode: 'monthly', percents: MONTHS }, '5 %'],
])('what %j sets for November is told', (season, words) => {
  const { programs, format, ...rest } = testPlan();
  const [a, b] = programs;
  const read = readPlan({
    ...rest,
    format,
    controller: { season },
    programs: [
      { ...a, percent: 60 },
      { ...b, percent: 120 },
    ],
  });
  expect(read.ok && nowWords(read.value, 11)).toBe(words);
});
