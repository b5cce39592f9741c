import { beforeTests, burnIn, conditionsOf, factorSlopes, type Conditions } from '../bench';
import { isDone } from '../../physics/burn';
import { burnerById, hasValve, isGas, powerRange } from '../../domain/catalogue';
import { withBurner } from '../../domain/kit';
import type { Calibration, TestSetup } from '../../domain/model';
import { sdOfProjection } from '../../foundation/numeric';

/** A point of a burner's curve, with what is not known of it, one standard deviation as a share; absent figures where it does not reach its target. */
export interface BurnerPoint {
  at: number;
  fuelG?: number;
  fuelSd?: number;
  seconds?: number;
  secondsSd?: number;
  why?: 'stalls' | 'mayBlowOut' | 'wontRun';
}
/** A burner's grams and seconds against its flame, or against the wind where the flame cannot be set. */
export interface BurnerCurve {
  axis: 'setting' | 'windMps';
  before: BurnerPoint[];
  after?: BurnerPoint[];
  /** The least fuel of the newest curve. */
  best?: BurnerPoint;
}

const POINTS = 13;
const WIND_MPS = 6;

/** A burner's curve as the catalogue has it, and as the walker's tests have it. */
export function burnerCurve(setup: TestSetup, calibration: Calibration | undefined): BurnerCurve {
  const burner = burnerById(setup.kit.burnerId);
  const axis = hasValve(burner) ? 'setting' : 'windMps';
  const { ratedW, lowestW } = powerRange(burner);
  const [from, to] = axis === 'setting' ? [Math.max(0.1, lowestW / ratedW), 1] : [0, WIND_MPS];
  const steps = Array.from({ length: POINTS }, (_, i) => from + ((to - from) * i) / (POINTS - 1));
  const here = conditionsOf(setup);
  const at = (x: number): Conditions => (axis === 'setting' ? { ...here, kit: { ...here.kit, flameSetting: x } } : { ...here, windMps: x });
  const curve = (known: Calibration): BurnerPoint[] => steps.map((x) => pointOf(at(x), known, x));
  const before = curve(beforeTests(setup.kit));
  const after = calibration && curve(calibration);
  const reached = (after ?? before).filter((p) => p.fuelG !== undefined);
  const best = reached.reduce<BurnerPoint | undefined>((a, b) => (a && (a.fuelG ?? 0) <= (b.fuelG ?? 0) ? a : b), undefined);
  return { axis, before, ...(after ? { after } : {}), ...(best ? { best } : {}) };
}

function pointOf(conditions: Conditions, { factors, covariance }: Calibration, at: number): BurnerPoint {
  const burn = burnIn(conditions, factors);
  if (!isDone(burn)) return { at, why: burn.outcome.kind as NonNullable<BurnerPoint['why']> };
  const [fuel, seconds] = factorSlopes(factors, (f) => burnIn(conditions, f), burn).map((row) => sdOfProjection(covariance, row));
  return { at, fuelG: burn.fuelG, fuelSd: fuel, seconds: burn.durationS, secondsSd: seconds };
}

/** A can's burner while the can empties: minutes with a plain valve and with a regulated one of the same power, by the share left in the can. */
export interface FeedPoint {
  left: number;
  plainS?: number;
  regulatedS?: number;
}
const LEFT = [1, 0.8, 0.6, 0.4, 0.3, 0.2, 0.1, 0.05];

/** Plain beside regulated, fully open; undefined for burners without a can. */
export function feedCurve(setup: TestSetup): FeedPoint[] | undefined {
  if (!isGas(burnerById(setup.kit.burnerId))) return undefined;
  const burning = (burnerId: string): Conditions =>
    conditionsOf({ ...setup, kit: { ...withBurner(setup.kit, burnerId), pot: setup.kit.pot, flameSetting: 1 } });
  const [plain, regulated] = [burning('gas-bowl'), burning('gas-regulated')];
  const seconds = (c: Conditions, left: number): number | undefined => {
    const burn = burnIn({ ...c, can: { ...c.can, fuelLeftG: Math.max(1, left * c.can.netG) } });
    return isDone(burn) ? burn.durationS : undefined;
  };
  return LEFT.map((left) => {
    const [plainS, regulatedS] = [seconds(plain, left), seconds(regulated, left)];
    return { left, ...(plainS === undefined ? {} : { plainS }), ...(regulatedS === undefined ? {} : { regulatedS }) };
  });
}
