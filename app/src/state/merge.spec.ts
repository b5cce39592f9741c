import fc from 'fast-check';
import { mergeThree } from './merge';

describe('three versions into one', () => {
  it('takes from each side what only that side changed, deep down', () => {
    const base = { name: 'a', kit: { lid: true, mass: 10 }, days: [{ c: 1 }, { c: 2 }] };
    const mine = { ...base, kit: { lid: false, mass: 10 }, days: [{ c: 5 }, { c: 2 }] };
    const theirs = { ...base, name: 'b', kit: { lid: true, mass: 12 }, days: [{ c: 1 }, { c: 7 }] };
    expect(mergeThree(base, mine, theirs)).toEqual({ name: 'b', kit: { lid: false, mass: 12 }, days: [{ c: 5 }, { c: 7 }] });
  });

  it('keeps mine where both changed the same thing, and follows additions and removals', () => {
    expect(mergeThree({ n: 1 }, { n: 2 }, { n: 3 })).toEqual({ n: 2 });
    expect(mergeThree<Record<string, number>>({ a: 1, b: 1 }, { a: 1 }, { a: 1, b: 1, c: 3 })).toEqual({ a: 1, c: 3 });
  });

  it('is theirs where I did nothing, and mine where they did nothing', () => {
    fc.assert(
      fc.property(fc.jsonValue(), fc.jsonValue(), (base, other) => {
        expect(mergeThree(base, base, other)).toEqual(other);
        expect(mergeThree(base, other, base)).toEqual(other);
      }),
    );
  });
});
