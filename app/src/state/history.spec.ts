import fc from 'fast-check';
import { endGesture, HISTORY_LIMIT, newHistory, record, redo, undo } from './history';

describe('history', () => {
  it('undo and redo walk the same path, whatever was edited', () => {
    fc.assert(
      fc.property(fc.array(fc.integer(), { minLength: 1, maxLength: 30 }), (edits) => {
        const end = edits.reduce((h, n, i) => record(h, { n }, `edit ${i}`), newHistory({ n: 0 }));
        let back = end;
        while (back.past.length) back = undo(back);
        expect(back.present).toEqual({ n: 0 });
        let forth = back;
        while (forth.future.length) forth = redo(forth);
        expect(forth.present).toEqual(end.present);
        expect(forth.past.map((s) => s.label)).toEqual(end.past.map((s) => s.label));
      }),
    );
  });

  it('joins the edits of one gesture into one step, and not those of two', () => {
    let h = newHistory(0);
    h = record(h, 1, 'days', 'drag');
    h = record(h, 2, 'days', 'drag');
    h = record(endGesture(h), 3, 'days', 'drag');
    expect(undo(h).present).toBe(2);
    expect(undo(undo(h)).present).toBe(0);
  });

  it('forgets the future after a new edit, ignores an edit that changes nothing, and has an end', () => {
    const h = record(undo(record(newHistory('a'), 'b', 'one')), 'c', 'two');
    expect(h.future).toEqual([]);
    expect(record(h, 'c', 'three')).toBe(h);
    let long = newHistory(0);
    for (let i = 1; i <= HISTORY_LIMIT + 50; i++) long = record(long, i, 'step');
    expect(long.past).toHaveLength(HISTORY_LIMIT);
    expect(undo(newHistory(1)).present).toBe(1);
  });
});
