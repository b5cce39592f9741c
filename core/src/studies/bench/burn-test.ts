import { ambientPressurePa } from '../../physics/air';
import { screenedWind, simulateBurn, unscreenedWindMps, type Burn, type Target } from '../../physics/burn';
import { CANISTER_SIZES } from '../../domain/carry';
import type { Can } from '../../physics/canister';
import { usesCans } from '../../domain/catalogue';
import { fuelById } from '../../physics/fuel';
import { burntWith, same, type BenchTest, type Calibration, type Kit, type TestSetup } from '../../domain/model';
import { nearest } from '../../foundation/numeric';
import { kitInUse, potOnFlame, sourceFor, type KitInUse } from '../../planning/plan';
import type { BurnFacts } from '../../planning/planned';
import type { Scale } from './weighing';

/** What a burn is burnt in. */
export interface Conditions {
  /** The kit as it is burnt. */
  kit: Kit;
  waterMl: number;
  waterC: number;
  /** Begun with snow in place of water. */
  snow: boolean;
  target: Extract<Target, { kind: 'boil' | 'stopAt' }>;
  airC: number;
  pressurePa: number;
  /** At an unscreened flame, m/s; 0 indoors. */
  windMps: number;
  /** The can as it was lit, where there is one. */
  can: Can;
  canC: number;
  scale: Scale;
  isWet: boolean;
  /** A rolling boil by eye, or a thermometer at a stated target. */
  endPoint: 'eye' | 'thermometer';
  probeIn: boolean;
  warmPot: boolean;
  fan: boolean;
}

/** One burn with a scale and a watch that reached its target. */
export interface BurnTest extends Conditions {
  id: string;
  /** Day, year-month-day: tests of one day share what is not known of it. */
  on: string;
  /** What was read: fuel, g, and time to the target, s. */
  burntG: number;
  seconds: number;
}

/** A dose is read off a measure to a millilitre (common practice). */
const MEASURE_ML = 1;

/** A setup as the burn model takes it. */
export function conditionsOf(setup: TestSetup): Conditions {
  const { kit, can, scale, altitudeM, wind, kitName: _name, indoors: _where, ...rest } = setup;
  const { tareG } = nearest(CANISTER_SIZES, (s) => s.netG, can.netG);
  return {
    ...rest,
    kit,
    pressurePa: ambientPressurePa(altitudeM),
    windMps: unscreenedWindMps(wind),
    can: { netG: can.netG, fuelLeftG: can.fuelLeftG, tareG },
    canC: can.canC,
    scale: { resolutionG: scale.resolutionG, ...(scale.ownSdG === null ? {} : { ownSdG: scale.ownSdG }) },
  };
}

/** Fuel that a test used, g. */
export function fuelReadG({ fuel, setup }: Pick<BenchTest, 'fuel' | 'setup'>): number {
  if (fuel.how === 'weighed') return fuel.beforeG - fuel.afterG;
  return fuel.how === 'told' ? fuel.burntG : (fuel.doseMl - fuel.leftMl) * densityGPerMl(setup.kit);
}

const densityGPerMl = (kit: Kit): number => {
  const fuel = fuelById(kit.fuelId);
  return 'densityGPerMl' in fuel ? fuel.densityGPerMl : 1;
};

/** A kept test as fits and comparisons take it; undefined for one that did not reach its target, or was set aside. */
export function burntOf(test: BenchTest): BurnTest | undefined {
  if (test.end !== 'reached' || test.setAside) return undefined;
  const conditions = conditionsOf(test.setup);
  const scale = test.fuel.how === 'dosed' ? { resolutionG: MEASURE_ML * densityGPerMl(test.setup.kit) } : conditions.scale;
  return { ...conditions, scale, id: test.id, on: test.on, burntG: fuelReadG(test), seconds: test.seconds };
}

/** Such a burn in the model, with these factors on the catalogue's burner, or with the kit's own. */
export function burnIn(conditions: Conditions, factors?: Calibration['factors']): Burn {
  const { kit } = conditions;
  const use = kitInUse(
    factors ? { ...kit, calibration: { of: burntWith(kit), factors, covariance: [], burns: 1, simulated: false } } : kit,
  );
  const facts = factsOf(use, conditions);
  return simulateBurn({ ...facts, source: sourceFor(use, facts, conditions.can, undefined, conditions.canC) });
}

/** What a test was, for the burn model. */
export function factsOf(use: KitInUse, test: Conditions): BurnFacts {
  const wind = screenedWind(test.windMps, use.kit.windscreen);
  return {
    ...potOnFlame(use),
    waterMl: test.waterMl,
    start: test.snow ? { kind: 'snow', snowC: Math.min(0, test.airC), starterWater: true } : { kind: 'water', waterC: test.waterC },
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
export const CONFOUNDERS = [
  'pot',
  'burner',
  'flame',
  'sleeve',
  'water',
  'target',
  'endPoint',
  'lid',
  'probe',
  'warmPot',
  'windscreen',
  'fuel',
  'can',
  'canC',
  'wind',
] as const;
export type Confounder = (typeof CONFOUNDERS)[number];

/** So much more or less in the can, or of the wind, is another condition (common practice). */
const CAN_SHARE = 0.15;
const WIND_MPS = 0.5;
const CAN_K = 5;
const WATER_K = 2;

/** What differs between two tests: one thing is a comparison, more of them compare systems. */
export function confounders(a: Conditions, b: Conditions): Confounder[] {
  const differs: Record<Confounder, boolean> = {
    pot: !same(a.kit.pot, b.kit.pot),
    burner: a.kit.burnerId !== b.kit.burnerId,
    flame: a.kit.flameSetting !== b.kit.flameSetting,
    sleeve: a.kit.sleeveOn !== b.kit.sleeveOn,
    water: a.waterMl !== b.waterMl || Math.abs(a.waterC - b.waterC) > WATER_K || a.snow !== b.snow,
    target: !same(a.target, b.target),
    endPoint: a.endPoint !== b.endPoint,
    lid: a.kit.lidOn !== b.kit.lidOn,
    probe: a.probeIn !== b.probeIn,
    warmPot: a.warmPot !== b.warmPot,
    windscreen: a.kit.windscreen !== b.kit.windscreen,
    fuel: a.kit.fuelId !== b.kit.fuelId,
    can: usesCans(a.kit) && usesCans(b.kit) && Math.abs(a.can.fuelLeftG / a.can.netG - b.can.fuelLeftG / b.can.netG) > CAN_SHARE,
    canC: usesCans(a.kit) && usesCans(b.kit) && Math.abs(a.canC - b.canC) > CAN_K,
    wind: Math.abs(a.windMps - b.windMps) > WIND_MPS || a.fan !== b.fan,
  };
  return CONFOUNDERS.filter((c) => differs[c]);
}
