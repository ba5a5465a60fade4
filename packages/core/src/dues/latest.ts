import type { DayNumber } from '../civil-time/index.js';

/** The latest of some days; null where none of them is known. */
export const latest = (days: readonly (DayNumber | null | undefined)[]): DayNumber | null =>
  days.reduce<DayNumber | null>(
    (last, day) =>
      day !== null && day !== undefined && (last === null || day > last) ? day : last,
    null,
  );
