import {
  addSeconds,
  civilDateOf,
  dayNumberOf,
  dayOf,
  startOfDay,
  type CivilDate,
} from '@water-clock/core/civil-time';
import { testPlan } from '../testing/plans';
import { nightOf, yearModel, type YearModel } from './year-model';

const day = (year: number, month: number, date: number) => dayNumberOf({ year, month, day: date });

const nightsOf = ({ months }: YearModel) => months.flatMap(({ nights }) => nights);

const wet = (model: YearModel): CivilDate[] =>
  nightsOf(model)
    .filter(({ secondsByProgram }) => secondsByProgram.some((seconds) => seconds > 0))
    .map((night) => civilDateOf(night.day));

it('is twelve months from the month of a date on, each with all of its nights', () => {
  const model = yearModel(testPlan(), day(2027, 11, 17));
  expect(model.months.map(({ year, month, nights }) => [year, month, nights.length])).toEqual([
    [2027, 11, 30],
    [2027, 12, 31],
    [2028, 1, 31],
    [2028, 2, 29],
    [2028, 3, 31],
    [2028, 4, 30],
    [2028, 5, 31],
    [2028, 6, 30],
    [2028, 7, 31],
    [2028, 8, 31],
    [2028, 9, 30],
    [2028, 10, 31],
  ]);
  const days = nightsOf(model).map((night) => night.day);
  expect(days).toEqual(days.map((_, index) => day(2027, 11, 1) + index));
});

it('counts a run before dawn to the night before, and the last night’s morning too', () => {
  const wetOn = (weekday: number) => {
    const days = { mode: 'weekdays', weekdays: [weekday] };
    const runs = [{ station: 1, seconds: 600 }];
    const programs = [{ id: 'A', starts: ['03:30'], days, runs }];
    const nights = wet(yearModel(testPlan({ programs }), day(2026, 6, 1)));
    return [nights[0], nights.at(-1)];
  };
  // 1 June 2026 is a Monday, and its morning of the night before these twelve months.
  expect(wetOn(1)[0]).toEqual({ year: 2026, month: 6, day: 7 });
  // 1 June 2027 is a Tuesday, and its morning of their last night.
  expect(wetOn(2)[1]).toEqual({ year: 2027, month: 5, day: 31 });
});

it('adds how long valves are open, by program in the timer’s order, waits left out', () => {
  const model = yearModel(
    testPlan({
      controller: { stationDelaySeconds: 60 },
      programs: [
        {
          id: 'C',
          starts: ['20:00', '23:00'],
          days: { mode: 'weekdays', weekdays: [1] },
          runs: [
            { station: 1, seconds: 600 },
            { station: 2, seconds: 300 },
          ],
        },
      ],
    }),
    day(2026, 6, 1),
  );
  expect(model.programs).toEqual(['A', 'B', 'C']);
  const [monday, tuesday] = nightsOf(model);
  expect(monday!.secondsByProgram).toEqual([0, 0, 1800]);
  expect(tuesday!.secondsByProgram).toEqual([0, 0, 0]);
  expect(model.mostSeconds).toBe(1800);
});

it('counts collisions by night, and names the first from the date on', () => {
  const model = yearModel(testPlan(), day(2026, 6, 20));
  const collided = nightsOf(model).filter(({ collisions }) => collisions > 0);
  // Every Thursday, in the nights that begin on Wednesday; the first is of 3 June.
  expect(collided[0]!.day).toBe(day(2026, 6, 3));
  expect(collided.length).toBe(52);
  expect(new Set(collided.map((night) => (night.day - collided[0]!.day) % 7))).toEqual(
    new Set([0]),
  );
  // Judged from 20 June: the collisions before are past.
  expect(model.first!.night).toBe(day(2026, 6, 24));
  expect(dayOf(model.first!.start)).toBe(day(2026, 6, 25));
});

it('names a first collision whose night is before these months, or after them', () => {
  // Monday 1 June, before dawn: the night of 31 May.
  const [a, b] = testPlan().programs;
  const monday = { ...b!, days: { mode: 'weekdays', weekdays: [1] } };
  const before = yearModel(testPlan({ programs: [a, monday] }), day(2026, 6, 1));
  expect(before.first!.night).toBe(day(2026, 5, 31));
  expect(nightsOf(before)[0]!.collisions).toBe(0);
  const from2030 = { mode: 'interval', everyDays: 1, anchor: '2030-06-01' };
  const after = yearModel(
    testPlan({
      programs: [
        { ...a!, days: from2030 },
        { ...b!, days: from2030 },
      ],
    }),
    day(2026, 6, 1),
  );
  expect(after.first!.night).toBe(day(2030, 5, 31));
  expect(nightsOf(after).some(({ collisions }) => collisions > 0)).toBe(false);
});

it('finds in January the percentage that collides in July only', () => {
  const percents = [40, 40, 60, 60, 60, 60, 150, 60, 60, 60, 40, 40];
  const { months, first } = yearModel(
    testPlan({
      timer: { season: { modes: ['monthly'] } },
      controller: { season: { mode: 'monthly', percents } },
    }),
    day(2026, 1, 20),
  );
  const colliding = months.filter(({ nights }) => nights.some(({ collisions }) => collisions > 0));
  expect(colliding.map(({ month }) => month)).toEqual([7]);
  expect(first!.night).toBe(day(2026, 7, 1));
});

it('has no first collision, and nothing wet, where nothing waters', () => {
  const model = yearModel(testPlan({ programs: [] }), day(2026, 6, 1));
  expect([model.first, model.mostSeconds, wet(model)]).toEqual([null, 0, []]);
});

it('gives the percentages in force, by month', () => {
  const percents = Array.from({ length: 12 }, (_, index) => 50 + index * 5);
  const { months } = yearModel(
    testPlan({
      timer: { season: { modes: ['monthly'], stepPercent: 5 } },
      controller: { season: { mode: 'monthly', percents } },
    }),
    day(2026, 6, 1),
  );
  expect(months.map((month) => month.percents[0])).toEqual([
    ...percents.slice(5),
    ...percents.slice(0, 5),
  ]);
});

it('a night is named by the date of its noon', () => {
  const noon = addSeconds(startOfDay(day(2026, 6, 1)), 12 * 3600);
  expect(nightOf(addSeconds(noon, -1))).toBe(day(2026, 5, 31));
  expect(nightOf(noon)).toBe(day(2026, 6, 1));
});
