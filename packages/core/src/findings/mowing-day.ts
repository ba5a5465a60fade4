import { formatDateTime, type DayNumber } from '../civil-time/index.js';
import type { WaterPiece } from '../engine/index.js';
import { longDate } from '../words/index.js';
import { rule } from './finding.js';
import { Occurrences } from './occurrences.js';
import { atBegin, stationWords } from './place-words.js';
import { isOnWeekdays, onceADay, firstTouchedDay, touches } from './touched-days.js';

/** Water on a day that is kept dry for mowing. */
export const mowingDay = rule('mowing-day', 'warning', (situation) => {
  const { mowingWeekdays } = situation.rules;
  if (mowingWeekdays.length === 0) return [];
  const isMowing = onceADay((day) => isOnWeekdays(day, mowingWeekdays));
  const occurrences = new Occurrences<{ piece: WaterPiece; day: DayNumber }>();
  for (const piece of situation.watering.pieces) {
    const day = firstTouchedDay(piece, isMowing);
    if (day !== null) occurrences.add(piece, { piece, day });
  }
  return occurrences.told(({ piece, day }, program, station) => ({
    message: `${atBegin(stationWords(situation.station(station)))} waters in program ${program} on ${longDate(day)}, a day kept dry for mowing: the mower runs on wet ground.`,
    fix: `Keep program ${program} off the days for mowing, by its water days or by a day on which it never waters.`,
    first: formatDateTime(touches(piece, day)),
  }));
});
