import type { ProgramSettings } from './plan.js';

/** Whether anything sets a program off: a start time, or an interval in hours, which needs none. */
export const hasStart = ({ days, starts }: Pick<ProgramSettings, 'days' | 'starts'>): boolean =>
  days.mode === 'hours' || starts.length > 0;

/** The start times of a program that mean something: an interval in hours begins by its anchor, whatever they are. */
export const setStarts = ({ days, starts }: Pick<ProgramSettings, 'days' | 'starts'>): string[] =>
  days.mode === 'hours' ? [] : starts;
