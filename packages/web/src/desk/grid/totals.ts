import type { Plan } from '@water-clock/core/settings';
import { movedTime, programOf } from '@water-clock/core/settings';

/** When the run of a program's first start is over, as a time of day; a dash where there is none. */
export function endOfFirstStart(plan: Plan, program: string, lengthSeconds?: number): string {
  const [start] = programOf(plan, program).starts;
  if (start === undefined || lengthSeconds === undefined) return '–';
  return movedTime(start, Math.ceil(lengthSeconds / 60));
}
