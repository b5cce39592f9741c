import * as z from 'zod';
import {
  BEST_POT_HEIGHT_MM,
  BEST_SCREEN_GAP_MM,
  POT_CP_J_PER_KG_K,
  SITE_FACTOR,
  WIND_WORDS_MPS,
  WINDSCREENS,
  type PotMaterial,
} from '../burn/constants';
import { WARMING } from '../canister/warming';
import { BURNERS, burnerById, FAMILY_FUEL, FAMILY_WINDSCREENS } from '../catalogue/burners';
import { FUELS } from '../fuel/fuels';

/** One trip as stored and exported, version 1: one leg, one kit, a day's menu. Everything computed is left out. */

/** Limits of what may be typed. Wide enough for any walk, narrow enough for the physics to hold. */
export const LIMITS = {
  airC: { min: -40, max: 45 },
  waterC: { min: 0, max: 60 },
  altitudeM: { min: -430, max: 6500 },
  tenMetreMps: { min: 0, max: 40 },
  waterMl: { min: 50, max: 5000 },
  targetC: { min: 40, max: 100 },
  dayCount: { min: 1, max: 30 },
  flameSetting: { min: 0.1, max: 1 },
  massG: { min: 0, max: 20_000 },
  diameterMm: { min: 50, max: 400 },
  heightMm: { min: 20, max: 400 },
  km: { min: 0, max: 150 },
  reservePercent: { min: 0, max: 200 },
  simmerMin: { min: 0, max: 60 },
  headFactor: { min: 0.5, max: 1.5 },
  measureMl: { min: 1, max: 60 },
  potHeightMm: { min: 10, max: 100 },
  screenGapMm: { min: 1, max: 60 },
  dryG: { min: 0, max: 1000 },
  fryMin: { min: 1, max: 60 },
} as const;

const within = ({ min, max }: { min: number; max: number }) => z.number().min(min).max(max);
const keysOf = <K extends string>(o: Record<K, unknown>) => Object.keys(o) as [K, ...K[]];
const label = z.string().trim().min(1).max(80);

export const windSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('words'), word: z.enum(keysOf(WIND_WORDS_MPS)) }),
  z.strictObject({ kind: z.literal('forecast'), tenMetreMps: within(LIMITS.tenMetreMps), site: z.enum(keysOf(SITE_FACTOR)) }),
]);

/** How one day differs from the leg's conditions. */
export const dayShapeSchema = z.strictObject({
  km: within(LIMITS.km),
  altitudeDeltaM: z.number().min(-3000).max(3000),
  airDeltaC: z.number().min(-20).max(20),
  windFactor: z.number().min(0).max(3),
});

export const targetSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('boil') }),
  z.strictObject({ kind: z.literal('stopAt'), targetC: within(LIMITS.targetC) }),
  /** Fried or baked, without water, at the kit's flame setting. */
  z.strictObject({ kind: z.literal('fry'), minutes: within(LIMITS.fryMin) }),
]);

export const mealSchema = z.strictObject({
  name: label,
  hot: z.boolean(),
  waterMl: within(LIMITS.waterMl),
  target: targetSchema,
  /** Held at the target, minutes. */
  simmerMin: within(LIMITS.simmerMin).default(0),
  /** Boiled long enough to be drunk: by which rule. */
  makeSafe: z.enum(['none', 'cdc', 'epa']).default('none'),
  /** Dry food stirred into the hot water, g. */
  dryG: within(LIMITS.dryG).default(0),
});

const share = z.number().min(0).max(1);
export const blendSchema = z
  .strictObject({ propane: share, isobutane: share, nButane: share })
  .refine((b) => Math.abs(b.propane + b.isobutane + b.nButane - 1) < 0.001, 'the three shares must add up to 1');

export const kitSchema = z
  .strictObject({
    burnerId: z.enum(BURNERS.map((b) => b.id) as [string, ...string[]]),
    burnerMassG: within(LIMITS.massG),
    fuelId: z.enum(FUELS.map((f) => f.id) as [string, ...string[]]),
    pot: z.strictObject({
      name: label,
      diameterMm: within(LIMITS.diameterMm),
      heightMm: within(LIMITS.heightMm),
      massG: within(LIMITS.massG),
      lidMassG: within(LIMITS.massG),
      material: z.enum(keysOf<PotMaterial>(POT_CP_J_PER_KG_K)),
      base: z.enum(['bare', 'finned']),
    }),
    lidOn: z.boolean(),
    windscreen: z.enum(keysOf(WINDSCREENS)),
    windscreenMassG: within(LIMITS.massG),
    /** Share of rated power the valve is opened to; ignored by burners without a valve. */
    flameSetting: within(LIMITS.flameSetting),
    /** Lighter, spoon, bag and the like. */
    otherMassG: within(LIMITS.massG),
    /** What alcohol is poured with: doses are whole measures. */
    measureMl: within(LIMITS.measureMl),
    /** What is done to keep a can warm. */
    canWarming: z.enum(keysOf(WARMING)).default('none'),
    /** Insulating sleeve left on the pot while heating. */
    sleeveOn: z.boolean().default(false),
    /** A cup to snuff an open alcohol burner with. */
    snuffer: z.boolean().default(false),
    /** Factor on the burner's coupling; 1 until its own burn tests say otherwise. */
    headFactor: within(LIMITS.headFactor).default(1),
    /** Pot base above an alcohol burner, mm. */
    potHeightMm: within(LIMITS.potHeightMm).default(BEST_POT_HEIGHT_MM.usual),
    /** Gap between the pot and a windscreen that stands round it, mm. */
    screenGapMm: within(LIMITS.screenGapMm).default(BEST_SCREEN_GAP_MM),
    /** What the walker's own can turned out to hold, by mass; overrules the fuel's label. */
    ownBlend: blendSchema.optional(),
  })
  .superRefine((kit, ctx) => {
    const burner = burnerById(kit.burnerId);
    const fuel = FUELS.find((f) => f.id === kit.fuelId);
    if (fuel?.kind !== FAMILY_FUEL[burner.family])
      ctx.addIssue({ code: 'custom', path: ['fuelId'], message: `the ${burner.name} does not burn "${kit.fuelId}"` });
    if (kit.ownBlend && fuel?.kind !== 'gas') ctx.addIssue({ code: 'custom', path: ['ownBlend'], message: 'only a can holds a blend' });
    if (!FAMILY_WINDSCREENS[burner.family].includes(kit.windscreen))
      ctx.addIssue({ code: 'custom', path: ['windscreen'], message: `"${kit.windscreen}" does not fit the ${burner.name}` });
  });

export const tripSchema = z.strictObject({
  id: z.string().min(1).max(64),
  name: label,
  leg: z.strictObject({
    from: label,
    to: label,
    dayCount: within(LIMITS.dayCount).int(),
    /** Days beyond the list are like the leg's own conditions, 18 km. */
    shape: z.array(dayShapeSchema).max(LIMITS.dayCount.max),
  }),
  conditions: z.strictObject({
    supperAirC: within(LIMITS.airC),
    breakfastAirC: within(LIMITS.airC),
    altitudeM: within(LIMITS.altitudeM),
    waterC: within(LIMITS.waterC),
    wind: windSchema,
    gusty: z.boolean().default(false),
    /** Water has to be melted from snow. */
    snow: z.boolean().default(false),
    /** Snow is melted on a little water kept back; dry it scorches and costs more. */
    starterWater: z.boolean().default(true),
  }),
  kit: kitSchema,
  menu: z.strictObject({ breakfast: mealSchema, supper: mealSchema }),
  reservePercent: within(LIMITS.reservePercent),
});

export type Trip = z.infer<typeof tripSchema>;
export type Kit = z.infer<typeof kitSchema>;
export type Meal = z.infer<typeof mealSchema>;
export type DayShape = z.infer<typeof dayShapeSchema>;
export type MealName = keyof Trip['menu'];
export const MEALS: readonly MealName[] = ['breakfast', 'supper'];
