import type { TimerSeconds } from '@water-clock/core/civil-time';
import { clockIn } from '@water-clock/core/time-zones';

/** What a right clock shows now: in the zone, or in this device's where none is known. */
export const nowIn = (timeZone: string | undefined, now: Date): TimerSeconds =>
  clockIn(timeZone ?? Intl.DateTimeFormat().resolvedOptions().timeZone, now.getTime());
