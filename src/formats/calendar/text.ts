/** What ends a line for some reader of calendars, and what nobody sees. */
const BREAKS = /\r\n?|[\u2028\u2029\u0085\v\f]/g;
const UNSEEN = /[\u0000-\u0009\u000e-\u001f\u007f-\u009f]/g;

/** A text of a calendar in lines that every reader ends at the same places: none of it is read as another property. */
export const calendarText = (text: string): string =>
  text.replace(BREAKS, '\n').replace(UNSEEN, ' ');

/** The same in one line. */
export const calendarLine = (text: string): string => calendarText(text).replace(/\n/g, ' ');
