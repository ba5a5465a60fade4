import { civilDateOf, parseDate, weekdayOf, type DayNumber } from '@water-clock/core/civil-time';
import { MONTHS, MONTHS_SHORT, WEEKDAYS } from '@water-clock/core/words';

/** Which of a date's two small numbers is read first. */
export type DayOrder = 'day-first' | 'month-first';

/** A date as it stands in a field, which no order of numbers can turn round: "Tue 9 Jun 2026". */
export function dateInField(day: DayNumber): string {
  const { year, month, day: dayOfMonth } = civilDateOf(day);
  return `${WEEKDAYS[weekdayOf(day) - 1]} ${dayOfMonth} ${MONTHS_SHORT[month - 1]} ${year}`;
}

/** A day of any year, `MM-DD`, as people write it: "1 May"; what is none stays as it is. */
export function dayOfYearText(value: string): string {
  const [month = '', dayOfMonth = ''] = value.split('-');
  const name = MONTHS_SHORT[Number(month) - 1];
  return name === undefined || dayOfMonth === '' ? value : `${Number(dayOfMonth)} ${name}`;
}

const WEEKDAY = new RegExp(`^(?:${WEEKDAYS.join('|')})[a-z]*,?\\s+`, 'i');

/**
 * Reads what was typed as a date: "9 Jun", "June 9, 2026", "2026-06-09", "9.6.2026", "6/9". One without a
 * year is of `today`'s. Undefined for text that is none; null for an empty field.
 */
export function readDate(
  text: string,
  order: DayOrder,
  today: DayNumber,
): DayNumber | null | undefined {
  const clean = text.trim().replace(WEEKDAY, '').replace(/,/g, ' ');
  if (clean === '') return null;
  const iso = parseDate(clean);
  if (iso !== null) return iso;
  const parts = clean.split(/[\s./-]+/).filter((part) => part !== '');
  if (parts.length < 2 || parts.length > 3) return undefined;
  const named = parts.slice(0, 2).findIndex((part) => monthNamed(part) !== null);
  const monthAt = named >= 0 ? named : order === 'month-first' ? 0 : 1;
  const month = monthNamed(parts[monthAt]!) ?? numberIn(parts[monthAt]!);
  const dayOfMonth = numberIn(parts[1 - monthAt]!);
  const year = parts[2] === undefined ? civilDateOf(today).year : yearIn(parts[2]);
  if (month === null || dayOfMonth === null || year === null) return undefined;
  return parseDate(`${year}-${two(month)}-${two(dayOfMonth)}`) ?? undefined;
}

const two = (value: number): string => String(value).padStart(2, '0');

const numberIn = (text: string): number | null => (/^\d{1,2}$/.test(text) ? Number(text) : null);

/** A year with all its numbers: of "2026" half typed, "20" is none. */
const yearIn = (text: string): number | null => (/^\d{4}$/.test(text) ? Number(text) : null);

/** The month that a word begins, of three letters or more. */
function monthNamed(text: string): number | null {
  if (!/^[a-z]{3,}$/i.test(text)) return null;
  const index = MONTHS.findIndex((month) => month.toLowerCase().startsWith(text.toLowerCase()));
  return index < 0 ? null : index + 1;
}
