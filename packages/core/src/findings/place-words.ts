import { dayOf, type DayNumber, type TimerSeconds } from '../civil-time/index.js';
import type { StationSettings } from '../settings/index.js';
import { clockTime, longDate, nearDate } from '../words/index.js';
import type { Situation } from './situation.js';

/** @example "station 3 (Fig tree)" */
export const stationWords = ({ number, name }: StationSettings): string =>
  name ? `station ${number} (${name})` : `station ${number}`;

export const atBegin = (sentence: string): string =>
  sentence.charAt(0).toUpperCase() + sentence.slice(1);

/** @example "Tue 2 June from 23:30 to 00:20" */
export const spanWords = (from: TimerSeconds, to: TimerSeconds): string =>
  `${longDate(dayOf(from))} from ${clockTime(from)} to ${clockTime(to)}`;

/** A sentence about a rule, which says from when it holds where that is still ahead. */
export const ruleWords = (situation: Situation, day: DayNumber, sentence: string): string => {
  const ahead = situation.rulesAhead(day);
  return ahead === null
    ? atBegin(sentence)
    : `From ${nearDate(ahead, situation.from)} other rules hold: ${sentence}`;
};
