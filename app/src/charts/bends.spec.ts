import * as fc from 'fast-check';
import { bends, type Point } from './bends';

/** Height of a line at a place, by the points around it. */
function heightAt(line: readonly Point[], x: number): number {
  const i = line.findIndex((p) => p[0] >= x);
  const [to, from] = [line[i], line[Math.max(0, i - 1)]];
  return to[0] === from[0] ? to[1] : from[1] + ((to[1] - from[1]) * (x - from[0])) / (to[0] - from[0]);
}

describe('the bends of a line', () => {
  it('are its ends, where it turns, and both ends of a step', () => {
    const sawtooth: Point[] = [[0, 9], [1, 8], [2, 7], [3, 6], [3, 9], [4, 9], [5, 9], [6, 2]]; // prettier-ignore
    expect(bends(sawtooth)).toEqual([[0, 9], [3, 6], [3, 9], [5, 9], [6, 2]]); // prettier-ignore
    expect(bends([])).toEqual([]);
    expect(bends([[1, 2]])).toEqual([[1, 2]]);
  });

  it('draw what cannot be told from the line, for any three weeks', () => {
    const steps = fc.array(fc.tuple(fc.double({ min: 0.5, max: 40, noNaN: true }), fc.double({ min: -3, max: 3, noNaN: true })), { minLength: 1, maxLength: 22 }); // prettier-ignore
    fc.assert(
      fc.property(steps, fc.boolean(), (moves, nearlyStraight) => {
        let at: Point = [0, 50];
        const line = [at, ...moves.map(([dx, dy]) => (at = [at[0] + dx, at[1] + (nearlyStraight ? dy / 300 : dy)]))];
        const kept = bends(line);
        expect([kept[0], kept.at(-1)]).toEqual([line[0], line.at(-1)]);
        for (const [x, y] of line) expect(Math.abs(heightAt(kept, x) - y)).toBeLessThan(0.25);
      }),
    );
  });
});
