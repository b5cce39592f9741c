/** The most of what somebody else wrote that a sentence of ours repeats, characters. */
const LONGEST_QUOTE = 80;

/** What was found, short enough for a sentence: a cell or a key may be megabytes long. */
export const cut = (found: string): string => (found.length > LONGEST_QUOTE ? `${found.slice(0, LONGEST_QUOTE - 1)}…` : found);

/** The same in quotation marks. */
export const quoted = (found: string): string => `“${cut(found)}”`;
