import type { BurnFacts, DayConditions } from '../planned';
import {
  AIR_DRAWN_EXPONENT,
  boilTimeS,
  canisterSource,
  DRY_FOOD_CP_J_PER_G_K,
  JOINT_LOSS_G,
  LIQUID_PRIMING_G,
  openSource,
  potHeatCapacityJPerK,
  PRIMER_PAN,
  screenedWind,
  simulateBurn,
  type Burn,
  type FlameSource,
  type WaterStart,
} from '../../physics/burn';
import { blendAfterWithdrawal, canStartC, WARMING, type Can } from '../../physics/canister';
import { isGas, powerRange, wallsInCan } from '../../domain/catalogue';
import { isTinned } from '../../domain/menu';
import { ownBurner, type Meal } from '../../domain/model';
import { SEA_LEVEL_PA, WATER_CP_J_PER_KG_K } from '../../physics/water';

import { fitFactor, heldSetting, type KitInUse } from './kit-in-use';

/** Temperature at which a can is taken to have been drawn down so far, where nothing is recorded (docs/physics.md, The can). */
export const WITHDRAWAL_C = 5;

/** Facts of a potful put on while the burner burns: the warm pot warms its water, and there is no lighting. */
export function factsOfNextPotful(facts: BurnFacts, potC: number): BurnFacts {
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
  const rule = treatmentOf(meal, day);
  const treatS = rule ? boilTimeS(day.altitudeM, rule) : 0;
  const treated = treatS > meal.simmerMin * 60;
  const rolling = treated || meal.method === 'pastaPot';
  const primerG = fuel.kind === 'alcohol' && airC < PRIMER_PAN.belowC ? PRIMER_PAN.ml * fuel.densityGPerMl : 0;
  return {
    waterMl: meal.waterMl,
    start: startOf(meal, day, airC),
    target: !rule || meal.target.kind === 'fry' ? meal.target : { kind: 'boil' },
    holdS: Math.max(meal.simmerMin * 60, treatS),
    rolling,
    airC,
    pressurePa: day.pressurePa,
    flameWindMps: wind.flameMps,
    potWindMps: wind.potMps,
    gusty: day.gusty,
    ...potOnFlame(use),
    lidOn: kit.lidOn && !meal.lidOff,
    foodJPerK: meal.vessel === 'pot' && meal.simmerMin > 0 ? meal.dryG * DRY_FOOD_CP_J_PER_G_K : 0,
    primingG: burner.family === 'liquid' ? LIQUID_PRIMING_G : primerG,
  };
}

/** What goes into the pot; a tin has been in the pack and is as cold as the air. */
function startOf(meal: Meal, day: DayConditions, airC: number): WaterStart {
  if (isTinned(meal)) return { kind: 'water', waterC: Math.max(0, airC) };
  if (day.snow) return { kind: 'snow', snowC: Math.min(0, airC), starterWater: day.starterWater };
  return { kind: 'water', waterC: day.waterC };
}

/** The rule by which water is boiled safe: the day's, else the dish's; nothing in a tin has to be. */
function treatmentOf(meal: Meal, day: DayConditions): DayConditions['boilRule'] {
  if (isTinned(meal)) return undefined;
  return day.boilRule ?? (meal.makeSafe === 'none' ? undefined : meal.makeSafe);
}

/** The part of a burn's facts that depends on the kit alone: pot and flame, with the factors of burn tests. */
export function potOnFlame(
  use: KitInUse,
): Pick<BurnFacts, 'pot' | 'lidOn' | 'sleeveOn' | 'flame' | 'headFactor' | 'fluxFactor' | 'windFactor' | 'jointLossG'> {
  const { kit, burner, flame } = use;
  const { head, flux, wind } = ownBurner(kit)?.factors ?? UNCALIBRATED;
  return {
    pot: kit.pot,
    lidOn: kit.lidOn,
    sleeveOn: kit.sleeveOn,
    flame,
    headFactor: kit.headFactor * fitFactor(use) * head,
    fluxFactor: flux,
    windFactor: wind,
    jointLossG: isGas(burner) ? JOINT_LOSS_G : 0,
  };
}
/** Rated and lowest power, W: the catalogue's times the factor of burn tests; a tablet has its own. */
export function ownRange({ kit, burner }: KitInUse, tabletW?: number): ReturnType<typeof powerRange> {
  const { power } = ownBurner(kit)?.factors ?? UNCALIBRATED;
  const { ratedW, lowestW } = powerRange(burner, tabletW);
  return { ratedW: power * ratedW, lowestW: power * lowestW };
}
const UNCALIBRATED = { head: 1, flux: 1, wind: 1, power: 1 };

/** The flame of a kit in a burn's conditions, at `setting` where the burner has a valve, the can at `canC` when lit where there is one. */
export function sourceFor(
  use: KitInUse,
  facts: BurnFacts,
  can: Can,
  setting = heldSetting(use.kit, use.burner),
  canC = canStartC(facts.airC, use.kit.canWarming),
): FlameSource {
  const { burner, fuel, lhvKJPerG, kit } = use;
  const { ratedW, lowestW } = ownRange(use, fuel.kind === 'tablet' ? fuel.powerW : 0);
  if (isGas(burner) && fuel.kind === 'gas') {
    // drawing liquid does not change the blend
    const filled = can.liquid ?? { blend: fuel.blend, whenG: can.netG };
    const blend = burner.feed === 'liquid' ? filled.blend : blendAfterWithdrawal(filled.blend, can.fuelLeftG / filled.whenG, WITHDRAWAL_C);
    return canisterSource({
      feed: burner.feed,
      ratedW,
      lowestW,
      setting,
      can,
      blend,
      canC,
      warmingW: WARMING[kit.canWarming].warmingW,
      walledIn: wallsInCan(kit.windscreen, burner),
      airC: facts.airC,
      pressurePa: facts.pressurePa,
      windMps: facts.flameWindMps,
      lhvKJPerG,
    });
  }
  const drawn = fuel.kind === 'alcohol' || fuel.kind === 'tablet' || fuel.kind === 'gel' ? airDrawnFactor(facts.pressurePa) : 1;
  return openSource(ratedW * setting * drawn, lhvKJPerG, fuel.kind === 'alcohol', ratedW * drawn, lowestW * drawn);
}

/** Simulates the burn with no dose. */
export const tryBurn = (use: KitInUse, facts: BurnFacts, can: Can): Burn =>
  use.cache.burn({ kit: use.kit, facts }, can, () => simulateBurn({ ...facts, source: sourceFor(use, facts, can) }));

/** Power of a flame that draws its own air, over its power at sea level. */
const airDrawnFactor = (pressurePa: number): number => Math.min(1, pressurePa / SEA_LEVEL_PA) ** AIR_DRAWN_EXPONENT;

/** The same flame out of a can so warm that it gives all the valve asks for; as it is where there is no can. */
export function fedFlame(use: KitInUse, setting = heldSetting(use.kit, use.burner)): FlameSource | undefined {
  if (!isGas(use.burner)) return undefined;
  const { ratedW, lowestW } = ownRange(use);
  return openSource(ratedW * setting, use.lhvKJPerG, false, ratedW, lowestW);
}
