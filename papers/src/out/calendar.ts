import type { DueDate } from '@wagonomos/core/due';
import { createEvents, type EventAttributes } from 'ics';
import type { PaperWords } from '../words/paperWords.ts';

/** Days of warning before something falls due. */
const warnDays = 14;

/**
 * What falls due as a calendar (iCalendar, RFC 5545), a whole day each with a reminder two weeks before. What has no day is not in it.
 * @param now when it was made, for calendars that ask which of two is newer
 * @throws {Error} when the calendar cannot be written
 */
export function calendarOf(dues: readonly DueDate[], rig: string, words: PaperWords, now: Date): string {
  const events = dues.flatMap(({ id, day, what, why, of }): EventAttributes[] => {
    if (day === null) return [];
    const title = words.t('paper.due.event', { what: words.say(what), of: of ?? rig });
    return [
      {
        uid: `${id}@wagonomos`,
        title,
        description: words.t('paper.due.eventText', { why: words.say(why), rig }),
        start: dateArray(day),
        end: dateArray(nextDay(day)),
        busyStatus: 'FREE',
        transp: 'TRANSPARENT',
        created: now.getTime(),
        lastModified: now.getTime(),
        alarms: [{ action: 'display', description: title, trigger: { hours: 24 * warnDays, before: true } }],
      },
    ];
  });
  const { error, value } = createEvents(events, {
    productId: 'Wagonomos',
    calName: words.t('paper.due.calendar', { rig }),
    method: 'PUBLISH',
  });
  if (error || !value) throw error ?? new Error('no calendar');
  return value;
}

const dateArray = (day: string): [number, number, number] => {
  const [year = 0, month = 0, date = 0] = day.split('-').map(Number);
  return [year, month, date];
};

const nextDay = (day: string): string =>
  new Date(Date.parse(`${day}T00:00:00Z`) + 86_400_000).toISOString().slice(0, 10);
