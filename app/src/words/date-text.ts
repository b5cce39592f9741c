/** The walker's kind of English, for the order of day and month; British where the browser speaks none. */
const english = (): string => navigator.languages.find((l) => l === 'en' || l.startsWith('en-')) ?? 'en-GB';

const format = (on: string, options: Intl.DateTimeFormatOptions): string =>
  new Intl.DateTimeFormat(english(), { ...options, timeZone: 'UTC' }).format(new Date(`${on}T00:00:00Z`));

/** "16 Aug 2027", or "Aug 16, 2027": a day (year-month-day) as the walker reads it. Files keep year-month-day. */
export const dateText = (on: string): string => format(on, { day: 'numeric', month: 'short', year: 'numeric' });

/** The same without its year, for the heading of a column. */
export const shortDateText = (on: string): string => format(on, { day: 'numeric', month: 'short' });
