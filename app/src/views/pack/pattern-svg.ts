import type { Pattern } from '@tinder/core/output/pack';

/** The rule that a printer is checked by, mm. */
export const RULE_MM = 100;
const MARGIN_MM = 2;
/** Parts of a pattern that does not fit a sheet lie over each other by this, mm. */
const JOIN_MM = 10;

export interface Tile {
  key: string;
  widthMm: number;
  heightMm: number;
  viewBox: string;
  caption: string;
  spoken: string;
}

/** A pattern in parts that fit the page, each lying over the next by a centimetre. */
export function tilesOf({ widthMm, heightMm }: Pattern, page: { widthMm: number; heightMm: number }): Tile[] {
  const across = partsOf(widthMm + 2 * MARGIN_MM, page.widthMm);
  const down = partsOf(heightMm + 2 * MARGIN_MM, page.heightMm);
  const many = across.length * down.length;
  return down.flatMap((y, row) =>
    across.map((x, column) => {
      const n = row * across.length + column + 1;
      return {
        key: `${row} ${column}`,
        widthMm: x.size,
        heightMm: y.size,
        viewBox: `${x.from - MARGIN_MM} ${y.from - MARGIN_MM} ${x.size} ${y.size}`,
        caption: `part ${n} of ${many}: lay it 10 mm over the next and tape it`,
        spoken: many > 1 ? `, part ${n} of ${many}` : '',
      };
    }),
  );
}

function partsOf(wholeMm: number, pageMm: number): { from: number; size: number }[] {
  if (wholeMm <= pageMm) return [{ from: 0, size: wholeMm }];
  const parts: { from: number; size: number }[] = [];
  for (let from = 0; from < wholeMm - JOIN_MM; from += pageMm - JOIN_MM) parts.push({ from, size: Math.min(pageMm, wholeMm - from) });
  return parts;
}

/** A pattern as a file of its own, as large as it is, the rule below it. */
export function sheetSvg({ widthMm, heightMm, cuts, folds, ticks }: Pattern): string {
  const width = Math.max(widthMm, RULE_MM) + 2 * MARGIN_MM;
  const height = heightMm + 12 + 2 * MARGIN_MM;
  const path = (d: string, dashed = false): string =>
    `<path d="${d}" fill="none" stroke="#000" stroke-width="0.25"${dashed ? ' stroke-dasharray="2 1.5"' : ''}/>`;
  const marks = ticks.map(
    (t) => `${path(`M0,${t.yMm} h${t.lengthMm}`)}<text x="${t.lengthMm + 0.8}" y="${t.yMm + 1}" font-size="2.6">${t.text}</text>`,
  );
  const rule = path(`M0,${heightMm + 6} h${RULE_MM} M0,${heightMm + 3} v6 M${RULE_MM},${heightMm + 3} v6`);
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="${-MARGIN_MM} ${-MARGIN_MM} ${width} ${height}">`,
    ...cuts.map((d) => path(d)),
    ...folds.map((d) => path(d, true)),
    ...marks,
    rule,
    '</svg>\n',
  ].join('\n');
}
