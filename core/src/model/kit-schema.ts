import * as z from 'zod';
import { BEST_POT_HEIGHT_MM, BEST_SCREEN_GAP_MM, POT_CP_J_PER_KG_K, WINDSCREENS, type PotMaterial } from '../burn';
import { WARMING } from '../canister';
import { burnerById, BURNERS, FAMILY_FUEL, FAMILY_WINDSCREENS } from '../catalogue';
import { FUELS } from '../fuel';
import { LIMITS, MOST } from './limits';
import { MEALS, METHODS } from './meals';
import { CALIBRATED } from './own-burner';
import { COLD_MEAL } from './plain-values';
import { keysOf, label, within } from './schema-parts';

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
  /** How it is cooked; its numbers are those above, which the walker may have changed. */
  method: z.enum(METHODS).default('boilPour'),
  /** Cooked with the lid off whatever the kit says (pasta in plenty of water, frying). */
  lidOff: z.boolean().default(false),
  /** Left to stand after the flame is out, minutes. */
  restMin: within(LIMITS.restMin).default(10),
  /** Eaten out of its packet bag or out of the pot. */
  vessel: z.enum(['bag', 'pot']).default('pot'),
  foams: z.boolean().default(false),
  /** Cooking water that is poured away, mL. */
  drainedMl: within(LIMITS.drainedMl).default(0),
  /** Oil or butter added, g; part of the food carried, not of the water. */
  fatG: within(LIMITS.dryG).default(0),
  packagingG: within(LIMITS.dryG).default(0),
  kcal: within(LIMITS.kcal).default(0),
  price: within(LIMITS.price).nullable().default(null),
  /** Work at home for one portion, minutes. */
  homeMin: within(LIMITS.homeMin).default(0),
  /** Factor on what the packet calls a portion, for this dish. */
  portion: within(LIMITS.appetite).default(1),
  /** Looked forward to. */
  welcome: z.boolean().default(false),
  /** Minutes at 90 °C that cook it through; learnt from verdicts. */
  doneMin: within(LIMITS.doneMin).default(5),
  /** What the packet says, beside the walker's own values. */
  packet: z
    .strictObject({ waterMl: within(LIMITS.waterMl), restMin: within(LIMITS.restMin) })
    .nullable()
    .default(null),
});

const share = z.number().min(0).max(1);
export const blendSchema = z
  .strictObject({ propane: share, isobutane: share, nButane: share })
  .refine((b) => Math.abs(b.propane + b.isobutane + b.nButane - 1) < 0.001, 'the three shares must add up to 1');

const factor = within(LIMITS.calibratedFactor);
const covarianceRow = z.array(z.number().min(-25).max(25)).length(CALIBRATED.length);
export const calibrationSchema = z.strictObject({
  /** What was burnt: it holds for this burner under this pot and for no other. */
  of: z.strictObject({
    burnerId: z.string().min(1).max(64),
    potDiameterMm: within(LIMITS.diameterMm),
    potBase: z.enum(['bare', 'finned']),
  }),
  factors: z.strictObject({ head: factor, flux: factor, wind: factor, power: factor }),
  /** Of their natural logarithms, in the order of CALIBRATED. */
  covariance: z.array(covarianceRow).length(CALIBRATED.length),
  /** Burns that it was worked out from. */
  burns: z.int().min(1).max(10_000),
  /** Out of a simulated garden: no real burner. */
  simulated: z.boolean().default(false),
});
export type Calibration = z.infer<typeof calibrationSchema>;

const kitFields = z.strictObject({
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
  /** What burn tests have made of this burner and pot; left out until there are any. */
  calibration: calibrationSchema.optional(),
  /** What the walker's own can turned out to hold, by mass; overrules the fuel's label. */
  ownBlend: blendSchema.optional(),
});

export const kitSchema = kitFields.superRefine((kit, ctx) => {
  const burner = burnerById(kit.burnerId);
  const fuel = FUELS.find((f) => f.id === kit.fuelId);
  if (fuel?.kind !== FAMILY_FUEL[burner.family])
    ctx.addIssue({ code: 'custom', path: ['fuelId'], message: `the ${burner.name} does not burn "${kit.fuelId}"` });
  if (kit.ownBlend && fuel?.kind !== 'gas') ctx.addIssue({ code: 'custom', path: ['ownBlend'], message: 'only a can holds a blend' });
  if (!FAMILY_WINDSCREENS[burner.family].includes(kit.windscreen))
    ctx.addIssue({ code: 'custom', path: ['windscreen'], message: `"${kit.windscreen}" does not fit the ${burner.name}` });
});

/** What of a kit is a habit or a choice and no piece that could be weighed. */
export const kitSettingsSchema = kitFields.pick({
  fuelId: true,
  flameSetting: true,
  measureMl: true,
  canWarming: true,
  sleeveOn: true,
  headFactor: true,
  potHeightMm: true,
  screenGapMm: true,
  ownBlend: true,
  calibration: true,
});
export type KitSettings = z.infer<typeof kitSettingsSchema>;
export type Kit = z.infer<typeof kitSchema>;

export type Meal = z.infer<typeof mealSchema>;
/** What every day holds where nothing else is set. */
export const menuSchema = z.strictObject({
  breakfast: mealSchema,
  lunch: mealSchema.prefault({ ...COLD_MEAL, name: 'cold lunch' }),
  supper: mealSchema,
  drink: mealSchema.prefault({ ...COLD_MEAL, name: 'nothing' }),
  washUp: mealSchema.prefault({ ...COLD_MEAL, name: 'nothing', target: { kind: 'stopAt', targetC: 50 } }),
});

/** A dish kept for this trip, to be set into the days. */
export const dishSchema = z.strictObject({ id: z.string().min(1).max(64), meal: mealSchema });
export type Dish = z.infer<typeof dishSchema>;
/** Dishes by part of the day. */
export const dishesByMealSchema = z.partialRecord(z.enum(MEALS), z.string().max(64));
export const rotationSchema = z.partialRecord(z.enum(MEALS), z.array(z.string().max(64)).min(1).max(MOST.rotation));
