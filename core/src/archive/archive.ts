import * as z from 'zod';
import { UNITS, type Quantity } from '../units/units';
import { tripSchema } from './trip-schema';

/** The exported file, version 1. */
export const ARCHIVE_FORMAT = 'restless-tinder';
export const ARCHIVE_VERSION = 1;
/** Larger files are refused before they are parsed. */
export const LARGEST_ARCHIVE_BYTES = 5_000_000;

const unitChoice = (q: Quantity) => z.enum(UNITS[q].map((u) => u.symbol) as [string, ...string[]]);

export const preferencesSchema = z.strictObject({
  theme: z.enum(['day', 'headlamp']),
  units: z.strictObject({
    mass: unitChoice('mass'),
    volume: unitChoice('volume'),
    temperature: unitChoice('temperature'),
    length: unitChoice('length'),
    altitude: unitChoice('altitude'),
    distance: unitChoice('distance'),
    speed: unitChoice('speed'),
    percent: unitChoice('percent'),
    days: unitChoice('days'),
    strength: unitChoice('strength').default('%'),
    minutes: unitChoice('minutes').default('min'),
  }),
});
export type Preferences = z.infer<typeof preferencesSchema>;

export const archiveSchema = z.strictObject({
  format: z.literal(ARCHIVE_FORMAT),
  version: z.literal(ARCHIVE_VERSION),
  trip: tripSchema,
});
export type Archive = z.infer<typeof archiveSchema>;

/** JSON Schema (draft 2020-12) of the archive, published in docs/formats. Rules that join two fields stand in prose there. */
export function archiveJsonSchema(): unknown {
  return z.toJSONSchema(archiveSchema, { io: 'input' });
}
