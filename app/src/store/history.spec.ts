import fc from 'fast-check';
import { editBase, endGesture, HISTORY_LIMIT, newHistory, rebase, record, redo, undo } from './history';

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

describe('gestures and what happens elsewhere', () => {
  it('an edit of a gesture starts from what was there when it began', () => {
    const h = record(record(newHistory([1, 2, 3]), [1], 'cut', 'drag'), [1, 2], 'cut', 'drag');
    expect(editBase(h, 'drag')).toEqual([1, 2, 3]);
    expect(editBase(h, 'other')).toEqual([1, 2]);
    expect(editBase(h, undefined)).toEqual([1, 2]);
    expect(h.past).toHaveLength(1);
  });

  it('what happened elsewhere is written through every state, and is no step of its own', () => {
    const h = undo(record(record(newHistory({ mine: 1, theirs: 1 }), { mine: 2, theirs: 1 }, 'a'), { mine: 3, theirs: 1 }, 'b'));
    const after = rebase(h, (v) => ({ ...v, theirs: 9 }));
    expect([after.past.length, after.future.length]).toEqual([h.past.length, h.future.length]);
    expect(undo(after).present).toEqual({ mine: 1, theirs: 9 });
    expect(redo(after).present).toEqual({ mine: 3, theirs: 9 });
  });
});
