import type { Trip } from '../model';
import type { PlanDay } from '../plan';
import { flameCurve } from './best-flame';

/** Settings that are tried besides the best one, 0–1. */
const USUAL_FLAMES = [0.5, 0.7, 1];
/** A hand sets a valve no finer than this share of full. */
const FINENESS = 0.05;

/** Flame settings worth trying on some days: the best one, as the closer look finds it for their first supper, and the usual ones. */
export function flamesToTry(trip: Trip, days: readonly PlanDay[]): number[] {
  const meal = days.map((d) => d.meals.supper ?? d.meals.breakfast).find((m) => m !== undefined);
  const best = meal && flameCurve(trip, meal.facts)?.best?.setting;
  const rounded = best === undefined ? [] : [Math.max(FINENESS, Math.round(best / FINENESS) * FINENESS)];
  return [...new Set([...rounded, ...USUAL_FLAMES])].sort((a, b) => a - b);
}
