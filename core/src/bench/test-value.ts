import { projected, read, type Gaussian } from '../numeric';

/** What one more test would take off what is not known of a trip. */
export interface TestValue {
  sdBefore: number;
  sdAfter: number;
}

/**
 * Standard deviation of a trip's fuel before and after one more test, to first order: with what is known of the burner (covariance S), how the test's
 * reading moves with it (a), its own error (σ) and how the trip moves (c): var after = cᵀSc − (cᵀSa)²/(aᵀSa + σ²). It does not matter what is read.
 */
export function testValue(known: Gaussian['covariance'], test: readonly number[], testSd: number, trip: readonly number[]): TestValue {
  const before: Gaussian = { mean: trip.map(() => 0), covariance: known };
  return { sdBefore: projected(before, trip).sd, sdAfter: projected(read(before, test, 0, testSd), trip).sd };
}
