/** What leaves as data: the verdict as JSON, lists as tables, dates as a calendar. */
export { calendarOf } from './calendar.ts';
export { tableText } from './tables.ts';
export { exitCode, report, reportText } from './verdictReport.ts';
