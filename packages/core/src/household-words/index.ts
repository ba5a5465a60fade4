export {
  axisHour,
  barWords,
  dateWords,
  hourWords,
  inHouseholdClock,
  sheetDate,
  shortSheetDate,
  timeWords,
} from './dates.js';
export { daysWords } from './days-words.js';
export { EN } from './en.js';
export { ES } from './es.js';
export { writtenIn, type Language, type MessageKey } from './language.js';
export { LANGUAGE_NAMES, speakerOf } from './languages.js';
export { loadLanguage } from './load-language.js';
export { Speaker } from './speaker.js';
