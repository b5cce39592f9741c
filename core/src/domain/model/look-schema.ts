import * as z from 'zod';
import { LIMITS } from './limits';
import { isoDay, label, within } from './schema-parts';

export const SHELF_KINDS = ['canister', 'gelTin', 'bottle', 'liquidBottle', 'tablets'] as const;
export type ShelfKind = (typeof SHELF_KINDS)[number];

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

/** Ways of looking at each kind of container. */
export const LOOKS_AT: Record<ShelfKind, readonly LookHow[]> = {
  canister: ['weighed', 'floated', 'marked', 'risen', 'balanced', 'burnt', 'walked', 'joined'],
  gelTin: ['weighed', 'balanced', 'burnt', 'walked'],
  bottle: ['weighed', 'measured', 'balanced', 'burnt', 'walked'],
  liquidBottle: ['weighed', 'measured', 'balanced', 'burnt', 'walked'],
  tablets: ['counted', 'weighed', 'burnt', 'walked'],
};
