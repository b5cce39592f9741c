import * as z from 'zod';
import { CAN_PACKAGE_IDS, PACKAGE_IDS } from '../carry';
import { kitSchema } from './kit-schema';
import { LIMITS } from './limits';
import { dishesByMealSchema } from './meal-schema';
import { isoDay, label, noteText, within } from './schema-parts';
import { windSchema } from './wind-schema';

/** Values of a day that the simulated climate may fill in; a typed one wins and leaves this list. */
export const CLIMATE_KEYS = ['supperAirC', 'breakfastAirC', 'waterC', 'wind'] as const;
export type ClimateKey = (typeof CLIMATE_KEYS)[number];

/** Where a camp's water comes from. `snowDry` is snow melted without starter water; `carried` makes a dry camp. */
export const WATER_SOURCES = ['stream', 'tap', 'snow', 'snowDry', 'carried'] as const;

/** How it is made safe to drink; the boils by the rule of CDC or EPA. */
export const TREATMENTS = ['filter', 'chemical', 'none', 'boilCdc', 'boilEpa'] as const;

export const RESTRICTIONS = ['none', 'noOpenFlame', 'noFlame', 'unknown'] as const;

export const STOP_KINDS = ['town', 'shop', 'hut', 'crossing', 'fuelStation', 'postOffice', 'trailEnd'] as const;

/** On the earth, where a track is known. */
export const positionSchema = z.strictObject({ latitudeDeg: within(LIMITS.latitudeDeg), longitudeDeg: within(LIMITS.longitudeDeg) });

/** What a day is like, and its camp. */
export const daySchema = z.strictObject({
  km: within(LIMITS.km),
  ascentM: within(LIMITS.ascentM),
  /** Of the day's camp. */
  altitudeM: within(LIMITS.altitudeM),
  supperAirC: within(LIMITS.airC),
  breakfastAirC: within(LIMITS.airC),
  /** One standard deviation of the air about those values, K. */
  spreadC: within(LIMITS.spreadC),
  waterC: within(LIMITS.waterC),
  wind: windSchema,
  gusty: z.boolean(),
  source: z.enum(WATER_SOURCES),
  treatment: z.enum(TREATMENTS),
  /** Meals bought instead of cooked. */
  eatsOut: z.strictObject({ breakfast: z.boolean(), supper: z.boolean() }),
  /** Dishes of this day that are not the usual ones, by part of the day. */
  dishes: dishesByMealSchema.default({}),
  /** Which values come from the simulated climate. */
  simulated: z.array(z.enum(CLIMATE_KEYS)).max(CLIMATE_KEYS.length),
  /** Of the camp, where a track is known. */
  at: positionSchema.optional(),
});

/** Sold at a stop; without a price where that is not known. */
export const saleSchema = z.strictObject({ packageId: z.enum(PACKAGE_IDS), price: within(LIMITS.price).nullable() });

/** Where a leg begins or ends: a town, a hut, a post office. */
export const stopSchema = z.strictObject({
  id: z.string().min(1).max(64),
  name: label,
  kind: z.enum(STOP_KINDS),
  sells: z.array(saleSchema).max(PACKAGE_IDS.length),
  openNote: noteText,
  /** Empty canisters can be left here. */
  bin: z.boolean(),
  /** A box posted ahead waits here: it can hold anything the post takes. */
  box: z.strictObject({ postBy: isoDay.nullable(), note: noteText }).nullable(),
  /** What the walker has decided to buy here, whatever is lightest: cans by what they are sold as, or measures or tablets by count. */
  pinned: z
    .discriminatedUnion('kind', [
      z.strictObject({ kind: z.literal('cans'), counts: z.partialRecord(z.enum(CAN_PACKAGE_IDS), within(LIMITS.pinnedCans).int()) }),
      z.strictObject({ kind: z.literal('units'), count: within(LIMITS.pinnedUnits).int() }),
    ])
    .nullable()
    .default(null),
  /** There and back, off the trail. */
  detourKm: within(LIMITS.km),
  at: positionSchema.optional(),
});

/** The days between two stops. */
export const legSchema = z.strictObject({
  days: z.array(daySchema).min(LIMITS.dayCount.min).max(LIMITS.dayCount.max),
  /** A kit of the rack that is carried on this leg in place of the trip's own: posted ahead, sent home again. */
  kit: z.strictObject({ rackKitId: z.string().min(1).max(64), kit: kitSchema }).optional(),
  restriction: z.enum(RESTRICTIONS),
  /** Where the walker checked, and when. */
  restrictionNote: noteText,
});

export type Pin = NonNullable<Stop['pinned']>;
export type Stop = z.infer<typeof stopSchema>;
export type Sale = z.infer<typeof saleSchema>;
export type Leg = z.infer<typeof legSchema>;
export type Day = z.infer<typeof daySchema>;
export type Position = z.infer<typeof positionSchema>;
export type Restriction = Leg['restriction'];
