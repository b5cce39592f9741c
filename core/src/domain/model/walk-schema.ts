import * as z from 'zod';
import { MEALS } from './meals';
import { LIMITS, MOST } from './limits';
import { label, within } from './schema-parts';
import { windSchema } from './wind-schema';

/** What a walker may bear to make fuel last, mildest first as most would have it (common practice; everyone orders them anew). */
export const ANNOYANCES = ['stopAt88', 'lowerFlame', 'noWashUp', 'filter', 'lessDrink', 'coldBreakfast', 'detour', 'coldSupper'] as const;
export type Annoyance = (typeof ANNOYANCES)[number];

/** How what is left was read: a scale, a strip on a floating can, a pole over a cord, doses counted, a mark on a bottle, or a can that is empty. */
export const WEIGHINGS = ['scale', 'float', 'pole', 'doses', 'mark', 'emptied'] as const;

export const SKIPS = ['skipped', 'cold', 'eatenOut'] as const;

export const TASTES = ['hard', 'good', 'mush'] as const;

/** Of every event: when it was written down (UTC), and the day of the trip it belongs to. */
const event = { id: z.string().min(1).max(64), at: z.iso.datetime(), day: within(LIMITS.tripDays).int() };

/** A container as it is taken on: its label or a weighing, and how far that is known. */
const addedSchema = z.strictObject({
  name: label,
  netG: within(LIMITS.netG),
  tareG: within(LIMITS.grossG),
  fuelG: within(LIMITS.grossG),
  sdG: within(LIMITS.knownSdG),
});

/** What happens on the way, in the order of the walk. Grams of the model are those of the moment it was written down: a later plan does not change the past. */
export const walkEventSchema = z.discriminatedUnion('kind', [
  /** A stop is left; what was carried before comes along, or stays there. */
  z.strictObject({
    ...event,
    kind: z.literal('filled'),
    stopId: z.string().min(1).max(64),
    keepsRest: z.boolean(),
    /** Of what was carried before, so much stays at the stop, g. */
    leftBehindG: within(LIMITS.grossG).optional(),
    added: z.array(addedSchema).max(MOST.added),
  }),
  z.strictObject({
    ...event,
    kind: z.literal('cooked'),
    meal: z.enum(MEALS),
    dish: label,
    modelG: within(LIMITS.burntG0),
    /** One standard deviation of this burn by itself, as a share of it. */
    share: within(LIMITS.shareSd),
    waterMl: within(LIMITS.waterMl),
    wind: windSchema.optional(),
    /** By the clock, and as it felt, s. */
    clockS: within(LIMITS.testS).optional(),
    feltS: within(LIMITS.testS).optional(),
    taste: z.enum(TASTES).optional(),
  }),
  z.strictObject({ ...event, kind: z.literal('skipped'), meal: z.enum(MEALS), how: z.enum(SKIPS) }),
  /** A burn that no plan had: a drink more, a burner lit again. */
  z.strictObject({
    ...event,
    kind: z.literal('extra'),
    what: z.enum(['drink', 'relight']),
    modelG: within(LIMITS.burntG0),
    share: within(LIMITS.shareSd),
  }),
  z.strictObject({ ...event, kind: z.literal('spilt'), fuelG: within(LIMITS.grossG), sdG: within(LIMITS.knownSdG) }),
  /** All that is left, in all containers together. */
  z.strictObject({
    ...event,
    kind: z.literal('weighed'),
    how: z.enum(WEIGHINGS),
    fuelG: within(LIMITS.grossG),
    sdG: within(LIMITS.readSdG),
  }),
]);
export type WalkEvent = z.infer<typeof walkEventSchema>;
export type Added = z.infer<typeof addedSchema>;

/** A trip that is walked. */
export const walkSchema = z.strictObject({
  /** Days behind the plan (negative: ahead). */
  daysLate: z.int().min(-60).max(60),
  log: z.array(walkEventSchema).max(MOST.events),
});
export type Walk = z.infer<typeof walkSchema>;

/** A shop off the trail that could be reached in need, on a day of the trip. */
export const detourSchema = z.strictObject({ day: within(LIMITS.tripDays).int(), name: label });
