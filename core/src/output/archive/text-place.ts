/** A place in a text, counted from 1 as editors count. */
export interface TextPlace {
  line: number;
  column: number;
}

/** Line and column of an offset. */
export function placeAt(text: string, offset: number): TextPlace {
  const before = text.slice(0, offset);
  const newlines = before.match(/\n/g)?.length ?? 0;
  return { line: newlines + 1, column: offset - before.lastIndexOf('\n') };
}
