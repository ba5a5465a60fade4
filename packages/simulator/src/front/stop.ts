import type { TimerSeconds } from '@water-clock/core/civil-time';
import type { Plan } from '@water-clock/core/settings';
import type { KeyInPart, TimerHandling } from '@water-clock/core/timer-types';

/** What a timer holds, as its front changes it. */
export interface Held {
  readonly plan: Plan;
  /** The start places of each program, in their order; null: off. A plan has only those that are on. */
  readonly starts: ReadonlyMap<string, readonly (string | null)[]>;
  readonly now: TimerSeconds;
}

/** One value that the front asks for: where it stands, what it shows, and what plus and minus make of it. */
export interface Stop {
  /** The same for the same value. */
  readonly key: string;
  readonly part: KeyInPart;
  readonly program?: string;
  readonly station?: number;
  /** Without program and station: `Start 2`. */
  readonly what: string;
  readonly shows: (held: Held) => string;
  /** So many steps up, or down. */
  readonly turn: (held: Held, steps: number) => Held;
}

/** How the type of timer asks. */
export type Asks = Pick<TimerHandling, 'keyInOrder' | 'intervalAskedAs' | 'longestHoldDays'>;

/** Start places as a plan has them: those that are off come last. */
export function startsOf(plan: Plan): Held['starts'] {
  return new Map(
    plan.timer.programs.map((id) => {
      const starts = plan.programs.find((one) => one.id === id)?.starts ?? [];
      const places = Math.max(plan.timer.startsPerProgram, starts.length);
      return [id, Array.from({ length: places }, (_, index) => starts[index] ?? null)];
    }),
  );
}
