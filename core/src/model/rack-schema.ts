import * as z from 'zod';
import { WINDSCREENS } from '../burn';
import { BURNERS, type BurnerFamily } from '../catalogue';
import { benchSchema } from './bench-schema';
import { kitSettingsSchema } from './kit-schema';
import { LIMITS, MOST } from './limits';
import { CRITERIA, IGNITES, IGNITIONS, MOST_COMPARED, PIECE_MATERIALS, QUIRK_STEPS, ROLES, USUAL_WEIGHTS, type Role } from './rack-choices';
import { shelfItemSchema } from './shelf-schema';
import { isoDay, keysOf, label, remark, within } from './schema-parts';

/**
 * The rack: everything a walker weighs, builds kits of and scores, and the shelf of fuel above it. It belongs to the walker, not to one trip; a trip keeps the one kit
 * it is planned with.
 */

const size = within(LIMITS.sizeMm);
/** What a piece takes up, outside measures in mm; a vessel has room inside as well. */
export const shapeSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('cylinder'), diameterMm: size, heightMm: size }),
  z.strictObject({ kind: z.literal('vessel'), diameterMm: size, heightMm: size, innerDiameterMm: size, innerHeightMm: size }),
  z.strictObject({ kind: z.literal('box'), lengthMm: size, widthMm: size, heightMm: size }),
  /** Bends: it goes into a pot rolled along its wall. */
  z.strictObject({ kind: z.literal('sheet'), lengthMm: size, heightMm: size, thicknessMm: within(LIMITS.thicknessMm) }),
  /** Takes any form. */
  z.strictObject({ kind: z.literal('soft'), volumeMl: within(LIMITS.holdsMl) }),
]);
export type Shape = z.infer<typeof shapeSchema>;

const id = z.string().min(1).max(64);

export const pieceSchema = z
  .strictObject({
    id,
    name: label,
    role: z.enum(ROLES),
    /** Jobs it does besides; it is weighed once. */
    alsoRoles: z.array(z.enum(ROLES)).max(6).default([]),
    /** As the label or the catalogue has it. */
    massG: within(LIMITS.massG),
    /** As the walker's own scale has it; it goes before the label. */
    ownMassG: within(LIMITS.massG).nullable().default(null),
    shape: shapeSchema.default({ kind: 'soft', volumeMl: 20 }),
    /** Nobody has measured it: its measures are those of a usual piece of its kind. */
    shapeAssumed: z.boolean().default(false),
    material: z.enum(PIECE_MATERIALS).default('other'),
    price: within(LIMITS.price).nullable().default(null),
    have: z.enum(['own', 'loan', 'wish']).default('own'),
    note: remark.default(''),
    quirk: z
      .strictObject({ step: z.enum(QUIRK_STEPS), words: remark })
      .nullable()
      .default(null),
    /** Trips it is good for, and those it has seen. */
    life: z
      .strictObject({ trips: within(LIMITS.lifeTrips), used: z.number().min(0).max(LIMITS.lifeTrips.max) })
      .nullable()
      .default(null),
    /** How a burner burns: one of the generic ones. */
    burnerId: z.enum(BURNERS.map((b) => b.id) as [string, ...string[]]).optional(),
    /** Base of a pot. */
    base: z.enum(['bare', 'finned']).optional(),
    /** A coating that metal would scratch. */
    coated: z.boolean().default(false),
    windscreen: z.enum(keysOf(WINDSCREENS)).optional(),
    ignition: z.enum(IGNITIONS).optional(),
    /** What a container, measure or cup holds. */
    holdsMl: within(LIMITS.holdsMl).optional(),
    /** Across the arms of a burner or stand that carries a pot. */
    spanMm: size.optional(),
  })
  .superRefine((p, ctx) => {
    const needs = (role: Role, key: 'burnerId' | 'windscreen' | 'ignition', words: string) => {
      if (p.role === role && !p[key]) ctx.addIssue({ code: 'custom', path: [key], message: `${words} ("${p.name}")` });
    };
    needs('burner', 'burnerId', 'a burner needs the kind it burns like');
    needs('windscreen', 'windscreen', 'a windscreen needs its kind');
    needs('ignition', 'ignition', 'an ignition needs its kind');
    if (p.role === 'pot' && p.shape.kind !== 'vessel')
      ctx.addIssue({ code: 'custom', path: ['shape'], message: `a pot needs outer and inner measures ("${p.name}")` });
    const { shape } = p;
    if (shape.kind === 'vessel' && (shape.innerDiameterMm > shape.diameterMm || shape.innerHeightMm > shape.heightMm))
      ctx.addIssue({ code: 'custom', path: ['shape'], message: `larger inside than outside ("${p.name}")` });
  });
export type Piece = z.infer<typeof pieceSchema>;

export const rackKitSchema = z.strictObject({
  id,
  name: label,
  /** Pieces in the order of their importance: the first ignition is the one used, the others are spares. */
  pieceIds: z.array(id).max(MOST.kitPieces),
  /** Pieces of it that shall not go into the pot. */
  outside: z.array(id).max(MOST.kitPieces).default([]),
  settings: kitSettingsSchema,
  /** Why it stays, whatever the score says. */
  keepBecause: remark.default(''),
});
export type RackKit = z.infer<typeof rackKitSchema>;

const weight = within(LIMITS.weight);
const points = within(LIMITS.points);
export const scoreSchema = z.strictObject({
  weights: z.record(z.enum(CRITERIA), weight).default(USUAL_WEIGHTS),
  /** The walker's own points out of five, by kit; they go before what is measured. */
  judged: z.record(id, z.partialRecord(z.enum(CRITERIA), points)).default({}),
  inPoints: z.boolean().default(false),
  /** Kits set side by side, the first is the one compared with. */
  compared: z.array(id).max(MOST_COMPARED).default([]),
});
export type Score = z.infer<typeof scoreSchema>;

const diaryEntrySchema = z.strictObject({ id, date: isoDay, kitName: label, words: remark });

const family = z.enum(keysOf<BurnerFamily>(Object.fromEntries(BURNERS.map((b) => [b.family, 0])) as Record<BurnerFamily, 0>));
export const rackSchema = z
  .strictObject({
    pieces: z.array(pieceSchema).max(MOST.pieces),
    kits: z.array(rackKitSchema).max(MOST.kits),
    score: scoreSchema.prefault({}),
    /** Cans, bottles and tablets in the cupboard. */
    shelf: z.array(shelfItemSchema).max(MOST.containers).default([]),
    /** Burn tests, and what they were burnt for. */
    bench: benchSchema.prefault({}),
    diary: z.array(diaryEntrySchema).max(MOST.diary).default([]),
    /** Where the walker knows better which ignition lights which burner. */
    ignites: z.partialRecord(family, z.partialRecord(z.enum(IGNITIONS), z.enum(IGNITES))).default({}),
    /** Hides the catalogue and what is only wished for, everywhere. */
    onlyOwned: z.boolean().default(false),
    /** Over how many trips a piece's price is spread where it has no life of its own. */
    spreadTrips: within(LIMITS.lifeTrips).default(10),
  })
  .superRefine((rack, ctx) => {
    const taken = new Set<string>();
    rack.pieces.forEach((p, i) => {
      if (taken.has(p.id)) ctx.addIssue({ code: 'custom', path: ['pieces', i, 'id'], message: `two pieces share the id "${p.id}"` });
      taken.add(p.id);
    });
    rack.kits.forEach((kit, i) => {
      const lost = kit.pieceIds.find((p) => !taken.has(p));
      if (lost !== undefined)
        ctx.addIssue({ code: 'custom', path: ['kits', i, 'pieceIds'], message: `"${kit.name}" holds "${lost}", which is not on the rack` });
    });
    if (new Set(rack.shelf.map((c) => c.id)).size !== rack.shelf.length)
      ctx.addIssue({ code: 'custom', path: ['shelf'], message: 'two containers share one id' });
    if (new Set(rack.kits.map((k) => k.id)).size !== rack.kits.length)
      ctx.addIssue({ code: 'custom', path: ['kits'], message: 'two kits share one id' });
  });
export type Rack = z.infer<typeof rackSchema>;
