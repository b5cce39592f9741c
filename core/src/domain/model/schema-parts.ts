import * as z from 'zod';
import { LONGEST_NAME } from './plain-text';

/** A number inside typed limits. */
export const within = ({ min, max }: { min: number; max: number }) => z.number().min(min).max(max);
export const keysOf = <K extends string>(o: Record<K, unknown>) => Object.keys(o) as [K, ...K[]];
/** A day of the calendar, written year-month-day. */
export const isoDay = z.iso.date();
export const isDay = (text: string): boolean => isoDay.safeParse(text).success;
/** A name as it is shown. */
export const label = z.string().trim().min(1).max(LONGEST_NAME);
/** Free words of the walker. */
export const noteText = z.string().trim().max(300);
