import { parseDateTime } from '../civil-time/index.js';
import type { ControllerSettings } from '../settings/index.js';

/** By how many seconds the timer's clock is ahead of true time; 0 where it is not known to be wrong. */
export function clockErrorSeconds({ clock }: Pick<ControllerSettings, 'clock'>): number {
  return clock ? parseDateTime(clock.timerReads)! - parseDateTime(clock.trueTime)! : 0;
}
