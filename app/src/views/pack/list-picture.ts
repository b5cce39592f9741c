import type { PackingList } from '@tinder/core/output/pack';
import type { Picture } from '../../platform/export-figure';
import { listLine, sumLines } from '../../words/pack-words';
import type { Units } from '../../words/units';

const WIDTH = 640;
const LINE = 26;
const MARGIN = 24;

/** Written into a drawing as it is, whatever the name. */
const plain = (text: string): string => text.replace(/\s+/g, ' ').replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);

/** A list as a picture for a phone's photographs: black on white, one line a thing. Letters are the reader's own. */
export function listPicture({ carry, items, sums }: PackingList, units: Pick<Units, 'text' | 'number'>): Picture {
  const rows = [
    ...items.map((i) => listLine(i, units)).map(({ words, place, mass }) => [`\u2610 ${short(words)}`, place, mass]),
    ...sumLines(sums, units).map(({ name, mass }) => [name, '', mass]),
  ];
  const height = 2 * MARGIN + (rows.length + 2) * LINE;
  const text = (x: number, line: number, words: string, more = ''): string =>
    `<text x="${x}" y="${MARGIN + (line + 0.7) * LINE}" font-family="sans-serif" font-size="15" ${more}>${plain(words)}</text>`;
  const end = 'text-anchor="end"';
  const lines = rows.flatMap(([what, where, mass], i) => [
    text(MARGIN, i + 2, what),
    text(WIDTH - MARGIN - 90, i + 2, where, end),
    text(WIDTH - MARGIN, i + 2, mass, end),
  ]);
  const svg = [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}" height="${height}" viewBox="0 0 ${WIDTH} ${height}">`,
    '<rect width="100%" height="100%" fill="#fff"/>',
    text(MARGIN, 0, `out of ${carry.from}, to ${carry.to}`, 'font-weight="700"'),
    ...lines,
    '</svg>',
  ].join('');
  return { svg, width: WIDTH, height };
}

/** As much of a name as a line holds. */
const MOST_LETTERS = 44;
const short = (words: string): string => (words.length > MOST_LETTERS ? `${words.slice(0, MOST_LETTERS - 1)}…` : words);
