/** Left edges of cards `cardPx` wide that stand under the centres given (ascending), as near to them as they can without lying on each other or beyond `widthPx`. */
export function spreadAlong(centres: readonly number[], cardPx: number, gapPx: number, widthPx: number): number[] {
  const step = cardPx + gapPx;
  const lefts: number[] = [];
  for (const centre of centres) lefts.push(Math.max(centre - cardPx / 2, lefts.length ? lefts[lefts.length - 1] + step : 0));
  // pushed back from the right edge where they run over it
  let most = widthPx - cardPx;
  for (let i = lefts.length - 1; i >= 0; i--, most -= step) lefts[i] = Math.max(0, Math.min(lefts[i], most));
  return lefts;
}
