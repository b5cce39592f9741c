import { SaxesParser } from 'saxes';
import { done, refused, type Fault, type Result } from '../../foundation/errors';

/** Why a file was refused before anything of it could be understood: data, put into words at the edge. */
export type XmlProblem =
  | { code: 'tooLarge'; bytes: number; limitBytes: number }
  | { code: 'notXml'; line: number; column: number; detail: string }
  /** Elements nested deeper than in any track. */
  | { code: 'tooDeep'; line: number }
  /** It declares entities of its own. */
  | { code: 'doctype' };

export const LARGEST_TRACK_BYTES = 60_000_000;
const CHUNK = 1 << 18;
/** Deeper than a point's extensions go. */
const DEEPEST_XML = 40;
/** Before the first element; no track needs one. */
const DOCTYPE = /^[^<]*(?:<[?!](?!DOCTYPE)[^<]*)*<!DOCTYPE/i;

/** An element by its local name, with the name of what it stands in, and where it is. */
export interface XmlElement {
  name: string;
  parent: string | undefined;
  line: number;
}
/** What is made of a document on the way; the first problem that one of them gives back ends it. */
export interface XmlVisitor<P extends Fault> {
  opened: (element: XmlElement, attributes: Record<string, string>) => P | undefined;
  /** `said` is the text between the last tag and the end of this element. */
  closed: (element: XmlElement, said: string) => P | undefined;
}

/** Goes through a document from its first tag to its last. `progress` hears the share read (0–1) after every quarter of a megabyte. */
export function walkXml<P extends Fault>(
  text: string,
  visitor: XmlVisitor<P>,
  progress: (share: number) => void,
): Result<undefined, XmlProblem | P> {
  if (text.length > LARGEST_TRACK_BYTES)
    return refused<XmlProblem>({ code: 'tooLarge', bytes: text.length, limitBytes: LARGEST_TRACK_BYTES });
  if (DOCTYPE.test(text)) return refused<XmlProblem>({ code: 'doctype' });
  let problem: XmlProblem | P | undefined;
  let words = '';
  const path: string[] = [];
  const parser = new SaxesParser({ xmlns: false });
  const local = (name: string): string => name.slice(name.indexOf(':') + 1);
  const here = (name: string): XmlElement => ({ name, parent: path[path.length - 2], line: parser.line });

  parser.on('error', (e) => {
    problem ??= { code: 'notXml', line: parser.line, column: parser.columnIndex + 1, detail: e.message.replace(/^\d+:\d+: /, '') };
  });
  parser.on('opentag', (tag) => {
    path.push(local(tag.name));
    if (path.length > DEEPEST_XML) problem ??= { code: 'tooDeep', line: parser.line };
    words = '';
    problem ??= visitor.opened(here(path[path.length - 1]!), tag.attributes);
  });
  parser.on('text', (t) => (words += t));
  parser.on('cdata', (t) => (words += t));
  parser.on('closetag', (tag) => {
    problem ??= visitor.closed(here(local(tag.name)), words.trim());
    path.pop();
    words = '';
  });

  for (let at = 0; at < text.length && problem === undefined; at += CHUNK) {
    parser.write(text.slice(at, at + CHUNK));
    progress(Math.min(1, (at + CHUNK) / text.length));
  }
  if (problem === undefined) parser.close();
  return problem === undefined ? done(undefined) : refused(problem);
}
