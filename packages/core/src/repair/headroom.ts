import { firstCollisions, percentGrid, type Collision } from '../engine/index.js';
import type { Draft } from './draft.js';

/** The pairs of starts that would collide at the least percentage at which they should not. */
export function headroomCollisions({ plan, from, situation }: Draft): readonly Collision[] {
  if (!plan.timer.season) return [];
  const { headroomPercent } = situation.allDates;
  const percent = percentGrid(plan.timer.season).find((one) => one > (headroomPercent ?? -1));
  if (percent === undefined) return [];
  const season = { mode: 'whole' as const, percent };
  return firstCollisions({ ...plan, controller: { ...plan.controller, season } }, from);
}
