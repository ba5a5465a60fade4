import { counted } from '@water-clock/core/words';
import type { HoldKind } from '../../computing/board-holds';

const WORDS: Readonly<Record<HoldKind, string>> = {
  pause: 'on hold',
  off: 'switched off',
  'day-off': 'day off',
  rain: 'rain sensor wet',
  frost: 'too cold',
};

/** @example "on hold: 2 runs left out" */
export const holdWords = (why: HoldKind, leftOut: number): string =>
  leftOut > 0 ? `${WORDS[why]}: ${counted(leftOut, 'run')} left out` : WORDS[why];
