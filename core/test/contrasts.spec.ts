import { CONTRAST_IDS, contrastOf, isContrastId, type Contrast, type ContrastId } from '../src/studies/bench';
import { potVolumeMl, WINDSCREENS } from '../src/physics/burn';
import { BURNERS, hasValve, isGas, usesCans } from '../src/domain/catalogue';
import { DEMO_TRIP } from '../src/demo';
import { withBurner } from '../src/domain/kit';
import { newSetup, testSetupSchema, type TestSetup } from '../src/domain/model';

const SETUPS: readonly (readonly [string, TestSetup])[] = BURNERS.filter((b) => b.family !== 'none').map((b) => [
  b.id,
  newSetup('bench', { ...withBurner(DEMO_TRIP.kit, b.id), pot: DEMO_TRIP.kit.pot }),
]);
const setupOf = (burnerId: string): TestSetup => SETUPS.find(([id]) => id === burnerId)?.[1] ?? SETUPS[0][1];
const of = (id: ContrastId, burnerId: string): Contrast => {
  const found = contrastOf(id, setupOf(burnerId));
  if (!found) throw new Error(`no ${id} with ${burnerId}`);
  return found;
};
/** What differs between two setups, by path. */
function differences(a: unknown, b: unknown, at = ''): string[] {
  if (typeof a !== 'object' || typeof b !== 'object' || !a || !b) return Object.is(a, b) ? [] : [at];
  const keys = [...new Set([...Object.keys(a), ...Object.keys(b)])];
  return keys.flatMap((k) => differences((a as Record<string, unknown>)[k], (b as Record<string, unknown>)[k], at ? `${at}.${k}` : k));
}

describe('contrasts', () => {
  it.each(SETUPS)('%s: are two setups that can be tested and are not the same, or none', (_id, setup) => {
    for (const id of CONTRAST_IDS) {
      const found = contrastOf(id, setup);
      if (!found) continue;
      for (const s of [found.a, found.b]) expect({ id, ok: testSetupSchema.safeParse(s).success }).toEqual({ id, ok: true });
      expect({ id, differ: differences(found.a, found.b).length > 0 }).toEqual({ id, differ: true });
    }
  });

  it.each([
    ['lid', ['kit.lidOn']],
    ['sleeve', ['kit.sleeveOn']],
    ['lowFlame', ['kit.flameSetting']],
    ['lowestFlame', ['kit.flameSetting']],
    ['warmCan', ['can.canC']],
    ['fullCan', ['can.fuelLeftG']],
    ['titanium', ['kit.pot.material']],
    ['fins', ['kit.pot.base']],
    ['widePot', ['kit.pot.diameterMm', 'kit.pot.heightMm']],
    ['oneLarge', ['waterMl']],
    ['altitude', ['altitudeM']],
  ] as const)('%s: differ in that alone', (id, paths) => {
    const { a, b } = of(id, 'gas-micro');
    expect(differences(a, b)).toEqual(paths);
  });

  it('are about what a kit has: a flame that turns down, a can, a burner on gas', () => {
    for (const burner of BURNERS.filter((b) => b.family !== 'none')) {
      const setup = setupOf(burner.id);
      const has = (id: ContrastId): boolean => contrastOf(id, setup) !== undefined;
      expect([has('lowFlame'), has('lowestFlame')]).toEqual([hasValve(burner), hasValve(burner)]);
      expect([has('warmCan'), has('fullCan'), has('regulated')]).toEqual(Array(3).fill(usesCans(setup.kit)));
      expect(has('bigBurner')).toBe(isGas(burner));
    }
  });

  it('keep the volume where the pot is wider, and the water where two potfuls stand against one', () => {
    const wide = of('widePot', 'gas-micro');
    expect(potVolumeMl(wide.a.kit.pot)).toBeCloseTo(potVolumeMl(wide.b.kit.pot), 3);
    expect(wide.a.kit.pot.diameterMm).toBeGreaterThan(wide.b.kit.pot.diameterMm);
    const large = of('oneLarge', 'gas-micro');
    expect(large.a.waterMl * (large.times?.a ?? 1)).toBe(large.b.waterMl * (large.times?.b ?? 1));
  });

  it('shelter as well as the family can against nothing, or against the next best', () => {
    for (const [id, setup] of SETUPS) {
      const bare = contrastOf('windscreen', setup);
      if (bare) {
        expect(bare.b.kit.windscreen).toBe('none');
        expect(WINDSCREENS[bare.a.kit.windscreen].shelter).toBeGreaterThan(WINDSCREENS.none.shelter);
      }
      const other = contrastOf('otherScreen', setup);
      if (other)
        expect({ id, better: WINDSCREENS[other.a.kit.windscreen].shelter >= WINDSCREENS[other.b.kit.windscreen].shelter }).toEqual({
          id,
          better: true,
        });
    }
  });

  it('burn other fuels in the same pot', () => {
    const { a, b } = of('alcoholGas', 'gas-micro');
    expect(a.kit.pot).toEqual(b.kit.pot);
    expect([isGas(BURNERS.find((x) => x.id === a.kit.burnerId) ?? BURNERS[0]), b.kit.burnerId]).toEqual([true, 'alcohol-open']);
    expect(a.kit.fuelId).not.toBe(b.kit.fuelId);
  });

  it('are known by their names, and nothing else is', () => {
    for (const id of CONTRAST_IDS) expect(isContrastId(id)).toBe(true);
    for (const id of ['', 'lids', 'toString ']) expect(isContrastId(id)).toBe(false);
  });
});
