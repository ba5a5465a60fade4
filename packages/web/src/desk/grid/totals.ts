import { parseDateTime, secondOfDay } from '@water-clock/core/civil-time';
import type { Plan, ProgramSettings } from '@water-clock/core/settings';
import { movedTime, programOf } from '@water-clock/core/settings';

const MIDNIGHT = '00:00';

/** When the run of a program's first start is over, as a time of day; a dash where there is none. */
export function endOfFirstStart(plan: Plan, program: string, lengthSeconds?: number): string {
  const start = firstStart(programOf(plan, program));
  if (start === undefined || lengthSeconds === undefined) return '–';
  return movedTime(start, Math.ceil(lengthSeconds / 60));
}

/** The first that is set; of hours that are counted, the one from which they are. */
function firstStart({ days, starts }: ProgramSettings): string | undefined {
  if (days.mode !== 'hours') return starts[0];
  return movedTime(MIDNIGHT, Math.floor(secondOfDay(parseDateTime(days.anchor)!) / 60));
}
