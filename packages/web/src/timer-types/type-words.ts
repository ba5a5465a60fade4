import type { DayMode, OverlapBehaviour, SeasonMode } from '@water-clock/core/timer-types';

export const OVERLAP_NAMES: Record<OverlapBehaviour, string> = {
  queue: 'it waits until the other is done',
  drop: 'it is left out',
  preempt: 'it cuts the other off',
  concurrent: 'it waters beside the other',
};

export const DAY_MODE_NAMES: Record<DayMode, string> = {
  weekdays: 'weekdays',
  odd: 'odd days',
  even: 'even days',
  interval: 'every so many days',
  hours: 'every so many hours',
};

export const SEASON_MODE_NAMES: Record<SeasonMode, string> = {
  whole: 'one for the whole timer',
  program: 'one for each program',
  monthly: 'a table by month',
  weather: 'by the weather, day by day',
};

const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';

/** The first so many labels: the timer's own, then letters that it does not use yet. */
export function labelsUpTo(count: number, labels: readonly string[]): string[] {
  const more = [...ALPHABET].filter((letter) => !labels.includes(letter));
  return [...labels, ...more].slice(0, count);
}
