export { calendarText, type CalendarOptions } from './calendar.js';
