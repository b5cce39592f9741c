import { cookedMin, COZIES, mixedC, potHeatCapacityJPerK, rest, restForDonenessS, type Rest } from '../../physics/burn';
import type { Meal } from '../../domain/model';
import type { BurnFacts } from '../../planning/planned';

/** A dish off the flame: how it cools, and how far it is cooked. */
export interface DishRest {
  /** After stirring the food in, °C. */
  mixedC: number;
  cooling: Rest;
  /** Minutes at 90 °C that a simmer has cooked already. */
  simmeredMin: number;
  /** Rest that cooks it through here, s: 0 where the simmer has done it, undefined where it cools too soon. */
  needS: number | undefined;
}

/** The rest of a dish that was heated to `targetC`. Boiled for a cozy or dried at home, it rests wrapped. */
export function dishRest(meal: Meal, facts: BurnFacts, targetC: number): DishRest {
  const { waterMl, airC, pressurePa, potWindMps, pot } = facts;
  const potJPerK = meal.vessel === 'pot' ? potHeatCapacityJPerK(pot) : 0;
  const startC = meal.simmerMin > 0 ? targetC : mixedC(waterMl, targetC, meal.dryG, Math.max(0, airC), potJPerK);
  const cooling = rest({
    waterMl: Math.max(50, waterMl - meal.drainedMl),
    dryG: meal.dryG,
    startC,
    airC,
    pressurePa,
    windMps: potWindMps,
    pot,
    vessel: meal.vessel,
    cozyM2KPerW: meal.method === 'boilCozy' || meal.method === 'homeDried' ? COZIES.foam : COZIES.none,
    padUnder: true,
  });
  const simmeredMin = cookedMin(() => targetC, facts.holdS);
  const needS = simmeredMin >= meal.doneMin ? 0 : restForDonenessS(cooling.atS, meal.doneMin - simmeredMin);
  return { mixedC: startC, cooling, simmeredMin, needS };
}
