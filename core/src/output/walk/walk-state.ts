import type { WalkEvent } from '../../domain/model';
import { resetTo, transformed, projected, read, type Gaussian } from '../../foundation/numeric';
import { UNCALIBRATED_SD } from '../../planning/risk';

/**
 * What is known on the way, two numbers together: w, the grams that can still be burnt from all that is carried, and f, what burns take
 * over what the model says (docs/physics.md, Walking).
 */
export interface WalkState {
  known: Gaussian;
  /** Day of the trip that the last event belongs to. */
  day: number;
  /** Standard deviations of this day's burns so far, summed, g: half of their variance is shared. */
  daySdG: number;
}

/** How a walk's burns scatter beyond what is common to all of them (docs/physics.md, Walking; common practice). */
export interface WalkNoise {
  /** Share of a burn's variance that is common to the burns of a day. */
  dayShare: number;
  /** How far f wanders in a day, one standard deviation. */
  driftPerDay: number;
}
export const USUAL_NOISE: WalkNoise = { dayShare: 0.5, driftPerDay: 0.02 };
/** One burn by itself is at least so far off, as a share. */
export const BURN_SD = 0.08;
/** Habit moves f away from what burn tests have found, one standard deviation. */
const HABIT_SD = 0.08;
/** A sealed container is known by its label to so much of what is on it. */
export const LABEL_SD = 0.02;
/** What a can still holds when no flame comes of it any more, g. */
export const RESIDUE_G = 2;

/** How far f is known before the first burn: by burn tests and habit, or as usual where nobody has tested. */
export const factorSdBefore = (calibratedSd: number | undefined): number =>
  calibratedSd === undefined ? UNCALIBRATED_SD : Math.hypot(calibratedSd, HABIT_SD);

const W = [1, 0];
const F = [0, 1];

/** `fuelG` on hand, give or take `sdG`; f as it is known before the first burn. */
export const startState = (factorSd: number, fuelG = 0, sdG = 0): WalkState => ({
  known: {
    mean: [fuelG, 1],
    covariance: [
      [sdG ** 2, 0],
      [0, factorSd ** 2],
    ],
  },
  day: 1,
  daySdG: 0,
});

/** Grams that can be burnt, and f, each with its standard deviation. */
export const leftOf = ({ known }: WalkState): { mean: number; sd: number } => projected(known, W);
export const factorOf = ({ known }: WalkState): { mean: number; sd: number } => projected(known, F);

const withCovariance = ({ mean, covariance }: Gaussian, more: { w?: number; f?: number }): Gaussian => ({
  mean,
  covariance: covariance.map((row, i) => row.map((c, j) => (i !== j ? c : c + (i === 0 ? (more.w ?? 0) : (more.f ?? 0))))),
});

/** A later day: f may have wandered, and what burns of one day share begins anew. */
export function onDay(state: WalkState, day: number, { driftPerDay }: WalkNoise = USUAL_NOISE): WalkState {
  if (day <= state.day) return state;
  return { known: withCovariance(state.known, { f: driftPerDay ** 2 * (day - state.day) }), day, daySdG: 0 };
}

/** A burn of `modelG` grams by the model, off by itself by `share` of that. */
export function burnt(state: WalkState, modelG: number, share: number, { dayShare }: WalkNoise = USUAL_NOISE): WalkState {
  const sdG = Math.max(BURN_SD, share) * modelG;
  const moved = transformed(state.known, [
    [1, -modelG],
    [0, 1],
  ]);
  // (S + s)² − S² of what is shared, and s² of what is not
  const varianceG2 = sdG ** 2 + 2 * dayShare * state.daySdG * sdG;
  return { ...state, known: withCovariance(moved, { w: varianceG2 }), daySdG: state.daySdG + sdG };
}

/** Fuel that came in or went out by another way than the flame; it tells nothing about f. */
const shifted = (state: WalkState, byG: number, sdG: number): WalkState => ({
  ...state,
  known: withCovariance({ ...state.known, mean: [state.known.mean[0]! + byG, state.known.mean[1]!] }, { w: sdG ** 2 }),
});

/** What is left was read as `fuelG`, give or take `sdG`. */
export const weighed = (state: WalkState, fuelG: number, sdG: number): WalkState => ({
  ...state,
  known: read(state.known, W, fuelG, sdG),
});

/** Nothing is carried any more: w is known to be nothing, f stays as it is known. */
const emptyHanded = (state: WalkState): WalkState => ({ ...state, known: resetTo(state.known, 0, 0, 0) });

/** What one event makes of what is known. */
export function afterEvent(before: WalkState, event: WalkEvent, noise: WalkNoise = USUAL_NOISE): WalkState {
  const state = onDay(before, event.day, noise);
  switch (event.kind) {
    case 'filled': {
      const kept = event.keepsRest ? shifted(state, -(event.leftBehindG ?? 0), 0) : emptyHanded(state);
      return event.added.reduce((s, c) => shifted(s, c.fuelG, c.sdG), kept);
    }
    case 'cooked':
    case 'extra':
      return burnt(state, event.modelG, event.share, noise);
    case 'skipped':
      return state;
    case 'spilt':
      return shifted(state, -event.fuelG, event.sdG);
    case 'weighed':
      return weighed(state, event.fuelG, event.sdG);
  }
}

/** What is known after a whole log, given in order. */
export const stateAfter = (log: readonly WalkEvent[], factorSd: number, noise: WalkNoise = USUAL_NOISE): WalkState =>
  log.reduce((s, e) => afterEvent(s, e, noise), startState(factorSd));
