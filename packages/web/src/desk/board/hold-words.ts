import { counted } from '@water-clock/core/words';

/** @example "paused: 2 runs left out" */
export const holdWords = (why: string, leftOut: number): string =>
  leftOut > 0 ? `${why}: ${counted(leftOut, 'run')} left out` : why;
