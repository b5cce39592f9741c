import jstat from 'jstat';
import { burnt, leftOf, onDay, USUAL_NOISE, type WalkNoise, type WalkState } from './walk-state';

/** A burn that is still to come, by the model. */
export interface AheadBurn {
  day: number;
  modelG: number;
  /** One standard deviation of this burn by itself, as a share of it. */
  share: number;
}

/** What is left after a burn that is still to come. */
export interface ForecastStep {
  day: number;
  leftG: number;
  sdG: number;
  /** Chance that it is out by then. */
  runOut: number;
}
export interface Forecast {
  steps: ForecastStep[];
  /** Chance that it is out before the last of them. */
  runOut: number;
  leftG: number;
  sdG: number;
}

/** Share of a normal variable below its mean by `z` standard deviations and more. */
export const chanceBelow = (z: number): number => jstat.normal.cdf(z, 0, 1);
/** Standard deviations that a normal variable exceeds with a chance of no more than `limit`. */
export const marginOf = (limit: number): number => -jstat.normal.inv(limit, 0, 1);

/** Chance that a normal amount is below what cannot be burnt. */
const outWith = (leftG: number, sdG: number, residueG: number): number =>
  sdG > 0 ? chanceBelow((residueG - leftG) / sdG) : leftG < residueG ? 1 : 0;

/**
 * How what is left goes down over the burns ahead. What is known is normal and every burn moves it in a straight line, so that the chances
 * are those of a normal variable. `residueG` never comes out as a flame.
 */
export function forecast(state: WalkState, ahead: readonly AheadBurn[], residueG = 0, noise: WalkNoise = USUAL_NOISE): Forecast {
  const steps: ForecastStep[] = [];
  let now = state;
  for (const { day, modelG, share } of ahead) {
    now = burnt(onDay(now, day, noise), modelG, share, noise);
    const { mean, sd } = leftOf(now);
    steps.push({ day, leftG: mean, sdG: sd, runOut: Math.max(outWith(mean, sd, residueG), steps.at(-1)?.runOut ?? 0) });
  }
  const { mean, sd } = leftOf(now);
  // where nothing is to be burnt nothing can run out
  return { steps, runOut: steps.at(-1)?.runOut ?? 0, leftG: mean, sdG: sd };
}

/** What may be burnt besides all that is ahead without the chance of running out passing `limit`, g by the model; less than nothing where it has. */
export function spareG(state: WalkState, ahead: readonly AheadBurn[], limit: number, residueG = 0, noise = USUAL_NOISE): number {
  const { leftG, sdG } = forecast(state, ahead, residueG, noise);
  return leftG - residueG - marginOf(limit) * sdG;
}
