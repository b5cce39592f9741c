/** The day it is, year-month-day. */
export const today = (): string => new Date().toISOString().slice(0, 10);
