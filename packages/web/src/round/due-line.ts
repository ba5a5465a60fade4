import type { Due } from '@water-clock/core/dues';
import type { TimerToDo } from '../api/round';

/** A due, and the timer that it is of. */
export interface DueLine {
  readonly timer: Pick<TimerToDo, 'id' | 'name' | 'home' | 'language'>;
  readonly due: Due;
}
