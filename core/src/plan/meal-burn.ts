import type { Kit, Meal } from '../archive/trip-schema';
import { simulateBurn, type Burn, type BurnInput } from '../burn/burn';
import { JOINT_LOSS_G, type FlameKind } from '../burn/constants';
import { doseAlcohol, doseTablets, type DosedBurn } from '../burn/dose';
import { canisterSource, openSource, type FlameSource } from '../burn/flame-source';
import { screenedWind } from '../burn/wind';
import { blendAfterWithdrawal } from '../canister/withdrawal';
import type { Can } from '../canister/thermal';
import { burnerById, type Burner } from '../catalogue/burners';
import { FUELS, fuelLhvKJPerG, type Fuel } from '../fuel/fuels';
import type { DayConditions } from './day-conditions';

/** Temperature at which a can is taken to have been drawn down so far, where nothing is recorded (domain section 5). */
const WITHDRAWAL_C = 5;

/** The kit with its catalogue entries looked up. */
export interface KitInUse {
  kit: Kit;
  burner: Burner;
  fuel: Fuel;
  lhvKJPerG: number;
  flame: FlameKind;
}

/** Looks up burner and fuel; the schema has checked that they belong together. */
export function kitInUse(kit: Kit): KitInUse {
  const burner = burnerById(kit.burnerId);
  const fuel = FUELS.find((f) => f.id === kit.fuelId);
  if (!fuel) throw new Error(`no fuel "${kit.fuelId}"`);
  return { kit, burner, fuel, lhvKJPerG: fuelLhvKJPerG(fuel), flame: kit.windscreen === 'cone' ? 'cone' : burner.flame };
}

/** The setting a valve can really hold: not below the burner's lowest steady flame. */
export function heldSetting(kit: Kit, burner: Burner): number {
  return burner.family === 'canisterTop' ? Math.max(kit.flameSetting, burner.lowestW / burner.ratedW) : 1;
}

/** What a burn was given, without its flame source: plain data for derivations on screen. */
export type BurnFacts = Omit<BurnInput, 'source'>;

export interface MealBurn extends DosedBurn {
  facts: BurnFacts;
}

/** One meal of one day on a kit; `can` is the canister in use, ignored by other families. */
export function burnMeal(use: KitInUse, meal: Meal, day: DayConditions, airC: number, can: Can): MealBurn {
  const { kit, fuel } = use;
  const wind = screenedWind(day.windMps, kit.windscreen);
  const facts: BurnFacts = {
    waterMl: meal.waterMl,
    waterC: day.waterC,
    target: meal.target,
    airC,
    pressurePa: day.pressurePa,
    flameWindMps: wind.flameMps,
    potWindMps: wind.potMps,
    pot: kit.pot,
    lidOn: kit.lidOn,
    flame: use.flame,
    jointLossG: use.burner.family === 'canisterTop' ? JOINT_LOSS_G : 0,
  };
  const burn: Burn = simulateBurn({ ...facts, source: sourceFor(use, day.pressurePa, airC, wind.flameMps, can) });
  switch (fuel.kind) {
    case 'gas':
      return { burn, facts };
    case 'alcohol':
      return { ...doseAlcohol(burn, fuel, kit.measureMl), facts };
    case 'tablet':
      return { ...doseTablets(burn, fuel), facts };
  }
}

function sourceFor(use: KitInUse, pressurePa: number, airC: number, windMps: number, can: Can): FlameSource {
  const { burner, fuel, lhvKJPerG, kit } = use;
  if (burner.family === 'canisterTop' && fuel.kind === 'gas')
    return canisterSource({
      ratedW: burner.ratedW,
      setting: heldSetting(kit, burner),
      can,
      blend: blendAfterWithdrawal(fuel.blend, can.fuelLeftG / can.netG, WITHDRAWAL_C),
      canC: airC,
      airC,
      pressurePa,
      windMps,
      lhvKJPerG,
    });
  if (burner.family === 'openAlcohol') return openSource(burner.ratedW, lhvKJPerG, true);
  if (burner.family === 'tablet' && fuel.kind === 'tablet') return openSource(fuel.powerW * burner.tabletsAtOnce, lhvKJPerG, false);
  throw new Error(`the ${burner.name} does not burn ${fuel.name}`);
}
