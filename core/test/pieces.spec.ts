import fc from 'fast-check';
import { DEMO_RACK, DEMO_TRIP } from '../src/demo';
import { addToKit, build, pieceOfPasted, PIECES, putIntoKit, readWeights } from '../src/domain/kit';
import { DISHES, NOTHING } from '../src/domain/menu';
import { mealSchema, pieceSchema, rackSchema, tripSchema } from '../src/domain/model';
import { UNITS } from '../src/foundation/units';

describe('the catalogue of pieces', () => {
  it('holds some eighty of different names, each valid, of every job', () => {
    expect(PIECES.length).toBeGreaterThanOrEqual(80);
    expect(new Set(PIECES.map((p) => p.name)).size).toBe(PIECES.length);
    for (const p of PIECES) expect(pieceSchema.safeParse(p).success).toBe(true);
    expect(new Set(PIECES.map((p) => p.role)).size).toBe(22);
  });
});

describe('a pasted list of weights', () => {
  it('is read with names, any unit and the jobs that the names speak of', () => {
    const { good, bad } = readWeights(
      'pot 3.5 oz, burner 2.5 oz\n12 g small lighter\npot support: 14\ntitanium spoon\t17g; 1 lb 2 oz fuel bottle',
    );
    expect(bad).toEqual([]);
    expect(good.map((p) => [p.name, Math.round(p.massG), p.role])).toEqual([
      ['pot', 99, 'pot'],
      ['burner', 71, 'burner'],
      ['small lighter', 12, 'ignition'],
      ['pot support', 14, 'support'],
      ['titanium spoon', 17, 'spoon'],
      ['fuel bottle', 510, 'container'],
    ]);
  });

  it('takes a bare number in the unit preferred, and names what it cannot read', () => {
    const { good, bad } = readWeights('pot 3,5\nmystery\n40 g', UNITS.mass[1]);
    expect(good[0].massG).toBeCloseTo(99.2, 1);
    expect(bad).toEqual([
      { line: 2, text: 'mystery', why: 'noWeight' },
      { line: 3, text: '40 g', why: 'noName' },
    ]);
  });

  it('assumes the measures of the usual piece that weighs most nearly the same, and says so', () => {
    const [pot, burner] = readWeights('pot 3.5 oz, burner 2.5 oz').good.map((p, i) => pieceOfPasted(p, `p${i}`));
    expect([pot.shape.kind, pot.shapeAssumed]).toEqual(['vessel', true]);
    const like = PIECES.find((p) => p.burnerId === burner.burnerId);
    expect([burner.shape, burner.spanMm, burner.shapeAssumed]).toEqual([like?.shape, like?.spanMm, true]);
    expect(burner.shape.kind).not.toBe('soft');
  });

  it('goes into a kit in place of what does the same job, or beside it', () => {
    const kit = DEMO_RACK.kits[0];
    const fresh = readWeights('pot 99 g, string 4 g').good.map((p, i) => pieceOfPasted(p, `p${i}`));
    const rolesOf = (how: 'add' | 'replace') => {
      const rack = putIntoKit(DEMO_RACK, kit.id, fresh, how);
      return build(rack, rack.kits[0]).pieces.map((p) => p.role);
    };
    const before = build(DEMO_RACK, kit).pieces.map((p) => p.role);
    expect(rolesOf('add')).toEqual([...before, 'pot', 'repair']);
    expect(rolesOf('replace')).toEqual([...before.filter((r) => r !== 'pot'), 'pot', 'repair']);
    expect(putIntoKit(DEMO_RACK, kit.id, fresh, 'replace').pieces).toHaveLength(DEMO_RACK.pieces.length + 2);
  });

  it('is not kept outside for a piece that it takes the place of', () => {
    const kit = DEMO_RACK.kits[0];
    const [was, other] = [kit.pieceIds[0], DEMO_RACK.pieces.find((p) => !kit.pieceIds.includes(p.id))];
    if (!other) throw new Error('the demo has more pieces than its first kit');
    const outside = { ...DEMO_RACK, kits: [{ ...kit, outside: [was] }] };
    const after = addToKit(outside, kit.id, other, () => 'new', was).kits[0];
    expect([after.pieceIds[0], after.outside]).toEqual([other.id, []]);
  });

  it('never throws and never invents a weight', () => {
    fc.assert(
      fc.property(fc.string(), (text) => readWeights(text).good.every((p) => p.massG >= 0 && p.massG <= 20_000 && p.name.length > 0)),
    );
  });
});

describe('a pasted list, any list', () => {
  const name = fc.constantFrom('pot', 'small burner', 'lid', 'long spoon', 'wind screen', 'mesh bag', 'fire steel', 'tent pegs');
  const entry = fc.record({ name, tenths: fc.integer({ min: 1, max: 9999 }), unit: fc.constantFrom(...UNITS.mass) });

  it('gives every weight back in grams, before or behind its name, by lines or by commas', () => {
    fc.assert(
      fc.property(fc.array(entry, { minLength: 1, maxLength: 6 }), fc.boolean(), fc.constantFrom('\n', ', ', '; '), (list, before, gap) => {
        const text = list
          .map((e) => (before ? `${e.tenths / 10} ${e.unit.names[0]} ${e.name}` : `${e.name} ${e.tenths / 10} ${e.unit.names[0]}`))
          .join(gap);
        const { good, bad } = readWeights(text);
        const heavy = list.filter((e) => (e.tenths / 10) * e.unit.factor > 20_000).length;
        expect(good).toHaveLength(list.length - heavy);
        expect(bad).toHaveLength(heavy);
        const light = list.filter((e) => (e.tenths / 10) * e.unit.factor <= 20_000);
        good.forEach((p, i) => {
          expect(p.name).toBe(light[i].name);
          expect(p.massG).toBeCloseTo((light[i].tenths / 10) * light[i].unit.factor, 6);
          expect(pieceSchema.safeParse(pieceOfPasted(p, `id-${i}`)).success).toBe(true);
        });
      }),
    );
  });
});

describe('what the app brings along', () => {
  it('is just what its schemas would read: pieces, dishes, the demo’s rack and trip', () => {
    for (const piece of PIECES) expect(pieceSchema.parse(piece)).toEqual(piece);
    for (const dish of [...DISHES, NOTHING]) expect(mealSchema.parse(dish)).toEqual(dish);
    expect(rackSchema.parse(DEMO_RACK)).toEqual(DEMO_RACK);
    expect(tripSchema.parse(DEMO_TRIP)).toEqual(DEMO_TRIP);
  });
});
