import { DIFFICULTIES, LARGEST_SEED, LESSONS, type Played } from '@water-clock/core/practice';

/** Where a case is played: its address is all that somebody needs to play the same one. */
export const playPlace = ({ lesson, difficulty, seed }: Played): string =>
  lesson === null
    ? `/practice/free?faults=${difficulty}&case=${seed}`
    : `/practice/${lesson}?case=${seed}`;

/** What an address is the case of; null: of none. */
export function playedAt(lesson: string, search: URLSearchParams): Played | null {
  const seed = Number(search.get('case') ?? 0);
  const isFree = lesson === 'free';
  const difficulty = DIFFICULTIES.find((one) => String(one) === (search.get('faults') ?? '1'));
  const isKnown = isFree || LESSONS.some(({ code }) => code === lesson);
  const isCase = Number.isInteger(seed) && seed >= 0 && seed <= LARGEST_SEED;
  if (!isKnown || !isCase || difficulty === undefined) return null;
  return { lesson: isFree ? null : lesson, difficulty, seed };
}
