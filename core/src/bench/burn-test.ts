import { screenedWind, type Target } from '../burn';
import type { Can } from '../canister';
import { same, type Kit } from '../model';
import { potOver, type BurnFacts, type KitInUse } from '../plan';
import type { Scale } from './weighing';

/** One burn with a scale and a watch. */
export interface BurnTest {
  id: string;
  /** Day, year-month-day: tests of one day share what is not known of it. */
  on: string;
  /** The kit as it was burnt. */
  kit: Kit;
  waterMl: number;
  waterC: number;
  target: Extract<Target, { kind: 'boil' | 'stopAt' }>;
  airC: number;
  pressurePa: number;
  /** At an unscreened flame, m/s; 0 indoors. */
  windMps: number;
  /** The can as it was lit, where there is one. */
  can: Can;
  canC: number;
  /** What was read: fuel, g, and time to the target, s. */
  burntG: number;
  seconds: number;
  scale: Scale;
  isWet: boolean;
  /** A rolling boil by eye, or a thermometer at a stated target. */
  endPoint: 'eye' | 'thermometer';
}

/** What a test was, for the burn model. */
export function factsOf(use: KitInUse, test: BurnTest): BurnFacts {
  const wind = screenedWind(test.windMps, use.kit.windscreen);
  return {
    ...potOver(use),
    waterMl: test.waterMl,
    start: { kind: 'water', waterC: test.waterC },
    target: test.target,
    holdS: 0,
    rolling: false,
    foodJPerK: 0,
    airC: test.airC,
    pressurePa: test.pressurePa,
    flameWindMps: wind.flameMps,
    potWindMps: wind.potMps,
    gusty: false,
    primingG: 0,
  };
}

/** What makes two tests no comparison of burners. */
export const CONFOUNDERS = ['pot', 'water', 'target', 'endPoint', 'lid', 'windscreen', 'fuel', 'can', 'wind'] as const;
export type Confounder = (typeof CONFOUNDERS)[number];

/** So much more or less in the can, or of the wind, is another condition (common practice). */
const CAN_SHARE = 0.15;
const WIND_MPS = 0.5;

/** What besides its burner differs between two tests. */
export function confounders(a: BurnTest, b: BurnTest): Confounder[] {
  const differs: Record<Confounder, boolean> = {
    pot: !same(a.kit.pot, b.kit.pot),
    water: a.waterMl !== b.waterMl || Math.abs(a.waterC - b.waterC) > 2,
    target: !same(a.target, b.target),
    endPoint: a.endPoint !== b.endPoint,
    lid: a.kit.lidOn !== b.kit.lidOn,
    windscreen: a.kit.windscreen !== b.kit.windscreen,
    fuel: a.kit.fuelId !== b.kit.fuelId,
    can: Math.abs(a.can.fuelLeftG / a.can.netG - b.can.fuelLeftG / b.can.netG) > CAN_SHARE,
    wind: Math.abs(a.windMps - b.windMps) > WIND_MPS,
  };
  return CONFOUNDERS.filter((c) => differs[c]);
}
