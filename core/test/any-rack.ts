import fc from 'fast-check';
import { BURNERS } from '../src/domain/catalogue';
import { STARTING_SETTINGS } from '../src/domain/kit';
import {
  CRITERIA,
  IGNITIONS,
  LIMITS,
  PIECE_MATERIALS,
  QUIRK_STEPS,
  rackSchema,
  ROLES,
  type Piece,
  type Rack,
  type RackKit,
  type Role,
  type Shape,
} from '../src/domain/model';

const size = fc.integer({ min: 2, max: 400 });
const anyShape: fc.Arbitrary<Shape> = fc.oneof(
  fc.record({ kind: fc.constant('cylinder' as const), diameterMm: size, heightMm: size }),
  fc.record({ kind: fc.constant('box' as const), lengthMm: size, widthMm: size, heightMm: size }),
  fc.record({ kind: fc.constant('sheet' as const), lengthMm: size, heightMm: size, thicknessMm: fc.constantFrom(0.1, 0.5, 2) }),
  fc.record({ kind: fc.constant('soft' as const), volumeMl: fc.integer({ min: 1, max: 500 }) }),
);
const anyVessel: fc.Arbitrary<Shape> = fc
  .record({ diameterMm: size, heightMm: size, wallMm: fc.constantFrom(0, 0.5, 1) })
  .map(({ diameterMm, heightMm, wallMm }) => ({
    kind: 'vessel' as const,
    diameterMm,
    heightMm,
    innerDiameterMm: Math.max(1, diameterMm - 2 * wallMm),
    innerHeightMm: Math.max(1, heightMm - wallMm),
  }));

/** Words as they stand in a table: no blank ends, no more than a label takes. */
const words = fc.stringMatching(/^[A-Za-z][A-Za-z0-9 ,;"']{0,20}[A-Za-z0-9]$/);
const burners = BURNERS.filter((b) => b.family !== 'none').map((b) => b.id);

const pieceOf = (role: Role): fc.Arbitrary<Omit<Piece, 'id' | 'name'>> =>
  fc.record({
    role: fc.constant(role),
    alsoRoles: fc.uniqueArray(fc.constantFrom(...ROLES.filter((r) => r !== role)), { maxLength: 2 }),
    massG: fc.integer({ min: LIMITS.massG.min, max: 900 }),
    ownMassG: fc.option(fc.integer({ min: 0, max: 900 })),
    shape: role === 'pot' ? anyVessel : fc.oneof(anyShape, anyVessel),
    material: fc.constantFrom(...PIECE_MATERIALS),
    price: fc.option(fc.integer({ min: 0, max: 200 })),
    have: fc.constantFrom('own' as const, 'loan' as const, 'wish' as const),
    note: fc.oneof(fc.constant(''), words),
    quirk: fc.option(fc.record({ step: fc.constantFrom(...QUIRK_STEPS), words })),
    life: fc.option(fc.record({ trips: fc.integer({ min: 1, max: 200 }), used: fc.integer({ min: 0, max: 200 }) })),
    coated: fc.boolean(),
    shapeAssumed: fc.boolean(),
    ...(role === 'burner' ? { burnerId: fc.constantFrom(...burners) } : {}),
    ...(role === 'windscreen'
      ? { windscreen: fc.constantFrom('plate' as const, 'folded' as const, 'foil' as const, 'cone' as const) }
      : {}),
    ...(role === 'ignition' ? { ignition: fc.constantFrom(...IGNITIONS) } : {}),
    ...(role === 'measure' || role === 'container' ? { holdsMl: fc.integer({ min: 1, max: 60 }) } : {}),
    ...(role === 'pot' ? { base: fc.constantFrom('bare' as const, 'finned' as const) } : {}),
  });

/** Any rack that the schema takes: absurd pieces, kits of any of them, own points and diary. */
export const anyRack: fc.Arbitrary<Rack> = fc
  .record({
    pieces: fc.array(fc.constantFrom(...ROLES).chain(pieceOf), { minLength: 1, maxLength: 9 }),
    names: fc.uniqueArray(words, { minLength: 12, maxLength: 12 }),
    picks: fc.array(fc.array(fc.nat(8), { maxLength: 8 }), { minLength: 1, maxLength: 3 }),
    keptOut: fc.nat(8),
    points: fc.dictionary(fc.constantFrom(...CRITERIA), fc.integer({ min: 0, max: 5 })),
    onlyOwned: fc.boolean(),
  })
  .map(({ pieces: list, names, picks, keptOut, points, onlyOwned }) => {
    const pieces = list.map((p, i): Piece => ({ ...p, id: `p${i}`, name: names[i] }));
    const kits = picks.map((pick, k): RackKit => {
      const pieceIds = [...new Set(pick.map((n) => `p${n % pieces.length}`))];
      return {
        id: `k${k}`,
        name: `${names[9 + k]} ${k}`,
        pieceIds,
        outside: pieceIds.filter((id) => id === `p${keptOut}`),
        settings: STARTING_SETTINGS,
        keepBecause: '',
      };
    });
    return rackSchema.parse({ pieces, kits, onlyOwned, score: { judged: { k0: points } } });
  });
