import * as z from 'zod';
import { SITE_FACTOR, WIND_WORDS_MPS } from '../../physics/burn';
import { LIMITS } from './limits';
import { keysOf, within } from './schema-parts';

export const windSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('words'), word: z.enum(keysOf(WIND_WORDS_MPS)) }),
  z.strictObject({ kind: z.literal('forecast'), tenMetreMps: within(LIMITS.tenMetreMps), site: z.enum(keysOf(SITE_FACTOR)) }),
  /** Measured, or carried over, at an unscreened flame. */
  z.strictObject({ kind: z.literal('flame'), mps: within(LIMITS.flameMps) }),
]);
