import { addDays, parseDate } from '@water-clock/core/civil-time';
import { nearDate } from '@water-clock/core/words';
import { todayHere } from './today';

/** A date as it is said today: "today", "tomorrow", "Tue 9 June". */
export function dayWords(date: string, today = todayHere()): string {
  const [day, now] = [parseDate(date)!, parseDate(today)!];
  if (day === now) return 'today';
  if (day === addDays(now, 1)) return 'tomorrow';
  if (day === addDays(now, -1)) return 'yesterday';
  return nearDate(day, addDays(now, -100));
}
