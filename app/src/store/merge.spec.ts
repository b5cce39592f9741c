import { PLAIN_RACK } from '@tinder/core/domain/model';
import fc from 'fast-check';
import { DEMO_RACK } from '@tinder/core/demo';
import { mergeRacks, mergeThree } from './merge';

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

describe('two racks', () => {
  const piece = (id: string, massG = 10) => ({ ...DEMO_RACK.pieces[0], id, name: id, massG });
  const of = (ids: readonly string[]) => ({ ...PLAIN_RACK, pieces: ids.map((id) => piece(id)) });

  it('keep what both tabs added, and lose what one took away', () => {
    const { value: merged } = mergeRacks(of(['a', 'b']), of(['a', 'b', 'mine']), of(['a', 'theirs']));
    expect(merged.pieces.map((p) => p.id)).toEqual(['a', 'mine', 'theirs']);
  });

  it('keep a piece that was changed here and taken away there, and no kit holds what is gone', () => {
    const changed = { ...of(['a']), pieces: [piece('a', 12)] };
    expect(mergeRacks(of(['a']), changed, of([])).value.pieces[0].massG).toBe(12);
    const kit = { ...DEMO_RACK.kits[0], pieceIds: ['a', 'b'] };
    const base = { ...of(['a', 'b']), kits: [kit] };
    expect(mergeRacks(base, base, { ...base, pieces: [piece('a')], kits: [{ ...kit, pieceIds: ['a'] }] }).value.kits[0].pieceIds).toEqual([
      'a',
    ]);
  });
});
