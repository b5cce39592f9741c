import { clamp, LIMITS, type Meal, type Method } from '../model';

/** Most rehydrated food is content with this, °C (docs/physics.md, Dishes, common practice). */
export const REST_TARGET_C = 88;
const DRINK_TARGET_C = 80;
/** A mug (common practice). */
export const DRINK_ML = 300;
/** Pasta and rice from raw, minutes (packets say 8 to 12). */
const RAW_SIMMER_MIN = 10;
/** Plenty of water: 5 L for 450 g (docs/physics.md, Dishes). */
export const PASTA_ML_PER_G = 5000 / 450;
/** What a pre-cooked, home-dried dish drinks, mL a gram (common practice). */
export const REHYDRATE_ML_PER_G = 2.3;
/** A pan of food, minutes (common practice). */
export const FRY_MIN = 6;

/** Is it cooked from raw by being kept at the heat, in little water or plenty? */
export const isSimmered = (m: Pick<Meal, 'method'>): boolean => m.method === 'simmer' || m.method === 'pastaPot';
/** Does it come in a tin? Its name says so. */
export const isTinned = (m: Pick<Meal, 'name'>): boolean => /\btin(s|ned)?\b/i.test(m.name);

/** Water of a dish that comes from a stream or has to be carried to a dry camp, mL: a tin brings its own. */
export const streamWaterMl = (m: Pick<Meal, 'name' | 'waterMl'>): number => (isTinned(m) ? 0 : m.waterMl);
/** What a dish weighs in the pack, g: food, fat, packaging, and the liquid of a tin. */
export const carriedFoodG = (m: Pick<Meal, 'name' | 'waterMl' | 'dryG' | 'fatG' | 'packagingG'>): number =>
  m.dryG + m.fatG + (m.dryG > 0 ? m.packagingG : 0) + (isTinned(m) ? m.waterMl : 0);

const BOIL = { kind: 'boil' } as const;
const cook = { hot: true, simmerMin: 0, makeSafe: 'none', lidOff: false, drainedMl: 0 } as const;

/** A dish cooked another way: what the method changes, everything else stays. */
export function withMethod(meal: Meal, method: Method): Meal {
  return { ...meal, ...cook, method, ...CHANGES[method](meal) };
}

/** What a method changes in a dish. */
const CHANGES: Record<Method, (meal: Meal) => Partial<Meal>> = {
  boilPour: () => ({ target: BOIL, restMin: 10, vessel: 'bag' }),
  heatRest: () => ({ target: { kind: 'stopAt', targetC: REST_TARGET_C }, restMin: 10 }),
  boilCozy: () => ({ target: BOIL, restMin: 15, vessel: 'pot' }),
  simmer: () => ({ target: BOIL, simmerMin: RAW_SIMMER_MIN, restMin: 0, vessel: 'pot' }),
  pastaPot: ({ dryG }) => {
    const waterMl = clamp(dryG * PASTA_ML_PER_G, LIMITS.waterMl);
    const drainedMl = Math.max(0, waterMl - dryG * REHYDRATE_ML_PER_G);
    return { target: BOIL, waterMl, drainedMl, simmerMin: RAW_SIMMER_MIN, restMin: 0, lidOff: true, vessel: 'pot' };
  },
  homeDried: ({ dryG }) => ({ target: BOIL, waterMl: clamp(dryG * REHYDRATE_ML_PER_G, LIMITS.waterMl), restMin: 15, vessel: 'pot' }),
  coldSoak: () => ({ hot: false, restMin: 60 }),
  noCook: () => ({ hot: false, restMin: 0 }),
  hotDrink: () => ({ target: { kind: 'stopAt', targetC: DRINK_TARGET_C }, restMin: 0 }),
  meltSnow: () => ({ target: { kind: 'stopAt', targetC: LIMITS.targetC.min }, restMin: 0 }),
  makeSafe: () => ({ target: BOIL, makeSafe: 'epa', restMin: 0 }),
  doseForget: () => ({ target: BOIL, restMin: 12 }),
  fry: () => ({ target: { kind: 'fry', minutes: FRY_MIN }, restMin: 0, lidOff: true, vessel: 'pot' }),
};
