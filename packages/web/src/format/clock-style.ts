import type { Clock } from './reading';

/** A full hour for an axis: "04", "4 AM", "noon". */
export function hourLabel(hour: number, clock: Clock): string {
  const hours = hour % 24;
  if (clock === '24') return String(hours).padStart(2, '0');
  if (hours % 12 === 0) return hours === 0 ? 'midnight' : 'noon';
  return `${hours % 12} ${hours < 12 ? 'AM' : 'PM'}`;
}
