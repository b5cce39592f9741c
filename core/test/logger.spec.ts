import fc from 'fast-check';
import { curveOf, reachesAtS, readLogger } from '../src/output/tables';
import { problemOf, valueOf } from './value-of';

const read = (text: string) => {
  const table = valueOf(readLogger(text));
  return { table, ...curveOf(table, table.guess) };
};

describe('a logger’s file', () => {
  it('is read with semicolons and decimal commas, its own lines before the heading left out', () => {
    const { table, points, bad } = read('Logger 7\nTime (s);Temp (°C);Batt\n0;12,5;3,1\n30;20,25;3,1\n60;31,0;3,1\n');
    expect(table.columns.map((c) => c.name)).toEqual(['Time (s)', 'Temp (°C)', 'Batt']);
    expect(points).toEqual([
      { s: 0, c: 12.5 },
      { s: 30, c: 20.25 },
      { s: 60, c: 31 },
    ]);
    expect(bad).toEqual([]);
  });

  it('is read with commas, clock times past midnight, and degrees Fahrenheit', () => {
    const { points } = read('clock,probe °F\n2026-05-01 23:59:30,212\n2026-05-02 00:00:30,194\n2026-05-02 00:01:30,176\n');
    expect(points.map((p) => p.s)).toEqual([0, 60, 120]);
    expect(points.map((p) => +p.c.toFixed(6))).toEqual([100, 90, 80]);
  });

  it('is read without a heading, in minutes, and by tabs', () => {
    expect(valueOf(readLogger('0\t20\n1\t25\n')).columns.map((c) => c.name)).toEqual(['column 1', 'column 2']);
    const { points } = read('Elapsed min\tWater C\n0\t20\n0.5\t25\n');
    expect(points.map((p) => p.s)).toEqual([0, 30]);
  });

  it('names every line that it leaves out, and keeps the others', () => {
    const { points, bad } = read('time;temp\n0;12\nsoon;13\n20;warm\n30;14\n10;15\n40;900\n50;16\n');
    expect(bad).toEqual([
      { line: 3, problem: { code: 'noTime', found: 'soon' } },
      { line: 4, problem: { code: 'noTemperature', found: 'warm' } },
      { line: 6, problem: { code: 'backwards', found: '10' } },
      { line: 7, problem: { code: 'outside', found: '900' } },
    ]);
    expect(points.map((p) => p.c)).toEqual([12, 14, 16]);
  });

  it('is refused where there is nothing in it, or only one column', () => {
    expect(problemOf(readLogger('\n\n'))).toEqual({ code: 'emptyTable' });
    expect(problemOf(readLogger('12\n13\n14\n'))).toEqual({ code: 'oneColumn' });
  });

  it('keeps no more than a curve holds, the first and the order among them', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 3000 }), (n) => {
        const { points, read: count } = read(
          `s;c\n${Array.from({ length: n }, (_, i) => `${i};${(20 + i / 100).toFixed(2).replace('.', ',')}`).join('\n')}\n`,
        );
        expect(count).toBe(n);
        expect(points.length).toBeLessThanOrEqual(400);
        expect(points[0]).toEqual({ s: 0, c: 20 });
        expect(points.every((p, i) => i === 0 || p.s > points[i - 1].s)).toBe(true);
      }),
      { numRuns: 20 },
    );
  });

  it('says when a temperature was reached, between readings on a straight line', () => {
    const curve = [
      { s: 0, c: 20 },
      { s: 60, c: 80 },
      { s: 120, c: 100 },
    ];
    expect([reachesAtS(curve, 50), reachesAtS(curve, 90), reachesAtS(curve, 101), reachesAtS(curve, 10)]).toEqual([30, 90, undefined, 0]);
  });
});
