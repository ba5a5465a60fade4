export { calendarText, type CalendarOptions } from './calendar.js';
export { plannedCalendarText, type PlannedCalendar } from './planned-calendar.js';
