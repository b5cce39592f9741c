import * as z from 'zod';
import { benchSchema, MOST, preferencesSchema, rackSchema, shelfItemSchema, shelvedTripSchema } from '../../domain/model';
import { ARCHIVE_FORMAT, ARCHIVE_VERSION } from './archive-format';
import { tripV1Schema } from './trip-v1';

/** The exported file: one trip, the rack, the shelf, the bench, or everything. */
export const archiveSchema = z
  .strictObject({
    format: z.literal(ARCHIVE_FORMAT),
    version: z.literal(ARCHIVE_VERSION),
    trips: z.array(shelvedTripSchema).max(MOST.trips),
    /** Pieces, kits and scores: in a backup of everything, or by themselves. */
    rack: rackSchema.optional(),
    /** Containers of the shelf by themselves, to be added to the one that is there. */
    shelf: z.array(shelfItemSchema).max(MOST.containers).optional(),
    /** Burn tests by themselves, to be added to those that are there. */
    bench: benchSchema.optional(),
    /** One trip for somebody else to look at: it is opened without being taken in, and nothing in it can be changed. */
    toLookAt: z.literal(true).optional(),
    /** Only in a backup of everything. */
    preferences: preferencesSchema.optional(),
  })
  .refine((a) => a.trips.length > 0 || a.rack || a.shelf || a.bench, {
    path: ['trips'],
    message: 'neither a trip nor a rack nor a shelf nor a bench is in it',
  })
  .refine((a) => !a.toLookAt || a.trips.length === 1, { path: ['trips'], message: 'a file to look at holds one trip' })
  .refine((a) => new Set(a.trips.map((t) => t.trip.id)).size === a.trips.length, { path: ['trips'], message: 'two trips share one id' });
export type Archive = z.infer<typeof archiveSchema>;

/** The file of version 1: one trip. Read, never written. */
export const archiveV1Schema = z.strictObject({ format: z.literal(ARCHIVE_FORMAT), version: z.literal(1), trip: tripV1Schema });

/** JSON Schema (draft 2020-12) of the archive, published in docs/formats. Rules that join two fields stand in prose there. */
export function archiveJsonSchema(): unknown {
  return z.toJSONSchema(archiveSchema, { io: 'input' });
}
