import * as z from 'zod';
import { FUELS, type Fuel } from '../../physics/fuel';
import { blendSchema } from './calibration-schema';
import { LIMITS, MOST } from './limits';
import { lookSchema, SHELF_KINDS, type ShelfKind } from './look-schema';
import { badLook } from './looks';
import { isoDay, label, noteText, within } from './schema-parts';

/**
 * The shelf: single containers as they stand in the cupboard, each with what was ever read off it. It belongs to the walker; a trip keeps a
 * copy of those that may come along, as they were when it was planned.
 */

/** What each kind holds. */
export const FUEL_IN: Record<ShelfKind, Fuel['kind']> = {
  canister: 'gas',
  gelTin: 'gel',
  bottle: 'alcohol',
  liquidBottle: 'liquid',
  tablets: 'tablet',
};

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
    boughtAt: noteText.default(''),
    /** Null for one that was never opened. */
    openedOn: isoDay.nullable().default(null),
    /** What it was used for. */
    story: noteText.default(''),
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
