import { addDays, addSeconds, dayOf } from '../civil-time/index.js';
import { setRunTime, setStart, type Plan } from '../settings/index.js';
import { drawOf, judge, LESSONS, type Left, type PracticeCase } from './index.js';

const SEEDS = Array.from({ length: 12 }, (_, index) => index + 1);
const casesOf = (code: string): PracticeCase[] =>
  SEEDS.map((seed) => LESSONS.find((one) => one.code === code)!.make(drawOf(seed)));

/** As it was found, or with some of it put right. */
function leftAs(one: PracticeCase, fields: Partial<Left> = {}): Left {
  const clock = one.hidden.find(({ code }) => code === 'clock');
  return {
    plan: one.inTimer,
    offSeconds: clock && 'offSeconds' in clock ? clock.offSeconds : 0,
    shut: one.hidden.flatMap((hidden) => (hidden.code === 'electrical' ? [hidden.station] : [])),
    stuck: [],
    isSensorWet: one.hidden.some(({ code }) => code === 'sensor-stuck'),
    replaced: [],
    at: addSeconds(one.now, 3600),
    ...fields,
  };
}
const putRight = (one: PracticeCase, fields: Partial<Left> = {}): Left =>
  leftAs(one, { plan: one.copy, offSeconds: 0, shut: [], isSensorWet: false, ...fields });

describe.each(LESSONS)('$code', (lesson) => {
  const cases = SEEDS.map((seed) => lesson.make(drawOf(seed)));

  it('is wrong as it is found, and right as the copy has it; the same each time for the same seed', () => {
    for (const one of cases) {
      const found = judge(one, leftAs(one));
      expect(found.isRight).toBe(false);
      expect(found.needless).toEqual([]);
      const right = judge(one, putRight(one));
      expect(right).toEqual({ isRight: true, wrong: [], needless: [] });
    }
    expect(lesson.make(drawOf(3))).toEqual(cases[2]);
  });

  it('tells what was wrong, how it showed, and what would have told it fastest', () => {
    for (const { story, told } of cases) {
      expect(story.length).toBeGreaterThan(20);
      expect(told.length).toBeGreaterThan(0);
      for (const { what, shows, fastest } of told)
        expect([what, shows, fastest].every((words) => words.length > 10)).toBe(true);
    }
  });
});

const otherwise = (plan: Plan, change: (plan: Plan) => Plan): Plan => change(plan);

it('says of each station when it waters otherwise than it is to', () => {
  const [one] = casesOf('percentage');
  const later = otherwise(one!.copy, setStart('B', 0, '06:30'));
  const { isRight, wrong } = judge(one!, putRight(one!, { plan: later }));
  expect(isRight).toBe(false);
  expect(wrong).toHaveLength(2);
  expect(wrong[0]).toMatch(/^Station 4 \(Beds\) does not water on .*06:00, as it is to\.$/);
  expect(wrong[1]).toMatch(/^Station 4 \(Beds\) waters on .*06:30, otherwise than it is to\.$/);
});

it('a clock that is nearly right is right', () => {
  const [one] = casesOf('clock-and-date');
  expect(judge(one!, putRight(one!, { offSeconds: 60 })).isRight).toBe(true);
  expect(judge(one!, putRight(one!, { offSeconds: -600 })).wrong[0]).toBe(
    'The clock is still 10 min behind.',
  );
});

it('what is sound may be set otherwise than the copy, but not with less water', () => {
  const [one] = casesOf('colliding-programs');
  const apart = otherwise(one!.copy, setStart('B', 0, '05:00'));
  expect(judge(one!, putRight(one!, { plan: apart })).isRight).toBe(true);
  const less = otherwise(one!.copy, setRunTime('A', 1, 600));
  expect(judge(one!, putRight(one!, { plan: less })).wrong).toEqual([
    'Station 1 (Front lawn) gets 20 minutes a week, and 40 minutes are wanted.',
  ]);
});

it('what was changed or replaced without need is told, and is not wrong by itself', () => {
  const [one] = casesOf('electrical-faults');
  const hidden = one!.hidden[0]!;
  if (hidden.code !== 'electrical') throw new Error('Another lesson.');
  const delayed = { ...one!.copy, controller: { ...one!.copy.controller, stationDelaySeconds: 5 } };
  const { needless } = judge(
    one!,
    putRight(one!, {
      plan: delayed,
      replaced: [
        { of: hidden.of, station: hidden.station },
        { of: 'module-dead', station: 1 },
        { of: 'sensor', station: null },
      ],
    }),
  );
  expect(needless).toEqual([
    'Changed without need: wait between stations, from off to 5 s.',
    'Replaced at station 1 although it was whole: module-dead.',
    'Replaced although it was whole: sensor.',
  ]);
});

it('what shuts several stations is put right from each of them', () => {
  let seed = 1;
  const caseOfCommon = () =>
    LESSONS.find(({ code }) => code === 'electrical-faults')!.make(drawOf(seed));
  const isCommon = ([hidden]: PracticeCase['hidden']) =>
    hidden?.code === 'electrical' && hidden.of === 'common-open';
  while (!isCommon(caseOfCommon().hidden)) seed += 1;
  const one = caseOfCommon();
  for (const station of [1, 2, 3, 4, null])
    expect(
      judge(one, putRight(one, { replaced: [{ of: 'common-open', station }] })).needless,
    ).toEqual([]);
});

it('a count of days that comes to the same days is the same, from whichever of them it is counted', () => {
  for (const one of casesOf('days')) {
    const { days } = one.copy.programs[0]!;
    if (days.mode !== 'interval') throw new Error('Another rule.');
    const program = { ...one.copy.programs[0]!, days: { ...days, anchor: '2026-01-01' } };
    const first = dayOf(one.now);
    const anchors = [0, 1, 2].map((later) => {
      const plan = {
        ...one.copy,
        programs: [{ ...program, days: { ...days, anchor: dateOf(addDays(first, later - 30)) } }],
      };
      return judge(one, putRight(one, { plan })).isRight;
    });
    expect(anchors.filter(Boolean)).toHaveLength(1);
  }
});

const dateOf = (day: number): string => new Date(day * 86_400_000).toISOString().slice(0, 10);
