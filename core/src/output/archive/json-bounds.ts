/** Nothing we write is nested deeper, or holds a longer list or text: what is would only cost time to refuse later. */
export const DEEPEST_JSON = 40;
export const LONGEST_JSON_LIST = 5000;
export const LONGEST_JSON_TEXT = 100_000;

/** Where a text goes beyond those bounds: the offset of the character that does. */
export interface BeyondBounds {
  what: 'depth' | 'list' | 'text';
  offset: number;
}

const [QUOTE, BACKSLASH, COMMA, OPEN_LIST, CLOSE_LIST, OPEN_OBJECT, CLOSE_OBJECT] = ['"', '\\', ',', '[', ']', '{', '}'].map((c) =>
  c.charCodeAt(0),
);

/** Looks over a JSON text once, without parsing it, for the first place that is too deep, in too long a list or in too long a text; malformed text is not noticed. */
export function beyondBounds(text: string): BeyondBounds | undefined {
  const entries: number[] = [];
  for (let offset = 0; offset < text.length; offset++) {
    switch (text.charCodeAt(offset)) {
      case QUOTE: {
        const end = endOfString(text, offset);
        if (end - offset > LONGEST_JSON_TEXT) return { what: 'text', offset };
        offset = end;
        break;
      }
      case OPEN_LIST:
      case OPEN_OBJECT:
        entries.push(1);
        if (entries.length > DEEPEST_JSON) return { what: 'depth', offset };
        break;
      case CLOSE_LIST:
      case CLOSE_OBJECT:
        entries.pop();
        break;
      case COMMA:
        if (++entries[entries.length - 1]! > LONGEST_JSON_LIST) return { what: 'list', offset };
        break;
    }
  }
  return undefined;
}

/** Offset of the quotation mark that ends the string which begins at `start`; of the last character where none does. */
function endOfString(text: string, start: number): number {
  for (let end = text.indexOf('"', start + 1); end >= 0; end = text.indexOf('"', end + 1)) {
    let slashes = 0;
    while (text.charCodeAt(end - 1 - slashes) === BACKSLASH) slashes++;
    if (slashes % 2 === 0) return end;
  }
  return text.length - 1;
}
