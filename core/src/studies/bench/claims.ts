import { isDone } from '../../physics/burn';
import { burntWith, clamp, LIMITS, same, type OwnClaim, type TestSetup } from '../../domain/model';
import { sdOfProjection } from '../../foundation/numeric';
import { burnIn, conditionsOf } from './burn-test';
import { knownBurner } from './calibrate';
import type { Measure } from './answer';
import { contrastOf, isContrastId, type Contrast, type ContrastId } from './contrasts';
import { factorSlopes, slopeTo, STEP } from './slopes';
import { TEST_ERRORS } from './test-errors';
import { scaleResolves } from './weighing';

/** A saying of the trade: the first of two setups uses (or takes) so much less than the second, as a share of it; 0 for any at all. */
export interface Claim {
  id: string;
  /** Undefined where the burn model has no part for it: only a test can say. */
  contrast: ContrastId | undefined;
  of: Measure;
  by: number;
}

const claim = (id: string, contrast: ContrastId | undefined, by = 0, of: Measure = 'fuel'): Claim => ({ id, contrast, of, by });

/** Sayings heard on trails and in gardens, in our words (app/src/words/claim-words.ts); the shares are what is usually said (common practice). */
export const CLAIMS: readonly Claim[] = [
  claim('windscreenHalves', 'windscreen', 0.5),
  claim('lidFifth', 'lid', 0.2),
  claim('sleeve', 'sleeve'),
  claim('lowFlame', 'lowFlame', 0.1),
  claim('lowestFlame', 'lowestFlame'),
  claim('fullFlameQuick', 'lowFlame', 0, 'seconds'),
  claim('warmCan', 'warmCan'),
  claim('warmCanQuick', 'warmCan', 0.2, 'seconds'),
  claim('fullCanQuick', 'fullCan', 0.1, 'seconds'),
  claim('titanium', 'titanium', 0.05),
  claim('fins', 'fins', 0.25),
  claim('widePot', 'widePot', 0.1),
  claim('notBoil', 'notBoil', 0.1),
  claim('oneLarge', 'oneLarge', 0.1),
  claim('warmWater', 'warmWater', 0.15),
  claim('snow', 'snow', 0.5),
  claim('highUp', 'altitude'),
  claim('tablets', 'tablets'),
  claim('gasAlcohol', 'alcoholGas', 0.4),
  claim('regulated', 'regulated'),
  claim('bigBurner', 'bigBurner'),
  claim('bigBurnerQuick', 'bigBurner', 0.2, 'seconds'),
  claim('blackFoil', undefined),
];

/** A walker's own saying as one of the trade; undefined where it is about something that is not known here. */
export const claimOf = ({ id, changeId, of, by }: OwnClaim): Claim | undefined =>
  isContrastId(changeId) ? { id, contrast: changeId, of, by } : undefined;

/** Axes along which a saying may turn. */
export const AXES = ['windMps', 'airC', 'waterMl'] as const;
export type Axis = (typeof AXES)[number];
/** What the walker's own trip covers of each. */
export type Ranges = Record<Axis, { min: number; max: number }>;
const AXIS_ENDS: Ranges = { windMps: { min: 0, max: 6 }, airC: { min: -10, max: 30 }, waterMl: { min: 250, max: 1500 } };
const POINTS = 7;

/** The share that the first uses less, where both burn: 1 − A/B; undefined where one of them does not. */
export interface ClaimPoint {
  at: number;
  saves?: number;
  aFails: boolean;
  bFails: boolean;
}
export type ClaimVerdict =
  /** Under these conditions: it does, it does not, it is less than a scale shows, it cannot be said, or it turns within the walker's own ranges. */
  | 'holds'
  | 'holdsNot'
  | 'tooSmall'
  | 'open'
  | 'depends'
  /** One of the two does not cook here: no grams are compared. */
  | 'aFails'
  | 'bFails'
  | 'bothFail'
  /** The kit has nothing of the kind; or the model has not. */
  | 'notThisKit'
  | 'notModelled';

export interface ClaimAnswer {
  claim: Claim;
  verdict: ClaimVerdict;
  /** Share that A uses less than B, with its 95 % interval. */
  saves?: { mean: number; low: number; high: number };
  /** Along each axis, all else as it is; and where the answer turns. */
  along: Record<Axis, ClaimPoint[]>;
  turns: { axis: Axis; at: number; within: boolean }[];
}

/** Two normal deviations hold 95 of 100. */
const SDS = 1.96;
/** What the burn model itself may be off between two burns of one burner, as a share (assumption; the check values agree to 10 % between kits). */
const MODEL_SD = 0.03;

/** How a saying stands for this walker: by the model under these conditions, with what is known of the burner, and where it turns. */
export function claimAnswer(claim: Claim, setup: TestSetup, ranges: Ranges): ClaimAnswer {
  const nowhere = { claim, along: { windMps: [], airC: [], waterMl: [] }, turns: [] };
  if (!claim.contrast) return { ...nowhere, verdict: 'notModelled' };
  const { contrast } = claim;
  const here = contrastOf(contrast, setup);
  if (!here) return { ...nowhere, verdict: 'notThisKit' };
  const points = (axis: Axis): ClaimPoint[] =>
    stepsOf(AXIS_ENDS[axis]).map((at) => pointOf(contrastOf(contrast, moved(setup, axis, at)) ?? here, claim.of, at));
  const along = { windMps: points('windMps'), airC: points('airC'), waterMl: points('waterMl') };
  const turns = AXES.flatMap((axis) => turnsOf(along[axis], claim.by).map((at) => ({ axis, at, within: isWithin(at, ranges[axis]) })));
  const [x, y] = amountsOf(here, claim.of);
  if (x === undefined || y === undefined) {
    const verdict = x === y ? 'bothFail' : x === undefined ? 'aFails' : 'bFails';
    return { claim, verdict, along, turns };
  }
  const sd = sdOfLog(here, claim.of);
  const mean = Math.log(x / y);
  const saves = { mean: 1 - x / y, low: 1 - Math.exp(mean + SDS * sd), high: 1 - Math.exp(mean - SDS * sd) };
  const verdict = turns.some((t) => t.within) ? 'depends' : verdictOf(claim, saves, scaleResolves(x, y, conditionsOf(here.a).scale));
  return { claim, verdict, saves, along, turns };
}

/** `isSeen`: the two are further apart than one burn of each on this scale can hide. */
function verdictOf({ by, of }: Claim, { low, high }: NonNullable<ClaimAnswer['saves']>, isSeen: boolean): ClaimVerdict {
  if (by === 0 && of === 'fuel' && !isSeen) return 'tooSmall';
  return low >= by ? 'holds' : high < by ? 'holdsNot' : 'open';
}

const amount = (s: TestSetup, of: Measure, times = 1): number | undefined => {
  const burn = burnIn(conditionsOf(s));
  return isDone(burn) ? times * (of === 'fuel' ? burn.fuelG : burn.durationS) : undefined;
};

/** What the two use, or take; undefined for one that does not cook. */
const amountsOf = ({ a, b, times }: Contrast, of: Measure): [number | undefined, number | undefined] => [
  amount(a, of, times?.a),
  amount(b, of, times?.b),
];

function pointOf(contrast: Contrast, of: Measure, at: number): ClaimPoint {
  const [x, y] = amountsOf(contrast, of);
  const fails = { aFails: x === undefined, bFails: y === undefined };
  return x === undefined || y === undefined ? { at, ...fails } : { at, saves: 1 - x / y, ...fails };
}

/** How far the logarithm of A/B is known: burner and pot move both where they are the same, each by itself where they are not; wind is known to a factor. */
function sdOfLog({ a, b }: Contrast, of: Measure): number {
  const [x, y] = [slopesOf(a, of), slopesOf(b, of)];
  const variance = (row: readonly number[], { kit }: TestSetup): number => sdOfProjection(knownBurner(kit).covariance, row) ** 2;
  const shared = same(burntWith(a.kit), burntWith(b.kit));
  const ofBurner = shared
    ? variance(
        x.factors.map((v, i) => v - y.factors[i]!),
        a,
      )
    : variance(x.factors, a) + variance(y.factors, b);
  return Math.sqrt(ofBurner + (TEST_ERRORS.lnWind * (x.wind - y.wind)) ** 2 + MODEL_SD ** 2);
}

function slopesOf(s: TestSetup, of: Measure): { factors: number[]; wind: number } {
  const { factors } = knownBurner(s.kit);
  const conditions = conditionsOf(s);
  const here = burnIn(conditions, factors);
  const at = of === 'fuel' ? 0 : 1;
  const windier = { ...conditions, windMps: clamp(conditions.windMps * Math.exp(STEP), LIMITS.flameMps) };
  return {
    factors: factorSlopes(factors, (f) => burnIn(conditions, f), here)[at],
    wind: conditions.windMps > 0 ? slopeTo(here, burnIn(windier, factors))[at] : 0,
  };
}

/** The setup with one condition moved; the can is as cold as the air. */
function moved(s: TestSetup, axis: Axis, at: number): TestSetup {
  switch (axis) {
    case 'windMps':
      return { ...s, wind: { kind: 'flame', mps: clamp(at, LIMITS.flameMps) } };
    case 'airC':
      return { ...s, airC: at, can: { ...s.can, canC: at } };
    case 'waterMl':
      return { ...s, waterMl: at };
  }
}

const stepsOf = ({ min, max }: { min: number; max: number }): number[] =>
  Array.from({ length: POINTS }, (_, i) => min + ((max - min) * i) / (POINTS - 1));
const isWithin = (at: number, { min, max }: { min: number; max: number }): boolean => at >= min && at <= max;

/** Where what is saved passes the share that is claimed, on straight lines between the points. */
function turnsOf(points: readonly ClaimPoint[], by: number): number[] {
  return points.slice(1).flatMap((p, i) => {
    const before = points[i]!;
    if (p.saves === undefined || before.saves === undefined) return [];
    const [u, v] = [before.saves - by, p.saves - by];
    return u * v < 0 ? [before.at + ((p.at - before.at) * u) / (u - v)] : [];
  });
}
