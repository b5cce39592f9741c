import * as z from 'zod';
import { kitSchema, label, LIMITS, menuSchema, windSchema, within } from '../../domain/model';

/**
 * One trip as version 1 stored it: a single leg whose days are ups and downs on common conditions. Read, never written.
 * Kit and meals are those of today, in which everything added since has a default.
 */
export const tripV1Schema = z.strictObject({
  id: z.string().min(1).max(64),
  name: label,
  leg: z.strictObject({
    from: label,
    to: label,
    dayCount: z.number().int().min(1).max(30),
    /** Days beyond the list are like the leg's own conditions, 18 km. */
    shape: z
      .array(
        z.strictObject({
          km: within(LIMITS.km),
          altitudeDeltaM: z.number().min(-3000).max(3000),
          airDeltaC: z.number().min(-20).max(20),
          windFactor: z.number().min(0).max(3),
        }),
      )
      .max(30),
  }),
  conditions: z.strictObject({
    supperAirC: within(LIMITS.airC),
    breakfastAirC: within(LIMITS.airC),
    altitudeM: within(LIMITS.altitudeM),
    waterC: within(LIMITS.waterC),
    wind: windSchema,
    gusty: z.boolean().default(false),
    snow: z.boolean().default(false),
    starterWater: z.boolean().default(true),
  }),
  kit: kitSchema,
  menu: menuSchema,
  reservePercent: within(LIMITS.reservePercent),
});
export type TripV1 = z.infer<typeof tripV1Schema>;
