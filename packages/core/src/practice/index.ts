export { caseOf, LARGEST_SEED, Played, readPlayed } from './case-of.js';
export { DIFFICULTIES, freeCase, type Difficulty } from './free-case.js';
export { isFixedAt, shutBy } from './fixed-at.js';
export { drawOf, type Draw } from './draw.js';
export { judge, JUDGED_DAYS, type Judgement, type Left, type Replaced } from './judge.js';
export type { Lesson } from './lesson.js';
export { LESSONS } from './lessons/index.js';
export type { Hidden, HiddenElectrical, PracticeCase, ToldFault } from './practice-case.js';
