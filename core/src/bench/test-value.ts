/** What one more test would take off what is not known of a trip. */
export interface TestValue {
  sdBefore: number;
  sdAfter: number;
}

/**
 * Standard deviation of a trip's fuel before and after one more test, to first order: with what is known of the burner (covariance S), how the test's
 * reading moves with it (a), its own error (σ) and how the trip moves (c): var after = cᵀSc − (cᵀSa)²/(aᵀSa + σ²).
 */
export function testValue(
  known: readonly (readonly number[])[],
  test: readonly number[],
  testSd: number,
  trip: readonly number[],
): TestValue {
  const times = (v: readonly number[]): number[] => known.map((row) => dot(row, v));
  const before = dot(trip, times(trip));
  const shared = dot(trip, times(test));
  const after = before - shared ** 2 / (dot(test, times(test)) + testSd ** 2);
  return { sdBefore: Math.sqrt(before), sdAfter: Math.sqrt(Math.max(0, after)) };
}

const dot = (a: readonly number[], b: readonly number[]): number => a.reduce((sum, x, i) => sum + x * b[i], 0);
