import { potVolumeMl } from '../../physics/burn';
import type { Result } from '../../foundation/errors';
import type { Arm, BenchTest, TestSeries, TestSetup } from '../../domain/model';
import { meanOf } from '../../foundation/numeric';
import { hardwareMassG } from '../../planning/plan';
import { burntOf, conditionsOf, confounders, type BurnTest, type Confounder } from './burn-test';
import { isDistinguishable, paired, pairsToShow, welch, type Difference, type NoRanking } from './compare';
import { TEST_ERRORS } from './test-errors';
import { burnSdG, type Scale } from './weighing';

export type Measure = 'fuel' | 'seconds';

/** What one side of a question came to. */
export interface ArmResult {
  /** Burns that reached their target, and count. */
  reached: number;
  meanG: number;
  meanS: number;
  /** Burns that did not: stalled, blown out, not lit. They have no grams, and their side is not the better for it. */
  failed: number;
}

/** What it would take to see a difference that could not be seen. */
export interface ToShow {
  differenceG: number;
  /** Pairs in all, at this much water. */
  pairs?: number;
  /** Water of one burn, with the pairs there are. */
  waterMl?: number;
}

export interface Answer {
  arms: Record<Arm, ArmResult>;
  /** Burns of either side close together, one of each, compared by their differences. */
  isPaired: boolean;
  /** A − B, g and s; absent where nothing can be said. */
  fuel?: Difference;
  seconds?: Difference;
  refused?: NoRanking;
  /** Does the whole interval of the fuel lie on one side, and did neither side fail? */
  told: boolean;
  toShow?: ToShow;
  /** Everything that differs between the two setups. */
  differs: Confounder[];
}

/** A time is read to a second by watch, a boil by eye to ten. */
const timeScale = (setup: TestSetup): Scale => ({
  resolutionG: 1,
  ownSdG: (setup.endPoint === 'eye' ? TEST_ERRORS.eyeS : TEST_ERRORS.thermometerS) / Math.SQRT2,
});

/** What is asked to be seen where nothing was: a gram a burn, the last digit of most kitchen scales. */
const TO_SEE_G = 1;
const WATER_STEP_ML = 250;
const MOST_WATER_ML = 3000;
/** A pot is filled so far at most for a test: nothing swells in it. */
export const FILL_SHARE = 0.9;

/** What the tests of a question say: the difference between its two sides with its interval, or why there is none and what would show one. */
export function answerOf(series: TestSeries, tests: readonly BenchTest[]): Answer {
  const own = tests.filter((t) => t.seriesId === series.id && !t.setAside);
  const burns = (arm: Arm): BurnTest[] => own.filter((t) => t.arm === arm).flatMap((t) => burntOf(t) ?? []);
  const [a, b] = [burns('a'), burns('b')];
  const failed = (arm: Arm): number => own.filter((t) => t.arm === arm && t.end !== 'reached').length;
  const arms = { a: armResult(a, failed('a')), b: armResult(b, failed('b')) };
  const differs = confounders(conditionsOf(series.a), conditionsOf(series.b));
  const pairs = pairsOf(a, b);
  const { scale } = conditionsOf(series.a);
  const compared = (of: 'burntG' | 'seconds', by: Scale): Result<Difference, NoRanking> =>
    pairs
      ? paired(
          pairs.map(([x, y]) => [x[of], y[of]]),
          by,
        )
      : welch(
          a.map((t) => t[of]),
          b.map((t) => t[of]),
          by,
        );
  const fuel = compared('burntG', scale);
  if (!fuel.ok) return { arms, isPaired: pairs !== undefined, refused: fuel.problem, told: false, differs, ...seen(a, b, series) };
  const time = compared('seconds', timeScale(series.a));
  const told = isDistinguishable(fuel.value) && arms.a.failed + arms.b.failed === 0;
  return {
    arms,
    isPaired: pairs !== undefined,
    fuel: fuel.value,
    ...(time.ok ? { seconds: time.value } : {}),
    told,
    ...(isDistinguishable(fuel.value) ? {} : seen(a, b, series)),
    differs,
  };
}

const armResult = (burns: readonly BurnTest[], failed: number): ArmResult => ({
  reached: burns.length,
  meanG: meanOf(burns.map((t) => t.burntG)),
  meanS: meanOf(burns.map((t) => t.seconds)),
  failed,
});

/** Burns of both sides one by one, in the order they were burnt, where every day has as many of the one as of the other; undefined where it has not. */
function pairsOf(a: readonly BurnTest[], b: readonly BurnTest[]): [BurnTest, BurnTest][] | undefined {
  if (a.length !== b.length || !a.every((t, i) => t.on === b[i]!.on)) return undefined;
  return a.map((t, i) => [t, b[i]!]);
}

/** What would show a gram: more pairs, or more water at a time, of which the scale's own error is a smaller part. */
function seen(a: readonly BurnTest[], b: readonly BurnTest[], { a: setup }: TestSeries): { toShow?: ToShow } {
  const burns = [...a, ...b];
  if (!burns.length) return {};
  const scaleSd = Math.SQRT2 * Math.max(...burns.map((t) => burnSdG(t.scale, t.isWet)));
  const scatterSd = Math.SQRT2 * TEST_ERRORS.scatter * meanOf(burns.map((t) => t.burntG));
  const pairs = pairsToShow(TO_SEE_G, Math.hypot(scaleSd, scatterSd));
  const most = Math.min(MOST_WATER_ML, FILL_SHARE * potVolumeMl(setup.kit.pot));
  const now = Math.max(2, Math.min(a.length, b.length));
  let waterMl: number | undefined;
  for (let ml = setup.waterMl + WATER_STEP_ML; ml <= most && waterMl === undefined; ml += WATER_STEP_ML) {
    const more = ml / setup.waterMl;
    const needs = pairsToShow(TO_SEE_G * more, Math.hypot(scaleSd, scatterSd * more));
    if (needs !== undefined && needs <= now) waterMl = ml;
  }
  return { toShow: { differenceG: TO_SEE_G, ...(pairs === undefined ? {} : { pairs }), ...(waterMl === undefined ? {} : { waterMl }) } };
}

/** What a saving per burn comes to on a carry, against what the saving side weighs more. */
export interface Worth {
  /** Grams of fuel that A leaves at home, with its interval. */
  savedG: number;
  lowG: number;
  highG: number;
  /** What A weighs more than B, without fuel. */
  heavierG: number;
}

/** Is A worth carrying: its share of saving on so much fuel, against its own weight. */
export function worthOf({ fuel, arms }: Answer, series: TestSeries, carryFuelG: number): Worth | undefined {
  if (!fuel || !(arms.b.meanG > 0)) return undefined;
  const by = (perBurn: number): number => (-perBurn / arms.b.meanG) * carryFuelG;
  return { savedG: by(fuel.mean), lowG: by(fuel.high), highG: by(fuel.low), heavierG: hardwareMassG(series.a) - hardwareMassG(series.b) };
}
