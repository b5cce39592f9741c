import type { Trip } from '../../domain/model';

/** Trips tried; a probability near 2 % is then known to 0.14 % (one standard deviation of a share drawn so often). */
export const TRIPS_TRIED = 10_000;
/** The chance of running out on a carry that the walker would live with, 0–1. */
export const riskLimit = (trip: Pick<Trip, 'loadOut'>): number => trip.loadOut.riskLimitPercent / 100;
