import * as z from 'zod';
import { BOTTLE_STEP_ML, BOTTLE_TARE_PER_STEP_G, CANISTER_SIZES, GEL_TIN, LIQUID_BOTTLES } from '../carry';
import { FUELS, type Fuel } from '../fuel';
import { nearest } from '../numeric';
import { blendSchema } from './kit-schema';
import { LIMITS, MOST } from './limits';
import { same } from './same';
import { isoDay, label, remark, within } from './schema-parts';

/**
 * The shelf: single containers as they stand in the cupboard, each with what was ever read off it. It belongs to the walker; a trip keeps a
 * copy of those that may come along, as they were when it was planned.
 */

export const SHELF_KINDS = ['canister', 'gelTin', 'bottle', 'liquidBottle', 'tablets'] as const;
export type ShelfKind = (typeof SHELF_KINDS)[number];
/** What each kind holds. */
export const FUEL_IN: Record<ShelfKind, Fuel['kind']> = {
  canister: 'gas',
  gelTin: 'gel',
  bottle: 'alcohol',
  liquidBottle: 'liquid',
  tablets: 'tablet',
};

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

/** Why a look cannot be so, with the figures it breaks on. */
export type LookProblem =
  | { code: 'lighterThanEmpty'; grossG: number; tareG: number }
  | { code: 'heavierThanFull'; grossG: number; fullG: number }
  | { code: 'beforeTheLast'; on: string; last: string }
  | { code: 'notForThis'; how: LookHow }
  | { code: 'noMark' }
  | { code: 'moreThanItHolds'; fuelG: number; netG: number };

/** Maker's fill and a kitchen scale may be off by so much of a full container, and an empty one by so much where only its size is known, g. */
const FILL_SLACK = 0.03;
const SCALE_SLACK_G = 3;
const USUAL_TARE_SLACK_G = 20;

/** What is wrong with one more look at a container; undefined where it may be so. (What disagrees with other looks is asked about instead.) */
export function lookProblem(item: Pick<ShelfItem, 'kind' | 'netG' | 'tareG' | 'looks'>, look: Look): LookProblem | undefined {
  const { kind, netG, looks } = item;
  if (!LOOKS_AT[kind].includes(look.how)) return { code: 'notForThis', how: look.how };
  const last = looks.at(-1);
  if (last && look.on < last.on) return { code: 'beforeTheLast', on: look.on, last: last.on };
  if (look.how === 'risen' && !looks.some((l) => l.how === 'marked')) return { code: 'noMark' };
  if (look.how === 'burnt' && look.minutes * look.gPerMin > netG)
    return { code: 'moreThanItHolds', fuelG: look.minutes * look.gPerMin, netG };
  if (look.how !== 'weighed') return undefined;
  const { grossG } = look;
  const slackG = item.tareG === null ? USUAL_TARE_SLACK_G : SCALE_SLACK_G;
  const tareG = item.tareG ?? emptyG(kind, netG);
  if (grossG < tareG - slackG) return { code: 'lighterThanEmpty', grossG, tareG };
  const fullG = tareG + netG;
  return grossG > fullG + FILL_SLACK * netG + slackG ? { code: 'heavierThanFull', grossG, fullG } : undefined;
}

/** The first look at a container that cannot be, as it is now; undefined where all may be so. */
export function badLook(item: Pick<ShelfItem, 'kind' | 'netG' | 'tareG' | 'looks'>): { look: number; problem: LookProblem } | undefined {
  for (const [look, one] of item.looks.entries()) {
    const problem = lookProblem({ ...item, looks: item.looks.slice(0, look) }, one);
    if (problem) return { look, problem };
  }
  return undefined;
}

/** An empty container whose own weight nobody knows, g (docs/physics.md, Packages). */
export function emptyG(kind: ShelfKind, netG: number): number {
  switch (kind) {
    case 'canister':
      return nearest(CANISTER_SIZES, (s) => s.netG, netG).tareG;
    case 'gelTin':
      return USUAL_EMPTY_G.gelTin;
    case 'bottle':
      return Math.ceil(netG / USUAL_EMPTY_G.bottleStepFuelG) * USUAL_EMPTY_G.bottleStep;
    case 'liquidBottle':
      return netG <= USUAL_EMPTY_G.smallPressureFuelG ? USUAL_EMPTY_G.smallPressure : USUAL_EMPTY_G.largePressure;
    case 'tablets':
      return 0;
  }
}
/** As PACKAGES has them, by what a full one holds in grams: 250 mL of alcohol, 300 mL of liquid fuel. */
const USUAL_EMPTY_G = {
  gelTin: GEL_TIN.tareG,
  bottleStep: BOTTLE_TARE_PER_STEP_G,
  bottleStepFuelG: 0.8 * BOTTLE_STEP_ML,
  smallPressure: LIQUID_BOTTLES[0].tareG,
  largePressure: LIQUID_BOTTLES[1].tareG,
  smallPressureFuelG: 0.82 * LIQUID_BOTTLES[0].sizeMl,
} as const;

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

/** Containers beside those that are there: one that is there already as it is stays, one whose id is taken gets a new one. */
export function besideShelf(here: readonly ShelfItem[], other: readonly ShelfItem[], newId: () => string): ShelfItem[] {
  const isThere = (item: ShelfItem): boolean => here.some((h) => same(h, item));
  const fresh = other.filter((item) => !isThere(item));
  return [...here, ...fresh.map((item) => (here.some((h) => h.id === item.id) ? { ...item, id: newId() } : item))];
}
