import type { DayRule } from '../settings/index.js';

/** A start cleared or added, as much as a start moved by so many minutes. */
export const CLEARED_START = 120;
const A_WEEKDAY = 90;
const ANOTHER_MODE = 180;
/** A percentage, before its points. */
const A_PERCENTAGE = 60;
const A_POINT_LESS = 2;
/** Hours, or days of the month off, of which some are given up. */
export const NARROWED = 240;
export const OTHER = 30;

/** Of a day rule: by its weekdays, or as another rule. */
export function disturbanceOfDays(was: DayRule, is: DayRule): number {
  if (was.mode !== is.mode) return ANOTHER_MODE;
  if (was.mode !== 'weekdays' || is.mode !== 'weekdays') return A_WEEKDAY;
  const [gone, come] = [
    was.weekdays.filter((weekday) => !is.weekdays.includes(weekday)).length,
    is.weekdays.filter((weekday) => !was.weekdays.includes(weekday)).length,
  ];
  return A_WEEKDAY * Math.max(gone, come);
}

/** A point below what is in force, or below 100 % where more is in force, dries the ground: it counts twice more. */
export const disturbanceOfPercent = (was: number, is: number): number =>
  A_PERCENTAGE + Math.abs(is - was) + A_POINT_LESS * Math.max(0, Math.min(100, was) - is);
