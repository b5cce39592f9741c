import type { Trip } from '../../domain/model';
import type { PlanDay } from '../../planning/planned';
import { flameCurve } from './best-flame';

/** Settings that are tried besides the best one, 0–1. */
const USUAL_FLAMES = [0.5, 0.7, 1];
/** A hand sets a valve no finer than this share of full. */
const FINENESS = 0.05;

/** Flame settings worth trying on some days: the best one, as the closer look finds it for their first supper, and the usual ones. */
export function flamesToTry(trip: Trip, days: readonly PlanDay[]): number[] {
  const best = leastFlame(trip, days);
  return [...new Set([...(best === undefined ? [] : [best]), ...USUAL_FLAMES])].sort((a, b) => a - b);
}

/** The setting that burns least for the first supper of some days, as finely as a hand sets it; undefined for a flame that cannot be set. */
export function leastFlame(trip: Trip, days: readonly PlanDay[]): number | undefined {
  const meal = days.map((d) => d.meals.supper ?? d.meals.breakfast).find((m) => m !== undefined);
  const best = meal && flameCurve(trip, meal.facts)?.best?.setting;
  return best === undefined ? undefined : Math.max(FINENESS, Math.round(best / FINENESS) * FINENESS);
}
