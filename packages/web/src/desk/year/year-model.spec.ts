import { formatDate, parseDate } from '@water-clock/core/civil-time';
import { testPlan } from '../../testing/plans';
import { nightOf, yearModel } from '../../computing/year-model';

const SINCE = parseDate('2026-06-17')!;
const MINUTE = 60;

it('has every night of twelve months, from the first of the month on', () => {
  const { months } = yearModel(testPlan(), SINCE);
  expect(months.map(({ year, month }) => `${year}-${month}`)).toEqual([
    ...[6, 7, 8, 9, 10, 11, 12].map((month) => `2026-${month}`),
    ...[1, 2, 3, 4, 5].map((month) => `2027-${month}`),
  ]);
  const days = months.flatMap(({ nights }) => nights.map(({ day }) => day));
  expect(days).toHaveLength(365);
  expect(days.map(formatDate).at(-1)).toBe('2027-05-31');
});

it('counts the minutes of each program in the night in which a run begins', () => {
  const { months, mostSeconds } = yearModel(testPlan(), SINCE);
  const june = months[0]!.nights;
  // Thursday 4 June, half past three, belongs to the night that begins on Wednesday at noon.
  expect(june[2]!.secondsByProgram).toEqual([50 * MINUTE, 40 * MINUTE, 0]);
  expect(june[2]!.collisions).toBe(1);
  expect(june[6]!.secondsByProgram).toEqual([50 * MINUTE, 0, 0]);
  expect(june[0]!.secondsByProgram).toEqual([0, 0, 0]);
  expect(mostSeconds).toBe(90 * MINUTE);
});

it('finds in January the percentage that collides in July only', () => {
  const percents = [40, 40, 60, 60, 60, 60, 150, 60, 60, 60, 40, 40];
  const plan = testPlan({
    timer: { season: { modes: ['monthly'] } },
    controller: { season: { mode: 'monthly', percents } },
  });
  const { months, first } = yearModel(plan, parseDate('2026-01-20')!);
  expect(months.map(({ percents: [a] }) => a)).toEqual(percents);
  const colliding = months.filter(({ nights }) => nights.some(({ collisions }) => collisions > 0));
  // The night of 30 June ends in July: its run is begun on the 2nd, a Thursday.
  expect(colliding.map(({ month }) => month)).toEqual([7]);
  expect(formatDate(first!.night)).toBe('2026-07-01');
});

it('counts what begins at noon to the night that begins then', () => {
  const noon = ((parseDate('2026-06-04')! as number) * 24 + 12) * 3600;
  expect(formatDate(nightOf(noon as never))).toBe('2026-06-04');
  expect(formatDate(nightOf((noon - 1) as never))).toBe('2026-06-03');
});
