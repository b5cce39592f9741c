import { cut } from './quoted';

/** The size of a file. */
export const megabytes = (bytes: number): string => `${(bytes / 1e6).toFixed(0)} MB`;

/** That a file could not be read at all: the browser, not its content. */
export const unreadWords = (file: string, why: unknown): string =>
  `${file} could not be read (${cut(why instanceof Error ? why.message : String(why))}). Nothing has changed. Choose it again, or reload the page.`;
