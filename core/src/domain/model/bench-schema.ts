import * as z from 'zod';
import { kitSchema } from './kit-schema';
import { LIMITS, MOST } from './limits';
import { isoDay, label, noteText, within } from './schema-parts';
import { windSchema } from './wind-schema';

/**
 * The bench: burns with a scale and a watch, the questions they were burnt for, and pots left to cool. They belong to the walker; what they
 * make of a burner goes into the kits that use it.
 */

/** How a burn ended: at its target, or not. */
export const TEST_ENDS = ['reached', 'stalled', 'wentOut', 'notLit'] as const;
export type TestEnd = (typeof TEST_ENDS)[number];

/** The two setups of a question. */
export const ARMS = ['a', 'b'] as const;
export type Arm = (typeof ARMS)[number];

/** What a pot wears while it cools. */
export const DRESSES = ['open', 'lid', 'sleeve', 'cozy'] as const;

export const scaleSchema = z.strictObject({
  /** Its last digit, g. */
  resolutionG: within(LIMITS.scaleResolutionG),
  /** Standard deviation of the walker's own re-weighings of one thing, g; null where nobody has tried. */
  ownSdG: within(LIMITS.scaleSdG).nullable().default(null),
});

/** Everything that is decided before a burn is lit. */
export const testSetupSchema = z.strictObject({
  kitName: label,
  /** The kit as it is burnt, flame, lid, sleeve and windscreen included. */
  kit: kitSchema,
  waterMl: within(LIMITS.waterMl),
  waterC: within(LIMITS.waterC),
  /** Begun with snow of the air's temperature in place of water. */
  snow: z.boolean().default(false),
  target: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('boil') }),
    z.strictObject({ kind: z.literal('stopAt'), targetC: within(LIMITS.targetC) }),
  ]),
  airC: within(LIMITS.airC),
  altitudeM: within(LIMITS.altitudeM),
  wind: windSchema,
  indoors: z.boolean().default(false),
  /** The can as it is lit; ignored by burners without one. */
  can: z.strictObject({ netG: within(LIMITS.netG), fuelLeftG: within(LIMITS.netG), canC: within(LIMITS.airC) }),
  scale: scaleSchema,
  /** Dew or frost on the can while it is weighed. */
  isWet: z.boolean().default(false),
  /** A rolling boil by eye, or a thermometer at the target. */
  endPoint: z.enum(['eye', 'thermometer']),
  /** A probe through the lid, or held in the open pot. */
  probeIn: z.boolean().default(false),
  /** The pot was still warm from the burn before. */
  warmPot: z.boolean().default(false),
  /** The wind is made by a fan. */
  fan: z.boolean().default(false),
});
export type TestSetup = z.infer<typeof testSetupSchema>;

const id = z.string().min(1).max(64);
const gardenSeed = z.int().min(0).max(0xffffffff).nullable().default(null);

/** Fuel of a burn: two weighings, a dose of which some may be left, or what was written down elsewhere. */
export const fuelReadSchema = z.discriminatedUnion('how', [
  z.strictObject({ how: z.literal('weighed'), beforeG: within(LIMITS.grossG), afterG: within(LIMITS.grossG) }),
  z.strictObject({ how: z.literal('dosed'), doseMl: within(LIMITS.fuelMl), leftMl: within(LIMITS.fuelMl).default(0) }),
  z.strictObject({ how: z.literal('told'), burntG: within(LIMITS.burntG) }),
]);

/** A reading of a temperature, s since the first one. */
export const curvePointSchema = z.strictObject({ s: within(LIMITS.curveS), c: within(LIMITS.curveC) });
const curve = z.array(curvePointSchema).max(MOST.curvePoints);

export const benchTestSchema = z
  .strictObject({
    id,
    /** Tests of one day share what is not known of it. */
    on: isoDay,
    setup: testSetupSchema,
    /** The question it was burnt for, and which side of it. */
    seriesId: id.nullable().default(null),
    arm: z.enum(ARMS).nullable().default(null),
    end: z.enum(TEST_ENDS).default('reached'),
    tries: z.int().min(1).max(50).default(1),
    sputtered: z.boolean().default(false),
    boiledOver: z.boolean().default(false),
    fuel: fuelReadSchema,
    /** Lit to the target, or to where it was given up. */
    seconds: within(LIMITS.testS),
    curve: curve.default([]),
    /** Seed of the simulated garden it was burnt in; null for a real burn. */
    garden: gardenSeed,
    /** Left out of every fit and comparison, because the walker said so. */
    setAside: z.boolean().default(false),
    note: noteText.default(''),
  })
  .superRefine((t, ctx) => {
    const spent = t.fuel.how === 'weighed' ? t.fuel.beforeG - t.fuel.afterG : t.fuel.how === 'dosed' ? t.fuel.doseMl - t.fuel.leftMl : 1;
    if (spent < 0) ctx.addIssue({ code: 'custom', path: ['fuel'], message: 'more is left than there was before' });
    if (t.end === 'reached' && spent === 0)
      ctx.addIssue({ code: 'custom', path: ['fuel'], message: 'a burn that reached its target used fuel' });
    if ((t.arm === null) !== (t.seriesId === null))
      ctx.addIssue({ code: 'custom', path: ['arm'], message: 'a side of a question belongs to a question' });
  });
export type BenchTest = z.infer<typeof benchTestSchema>;

/** A question: two setups burnt in turn, with what was expected of them and what came out. */
export const seriesSchema = z.strictObject({
  id,
  on: isoDay,
  question: label,
  /** What the two differ in, where it is one of the usual things. */
  contrastId: z.string().min(1).max(40).nullable().default(null),
  a: testSetupSchema,
  b: testSetupSchema,
  nameA: label,
  nameB: label,
  pairs: z.int().min(1).max(MOST.pairs),
  expected: noteText.default(''),
  concluded: noteText.default(''),
  garden: gardenSeed,
});
export type TestSeries = z.infer<typeof seriesSchema>;

export const coolingSchema = z.strictObject({
  id,
  on: isoDay,
  name: label,
  pot: kitSchema.shape.pot,
  dress: z.enum(DRESSES),
  waterMl: within(LIMITS.waterMl),
  airC: within(LIMITS.airC),
  windMps: within(LIMITS.flameMps),
  curve: curve.min(3),
});
export type CoolingTest = z.infer<typeof coolingSchema>;

/** A saying of the walker's own: one change, what it does to fuel or time, and by how much at least. */
export const ownClaimSchema = z.strictObject({
  id,
  words: label,
  changeId: z.string().min(1).max(40),
  of: z.enum(['fuel', 'seconds']),
  /** The first of the two uses so much less at least, as a share of the second. */
  by: z.number().min(0).max(0.95),
});
export type OwnClaim = z.infer<typeof ownClaimSchema>;

export const benchSchema = z
  .strictObject({
    tests: z.array(benchTestSchema).max(MOST.tests).default([]),
    series: z.array(seriesSchema).max(MOST.series).default([]),
    coolings: z.array(coolingSchema).max(MOST.coolings).default([]),
    claims: z.array(ownClaimSchema).max(MOST.claims).default([]),
  })
  .superRefine((bench, ctx) => {
    for (const part of ['tests', 'series', 'coolings', 'claims'] as const)
      if (new Set(bench[part].map((x) => x.id)).size !== bench[part].length)
        ctx.addIssue({ code: 'custom', path: [part], message: 'two of them share one id' });
    const asked = new Set(bench.series.map((s) => s.id));
    bench.tests.forEach((t, i) => {
      if (t.seriesId !== null && !asked.has(t.seriesId))
        ctx.addIssue({ code: 'custom', path: ['tests', i, 'seriesId'], message: `there is no question "${t.seriesId}"` });
    });
  });
export type Bench = z.infer<typeof benchSchema>;
