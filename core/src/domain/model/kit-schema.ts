import * as z from 'zod';
import { BEST_POT_HEIGHT_MM, BEST_SCREEN_GAP_MM, POT_CP_J_PER_KG_K, WINDSCREENS, type PotMaterial } from '../../physics/burn';
import { WARMING } from '../../physics/canister';
import { burnerById, BURNERS, FAMILY_FUEL, FAMILY_WINDSCREENS } from '../catalogue';
import { FUELS } from '../../physics/fuel';
import { blendSchema, calibrationSchema } from './calibration-schema';
import { LIMITS } from './limits';
import { keysOf, label, within } from './schema-parts';

/** Metals that the burn model knows a pot to be made of. */
export const POT_MATERIALS = keysOf<PotMaterial>(POT_CP_J_PER_KG_K);

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
    material: z.enum(POT_MATERIALS),
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
