import type { HomeWork, PackingList, StopSheet } from '@tinder/core/output/pack';
import { GROUP_WORDS, listLine, loadedWords, sumLines, taskWords } from './pack-words';
import type { Units } from './units';

/** What can break a line or a table of Markdown, made plain. */
const cell = (text: string): string => text.replace(/\s+/g, ' ').replace(/[\\|*_`[\]<>#]/g, (c) => `\\${c}`);

const row = (cells: readonly string[]): string => `| ${cells.map(cell).join(' | ')} |`;
const table = (head: readonly string[], rows: readonly (readonly string[])[]): string[] => [
  row(head),
  `|${head.map(() => ' --- |').join('')}`,
  ...rows.map(row),
  '',
];

/** Lists, stops and work at home as Markdown: a heading for each, and nothing that a name could break. */
export function packMarkdown(
  tripName: string,
  { lists, sheets, work }: { lists: readonly PackingList[]; sheets: readonly StopSheet[]; work: readonly HomeWork[] },
  units: Pick<Units, 'text' | 'number'>,
): string {
  const lines = [`# ${cell(tripName)}`, ''];
  if (work.length)
    lines.push(
      '## At home',
      '',
      ...table(
        ['by', 'what'],
        work.map((w) => [w.by, taskWords(w.task, units)]),
      ),
    );
  for (const l of lists) {
    lines.push(`## Out of ${cell(l.carry.from)}`, '');
    lines.push(
      ...table(
        ['what', 'where', 'weight'],
        l.items.map((i) => {
          const { words, place, mass } = listLine(i, units);
          return [`${GROUP_WORDS[i.group]}: ${words}`, place, mass];
        }),
      ),
    );
    lines.push(
      ...table(
        ['counted', 'weight'],
        sumLines(l.sums, units).map((s) => [s.name, s.mass]),
      ),
    );
  }
  for (const s of sheets)
    lines.push(
      `## ${cell(s.stop)}, day ${s.day}`,
      '',
      ...table(
        ['', ''],
        [
          ['taken on', s.bought.map((c) => loadedWords(c, units)).join(', ') || 'no fuel'],
          ['left', s.left.map((c) => loadedWords(c, units)).join(', ') || 'nothing'],
          ['post by', s.postBy ?? ''],
          ['open', s.openNote],
        ],
      ),
    );
  return lines.join('\n');
}
