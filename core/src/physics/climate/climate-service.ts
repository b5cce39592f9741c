import * as z from 'zod';

/** What `/api/climate` is asked: one entry a day, in order. */
export const climateQuerySchema = z.strictObject({
  latitudeDeg: z.number().min(-90).max(90),
  days: z.array(z.strictObject({ altitudeM: z.number().min(-500).max(9000), dayOfYear: z.number().int().min(1).max(366) })).max(400),
});
export type ClimateQuery = z.infer<typeof climateQuerySchema>;

/** What it answers: invented values, labelled so, one entry a day. */
export const climateAnswerSchema = z.array(
  z.strictObject({
    simulated: z.literal(true),
    supperAirC: z.number(),
    breakfastAirC: z.number(),
    waterC: z.number(),
    tenMetreMps: z.number(),
    spreadC: z.number(),
  }),
);
