export { writeCalendar, type CalendarTask } from './write-calendar.js';
