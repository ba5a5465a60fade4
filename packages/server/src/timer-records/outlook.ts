import { formatDateTime, type DayNumber } from '@water-clock/core/civil-time';
import { isTooMuch } from '@water-clock/core/engine';
import { outlook } from '@water-clock/core/findings';
import type { Plan } from '@water-clock/core/settings';
import type { TimerOutlook } from './outlook.dto.js';

/** What is said of a timer's settings in lists: the same as on its desk. */
export function outlookOf(plan: Plan, from: DayNumber): TimerOutlook {
  const isOff = plan.controller.off;
  try {
    const { first, collisions, runs } = outlook(plan, from);
    const firstCollision = first ? formatDateTime(first.start) : null;
    return { isOff, isTooMuch: false, collisions, firstCollision, runs };
  } catch (error) {
    if (!isTooMuch(error)) throw error;
    return { isOff, isTooMuch: true, collisions: 0, firstCollision: null, runs: 0 };
  }
}
