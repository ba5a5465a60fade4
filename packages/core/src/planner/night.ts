import { asMinuteOfDay, formatTimeOfDay, parseTimeOfDay } from '../civil-time/index.js';

/** Seconds from the midnight in the middle of a night: the evening is below 0. */
export type NightSeconds = number;

/** The dates over which a need is judged, and over which findings look. */
export const NEED_DAYS = 56;
export const LOOK_DAYS = 60;

export const HALF_DAY = 43_200;
export const DAY = 86_400;

/** A time of day within its night, which begins at noon. */
export const nightTime = (text: string): NightSeconds => nightSeconds(secondOf(text));

/** A second of a day within its night. */
export const nightSeconds = (second: number): NightSeconds =>
  second >= HALF_DAY ? second - DAY : second;

/** A time of day, in seconds from its midnight. */
export const secondOf = (text: string): number => parseTimeOfDay(text)! * 60;

/** A moment of the night as its time of day. */
export const timeOfDay = (night: NightSeconds): string =>
  formatTimeOfDay(asMinuteOfDay((((night % DAY) + DAY) % DAY) / 60));

/** Noon as an end is the end of the night. */
export function nightEnd(text: string): NightSeconds {
  const time = nightTime(text);
  return time === -HALF_DAY ? HALF_DAY : time;
}
