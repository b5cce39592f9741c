import * as z from 'zod';
import { WEIGHT_MEASURES } from '../carry';
import { kitSchema } from './kit-schema';
import { LIMITS, MOST } from './limits';
import { dishSchema, menuSchema, rotationSchema } from './meal-schema';
import { isoDay, label, within } from './schema-parts';
import { legSchema, stopSchema } from './trail-schema';
import { ownContainerSchema } from './shelf-schema';
import { ANNOYANCES, detourSchema, walkSchema } from './walk-schema';

/** What might come otherwise, kept beside the plan. */
export const whatIfSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('colder'), byK: within(LIMITS.colderK) }),
  z.strictObject({ kind: z.literal('windier') }),
  z.strictObject({ kind: z.literal('slower') }),
  z.strictObject({ kind: z.literal('closed'), stopId: z.string().min(1).max(64) }),
]);
export type WhatIf = z.infer<typeof whatIfSchema>;

/** What is looked at until the walker asks for something else (docs/physics.md, Spreads: colder, windier, slower). */
export const USUAL_WHAT_IFS: WhatIf[] = [{ kind: 'colder', byK: 8 }, { kind: 'windier' }, { kind: 'slower' }];

/** Small comforts that fuel which is over may go into, dearest wish first. */
export const COMFORTS = ['drink', 'boil', 'wash'] as const;
export type Comfort = (typeof COMFORTS)[number];

/** Measures for what is cut; the pot is the trip's own (common practice where nothing else is said). */
export const cutSchema = z.strictObject({
  /** Between pot and windscreen, and between flame and pot, mm. */
  gapMm: within(LIMITS.cutMm).default(6),
  potGapMm: within(LIMITS.cutMm).default(45),
  burnerHeightMm: within(LIMITS.cutMm).default(40),
  /** How much wider a cone is at its foot than at its rim, mm. */
  flareMm: within(LIMITS.cutMm).default(30),
  foamMm: within(LIMITS.cutMm).default(6),
  /** The bottle that doses are read off, inside. */
  vessel: z
    .strictObject({
      footMm: within(LIMITS.cutMm).default(45),
      topMm: within(LIMITS.cutMm).default(45),
      heightMm: within(LIMITS.cutMm).default(120),
    })
    .prefault({}),
});
export type CutMeasures = z.infer<typeof cutSchema>;
export const USUAL_CUT: CutMeasures = cutSchema.parse({});

/**
 * One trip as stored and exported, version 3: stops and the legs between them (trail-schema), day by day, one kit, a day's menu.
 * Everything computed is left out; everything a day is like stands in the day itself.
 */
export const tripSchema = z
  .strictObject({
    id: z.string().min(1).max(64),
    name: label,
    startDate: isoDay,
    latitudeDeg: within(LIMITS.latitudeDeg),
    stops: z.array(stopSchema).min(LIMITS.stops.min).max(LIMITS.stops.max),
    legs: z.array(legSchema).min(1),
    /** Height along the trail, from a track; empty where none was read. */
    profile: z.array(z.strictObject({ km: z.number().min(0).max(20_000), altitudeM: within(LIMITS.heightM) })).max(MOST.profilePoints),
    kit: kitSchema,
    /** The kit of the rack that it was taken from, where there is one. */
    rackKitId: z.string().min(1).max(64).optional(),
    menu: menuSchema,
    /** Dishes kept for this trip. */
    dishes: z.array(dishSchema).max(MOST.dishes).default([]),
    /** Dishes that take turns, day after day, by part of the day. */
    rotation: rotationSchema.default({}),
    /** Supper, drink and wash-up water are heated in one lighting. */
    oneLighting: z.boolean().default(true),
    /** Factor on food and its water. */
    appetite: within(LIMITS.appetite).default(1),
    reservePercent: within(LIMITS.reservePercent),
    /** Which weight the load-outs are the least of, and what a unit of money is worth in its grams. */
    loadOut: z
      .strictObject({
        measure: z.enum(WEIGHT_MEASURES).default('gramDays'),
        gramsPerPrice: within(LIMITS.gramsPerPrice).default(0),
        /** Alcohol is split so that any one bottle may leak and the rest still lasts. */
        leakProof: z.boolean().default(false),
        /** The chance of running out on a carry that the walker would live with. */
        riskLimitPercent: within(LIMITS.riskLimitPercent).default(2),
      })
      .prefault({}),
    comforts: z
      .array(z.enum(COMFORTS))
      .max(COMFORTS.length)
      .default([...COMFORTS]),
    /** What of the walker's shelf may come along. */
    own: z.array(ownContainerSchema).max(MOST.containers).default([]),
    /** Ticked off while packing, by the id of the line. */
    packed: z.array(z.string().min(1).max(200)).max(MOST.ticks).default([]),
    /** What is cut for pot and bottle. */
    cut: cutSchema.prefault({}),
    /** One mark of the walker's cup, mL; null where water is read in the usual units. */
    cupMarkMl: within(LIMITS.cupMarkMl).nullable().default(null),
    /** What the walker would bear to make fuel last, mildest first; what is not in it is not asked for. */
    annoyances: z
      .array(z.enum(ANNOYANCES))
      .max(ANNOYANCES.length)
      .refine((list) => new Set(list).size === list.length, { message: 'one annoyance stands in it twice' })
      .default([...ANNOYANCES]),
    detour: detourSchema.nullable().default(null),
    /** Absent until the trip is walked. */
    walk: walkSchema.optional(),
    whatIfs: z.array(whatIfSchema).max(MOST.whatIfs).default(USUAL_WHAT_IFS),
  })
  .superRefine((trip, ctx) => {
    if (trip.legs.length !== trip.stops.length - 1)
      ctx.addIssue({
        code: 'custom',
        path: ['legs'],
        message: `${trip.stops.length} stops have ${trip.stops.length - 1} legs between them, not ${trip.legs.length}`,
      });
    const days = trip.legs.reduce((n, l) => n + l.days.length, 0);
    if (days > LIMITS.tripDays.max)
      ctx.addIssue({ code: 'custom', path: ['legs'], message: `${days} days; a trip has at most ${LIMITS.tripDays.max}` });
    if (new Set(trip.own.map((c) => c.id)).size !== trip.own.length)
      ctx.addIssue({ code: 'custom', path: ['own'], message: 'two containers of the shelf share one id' });
    if (new Set(trip.stops.map((s) => s.id)).size !== trip.stops.length)
      ctx.addIssue({ code: 'custom', path: ['stops'], message: 'two stops share one id' });
  });

export type Trip = z.infer<typeof tripSchema>;
