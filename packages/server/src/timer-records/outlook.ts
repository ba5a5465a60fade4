import { formatDateTime, type DayNumber } from '@water-clock/core/civil-time';
import { simulate } from '@water-clock/core/engine';
import type { Plan } from '@water-clock/core/settings';
import type { TimerOutlook } from './outlook.dto.js';

const OUTLOOK_NIGHTS = 14;

/** What the next fourteen nights bring, as far as collisions go. */
export function outlookOf(plan: Plan, from: DayNumber): TimerOutlook {
  const { collisions, runs } = simulate(plan, { from, days: OUTLOOK_NIGHTS });
  const [first] = collisions;
  return {
    collisions: collisions.length,
    firstCollision: first ? formatDateTime(first.b.nominal) : null,
    runs: runs.length,
  };
}
