import {
  asDayNumber,
  civilDateOf,
  parseDate,
  weekdayOf,
  type DayNumber,
} from '@water-clock/core/civil-time';
import type { Plan, ProgramSettings } from '@water-clock/core/settings';

/** How many blocked days an interval day may be put off over. */
const LONGEST_PUTTING_OFF = 31;

/** Whether a program may start on a date, by the timer's calendar and its days of rest; hours count by themselves. */
export function watersOn(plan: Plan, program: ProgramSettings, day: DayNumber): boolean {
  if (isAtRest(plan, program, day)) return false;
  if (isItsDay(plan, program, day)) return true;
  if (plan.timer.blockedDay !== 'defer' || program.days.mode !== 'interval') return false;
  for (let back = 1; back <= LONGEST_PUTTING_OFF; back++) {
    const earlier = asDayNumber(day - back);
    if (!isAtRest(plan, program, earlier)) return false;
    if (isItsDay(plan, program, earlier)) return true;
  }
  return false;
}

function isItsDay({ timer }: Plan, { days }: ProgramSettings, day: DayNumber): boolean {
  const { month, day: dayOfMonth } = civilDateOf(day);
  switch (days.mode) {
    case 'weekdays':
      return days.weekdays.includes(weekdayOf(day));
    case 'odd':
      if (timer.skip31 && dayOfMonth === 31) return false;
      if (timer.skipFeb29 && month === 2 && dayOfMonth === 29) return false;
      return dayOfMonth % 2 === 1;
    case 'even':
      return dayOfMonth % 2 === 0;
    case 'interval': {
      const since = day - parseDate(days.anchor)!;
      return since >= 0 && since % days.everyDays === 0;
    }
    case 'hours':
      return true;
  }
}

function isAtRest({ timer, controller }: Plan, program: ProgramSettings, day: DayNumber): boolean {
  if (program.blockedWeekdays.includes(weekdayOf(day))) return true;
  return timer.monthDaysOff && controller.monthDaysOff.includes(civilDateOf(day).day);
}
