import * as z from 'zod';
import { BURNERS, type BurnerFamily } from '../catalogue';
import { benchSchema } from './bench-schema';
import { kitSettingsSchema } from './kit-schema';
import { LIMITS, MOST } from './limits';
import { IGNITES, IGNITIONS, pieceSchema } from './piece-schema';
import { shelfItemSchema } from './shelf-schema';
import { isoDay, keysOf, label, noteText, within } from './schema-parts';

/**
 * The rack: everything a walker weighs, builds kits of and scores, and the shelf of fuel above it. It belongs to the walker, not to one trip; a trip keeps the one kit
 * it is planned with.
 */

const id = z.string().min(1).max(64);

export const CRITERIA = [
  'hotMeals',
  'carriedG',
  'fuelG',
  'minutes',
  'priceToBuy',
  'pricePerTrip',
  'packedMl',
  'simmer',
  'wind',
  'cold',
  'toBeHad',
  'fuss',
  'safety',
] as const;
export type Criterion = (typeof CRITERIA)[number];

/** Most kits that can be set side by side. */
export const MOST_COMPARED = 6;

/** Nobody's taste: what is carried counts most, what only some walkers mind starts low. The walker drags them. */
export const USUAL_WEIGHTS: Record<Criterion, number> = {
  hotMeals: 60,
  carriedG: 60,
  fuelG: 10,
  minutes: 20,
  priceToBuy: 10,
  pricePerTrip: 10,
  packedMl: 10,
  simmer: 10,
  wind: 30,
  cold: 30,
  toBeHad: 40,
  fuss: 20,
  safety: 30,
};

export const rackKitSchema = z.strictObject({
  id,
  name: label,
  /** Pieces in the order of their importance: the first ignition is the one used, the others are spares. */
  pieceIds: z.array(id).max(MOST.kitPieces),
  /** Pieces of it that shall not go into the pot. */
  outside: z.array(id).max(MOST.kitPieces).default([]),
  settings: kitSettingsSchema,
  /** Why it stays, whatever the score says. */
  keepBecause: noteText.default(''),
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

const diaryEntrySchema = z.strictObject({ id, date: isoDay, kitName: label, words: noteText });

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

/** A rack with nothing on it. */
export const PLAIN_RACK: Rack = rackSchema.parse({ pieces: [], kits: [] });
