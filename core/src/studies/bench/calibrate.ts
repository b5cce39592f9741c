import { inverse, Matrix, solve } from 'ml-matrix';
import { isDone, type Burn } from '../../physics/burn';
import { done, refused, type Result } from '../../foundation/errors';
import { burntWith, ownBurner, type Calibration, type Kit } from '../../domain/model';
import { burnIn, type BurnTest } from './burn-test';
import { factorSlopes, slopeTo, STEP } from './slopes';
import { errorCovariance, scatterOf, setupKey, type Sensitivity } from './test-errors';

/** How far the catalogue is known before any test: sd of the logarithms of head, flux, wind and power (docs/physics.md, Bench). */
export const PRIOR_SD = [0.12, 0.3, 0.5, 0.15] as const;

/** What is known of a kit's burner before any test: the catalogue, give or take. */
export const beforeTests = (kit: Kit): Calibration => ({
  of: burntWith(kit),
  factors: { head: 1, flux: 1, wind: 1, power: 1 },
  covariance: PRIOR_SD.map((sd, i) => PRIOR_SD.map((_, j) => (i === j ? sd ** 2 : 0))),
  burns: 1,
  simulated: false,
});

/** What is known of a kit's burner: by the walker's tests, or before any. */
export const knownBurner = (kit: Kit): Calibration => ownBurner(kit) ?? beforeTests(kit);

const PASSES = 20;
/** The fit has come to rest, in logarithms: a thousandth of a factor is far below what any test tells. */
const AT_REST = 1e-3;
/** No pass moves a logarithm further: the model is far from straight beyond. */
const LONGEST_STEP = 0.5;
/** After so short a step the slopes are as they were, in logarithms. */
const SHORT_STEP = 0.05;
/** A test further off than so many deviations is asked about. */
const OUTLIER_SD = 3;

/** A test that no burner of this kind could have burnt: it stalls, or does not light, in the model. */
export interface CannotBurn {
  code: 'cannotBurn';
  testId: string;
}

export interface Fit {
  calibration: Calibration;
  /** By how much each test burnt more than the fit has it, as logarithms of grams and seconds, and how many deviations off it is when left out. */
  residuals: { testId: string; fuel: number; seconds: number; leftOutSd: number }[];
  /** Tests so far off that they are asked about. */
  outliers: string[];
}

/**
 * Makes a burner and pot the walker's own: the most likely factors on head, flux, wind and power after these tests, and their covariance. Maximum a
 * posteriori by Gauss and Newton on the logarithms of grams and seconds; the errors are made anew at each pass, for the scale's share of a burn
 * depends on the burn. All tests are of one kit.
 */
export function calibrate(tests: readonly BurnTest[]): Result<Fit, CannotBurn> {
  let theta: number[] = PRIOR_SD.map(() => 0);
  let near: Slopes | undefined;
  let moves: Moves[] | undefined;
  for (let pass = 0; ; pass++) {
    const at = slopesAt(tests, theta, near?.jacobian, moves);
    if (!at.ok) return at;
    moves = at.value.moves; // an error's size is known well enough from where the fit began
    const { jacobian, predicted, errors } = at.value;
    const residual = Matrix.columnVector(measured(tests).map((y, i) => y - predicted[i]!));
    const weighed = solve(errors, jacobian); // Σ⁻¹J
    const information = jacobian.transpose().mmul(weighed);
    PRIOR_SD.forEach((sd, i) => information.set(i, i, information.get(i, i) + 1 / sd ** 2));
    const pull = weighed.transpose().mmul(residual);
    PRIOR_SD.forEach((sd, i) => pull.set(i, 0, pull.get(i, 0) - theta[i]! / sd ** 2));
    const step = solve(information, pull).to1DArray();
    const longest = Math.max(...step.map(Math.abs));
    const damping = Math.min(1, LONGEST_STEP / Math.max(1e-12, longest));
    theta = theta.map((x, i) => x + damping * step[i]!);
    near = longest < SHORT_STEP ? at.value : undefined;
    if (longest < AT_REST || pass === PASSES) return done(calibrationFrom(tests, theta, inverse(information), at.value, residual));
  }
}

const measured = (tests: readonly BurnTest[]): number[] => tests.flatMap((t) => [Math.log(t.burntG), Math.log(t.seconds)]);

export interface Slopes {
  /** Logarithms of grams and seconds by test, and how they move with the four. */
  predicted: number[];
  jacobian: Matrix;
  errors: Matrix;
  /** How they move with what is not known of each test. */
  moves: Moves[];
}
export type Moves = Pick<Sensitivity, 'byWind' | 'bySetting' | 'byWaterK'>;

/** The model and its slopes; slopes known from a place near by are taken over, and only the burns themselves are made anew. */
export function slopesAt(
  tests: readonly BurnTest[],
  theta: readonly number[],
  near?: Matrix,
  known?: readonly Moves[],
): Result<Slopes, CannotBurn> {
  const burns = tests.map((t) => burnOf(t, theta));
  const failed = burns.findIndex((b) => !isDone(b));
  if (failed >= 0) return refused({ code: 'cannotBurn', testId: tests[failed]!.id });
  const first = firstAlike(tests);
  const rows = near ? [] : tests.map((t, n) => (first[n] === n ? factorSlopes(factorsOf(theta), (f) => burnIn(t, f), burns[n]) : []));
  const jacobian = near ?? new Matrix(tests.flatMap((_, n) => rows[first[n]!]!));
  const found = known ? [] : tests.map((t, n) => (first[n] === n ? movesOf(t, theta, burns[n]!) : undefined));
  const moves = known ? [...known] : tests.map((_, n) => found[first[n]!] ?? STILL);
  const sensitivities = burns.map((b, n): Sensitivity => ({ fuelG: b.fuelG, seconds: b.durationS, ...moves[n]! }));
  const predicted = burns.flatMap((b) => [Math.log(b.fuelG), Math.log(b.durationS)]);
  return done({ predicted, jacobian, errors: errorCovariance(tests, sensitivities, scatterOf(tests)), moves });
}

const STILL: Moves = { byWind: [0, 0], bySetting: [0, 0], byWaterK: [0, 0] };

/** For each test the first that was burnt alike but for what was left in the can: their slopes are the same. */
function firstAlike(tests: readonly BurnTest[]): number[] {
  const seen = new Map<string, number>();
  return tests.map((t, n) => {
    const key = setupKey(t);
    const at = seen.get(key) ?? n;
    seen.set(key, at);
    return at;
  });
}

function movesOf(test: BurnTest, theta: readonly number[], here: Burn): Moves {
  const other = (change: Partial<BurnTest>): Burn => burnOf({ ...test, ...change }, theta);
  // a valve that is fully open cannot be opened further
  const lower = { ...test.kit, flameSetting: test.kit.flameSetting * (1 - STEP) };
  return {
    byWind: test.windMps > 0 ? slopeTo(here, other({ windMps: test.windMps * (1 + STEP) }), STEP) : [0, 0],
    bySetting: slopeTo(here, other({ kit: lower }), -STEP),
    byWaterK: slopeTo(here, other({ waterC: test.waterC + 1 }), 1),
  };
}

/** A test as the model burns it with such factors, as logarithms. */
const burnOf = (test: BurnTest, theta: readonly number[]): Burn => burnIn(test, factorsOf(theta));

/** Factors out of their logarithms, in the order of CALIBRATED. */
function factorsOf(theta: readonly number[]): Calibration['factors'] {
  const [head = 0, flux = 0, wind = 0, power = 0] = theta;
  return { head: Math.exp(head), flux: Math.exp(flux), wind: Math.exp(wind), power: Math.exp(power) };
}

function calibrationFrom(
  tests: readonly BurnTest[],
  theta: readonly number[],
  posterior: Matrix,
  { jacobian, errors }: Slopes,
  residual: Matrix,
): Fit {
  const residuals = tests.map((t, n) => ({
    testId: t.id,
    fuel: residual.get(2 * n, 0),
    seconds: residual.get(2 * n + 1, 0),
    leftOutSd: leftOut(n, posterior, jacobian, errors, residual),
  }));
  return {
    calibration: {
      of: burntWith(tests[0]!.kit),
      factors: factorsOf(theta),
      covariance: posterior.to2DArray(),
      burns: tests.length,
      simulated: false,
    },
    residuals,
    outliers: residuals.filter((r) => r.leftOutSd > OUTLIER_SD).map((r) => r.testId),
  };
}

/** How many deviations a test's grams are off what the others say of them: a straight line about the fit, the test's own part taken back out. */
function leftOut(n: number, posterior: Matrix, jacobian: Matrix, errors: Matrix, residual: Matrix): number {
  const row = 2 * n;
  const j = jacobian.getRowVector(row);
  const own = errors.get(row, row);
  const spread = j.mmul(posterior).mmul(j.transpose()).get(0, 0);
  // r/(1 − leverage) is the residual with the test left out; its variance is own/(1 − leverage)
  const kept = Math.max(0.05, 1 - spread / own);
  return Math.abs(residual.get(row, 0)) / Math.sqrt(own * kept);
}
