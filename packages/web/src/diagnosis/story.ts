import {
  addDays,
  dayOf,
  formatDate,
  formatDateTime,
  parseDate,
  parseDateTime,
  startOfDay,
  type DayNumber,
} from '@water-clock/core/civil-time';
import { isObject } from '@water-clock/core/documents';
import { FAULT_CODES } from '@water-clock/core/faults';
import {
  MOST_SEEN,
  readSeen,
  SEEN_FORMAT,
  type Answer,
  type Said,
  type Seen,
} from '@water-clock/core/diagnosis';

/** One thing that somebody saw. */
export interface Told extends Said {
  readonly id: string;
}

/** What was seen of a timer, what was looked at since, and what came of it. */
export interface Story {
  /** The dates that somebody watched; what was told of others widens them. */
  readonly first: string;
  readonly last: string;
  /** Nothing watered but what was told. */
  readonly isWhole: boolean;
  readonly told: readonly Told[];
  readonly answers: readonly Answer[];
}

const WEEK_BEFORE = -6;

/** Nothing yet, of the week that ends today. */
export const blankStory = (today: DayNumber): Story => ({
  first: formatDate(addDays(today, WEEK_BEFORE)),
  last: formatDate(today),
  isWhole: false,
  told: [],
  answers: [],
});

/** All dates that a story is of, with those of whatever was told. */
export function datesOf({ first, last, told }: Story): { first: DayNumber; last: DayNumber } {
  const days = told.flatMap(({ from, to }) =>
    [from, to ?? from].map((at) => dayOf(parseDateTime(at)!)),
  );
  const [named, ended] = [parseDate(first)!, parseDate(last)!];
  return { first: earliest([named, ...days]), last: latest([named, ended, ...days]) };
}

const earliest = (days: readonly DayNumber[]): DayNumber => days.reduce((a, b) => (b < a ? b : a));
const latest = (days: readonly DayNumber[]): DayNumber => days.reduce((a, b) => (b > a ? b : a));

/** The story as causes are tried on it. */
export function seenOf(story: Story): Seen {
  const { first, last } = datesOf(story);
  const read = readSeen({
    format: SEEN_FORMAT,
    from: formatDateTime(startOfDay(first)),
    to: formatDateTime(startOfDay(addDays(last, 1))),
    isWhole: story.isWhole,
    rain: story.told
      .filter(({ what }) => what === 'rain')
      .map(({ from, to }) => ({ from, to: to ?? from })),
    seen: story.told
      .filter(({ what }) => what !== 'rain')
      .map(({ what, from, to, station }) => ({
        ...{ what, from, station },
        to: what === 'dry' ? (to ?? from) : to,
      })),
  });
  if (!read.ok)
    throw new Error(read.trouble.map(({ path, message }) => `${path} ${message}`).join('; '));
  return read.value;
}

/** A story that was kept on this device; one that cannot be read is none. */
export function storyOf(draft: unknown, today: DayNumber): Story {
  const blank = blankStory(today);
  if (!isObject(draft)) return blank;
  const { first, last, isWhole, told, answers } = draft;
  const story: Story = {
    first: isDate(first) ? first : blank.first,
    last: isDate(last) ? last : blank.last,
    isWhole: isWhole === true,
    told: Array.isArray(told) ? told.filter(isTold) : [],
    answers: Array.isArray(answers) ? answers.filter(isAnswer) : [],
  };
  try {
    seenOf(story);
    return story;
  } catch {
    return blank;
  }
}

const isDate = (value: unknown): value is string =>
  typeof value === 'string' && parseDate(value) !== null;

/** Its times are looked at as what was seen is read. */
const isTold = (value: unknown): value is Told =>
  isObject(value) &&
  typeof value['id'] === 'string' &&
  typeof value['from'] === 'string' &&
  (value['what'] === 'watered' || value['what'] === 'dry' || value['what'] === 'rain');

const isAnswer = (value: unknown): value is Answer =>
  isObject(value) && FAULT_CODES.some((code) => code === value['of']);

/** In the order of time. */
export const inOrder = (told: readonly Told[]): Told[] =>
  [...told].sort((a, b) => a.from.localeCompare(b.from) || a.id.localeCompare(b.id));

/** As much is told as causes can be tried on: one of it goes before another comes. */
export const isFull = ({ told }: Story): boolean => told.length >= MOST_SEEN;

/** With one told otherwise, or one more where there is room for it. */
export function withTold(story: Story, one: Told): Story {
  const others = story.told.filter(({ id }) => id !== one.id);
  return others.length >= MOST_SEEN ? story : { ...story, told: inOrder([...others, one]) };
}

export const withoutTold = (story: Story, id: string): Story => ({
  ...story,
  told: story.told.filter((one) => one.id !== id),
});
