import {
  boilTimeS,
  canisterSource,
  doseAlcohol,
  doseTablets,
  DRY_FOOD_CP_J_PER_G_K,
  JOINT_LOSS_G,
  LIQUID_PRIMING_G,
  openSource,
  potHeatCapacityJPerK,
  potHeightFactor,
  PRIMER_PAN,
  screenedWind,
  screenGapFactor,
  simulateBurn,
  WINDSCREENS_ROUND,
  type Burn,
  type BurnInput,
  type DosedBurn,
  type FlameKind,
  type FlameSource,
  type WaterStart,
} from '../burn';
import { blendAfterWithdrawal, canStartC, WARMING, type Can } from '../canister';
import { burnerById, hasValve, isGas, powerRange, wallsInCan, type Burner } from '../catalogue';
import { fuelById, fuelLhvKJPerG, type Fuel } from '../fuel';
import type { Kit, Meal } from '../model';
import { WATER_CP_J_PER_KG_K } from '../water';
import type { DayConditions } from './day-conditions';

/** Temperature at which a can is taken to have been drawn down so far, where nothing is recorded (docs/physics.md, The can). */
export const WITHDRAWAL_C = 5;

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
  const labelled = fuelById(kit.fuelId);
  const fuel = labelled.kind === 'gas' && kit.ownBlend ? { ...labelled, blend: kit.ownBlend } : labelled;
  return { kit, burner, fuel, lhvKJPerG: fuelLhvKJPerG(fuel), flame: kit.windscreen === 'cone' ? 'cone' : burner.flame };
}

/** The setting a valve can really hold: not below the burner's lowest steady flame; 1 without a valve. */
export function heldSetting(kit: Kit, burner: Burner): number {
  if (!hasValve(burner)) return 1;
  const { ratedW, lowestW } = powerRange(burner);
  return Math.max(kit.flameSetting, lowestW / ratedW);
}

/** What a burn was given, without its flame source: plain data for derivations on screen. */
export type BurnFacts = Omit<BurnInput, 'source'>;

export interface MealBurn extends DosedBurn {
  facts: BurnFacts;
  /** The can when lit, °C; absent without a can. */
  canStartC?: number;
}

/**
 * One meal of one day on a kit; `can` is the canister in use, ignored by other families. `after` is a burn that has just ended: the
 * pot is still warm from it, and nothing is primed or joined again.
 */
export function burnMeal(use: KitInUse, meal: Meal, day: DayConditions, airC: number, can: Can, after?: Burn): MealBurn {
  const cold = burnFacts(use, meal, day, airC);
  const facts = after ? straightAfter(cold, after.targetC) : cold;
  return dosed(use, simulateBurn({ ...facts, source: sourceFor(use, facts, can) }), facts);
}

/** Facts of a potful put on while the burner burns: the warm pot warms its water, and there is no lighting. */
function straightAfter(facts: BurnFacts, potC: number): BurnFacts {
  const lit = { ...facts, primingG: 0, jointLossG: 0 };
  if (facts.start.kind !== 'water') return lit;
  const potJPerK = potHeatCapacityJPerK(facts.pot);
  const waterJPerK = (facts.waterMl / 1000) * WATER_CP_J_PER_KG_K;
  const waterC = (waterJPerK * facts.start.waterC + potJPerK * Math.max(potC, facts.start.waterC)) / (waterJPerK + potJPerK);
  return { ...lit, start: { kind: 'water', waterC } };
}

/** Everything about a meal's burn that does not depend on the can. */
export function burnFacts(use: KitInUse, meal: Meal, day: DayConditions, airC: number): BurnFacts {
  const { kit, burner, fuel } = use;
  const wind = screenedWind(day.windMps, kit.windscreen);
  const start: WaterStart = day.snow
    ? { kind: 'snow', snowC: Math.min(0, airC), starterWater: day.starterWater }
    : { kind: 'water', waterC: day.waterC };
  const rule = day.boilRule ?? (meal.makeSafe === 'none' ? undefined : meal.makeSafe);
  const treatS = rule ? boilTimeS(day.altitudeM, rule) : 0;
  const treated = treatS > meal.simmerMin * 60;
  const primerG = fuel.kind === 'alcohol' && airC < PRIMER_PAN.belowC ? PRIMER_PAN.ml * fuel.densityGPerMl : 0;
  return {
    waterMl: meal.waterMl,
    start,
    target: !rule || meal.target.kind === 'fry' ? meal.target : { kind: 'boil' },
    holdS: Math.max(meal.simmerMin * 60, treatS),
    rolling: treated,
    airC,
    pressurePa: day.pressurePa,
    flameWindMps: wind.flameMps,
    potWindMps: wind.potMps,
    gusty: day.gusty,
    pot: kit.pot,
    lidOn: kit.lidOn && !meal.lidOff,
    foodJPerK: meal.vessel === 'pot' && meal.simmerMin > 0 ? meal.dryG * DRY_FOOD_CP_J_PER_G_K : 0,
    sleeveOn: kit.sleeveOn,
    flame: use.flame,
    headFactor: kit.headFactor * fitFactor(use),
    primingG: burner.family === 'liquid' ? LIQUID_PRIMING_G : primerG,
    jointLossG: isGas(burner) ? JOINT_LOSS_G : 0,
  };
}

/** How pot, burner and windscreen stand to each other: height counts over alcohol, the gap where a windscreen goes round. */
export function fitFactor({ kit, fuel }: KitInUse): number {
  const height = fuel.kind === 'alcohol' ? potHeightFactor(kit.potHeightMm) : 1;
  const gap = WINDSCREENS_ROUND.includes(kit.windscreen) ? screenGapFactor(kit.screenGapMm) : 1;
  return height * gap;
}

/** Is alcohol that is over snuffed and kept, by the burner's own lid or a cup, instead of burning on? */
export const isSnuffed = ({ burner, kit }: KitInUse): boolean => burner.family === 'simmerAlcohol' || kit.snuffer;

/** Doses what has to be dosed. */
export function dosed(use: KitInUse, burn: Burn, facts: BurnFacts): MealBurn {
  const { burner, fuel, kit } = use;
  if (fuel.kind === 'alcohol') return { ...doseAlcohol(burn, fuel, kit.measureMl, isSnuffed(use)), facts };
  if (fuel.kind === 'tablet') return { ...doseTablets(burn, fuel), facts };
  return isGas(burner) ? { burn, facts, canStartC: canStartC(facts.airC, kit.canWarming) } : { burn, facts };
}

/** The flame of a kit in a burn's conditions, at `setting` where the burner has a valve. */
export function sourceFor(use: KitInUse, facts: BurnFacts, can: Can, setting = heldSetting(use.kit, use.burner)): FlameSource {
  const { burner, fuel, lhvKJPerG, kit } = use;
  const { ratedW, lowestW } = powerRange(burner, fuel.kind === 'tablet' ? fuel.powerW : 0);
  if (isGas(burner) && fuel.kind === 'gas') {
    const blend = burner.feed === 'liquid' ? fuel.blend : blendAfterWithdrawal(fuel.blend, can.fuelLeftG / can.netG, WITHDRAWAL_C);
    return canisterSource({
      feed: burner.feed,
      ratedW,
      lowestW,
      setting,
      can,
      blend,
      canC: canStartC(facts.airC, kit.canWarming),
      warmingW: WARMING[kit.canWarming].warmingW,
      walledIn: wallsInCan(kit.windscreen, burner),
      airC: facts.airC,
      pressurePa: facts.pressurePa,
      windMps: facts.flameWindMps,
      lhvKJPerG,
    });
  }
  return openSource(ratedW * setting, lhvKJPerG, fuel.kind === 'alcohol', ratedW, lowestW);
}
