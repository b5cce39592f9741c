import * as z from 'zod';
import { FUELS } from '../fuel';
import { blendSchema } from './calibration-schema';
import { LIMITS, MOST } from './limits';
import { badLook } from './looks';
import { isoDay, label, remark, within } from './schema-parts';
import { FUEL_IN, SHELF_KINDS } from './shelf-choices';

/**
 * The shelf: single containers as they stand in the cupboard, each with what was ever read off it. It belongs to the walker; a trip keeps a
 * copy of those that may come along, as they were when it was planned.
 */

/** The container was also used since the look before without anything being logged: then only what was read now counts. */
const used = z.boolean().default(false);
const lookFields = { on: isoDay };
const arm = within(LIMITS.armMm);
const waterLine = within(LIMITS.waterLineMm);

/** One look at a container: a reading of its weight, of what is gone from it, or of what is in it. */
export const lookSchema = z.discriminatedUnion('how', [
  /** On a scale, as it stands; `scaleSdG` is how well that scale tells. */
  z.strictObject({
    how: z.literal('weighed'),
    ...lookFields,
    grossG: within(LIMITS.grossG),
    scaleSdG: within(LIMITS.scaleSdG).default(1),
    /** Read from the simulated scale. */
    simulated: z.boolean().default(false),
    used,
  }),
  /** In water, without a mark: how deep its low and its high side stand. */
  z.strictObject({ how: z.literal('floated'), ...lookFields, lowMm: waterLine, highMm: waterLine, used }),
  /** The water line was marked, at what was known then. */
  z.strictObject({ how: z.literal('marked'), ...lookFields }),
  /** The can stands so much higher than at its mark. */
  z.strictObject({ how: z.literal('risen'), ...lookFields, risenMm: waterLine, used }),
  /** On a pole over a cord, against a bottle of known water. */
  z.strictObject({
    how: z.literal('balanced'),
    ...lookFields,
    waterG: within(LIMITS.grossG),
    canArmMm: arm,
    waterArmMm: arm,
    used,
  }),
  /** Minutes of flame at so many grams a minute, the can about so cold. */
  z.strictObject({
    how: z.literal('burnt'),
    ...lookFields,
    minutes: within(LIMITS.burntMin),
    gPerMin: within(LIMITS.gPerMin),
    canC: within(LIMITS.airC),
  }),
  /** What a trip took, as it was planned. */
  z.strictObject({ how: z.literal('walked'), ...lookFields, fuelG: within(LIMITS.grossG), canC: within(LIMITS.airC), trip: label }),
  /** Liquid poured over from another can (or, below nothing, into one), as it was reckoned. */
  z.strictObject({
    how: z.literal('joined'),
    ...lookFields,
    fuelG: z.number().min(-LIMITS.grossG.max).max(LIMITS.grossG.max),
    with: label,
  }),
  /** Tablets, by number. */
  z.strictObject({ how: z.literal('counted'), ...lookFields, count: within(LIMITS.tabletCount), used }),
  /** Poured into a measure and back. */
  z.strictObject({ how: z.literal('measured'), ...lookFields, fuelMl: within(LIMITS.fuelMl), used }),
]);
export type Look = z.infer<typeof lookSchema>;
export type LookHow = Look['how'];

export const shelfItemSchema = z
  .strictObject({
    id: z.string().min(1).max(64),
    name: label,
    kind: z.enum(SHELF_KINDS),
    fuelId: z.enum(FUELS.map((f) => f.id) as [string, ...string[]]),
    /** A blend of its own, where its label says another than the fuel has. */
    ownBlend: blendSchema.optional(),
    /** What it held when new, g: a can, a tin, a box of tablets, a bottle filled to its limit. */
    netG: within(LIMITS.netG),
    /** Empty, as printed or weighed, g; null where nobody knows. */
    tareG: within(LIMITS.grossG).nullable().default(null),
    /** Across a can, and its height, mm. */
    diameterMm: within(LIMITS.sizeMm).optional(),
    heightMm: within(LIMITS.sizeMm).optional(),
    price: within(LIMITS.price).nullable().default(null),
    boughtAt: remark.default(''),
    /** Null for one that was never opened. */
    openedOn: isoDay.nullable().default(null),
    /** What it was used for. */
    story: remark.default(''),
    looks: z.array(lookSchema).max(MOST.looks).default([]),
  })
  .superRefine((item, ctx) => {
    const fuel = FUELS.find((f) => f.id === item.fuelId);
    if (fuel?.kind !== FUEL_IN[item.kind])
      ctx.addIssue({ code: 'custom', path: ['fuelId'], message: `such a container does not hold "${item.fuelId}" ("${item.name}")` });
    const bad = badLook(item);
    if (bad) ctx.addIssue({ code: 'custom', path: ['looks', bad.look], message: `${bad.problem.code} ("${item.name}")` });
  });
export type ShelfItem = z.infer<typeof shelfItemSchema>;

/** Where a container of the shelf shall be on a trip: wherever is best, left at home, or packed at one stop whatever is lighter. */
const placeSchema = z.union([z.literal('best'), z.literal('home'), z.strictObject({ stopId: z.string().min(1).max(64) })]);
export type Place = z.infer<typeof placeSchema>;

/** A container of the shelf as a trip knows it: a copy of how it stood when it was last looked at. */
export const ownContainerSchema = z
  .strictObject({
    id: z.string().min(1).max(64),
    name: label,
    kind: z.enum(SHELF_KINDS),
    fuelId: z.enum(FUELS.map((f) => f.id) as [string, ...string[]]),
    netG: within(LIMITS.netG),
    tareG: within(LIMITS.grossG),
    fuelG: within(LIMITS.grossG),
    sdG: within(LIMITS.grossG),
    /** The liquid in a can, by mass. */
    blend: blendSchema.optional(),
    place: placeSchema,
  })
  .refine((c) => c.kind !== 'canister' || c.blend !== undefined, { path: ['blend'], message: 'a can needs its blend' });
export type OwnContainer = z.infer<typeof ownContainerSchema>;
