import { asTimerSeconds, type TimerSeconds } from '@water-clock/core/civil-time';
import type { StationWatering } from '@water-clock/core/sheets';
import { clockTime, lengthInWords } from '@water-clock/core/words';

/** Nobody at home sees the seconds. */
export const toTheMinute = (moment: TimerSeconds): TimerSeconds =>
  asTimerSeconds(60 * Math.round(moment / 60));

/** From when to when, to the minute. */
export const spanWords = ({ from, to }: StationWatering) => ({
  from: clockTime(toTheMinute(from)),
  to: clockTime(toTheMinute(to)),
});

/** How much of that is water. @example "16 min in 2 parts" */
export const amountWords = ({ seconds, parts }: StationWatering): string =>
  `${lengthInWords(seconds)}${parts > 1 ? ` in ${parts} parts` : ''}`;
