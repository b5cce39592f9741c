/** Half of a character that needs two code units, standing alone: no encoding can write it. */
const LONE_SURROGATES = /\p{Surrogate}/gu;
/** Control characters and the two that are none, which neither XML nor iCalendar may hold; line breaks among them. */
// eslint-disable-next-line no-control-regex -- these are what is looked for
const CONTROLS = /[\u0000-\u001F\u007F-\u009F\u2028\u2029\uFFFE\uFFFF]+ */g;

/** Text as one line that every format can hold: control characters and line breaks become a space, broken characters the sign for them. */
export const oneLine = (text: string): string => text.replace(LONE_SURROGATES, '\uFFFD').replace(CONTROLS, ' ').trim();

/** Text as a name, cut between characters, with `ending` behind it; `otherwise` where nothing is left. */
export function nameFrom(text: string, { ending = '', otherwise = '' } = {}): string {
  const room = LONGEST_NAME - ending.length;
  let name = '';
  for (const c of oneLine(text)) {
    if (name.length + c.length > room) break;
    name += c;
  }
  return (name.trim() || otherwise) + ending;
}

/** Characters of a name. */
export const LONGEST_NAME = 80;
