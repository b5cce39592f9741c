import { WINDSCREENS } from '../../physics/burn';
import { burnerById, FAMILY_WINDSCREENS, hasValve, isGas, powerRange, usesCans } from '../../domain/catalogue';
import { withBurner, withWindscreen } from '../../domain/kit';
import type { Kit, TestSetup } from '../../domain/model';

/** Two setups that differ in one thing: what a question, a saying or a test is about. */
export interface Contrast {
  a: TestSetup;
  b: TestSetup;
  /** Potfuls of each that come to the same hot water, where it is not one of each. */
  times?: { a: number; b: number };
}

const kitOf = (s: TestSetup, change: Partial<Kit>): TestSetup => ({ ...s, kit: { ...s.kit, ...change } });
const both = (s: TestSetup, a: Partial<TestSetup>, b: Partial<TestSetup>): Contrast => ({ a: { ...s, ...a }, b: { ...s, ...b } });
const kits = (s: TestSetup, a: Partial<Kit>, b: Partial<Kit>): Contrast => ({ a: kitOf(s, a), b: kitOf(s, b) });

/** The windscreen that shelters a family's flame best. */
function bestScreen({ burnerId }: Kit): Kit['windscreen'] {
  const fits = FAMILY_WINDSCREENS[burnerById(burnerId).family];
  return fits.reduce((best, w) => (WINDSCREENS[w].shelter > WINDSCREENS[best].shelter ? w : best), fits[0]!);
}

/** The same volume in a pot so much wider. */
const wider = (pot: Kit['pot'], by: number): Kit['pot'] => ({
  ...pot,
  diameterMm: Math.min(400, pot.diameterMm * by),
  heightMm: Math.max(20, pot.heightMm / by ** 2),
});

/** Another kind of burner with its usual fuel in the same place, bare flame or best shelter as before. */
const burning = (s: TestSetup, burnerId: string): TestSetup => {
  const kit = withBurner(s.kit, burnerId);
  return { ...s, kit: { ...kit, pot: s.kit.pot, flameSetting: hasValve(burnerById(burnerId)) ? s.kit.flameSetting : 1 } };
};
/** Cold for a can, °C; and a room's. */
const COLD_C = 4;
const WARM_C = 20;
/** A low flame and a full one. */
const LOW = 0.5;

/** Contrasts by what they are about; undefined where a kit has nothing of the kind. */
const CONTRASTS = {
  lid: (s) => kits(s, { lidOn: true }, { lidOn: false }),
  windscreen: (s) => {
    const screen = bestScreen(s.kit);
    return screen === 'none'
      ? undefined
      : { a: { ...s, kit: withWindscreen(s.kit, screen) }, b: { ...s, kit: withWindscreen(s.kit, 'none') } };
  },
  otherScreen: (s) => {
    const [mine, best] = [s.kit.windscreen, bestScreen(s.kit)];
    const fits = FAMILY_WINDSCREENS[burnerById(s.kit.burnerId).family].filter((w) => w !== best && w !== 'none');
    const other = mine !== best && mine !== 'none' ? mine : fits[0];
    return other && { a: { ...s, kit: withWindscreen(s.kit, best) }, b: { ...s, kit: withWindscreen(s.kit, other) } };
  },
  sleeve: (s) => kits(s, { sleeveOn: true }, { sleeveOn: false }),
  lowFlame: (s) => (hasValve(burnerById(s.kit.burnerId)) ? kits(s, { flameSetting: LOW }, { flameSetting: 1 }) : undefined),
  lowestFlame: (s) => {
    const burner = burnerById(s.kit.burnerId);
    if (!hasValve(burner)) return undefined;
    const { ratedW, lowestW } = powerRange(burner);
    return kits(s, { flameSetting: Math.max(0.1, lowestW / ratedW) }, { flameSetting: LOW });
  },
  warmCan: (s) =>
    usesCans(s.kit) ? { a: { ...s, can: { ...s.can, canC: WARM_C } }, b: { ...s, can: { ...s.can, canC: COLD_C } } } : undefined,
  fullCan: (s) =>
    usesCans(s.kit)
      ? { a: { ...s, can: { ...s.can, fuelLeftG: s.can.netG } }, b: { ...s, can: { ...s.can, fuelLeftG: Math.max(1, 0.15 * s.can.netG) } } }
      : undefined,
  titanium: (s) => kits(s, { pot: { ...s.kit.pot, material: 'aluminium' } }, { pot: { ...s.kit.pot, material: 'titanium' } }),
  fins: (s) => kits(s, { pot: { ...s.kit.pot, base: 'finned' } }, { pot: { ...s.kit.pot, base: 'bare' } }),
  widePot: (s) => kits(s, { pot: wider(s.kit.pot, 1.15) }, { pot: wider(s.kit.pot, 0.9) }),
  notBoil: (s) => both(s, { target: { kind: 'stopAt', targetC: 88 } }, { target: { kind: 'boil' } }),
  oneLarge: (s) => ({ ...both(s, { waterMl: 1000 }, { waterMl: 500 }), times: { a: 1, b: 2 } }),
  warmWater: (s) => both(s, { waterC: 20, snow: false }, { waterC: 5, snow: false }),
  snow: (s) => both(s, { snow: false, waterC: 2 }, { snow: true, airC: Math.min(0, s.airC) }),
  altitude: (s) => both(s, { altitudeM: 3000 }, { altitudeM: 0 }),
  tablets: (s) => ({ a: burning(s, 'tablet-double'), b: burning(s, 'alcohol-open') }),
  alcoholGas: (s) => ({ a: burning(s, 'gas-micro'), b: burning(s, 'alcohol-open') }),
  regulated: (s) => {
    const cold = { ...s, can: { ...s.can, canC: COLD_C } };
    return usesCans(s.kit) ? { a: burning(cold, 'gas-regulated'), b: burning(cold, 'gas-bowl') } : undefined;
  },
  bigBurner: (s) => (isGas(burnerById(s.kit.burnerId)) ? { a: burning(s, 'gas-large'), b: burning(s, 'gas-micro') } : undefined),
} satisfies Record<string, (s: TestSetup) => Contrast | undefined>;

export type ContrastId = keyof typeof CONTRASTS;
export const CONTRAST_IDS = Object.keys(CONTRASTS) as ContrastId[];
export const isContrastId = (id: string): id is ContrastId => id in CONTRASTS;

/** The two setups of a contrast about this one; undefined where the kit has nothing of the kind. */
export const contrastOf = (id: ContrastId, setup: TestSetup): Contrast | undefined => CONTRASTS[id](setup);
