import type { Trip } from '../../domain/model';

/**
 * Trips drawn, wherever a chance is shown: the same seed and number give one carry-out one chance in every view. A chance near 2 % is then
 * known to 0.14 % (one standard deviation of a share drawn so often).
 */
export const TRIPS_TRIED = 10_000;
/** Rarer chances are not told apart: nobody plans by them, and no model is that good. */
export const RAREST_CHANCE = 1 / 1000;
/** The chance of running out on a carry that the walker would live with, 0–1. */
export const riskLimit = (trip: Pick<Trip, 'loadOut'>): number => trip.loadOut.riskLimitPercent / 100;
