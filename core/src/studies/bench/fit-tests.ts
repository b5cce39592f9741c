import { done, refused, type Result } from '../../foundation/errors';
import { burntWith, same, type BenchTest, type Calibration, type Kit } from '../../domain/model';
import { burntOf, type BurnTest } from './burn-test';
import { calibrate, type CannotBurn, type Fit } from './calibrate';

/** A burner under a pot that was burnt at the bench, with its tests in the order they were kept. */
export interface TestedBurner {
  of: Calibration['of'];
  /** Seed of the simulated garden; null for a real burner. */
  garden: number | null;
  kitName: string;
  tests: BenchTest[];
}

/** Every burner and pot on the bench, the one tested most first. */
export function testedBurners(tests: readonly BenchTest[]): TestedBurner[] {
  const burners: TestedBurner[] = [];
  for (const t of tests) {
    const of = burntWith(t.setup.kit);
    const known = burners.find((b) => b.garden === t.garden && same(b.of, of));
    if (known) known.tests.push(t);
    else burners.push({ of, garden: t.garden, kitName: t.setup.kitName, tests: [t] });
  }
  return burners.sort((a, b) => b.tests.length - a.tests.length);
}

/** No test that can be used: none at all, or only such as failed, were set aside, or were begun with a warm pot. */
export interface NoTests {
  code: 'noTests';
}

/** Burns that can make a burner: in their tests nothing was done that the model does not know of. */
const isUsable = (t: BurnTest): boolean => !t.warmPot;

/** Makes a burner the walker's own, from all of its tests that reached their target and were not set aside. */
export function fitTests(tests: readonly BenchTest[]): Result<Fit, CannotBurn | NoTests> {
  const burns = tests.flatMap((t) => burntOf(t) ?? []).filter(isUsable);
  if (!burns.length) return refused({ code: 'noTests' });
  const fit = calibrate(burns);
  if (!fit.ok) return fit;
  const simulated = tests.some((t) => t.garden !== null);
  return done({ ...fit.value, calibration: { ...fit.value.calibration, simulated } });
}

/** Is a kit this burner under this pot? */
export const isTestedOn = (kit: Kit, { of }: Pick<TestedBurner, 'of'>): boolean => same(burntWith(kit), of);
