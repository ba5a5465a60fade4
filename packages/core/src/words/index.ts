export { inClock, type ClockStyle, type HalfOfDay } from './clock-style.js';
export { daysLong, daysShort, hoursInWords, stretchInWords, weekdayNames } from './day-rules.js';
export {
  civilDateInWords,
  clockTime,
  dateAndTime,
  longDate,
  momentInWords,
  nearDate,
  nearMoment,
  MONTHS,
  MONTHS_SHORT,
  shortDate,
  WEEKDAYS,
} from './dates.js';
export { leftInWords, lengthInWords } from './lengths.js';
export { counted, listInWords } from './lists.js';
export { TOO_MUCH_WORDS } from './too-much.js';
