import { normals, seededRandom } from './random';
import { SPREADS } from './spreads';

/** One burn as the draw sees it: its expected fuel and how that moves, all from the full burn model. */
export interface UncertainBurn {
  fuelG: number;
  /** Grams per kelvin that the water and the air are warmer (negative: warmer saves). */
  perWaterK: number;
  perAirK: number;
  /** Fuel with the wind one class down and up, over the expected, 1 = the same. */
  windDown: number;
  windUp: number;
  /** Further standard deviation of the air on that day, K; the larger of it and the usual one counts. */
  airSdK: number;
}

/** A carry to be tried: its burns in order, and the fuel that leaves its stop. */
export interface UncertainCarry {
  /** Burns by day. */
  days: UncertainBurn[][];
  fuelG: number;
}

/** What besides the weather may go otherwise, as chances (0–1). */
export interface Mishaps {
  /** A carry takes a day longer, like its last one. */
  slowDay: number;
  /** A day on which the wind is a class up all day. */
  stormDay: number;
  /** A hot drink more, as dear as this share of the day's dearest burn. */
  drinkMore: number;
}
export const NO_MISHAPS: Mishaps = { slowDay: 0, stormDay: 0, drinkMore: 0 };
/** A hot drink against a supper (docs/physics.md, Dishes: a third of a litre to 80 °C against half a litre to the boil). */
const DRINK_SHARE = 0.5;

export interface CarryRisk {
  /** Probability that the fuel does not last, and its standard error. */
  runOut: number;
  standardError: number;
  meanG: number;
  sdG: number;
  /** Probability that it is out by the end of each day. */
  outByDay: number[];
  /** Demand that so many of a hundred trips stay below, g: the 5th, 25th, 50th, 75th, 95th and 98th. */
  quantilesG: Record<5 | 25 | 50 | 75 | 95 | 98, number>;
  /** Demands of every trip tried, sorted, g. */
  demandsG: Float64Array;
}

/**
 * Tries every carry `trips` times. Water and air move each burn in a straight line, the quantity in proportion, the wind by one of three
 * factors; what a straight line leaves out against the full model is measured in the bench. One seed gives one answer.
 */
export function runOutRisk(carries: readonly UncertainCarry[], trips: number, seed: number, mishaps: Mishaps = NO_MISHAPS): CarryRisk[] {
  return carries.map((carry, i) => {
    const random = seededRandom(seed + 7919 * i);
    const normal = normals(random);
    const demandsG = new Float64Array(trips);
    const outOn = carry.days.map(() => 0);
    for (let t = 0; t < trips; t++) {
      let total = 0;
      carry.days.forEach((day, d) => {
        total += dayDemandG(day, random, normal, mishaps);
        if (isOver(total, carry.fuelG)) outOn[d]++;
      });
      const last = carry.days[carry.days.length - 1];
      if (last && mishaps.slowDay > 0 && random() < mishaps.slowDay) total += dayDemandG(last, random, normal, mishaps);
      demandsG[t] = total;
    }
    demandsG.sort();
    return { ...summary(demandsG, carry.fuelG), outByDay: outOn.map((n) => n / trips) };
  });
}

/** One day's fuel, drawn; never less than nothing. */
function dayDemandG(day: readonly UncertainBurn[], random: () => number, normal: () => number, { stormDay, drinkMore }: Mishaps): number {
  const storm = stormDay > 0 && random() < stormDay;
  let total = 0;
  let dearest = 0;
  for (const b of day) {
    const u = random();
    const wind = storm || u < SPREADS.windUp ? b.windUp : u < SPREADS.windUp + SPREADS.windDown ? b.windDown : 1;
    const weather = b.fuelG + b.perWaterK * SPREADS.waterK * normal() + b.perAirK * Math.max(SPREADS.airK, b.airSdK) * normal();
    const drawn = Math.max(0, weather * wind * (1 + SPREADS.quantityShare * normal()));
    total += drawn;
    dearest = Math.max(dearest, drawn);
  }
  return drinkMore > 0 && random() < drinkMore ? total + DRINK_SHARE * dearest : total;
}

/** A hair above what is carried is not run out. */
const isOver = (demandG: number, fuelG: number): boolean => demandG > fuelG + 1e-9;

/** Share of the trips tried that burn more than `fuelG`. */
export const chanceOfMoreThan = ({ demandsG }: Pick<CarryRisk, 'demandsG'>, fuelG: number): number =>
  demandsG.length ? (demandsG.length - countUpTo(demandsG, fuelG + 1e-9)) / demandsG.length : 0;

/** Chance that at least one of several carries runs out, their weather taken as independent. */
export const chanceOfAny = (chances: readonly number[]): number => 1 - chances.reduce((kept, p) => kept * (1 - p), 1);

function summary(sorted: Float64Array, fuelG: number): Omit<CarryRisk, 'outByDay'> {
  const n = sorted.length;
  const mean = sorted.reduce((a, b) => a + b, 0) / n;
  const variance = sorted.reduce((a, b) => a + (b - mean) ** 2, 0) / Math.max(1, n - 1);
  const runOut = chanceOfMoreThan({ demandsG: sorted }, fuelG);
  const at = (percent: number): number => sorted[Math.min(n - 1, Math.floor((percent / 100) * n))] ?? 0;
  return {
    runOut,
    standardError: Math.sqrt(Math.max(runOut * (1 - runOut), 1 / n) / n),
    meanG: mean,
    sdG: Math.sqrt(variance),
    quantilesG: { 5: at(5), 25: at(25), 50: at(50), 75: at(75), 95: at(95), 98: at(98) },
    demandsG: sorted,
  };
}

/** How many of a sorted row are no more than `x`. */
function countUpTo(sorted: Float64Array, x: number): number {
  let low = 0;
  let high = sorted.length;
  while (low < high) {
    const mid = (low + high) >> 1;
    if (sorted[mid] <= x) low = mid + 1;
    else high = mid;
  }
  return low;
}

/** Fuel with which no more than `limit` (0–1) of the trips tried run out, g. */
export const fuelForRisk = ({ demandsG }: Pick<CarryRisk, 'demandsG'>, limit: number): number =>
  demandsG[Math.min(demandsG.length - 1, Math.max(0, Math.ceil((1 - limit) * demandsG.length) - 1))] ?? 0;
