/** What leaves as data: the verdict as JSON, lists as tables, dates as a calendar. */
export { exitCode, report, reportText } from './verdictReport.ts';
