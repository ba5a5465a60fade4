import { formatDateTime, type DayNumber } from '@water-clock/core/civil-time';
import { outlook } from '@water-clock/core/findings';
import type { Plan } from '@water-clock/core/settings';
import type { TimerOutlook } from './outlook.dto.js';

/** What is said of a timer's settings in lists: the same as on its desk. */
export function outlookOf(plan: Plan, from: DayNumber): TimerOutlook {
  const { first, collisions, runs } = outlook(plan, from);
  return {
    isOff: plan.controller.off,
    collisions,
    firstCollision: first ? formatDateTime(first.start) : null,
    runs,
  };
}
