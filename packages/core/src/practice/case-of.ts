import {
  OneOf,
  OrNull,
  readObject,
  ROOT_PATH,
  WholeNumber,
  type DocumentProblem,
} from '../documents/index.js';
import { err, ok, type Result } from '../kernel/index.js';
import { drawOf } from './draw.js';
import { DIFFICULTIES, freeCase, type Difficulty } from './free-case.js';
import { LESSONS } from './lessons/index.js';
import type { PracticeCase } from './practice-case.js';

const LESSON_CODES = LESSONS.map(({ code }) => code);
export const LARGEST_SEED = 1_000_000;

/** What is played: a lesson, or a free case of some difficulty; the same for the same seed. */
export class Played {
  @OrNull() @OneOf(LESSON_CODES) lesson: string | null = null;
  @OneOf(DIFFICULTIES) difficulty: Difficulty = 1;
  @WholeNumber(0, LARGEST_SEED) seed = 0;
}

/** Reads what is to be played; every problem is reported at once, each with its JSON path. */
export function readPlayed(document: unknown): Result<Played, readonly DocumentProblem[]> {
  const problems: DocumentProblem[] = [];
  const played = readObject(Played, document, ROOT_PATH, problems);
  return problems.length === 0 ? ok(played) : err(problems);
}

export function caseOf({ lesson, difficulty, seed }: Played): PracticeCase {
  const one = LESSONS.find(({ code }) => code === lesson);
  return one ? one.make(drawOf(seed)) : freeCase(drawOf(seed), difficulty);
}
