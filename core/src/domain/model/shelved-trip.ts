import * as z from 'zod';
import { tripSchema } from './trip-schema';

/** A trip in the library; an archived one is kept out of sight. */
export const shelvedTripSchema = z.strictObject({ trip: tripSchema, archived: z.boolean() });
export type ShelvedTrip = z.infer<typeof shelvedTripSchema>;
