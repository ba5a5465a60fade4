import { asTimerSeconds, formatDate, parseDate } from '@water-clock/core/civil-time';
import {
  blankStory,
  datesOf,
  isFull,
  seenOf,
  storyOf,
  withoutTold,
  withTold,
  type Told,
} from './story';
import { inLanes, onDay, weekScale } from './week-scale';
import { longerBy, movedBy, toldOn } from './told-moves';
import { toldWords } from './told-words';

const TODAY = parseDate('2026-06-07')!;
const told = (id: string, from: string, to: string | null, more: Partial<Told> = {}): Told => ({
  ...{ id, what: 'watered', station: null },
  ...{ from: `2026-06-${from}:00`, to: to === null ? null : `2026-06-${to}:00` },
  ...more,
});

it('a story is of the week that ends today, and of whatever day something was told of', () => {
  const dates = (...all: Told[]) => {
    const { first, last } = datesOf(all.reduce(withTold, blankStory(TODAY)));
    return `${formatDate(first)} ${formatDate(last)}`;
  };
  expect(dates()).toBe('2026-06-01 2026-06-07');
  expect(dates(told('a', '03T04:00', '03T04:20'))).toBe('2026-06-01 2026-06-07');
  expect(dates(told('a', '09T23:50', '10T00:20'))).toBe('2026-06-01 2026-06-10');
});

it('is what causes are tried on: rain apart, and a dry moment with its end', () => {
  const story = [
    told('b', '03T04:00', '03T04:20', { station: 3 }),
    told('a', '02T10:00', '02T12:00', { what: 'rain' }),
    told('c', '04T05:00', null),
    told('d', '05T05:00', null, { what: 'dry' }),
  ].reduce(withTold, blankStory(TODAY));
  expect(story.told.map(({ id }) => id)).toEqual(['a', 'b', 'c', 'd']);
  const seen = seenOf(story);
  expect(seen).toMatchObject({ from: '2026-06-01T00:00:00', to: '2026-06-08T00:00:00' });
  expect(seen.rain).toMatchObject([{ from: '2026-06-02T10:00:00', to: '2026-06-02T12:00:00' }]);
  expect(seen.seen).toMatchObject([
    { what: 'watered', station: 3, to: '2026-06-03T04:20:00' },
    { what: 'watered', to: null },
    { what: 'dry', from: '2026-06-05T05:00:00', to: '2026-06-05T05:00:00' },
  ]);
  expect(seenOf(withoutTold(story, 'b')).seen).toHaveLength(2);
});

it('comes back from this device as it was kept; what cannot be read is none', () => {
  const story = withTold(blankStory(TODAY), told('a', '03T04:00', '03T04:20'));
  const kept: unknown = JSON.parse(JSON.stringify(story));
  expect(storyOf(kept, TODAY)).toEqual(story);
  const blank = blankStory(TODAY);
  expect(storyOf(null, TODAY)).toEqual(blank);
  expect(storyOf({ told: [{ id: 'a', from: 'yesterday', what: 'dry' }] }, TODAY)).toEqual(blank);
  expect(storyOf({ told: 'x', first: '2026-05-01', answers: [{ of: 'moon' }] }, TODAY)).toEqual({
    ...blank,
    first: '2026-05-01',
  });
});

it('takes no more than causes can be tried on, and what is told can still be changed', () => {
  const many = Array.from({ length: 300 }, (_, index) =>
    told(`n${index}`, '03T04:00', '03T04:20'),
  ).reduce(withTold, blankStory(TODAY));
  expect(isFull(many)).toBe(true);
  expect(withTold(many, told('more', '03T05:00', '03T05:20'))).toBe(many);
  expect(seenOf(withTold(many, told('n7', '03T06:00', null))).seen).toHaveLength(300);
  expect(isFull(withoutTold(many, 'n7'))).toBe(false);
});

it.each([
  [
    told('a', '02T14:10', '02T14:25', { station: 3 }),
    'Tue 2 Jun, 14:10 to 14:25: watered, station 3 (Back lawn)',
  ],
  [told('a', '02T14:10', null), 'Tue 2 Jun, 14:10: watered, nobody knows where'],
  [told('a', '02T00:00', '03T00:00', { what: 'dry' }), 'Tue 2 Jun, all day: dry, everywhere'],
  [
    told('a', '02T23:50', '03T00:20', { what: 'rain' }),
    'Tue 2 Jun, 23:50 to Wed 3 Jun, 00:20: rain',
  ],
])('is told in words', (one, words) => {
  expect(toldWords(one, [{ number: 3, name: 'Back lawn' }])).toBe(words);
});

it('a place on the week is a time to five minutes, and back', () => {
  const scale = weekScale(700);
  expect(scale.second(scale.x(14 * 3600 + 600))).toBe(14 * 3600 + 600);
  expect(scale.second(scale.x(14 * 3600 + 130))).toBe(14 * 3600);
  expect(scale.second(-50)).toBe(0);
  expect(scale.second(5000)).toBe(86_400);
});

it('what goes past midnight is on both days, a moment on its own alone', () => {
  const span = (from: string, to: string) => ({
    from: asTimerSeconds(parseDate('2026-06-02')! * 86_400 + Number(from) * 3600),
    to: asTimerSeconds(parseDate('2026-06-02')! * 86_400 + Number(to) * 3600),
  });
  const on = (day: string, of: ReturnType<typeof span>) => onDay(parseDate(day)!, of);
  expect(on('2026-06-02', span('23', '25'))).toEqual({ from: 82_800, to: 86_400 });
  expect(on('2026-06-03', span('23', '25'))).toEqual({ from: 0, to: 3600 });
  expect(on('2026-06-02', span('5', '5'))).toEqual({ from: 18_000, to: 18_000 });
  expect(on('2026-06-03', span('5', '5'))).toBeNull();
  expect(on('2026-06-01', span('5', '5'))).toBeNull();
  expect(on('2026-06-03', span('23', '24'))).toBeNull();
});

it('what was seen at the same time lies one below the other', () => {
  const at = (one: string, from: number, to: number) => ({ one, part: { from, to } });
  const { placed, lanes } = inLanes([at('b', 50, 90), at('a', 0, 60), at('c', 60, 70)], 1);
  expect(lanes).toBe(2);
  expect(placed.map(({ one, lane }) => `${one}${lane}`)).toEqual(['a0', 'b1', 'c0']);
});

it('is moved and made longer by so many seconds, and never has no length', () => {
  const one = told('a', '02T23:50', '03T00:20');
  expect(movedBy(one, 600)).toEqual(told('a', '03T00:00', '03T00:30'));
  expect(movedBy(told('a', '02T05:00', null), -300)).toEqual(told('a', '02T04:55', null));
  expect(longerBy(one, 300)).toEqual(told('a', '02T23:50', '03T00:25'));
  expect(longerBy(told('a', '02T05:00', '02T05:05'), -300)).toEqual(
    told('a', '02T05:00', '02T05:05'),
  );
});

it('what is being moved is drawn where it is by now, and on the day on which it is', () => {
  const day = parseDate('2026-06-03')!;
  const one = told('a', '02T05:00', '02T05:30');
  expect(toldOn(day, [one], null)).toEqual([]);
  const moved = movedBy(one, 86_400);
  expect(toldOn(day, [one], moved)).toMatchObject([
    { one, told: moved, part: { from: 18_000, to: 19_800 } },
  ]);
});
