import * as z from 'zod';
import { LIMITS } from './limits';
import { within } from './schema-parts';

/** What burn tests can tell of a burner under a pot: factors on the catalogue's values, in this order. */
export const CALIBRATED = ['head', 'flux', 'wind', 'power'] as const;
export type Calibrated = (typeof CALIBRATED)[number];

const share = z.number().min(0).max(1);
export const blendSchema = z
  .strictObject({ propane: share, isobutane: share, nButane: share })
  .refine((b) => Math.abs(b.propane + b.isobutane + b.nButane - 1) < 0.001, 'the three shares must add up to 1');

const factor = within(LIMITS.calibratedFactor);
const covarianceRow = z.array(z.number().min(-25).max(25)).length(CALIBRATED.length);
export const calibrationSchema = z.strictObject({
  /** What was burnt: it holds for this burner under this pot and for no other. */
  of: z.strictObject({
    burnerId: z.string().min(1).max(64),
    potDiameterMm: within(LIMITS.diameterMm),
    potBase: z.enum(['bare', 'finned']),
  }),
  factors: z.strictObject({ head: factor, flux: factor, wind: factor, power: factor }),
  /** Of their natural logarithms, in the order of CALIBRATED. */
  covariance: z.array(covarianceRow).length(CALIBRATED.length),
  /** Burns that it was worked out from. */
  burns: z.int().min(1).max(10_000),
  /** Out of a simulated garden: no real burner. */
  simulated: z.boolean().default(false),
});
export type Calibration = z.infer<typeof calibrationSchema>;
