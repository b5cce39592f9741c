import * as z from 'zod';
import { WINDSCREENS } from '../../physics/burn';
import { BURNERS } from '../catalogue';
import { LIMITS } from './limits';
import { keysOf, label, noteText, within } from './schema-parts';

/** Jobs that a piece can do, in the order they are met while cooking. */
export const ROLES = [
  'burner',
  'adapter',
  'pump',
  'support',
  'canFoot',
  'windscreen',
  'pot',
  'lid',
  'grip',
  'pad',
  'cozy',
  'container',
  'measure',
  'snuffer',
  'ignition',
  'spoon',
  'cup',
  'scraper',
  'scrap',
  'opener',
  'bag',
  'repair',
] as const;
export type Role = (typeof ROLES)[number];

export const PIECE_MATERIALS = [
  'titanium',
  'aluminium',
  'stainless',
  'steel',
  'brass',
  'plastic',
  'silicone',
  'foam',
  'cloth',
  'wood',
  'other',
] as const;

export const IGNITIONS = ['lighter', 'piezo', 'match', 'stormMatch', 'spark', 'arc'] as const;
export type Ignition = (typeof IGNITIONS)[number];

/** Whether an ignition lights a burner: even damp, only when it is dry, or not at all. */
export const IGNITES = ['damp', 'dry', 'no'] as const;
export type Ignites = (typeof IGNITES)[number];

/** Steps of cooking at which a quirk of a piece is said. */
export const QUIRK_STEPS = ['packing', 'lighting', 'cooking', 'cleaning'] as const;

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

export const pieceSchema = z
  .strictObject({
    id: z.string().min(1).max(64),
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
    note: noteText.default(''),
    quirk: z
      .strictObject({ step: z.enum(QUIRK_STEPS), words: noteText })
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

/** What stands where nothing else is said of a piece. */
export const PLAIN_PIECE: Piece = pieceSchema.parse({ id: 'plain', name: 'plain', role: 'spoon', massG: 1 });
