import * as z from 'zod';
import { LIMITS, MOST } from './limits';
import { MEALS, METHODS } from './meals';
import { label, within } from './schema-parts';

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
export type Meal = z.infer<typeof mealSchema>;

/** What stands where nothing else is said of a meal. */
export const PLAIN_MEAL: Meal = mealSchema.parse({ name: 'plain', hot: true, waterMl: 500, target: { kind: 'boil' } });
/** A part of the day for which nothing is cooked. */
export const COLD_MEAL = { hot: false, method: 'noCook', waterMl: 200, target: { kind: 'stopAt', targetC: 80 } } as const;

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
