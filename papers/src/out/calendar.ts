import type { DueDate } from '@wagonomos/core/due';
import ical, { ICalAlarmType, ICalCalendarMethod, ICalEventBusyStatus, ICalEventTransparency } from 'ical-generator';
import type { PaperWords } from '../words/paperWords.ts';

/** Days of warning before something falls due. */
const warnDays = 14;

/**
 * What falls due as a calendar (iCalendar, RFC 5545), a whole day each with a reminder two weeks before. What has no day is not in it.
 * @param now when it was made, for calendars that ask which of two is newer
 */
export function calendarOf(dues: readonly DueDate[], rig: string, words: PaperWords, now: Date): string {
  const calendar = ical({
    prodId: '//Wagonomos//EN',
    method: ICalCalendarMethod.PUBLISH,
    // The one text that the library writes as it is.
    name: escaped(words.t('paper.due.calendar', { rig })),
  });
  for (const { id, day, what, why, of } of dues) {
    if (day === null) continue;
    const title = plain(words.t('paper.due.event', { what: words.say(what), of: of ?? rig }));
    calendar
      .createEvent({
        id: `${id}@wagonomos`,
        summary: title,
        description: plain(words.t('paper.due.eventText', { why: words.say(why), rig })),
        // By itself it lasts the whole day: there is no need for an end, which the last day there is does not have.
        start: new Date(`${day}T00:00:00Z`),
        allDay: true,
        busystatus: ICalEventBusyStatus.FREE,
        transparency: ICalEventTransparency.TRANSPARENT,
        stamp: now,
        created: now,
        lastModified: now,
      })
      .createAlarm({ type: ICalAlarmType.display, trigger: 86_400 * warnDays, description: title });
  }
  // The library writes a year below 1000 with fewer figures than a year has.
  const text = calendar
    .toString()
    .replaceAll(/(?<=\nDTSTART;VALUE=DATE:)\d{5,7}(?=\r)/g, (day) => day.padStart(8, '0'));
  return `${text}\r\n`;
}

/** A text on one line, without signs that end one or steer a printer. */
const plain = (text: string): string => text.replaceAll(/\p{Cc}+/gu, ' ');
const escaped = (text: string): string => plain(text).replaceAll(/[\\;,]/g, (sign) => `\\${sign}`);
