import * as z from 'zod';
import { CALIBRATED, clamp, testSetupSchema, type Calibration } from '../../domain/model';
import { hashed } from '../../foundation/numeric';
import { normals, seededRandom } from '../../planning/risk';
import { conditionsOf } from './burn-test';
import { PRIOR_SD } from './calibrate';
import { TEST_ERRORS } from './test-errors';
import { traceAt, traceOf, type TracePoint } from './trace';

/**
 * A simulated garden to rehearse in: a burner whose truth is hidden, an evening that is not quite what was written down, a scale and a thermometer with
 * their faults. One seed and number of run give one evening, wherever it is reckoned.
 */

/** The scale shows whole grams, drifts, and takes two seconds to settle; the thermometer shows half degrees and lags three seconds behind. */
export const INSTRUMENTS = { scaleG: 1, settleS: 2, driftGPerMin: 0.05, thermometerC: 0.5, lagS: 3 } as const;

/** What is burnt in the garden, by which seed, and the how many-th burn of the day. */
export const gardenRunSchema = z.strictObject({
  seed: z.int().min(0).max(0xffffffff),
  run: z.int().min(0).max(10_000),
  setup: testSetupSchema,
});
export type GardenRun = z.infer<typeof gardenRunSchema>;

/** Two deviations: no garden hides a burner that no walker has. */
const FURTHEST = 2;
const within = (x: number): number => clamp(x, { min: -FURTHEST, max: FURTHEST });

/** The hidden truth of a seed: factors on head, flux, wind and power. */
export function hiddenTruth(seed: number): Calibration['factors'] {
  const normal = normals(seededRandom(seed));
  const [head = 1, flux = 1, wind = 1, power = 1] = PRIOR_SD.map((sd) => Math.exp(sd * within(normal())));
  return { head, flux, wind, power };
}

/** A burn of the garden as it really goes; the seed of its own evening is made of the garden's, of the run and of what is burnt. */
export interface GardenBurn {
  trace: TracePoint[];
  /** It reaches its target. */
  isDone: boolean;
  boilC: number;
  /** The can, or the bottle, with its fuel before it is lit, g. */
  grossG: number;
  /** Pace of the scale's drift, g a minute. */
  driftGPerMin: number;
}

export function gardenBurn({ seed, run, setup }: GardenRun): GardenBurn {
  const evening = normals(seededRandom(Math.floor(0xffffffff * hashed(`${seed} ${run}`))));
  const day = normals(seededRandom(seed ^ 0x5bd1e995))();
  const E = TEST_ERRORS;
  const written = conditionsOf(setup);
  const real = {
    ...written,
    waterC: Math.max(0, written.waterC + E.waterK * within(evening())),
    windMps: written.windMps * Math.exp(E.lnWind * within(evening())),
    kit: {
      ...written.kit,
      flameSetting: clamp(written.kit.flameSetting * Math.exp(E.lnSetting * within(evening())), { min: 0.1, max: 1 }),
    },
  };
  const { points, isDone, boilC } = traceOf(real, hiddenTruth(seed));
  const both = Math.exp(E.sameDay * within(day) + E.scatter * within(evening()) + E.waterShare * within(evening()));
  return {
    trace: points.map((p) => ({ ...p, s: p.s * both, fuelG: p.fuelG * both })),
    isDone,
    boilC,
    grossG: written.can.tareG + written.can.fuelLeftG + hashed(`${seed} ${run} gross`),
    driftGPerMin: INSTRUMENTS.driftGPerMin * within(evening()),
  };
}

/** What is on the scale or under the thermometer. */
export const PHASES = ['before', 'burn', 'after'] as const;
export type Phase = (typeof PHASES)[number];

/** A look at the instruments every so many milliseconds. */
export const FRAME_MS = 250;
/** How fast a garden's clock may go. */
export const SPEEDS = [1, 10, 60] as const;
export type Speed = (typeof SPEEDS)[number];
/** What a stream of instruments is asked for, as it stands in an address. */
export const streamQuerySchema = z.strictObject({
  phase: z.enum(PHASES),
  speed: z.coerce.number().min(0.1).max(600).default(1),
  /** Seconds of the phase that are over already: a stream that broke is taken up where it was. */
  fromS: z.coerce.number().min(0).max(86_400).default(0),
  /** When the flame was shut. */
  stoppedS: z.coerce.number().min(0).max(86_400).default(0),
});
export type StreamQuery = z.infer<typeof streamQuerySchema>;

/** What the instruments show at a second of a phase. */
export const frameSchema = z.strictObject({
  s: z.number(),
  /** On the scale, g, and whether it has come to rest; before and after the burn. */
  scaleG: z.number().optional(),
  steady: z.boolean().optional(),
  /** In the pot, °C; during the burn. */
  potC: z.number().optional(),
  /** Bubbles break all over the surface: the eye would call it a boil. */
  rolling: z.boolean().optional(),
});
export type Frame = z.infer<typeof frameSchema>;

const round = (x: number, to: number): number => Math.round(x / to) * to;

/** What the instruments show: the scale before, the thermometer during, the scale after the flame was shut at second `stoppedS`. */
export function frameAt(burn: GardenBurn, phase: Phase, s: number, stoppedS = 0): Frame {
  if (phase === 'burn') {
    // a first-order lag shows the water as it was three seconds ago, as long as it rises evenly
    const shown = traceAt(burn.trace, Math.max(0, s - INSTRUMENTS.lagS)).c;
    return { s, potC: round(shown, INSTRUMENTS.thermometerC), rolling: burn.isDone && traceAt(burn.trace, s).c >= burn.boilC - 0.05 };
  }
  const gone = phase === 'after' ? traceAt(burn.trace, stoppedS).fuelG : 0;
  const put = burn.grossG - gone;
  const settled = 1 - Math.exp((-4 * s) / INSTRUMENTS.settleS);
  return {
    s,
    scaleG: round(put * settled + (burn.driftGPerMin * s) / 60, INSTRUMENTS.scaleG),
    steady: s >= INSTRUMENTS.settleS,
  };
}

/** How close a fit came to the hidden truth: each factor, and how many of its own deviations it is off. */
export const closeness = (
  fit: Calibration,
  seed: number,
): { name: (typeof CALIBRATED)[number]; truth: number; found: number; sdsOff: number }[] => {
  const truth = hiddenTruth(seed);
  return CALIBRATED.map((name, i) => ({
    name,
    truth: truth[name],
    found: fit.factors[name],
    sdsOff: Math.log(fit.factors[name] / truth[name]) / Math.sqrt(fit.covariance[i]![i]!),
  }));
};
