import { WEEKDAYS } from '@water-clock/core/words';

/** The weekdays to choose from, Monday = 1. */
export const WEEKDAY_OPTIONS = WEEKDAYS.map((label, index) => ({ label, value: index + 1 }));
