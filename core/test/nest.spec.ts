import fc from 'fast-check';
import {
  bestNest,
  packedMl,
  packingSteps,
  placeDiscs,
  Stacker,
  stances,
  volumeMl,
  type Firm,
  type Nest,
  type NestPiece,
} from '../src/domain/kit';
import type { Shape } from '../src/domain/model';

const pot = (innerDiameterMm: number, innerHeightMm: number): Shape => ({
  kind: 'vessel',
  diameterMm: innerDiameterMm + 2,
  heightMm: innerHeightMm + 1,
  innerDiameterMm,
  innerHeightMm,
});
const can = (diameterMm: number, heightMm: number): Shape => ({ kind: 'cylinder', diameterMm, heightMm });
const box = (lengthMm: number, widthMm: number, heightMm: number): Shape => ({ kind: 'box', lengthMm, widthMm, heightMm });
const named = (shapes: Record<string, Shape>): NestPiece[] => Object.entries(shapes).map(([id, shape]) => ({ id, shape }));
const insideOf = (nest: Nest | undefined): string[] => (nest ? nest.places.map((p) => p.id).sort() : []);

const mm = (min: number, max: number) => fc.integer({ min, max });
const anyFirm: fc.Arbitrary<Firm> = fc.oneof(
  fc.record({ kind: fc.constant('cylinder' as const), diameterMm: mm(10, 90), heightMm: mm(8, 90) }),
  fc.record({ kind: fc.constant('box' as const), lengthMm: mm(10, 90), widthMm: mm(8, 60), heightMm: mm(3, 40) }),
);
const someFirm = (most: number) => fc.array(anyFirm, { minLength: 1, maxLength: most });

/** Do round pieces keep clear of each other and of the wall? */
function collisions(nest: Nest, pieces: readonly NestPiece[]): string[] {
  const found: string[] = [];
  const shapeOf = (id: string) => pieces.find((p) => p.id === id)?.shape;
  nest.places.forEach((p, i) => {
    const holder = shapeOf(p.holder);
    if (holder?.kind !== 'vessel') return found.push(`${p.id} is in ${p.holder}, which holds nothing`);
    const wallMm = nest.rolled.filter((r) => r.holder === p.holder).reduce((sum, r) => sum + r.wallMm, 0);
    if (Math.hypot(p.xMm, p.yMm) + p.diameterMm / 2 > holder.innerDiameterMm / 2 - wallMm + 1e-3) found.push(`${p.id} is in the wall`);
    if (p.zMm < 0 || p.zMm + p.heightMm > holder.innerHeightMm + 1e-3) found.push(`${p.id} sticks out`);
    for (const q of nest.places.slice(0, i)) {
      if (q.holder !== p.holder) continue;
      const above = p.zMm >= q.zMm + q.heightMm - 1e-6 || q.zMm >= p.zMm + p.heightMm - 1e-6;
      const beside = Math.hypot(p.xMm - q.xMm, p.yMm - q.yMm) >= (p.diameterMm + q.diameterMm) / 2 - 1e-3;
      if (!above && !beside) found.push(`${p.id} and ${q.id} overlap`);
    }
    return found.length;
  });
  return found;
}

describe('discs in a round room', () => {
  it('fit by hand: two by their diameters, three equal ones by 1 + 2/√3', () => {
    expect(placeDiscs([20, 30], 50)).toBeDefined();
    expect(placeDiscs([20, 30.1], 50)).toBeUndefined();
    const three = 10 * (1 + 2 / Math.sqrt(3)); // smallest circle round three equal ones
    expect(placeDiscs([10, 10, 10], three + 1e-4)).toBeDefined();
    expect(placeDiscs([10, 10, 10], three - 1e-2)).toBeUndefined();
  });

  it('find a place wherever a search over positions finds one', () => {
    fc.assert(
      fc.property(fc.tuple(mm(5, 40), mm(5, 40), mm(5, 40)), mm(30, 80), (radii, room) => {
        // a coarse search that knows nothing of walls: the largest on the left, the others anywhere on a grid
        const searched = searchDiscs(radii, room - 1.5);
        return !searched || placeDiscs(radii, room) !== undefined;
      }),
      { numRuns: 40 },
    );
  });
});

function searchDiscs(radii: readonly number[], room: number): boolean {
  const grid: [number, number][] = [];
  for (let x = -room; x <= room; x += 3) for (let y = -room; y <= room; y += 3) grid.push([x, y]);
  const spots = (r: number) => grid.filter(([x, y]) => Math.hypot(x, y) + r <= room);
  const clear = (a: readonly number[], b: readonly number[], gap: number) => Math.hypot(a[0] - b[0], a[1] - b[1]) >= gap;
  const [a, b, c] = [...radii].sort((p, q) => q - p);
  return spots(a)
    .filter(([, y]) => Math.abs(y) < 2)
    .some((p) =>
      spots(b)
        .filter((q) => clear(p, q, a + b))
        .some((q) => spots(c).some((s) => clear(p, s, a + c) && clear(q, s, b + c))),
    );
}

/** Lowest stack by trying every layer, pile and stance for every piece, one after the other. */
function bruteLowest(shapes: readonly Firm[], roomMm: number): number {
  const n = shapes.length;
  let best = Infinity;
  const at: { layer: number; pile: number; diameterMm: number; heightMm: number }[] = [];
  const judge = (): void => {
    let total = 0;
    for (let layer = 0; layer < n; layer++) {
      const here = at.filter((p) => p.layer === layer);
      const piles = [0, 1, 2].map((k) => here.filter((p) => p.pile === k)).filter((list) => list.length);
      if (!piles.length) continue;
      const radii = piles.map((list) => Math.max(...list.map((p) => p.diameterMm)) / 2);
      if (!placeDiscs(radii, roomMm / 2)) return;
      total += Math.max(...piles.map((list) => list.reduce((sum, p) => sum + p.heightMm, 0)));
    }
    best = Math.min(best, total);
  };
  const put = (i: number): void => {
    if (i === n) return judge();
    for (const s of stances(shapes[i]))
      for (let layer = 0; layer < n; layer++)
        for (let pile = 0; pile < 3; pile++) {
          at.push({ layer, pile, ...s });
          put(i + 1);
          at.pop();
        }
  };
  put(0);
  return best;
}

describe('stacks', () => {
  it('are as low as brute force finds them', () => {
    fc.assert(
      fc.property(someFirm(3), mm(60, 120), (shapes, roomMm) => {
        const mask = (1 << shapes.length) - 1;
        const lowest = new Stacker(shapes.map(stances)).room(roomMm).lowestMm(mask);
        const brute = bruteLowest(shapes, roomMm);
        return lowest === brute || Math.abs(lowest - brute) < 1e-6;
      }),
    );
  });
});

describe('the nest', () => {
  it('leaves out the lighter that is 10 mm too much, by hand', () => {
    // 110 high: the can takes 70, the burner lying down 38 and the lighter on its side 12, which makes 120; beside each other the
    // burner (38) and the lighter (61) are wider than 93
    const pieces = named({ mug: pot(93, 110), can: can(90, 70), burner: can(38, 39), lighter: box(60, 24, 12) });
    const nest = bestNest(pieces);
    expect(insideOf(nest)).toEqual(['burner', 'can']);
    expect(nest?.outside).toEqual([{ id: 'lighter', why: 'height', byMm: 10 }]);
    expect(nest?.places.find((p) => p.id === 'can')).toMatchObject({ zMm: 0, xMm: 0 });
    expect(nest?.freeHeightMm).toBeCloseTo(2, 9);
  });

  it('says by how many millimetres a piece does not fit', () => {
    const wide = bestNest(named({ mug: pot(93, 90), can: can(110, 87) }));
    expect(wide?.outside).toEqual([{ id: 'can', why: 'width', byMm: 17 }]);
    const tall = bestNest(named({ mug: pot(93, 90), can: can(90, 70), burner: can(50, 39) }), []);
    expect(tall?.outside).toEqual([{ id: 'burner', why: 'height', byMm: 19 }]);
  });

  it('nests a mug in a pot with things in the mug, rolls a foil along the wall, stuffs a cloth', () => {
    const pieces = named({
      pot: pot(125, 100),
      mug: pot(96, 80),
      can: can(90, 70),
      foil: { kind: 'sheet', lengthMm: 450, heightMm: 90, thicknessMm: 0.2 },
      cloth: { kind: 'soft', volumeMl: 40 },
    });
    const nest = bestNest(pieces);
    expect(nest?.root).toBe('pot');
    expect(nest?.places.map((p) => [p.id, p.holder])).toEqual([
      ['mug', 'pot'],
      ['can', 'mug'],
    ]);
    expect(nest?.rolled).toEqual([{ id: 'foil', holder: 'pot', turns: 2, wallMm: 0.4 }]);
    expect(nest?.stuffed).toEqual(['cloth']);
    expect(nest && packingSteps(nest).map((s) => `${s.how} ${s.id} into ${s.into}`)).toEqual([
      'rolled foil into pot',
      'set can into mug',
      'set mug into pot',
      'stuffed cloth into pot',
    ]);
    expect(packedMl(pieces, nest)).toBeCloseTo(volumeMl(pieces[0].shape), 6);
  });

  it('keeps out what shall stay out, and finds no nest without a vessel', () => {
    const pieces = named({ mug: pot(93, 110), can: can(90, 70) });
    expect(bestNest(pieces, ['can'])?.outside).toEqual([{ id: 'can', why: 'kept' }]);
    expect(bestNest(named({ can: can(90, 70) }))).toBeUndefined();
  });

  it('never overlaps anything and never sticks out', () => {
    fc.assert(
      fc.property(someFirm(6), mm(70, 130), mm(60, 140), (shapes, d, h) => {
        const pieces = [
          { id: 'pot', shape: pot(d, h) },
          { id: 'mug', shape: pot(d - 30, h - 20) },
          ...shapes.map((shape, i) => ({ id: `p${i}`, shape })),
        ];
        const nest = bestNest(pieces);
        expect(nest && collisions(nest, pieces)).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });

  it('never takes everything once a piece was added to a set that did not fit', () => {
    fc.assert(
      fc.property(someFirm(4), anyFirm, mm(70, 130), mm(60, 140), (shapes, more, d, h) => {
        const of = (list: readonly Firm[]) =>
          bestNest([{ id: 'pot', shape: pot(d, h) }, ...list.map((shape, i) => ({ id: `p${i}`, shape }))]);
        if (of(shapes)?.outside.length) expect(of([...shapes, more])?.outside.length).toBeGreaterThan(0);
      }),
      { numRuns: 60 },
    );
  });

  it('takes a flat piece whichever way its measures are written', () => {
    fc.assert(
      fc.property(mm(10, 90), mm(8, 60), mm(3, 40), mm(70, 130), mm(60, 140), (a, b, c, d, h) => {
        const fits = (shape: Shape) => bestNest(named({ pot: pot(d, h), flat: shape }))?.outside.length;
        expect(fits(box(b, c, a))).toBe(fits(box(a, b, c)));
        expect(fits(box(c, a, b))).toBe(fits(box(a, b, c)));
      }),
    );
  });
});
