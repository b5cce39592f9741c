import { DEMO_TRIP } from '@tinder/core/demo';
import { MEALS } from '@tinder/core/domain/model';
import { FRESH_CAN, kitInUse, onEvening, planTrip, reckonedBurn } from '@tinder/core/planning/plan';
import type { PlannedMeal } from '@tinder/core/planning/planned';
import { normals, runOutRisk, seededRandom, SPREADS, WIND_CLASS } from '@tinder/core/planning/risk';
import { uncertainBurn, uncertainCarry } from '@tinder/core/studies/study';

const plan = planTrip(DEMO_TRIP);
const use = kitInUse(DEMO_TRIP.kit);

const mean = (xs: readonly number[]): number => xs.reduce((a, b) => a + b, 0) / xs.length;
const sd = (xs: readonly number[]): number => Math.sqrt(mean(xs.map((x) => (x - mean(xs)) ** 2)));
const rms = (xs: readonly number[]): number => Math.sqrt(mean(xs.map((x) => x * x)));
const quantile = (xs: readonly number[], p: number): number => [...xs].sort((a, b) => a - b)[Math.floor(p * xs.length)];

/** How an evening differs from the planned one. */
interface Evening {
  waterK: number;
  airK: number;
  quantity: number;
  wind: -1 | 0 | 1;
}

/** The burn worked out anew for that evening by the full model, g; at the edge of what works where it would not be finished, as the draw takes it. */
function fullG({ facts, canFraction }: PlannedMeal, e: Evening): number {
  const windy = onEvening(facts, e.waterK, e.wind === 0 ? 1 : e.wind > 0 ? WIND_CLASS.up : WIND_CLASS.down);
  const there = { ...windy, airC: facts.airC + e.airK, waterMl: facts.waterMl * e.quantity };
  const can = { ...FRESH_CAN, fuelLeftG: Math.max(1, (canFraction ?? 1) * FRESH_CAN.netG) };
  return reckonedBurn(use, there, can).burn.fuelG;
}

/** The same draws once by straight lines and once by the full burn model: every meal of the demo, trip by trip. */
export function surrogateError(trips = 150) {
  const random = seededRandom(5);
  const normal = normals(random);
  const meals = plan.days.flatMap((d) => MEALS.flatMap((name) => d.meals[name] ?? []));
  const lines = meals.map((m) => uncertainBurn(use, m, 0));
  const quick: number[] = [];
  const full: number[] = [];
  const single: number[] = [];
  for (let t = 0; t < trips; t++) {
    let [quickSum, fullSum] = [0, 0];
    meals.forEach((meal, i) => {
      const u = random();
      const e: Evening = {
        waterK: SPREADS.waterK * normal(),
        airK: SPREADS.airK * normal(),
        quantity: 1 + SPREADS.quantityShare * normal(),
        wind: u < SPREADS.windUp ? 1 : u < SPREADS.windUp + SPREADS.windDown ? -1 : 0,
      };
      const line = lines[i];
      const wind = e.wind > 0 ? line.windUp : e.wind < 0 ? line.windDown : 1;
      const byLine = (line.needG + line.perWaterK * e.waterK + line.perAirK * e.airK) * wind * e.quantity;
      const byModel = fullG(meal, e);
      single.push(byLine / byModel - 1);
      quickSum += byLine;
      fullSum += byModel;
    });
    quick.push(quickSum);
    full.push(fullSum);
  }
  return {
    trips,
    burns: single.length,
    meanPercent: 100 * (mean(quick) / mean(full) - 1),
    sdPercent: 100 * (sd(quick) / sd(full) - 1),
    q98Percent: 100 * (quantile(quick, 0.98) / quantile(full, 0.98) - 1),
    burnPercent: 100 * rms(single),
  };
}

/** How the chance of running out settles with the number of trips. */
export function riskConvergence() {
  const carries = plan.carries.map((c) => uncertainCarry(DEMO_TRIP, c));
  // a carry that runs out about one time in ten, so that there is something to count
  const [{ demandsG }] = runOutRisk([carries[2]], 10_000, 7);
  const tight = { ...carries[2], fuelG: demandsG[9000] };
  const chance = (trips: number, seed: number): number => runOutRisk([tight], trips, seed)[0].runOut;
  const settled = chance(400_000, 99);
  const off = (trips: number): number => rms(Array.from({ length: 16 }, (_, i) => chance(trips, 100 + i) - settled));
  return { errorRatio: off(1000) / off(16_000), standardError: runOutRisk([tight], 10_000, 3)[0].standardError };
}
