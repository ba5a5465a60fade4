import type { Draw } from './draw.js';
import type { PracticeCase } from './practice-case.js';

/** One thing to learn, in the order of the work. */
export interface Lesson {
  readonly code: string;
  readonly title: string;
  /** What one is to know before it begins. */
  readonly teaches: string;
  readonly make: (draw: Draw) => PracticeCase;
}

/** How most timers ask. */
export const USUALLY_ASKED = { intervalAskedAs: 'first-day', wiring: 'valve-wires' } as const;
