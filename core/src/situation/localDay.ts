/** The day by the clock on the wall, ISO 8601: not by that of Greenwich, which is still at yesterday on an Australian morning. */
export const localDay = (at: Date): string =>
  `${at.getFullYear()}-${String(at.getMonth() + 1).padStart(2, '0')}-${String(at.getDate()).padStart(2, '0')}`;

/** The day and the minute by the clock on the wall, ISO 8601. */
export const localMinute = (at: Date): string =>
  `${localDay(at)}T${String(at.getHours()).padStart(2, '0')}:${String(at.getMinutes()).padStart(2, '0')}`;
