import { read, sdOfProjection, type Gaussian } from '../../foundation/numeric';

/** What one more test would take off what is not known of a trip. */
export interface TestValue {
  sdBefore: number;
  sdAfter: number;
}
/** A reading that a test gives: how it moves with what is known of the burner, and its own error. */
export interface TestReading {
  slopes: readonly number[];
  sd: number;
}

/**
 * Standard deviation of a trip's fuel before and after one more test, to first order: with what is known of the burner (covariance S), how each reading of
 * the test moves with it (a), its own error (σ), of which none has to do with another's, and how the trip moves (c); for one reading
 * var after = cᵀSc − (cᵀSa)²/(aᵀSa + σ²). It does not matter what is read.
 */
export function testValue(known: Gaussian['covariance'], readings: readonly TestReading[], trip: readonly number[]): TestValue {
  const before: Gaussian = { mean: trip.map(() => 0), covariance: known };
  const after = readings.reduce((state, { slopes, sd }) => read(state, slopes, 0, sd), before);
  return { sdBefore: sdOfProjection(before.covariance, trip), sdAfter: sdOfProjection(after.covariance, trip) };
}
