import { fitTests, type CannotBurn, type Fit, type NoTests } from '@tinder/core/studies/bench';
import type { Result } from '@tinder/core/foundation/errors';
import type { BenchTest, TestSetup } from '@tinder/core/domain/model';
import { burnerCurve, feedCurve, type BurnerCurve, type FeedPoint } from '@tinder/core/studies/study';

/** A burner after its tests: the fit, its curve before and after, and how a can feeds it. */
export interface FittedBurner {
  fit: Result<Fit, CannotBurn | NoTests>;
  curve: BurnerCurve;
  feed: FeedPoint[] | undefined;
}

export function burnerFit(_subject: object, { tests, setup }: { tests: readonly BenchTest[]; setup: TestSetup }): FittedBurner {
  const fit = fitTests(tests);
  return { fit, curve: burnerCurve(setup, fit.ok ? fit.value.calibration : undefined), feed: feedCurve(setup) };
}
