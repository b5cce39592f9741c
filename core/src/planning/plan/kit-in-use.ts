import { potHeightFactor, screenGapFactor, WINDSCREENS_ROUND, type FlameKind } from '../../physics/burn';
import { burnerById, hasValve, powerRange, type Burner } from '../../domain/catalogue';
import { fuelById, fuelLhvKJPerG, type Fuel } from '../../physics/fuel';
import type { Kit } from '../../domain/model';
import { NO_CACHE, type PlanCache } from './plan-cache';

/** The kit with its catalogue entries looked up. */
export interface KitInUse {
  kit: Kit;
  burner: Burner;
  fuel: Fuel;
  lhvKJPerG: number;
  flame: FlameKind;
  /** The cache of its burns. */
  cache: PlanCache;
}

/** Looks up burner and fuel; the schema has checked that they belong together. */
export function kitInUse(kit: Kit, cache: PlanCache = NO_CACHE): KitInUse {
  const burner = burnerById(kit.burnerId);
  const labelled = fuelById(kit.fuelId);
  const fuel = labelled.kind === 'gas' && kit.ownBlend ? { ...labelled, blend: kit.ownBlend } : labelled;
  return { kit, burner, fuel, lhvKJPerG: fuelLhvKJPerG(fuel), flame: kit.windscreen === 'cone' ? 'cone' : burner.flame, cache };
}

/** The setting a valve can really hold: not below the burner's lowest steady flame; 1 without a valve. */
export function heldSetting(kit: Kit, burner: Burner): number {
  if (!hasValve(burner)) return 1;
  const { ratedW, lowestW } = powerRange(burner);
  return Math.max(kit.flameSetting, lowestW / ratedW);
}

/** Efficiency factor of the geometry: pot height over an alcohol burner, gap to a windscreen that encloses the pot. */
export function fitFactor({ kit, fuel }: KitInUse): number {
  const height = fuel.kind === 'alcohol' ? potHeightFactor(kit.potHeightMm) : 1;
  const gap = WINDSCREENS_ROUND.includes(kit.windscreen) ? screenGapFactor(kit.screenGapMm) : 1;
  return height * gap;
}

/** Is alcohol that is over snuffed and kept, by the burner's own lid or a cup, instead of burning on? */
export const isSnuffed = ({ burner, kit }: KitInUse): boolean => burner.family === 'simmerAlcohol' || kit.snuffer;
