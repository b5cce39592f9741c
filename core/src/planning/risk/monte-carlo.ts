import { usedOfDoseG, type DoseRule } from '../../physics/burn';
import { meanOf, varianceOf } from '../../foundation/numeric';
import { NO_MISHAPS, type Mishaps } from './mishaps';
import { needOnG, type NeedLine, type WindClass } from './need';
import { normals, seededRandom } from './random';
import { SPREADS, UNCALIBRATED_SD } from './spreads';

/** One burn as the draw sees it: what it needs as planned and how that moves, all from the full burn model. */
export interface UncertainBurn extends NeedLine {
  /** Grams per kelvin that the air is warmer. */
  perAirK: number;
  /** Further standard deviation of the air on that day, K; the larger of it and the usual one counts. */
  airSdK: number;
  /** What is poured or laid out before anyone knows the evening; absent for a burner with a valve. */
  dose?: { rule: DoseRule; doseG: number; relightG: number };
}
/** A day of a carry: its burns in order, and the leg it belongs to. */
export interface UncertainDay {
  leg: number;
  burns: UncertainBurn[];
}

/** A carry to be tried: its days, and the fuel that leaves its stop. */
export interface UncertainCarry {
  /** Its place on the trip: the same carry is drawn alike wherever it is asked for. */
  place: number;
  days: UncertainDay[];
  fuelG: number;
  /** How far burner, pot and hand are known together, as a share; where burn tests have told, less than is usual. */
  factorSd?: number;
  /** How far that fuel is known, one standard deviation, g: what part-used containers hold is measured, not printed. */
  fuelSdG?: number;
}

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
  /** Demands of every trip tried, sorted, and as they were drawn, trip by trip, g. */
  demandsG: Float64Array;
  drawnG: Float64Array;
  /** Standard deviation of the shared factor, as a share. */
  factorSd: number;
  /** Sorted demands of the same trips if burner, pot and hand were as reckoned with, g. */
  knownG: Float64Array;
}

/**
 * Tries every carry `trips` times. What is off is off together: one factor of sd `factorSd` for burner, pot and hand holds the whole trip
 * long, water, air and wind hold for a leg; only the quantity is drawn burn by burn. Water and air move a need in a straight line, the
 * quantity and the factor in proportion, the wind by one of three factors; what a straight line leaves out is measured in the bench. A dose
 * is poured before any of it is known. What is less in the containers than was reckoned with counts as if it had been burnt before the first
 * day. One seed gives one answer.
 */
export function runOutRisk(
  carries: readonly UncertainCarry[],
  trips: number,
  seed: number,
  mishaps: Mishaps = NO_MISHAPS,
  factorSd = UNCALIBRATED_SD,
): CarryRisk[] {
  // the same row for every carry of the trip
  const factorNormal = normals(seededRandom(seed ^ FACTOR_STREAM));
  const factorZ = Float64Array.from({ length: trips }, () => factorNormal());
  return carries.map((carry) => {
    const sd = carry.factorSd ?? factorSd;
    const random = seededRandom(seed + 7919 * carry.place);
    const normal = normals(random);
    const drawnG = missingG(carry, trips, seed);
    const knownG = Float64Array.from(drawnG);
    const outOn = carry.days.map(() => 0);
    // one object reused for all trips, to spare a million allocations
    const weather: Weather = { waterZ: 0, airZ: 0, wind: 'same' };
    const days = carry.days.map(({ leg, burns }): DrawnDay => ({
      leg,
      burns,
      needsG: new Float64Array(burns.length),
      isDosed: burns.some((b) => b.dose),
      takenG: 0,
      drinksMore: false,
    }));
    const add = (t: number, factor: number, day: DrawnDay): void => {
      drawDay(day, weather, random, normal, mishaps);
      drawnG[t]! += takenOnDayG(day, factor);
      knownG[t]! += day.takenG;
    };
    for (let t = 0; t < trips; t++) {
      const factor = Math.max(0, 1 + sd * factorZ[t]!);
      for (let d = 0; d < days.length; d++) {
        if (d === 0 || days[d]!.leg !== days[d - 1]!.leg) drawWeather(weather, random, normal);
        add(t, factor, days[d]!);
        if (isOver(drawnG[t]!, carry.fuelG)) outOn[d]!++;
      }
      if (days.length && mishaps.slowDay > 0 && random() < mishaps.slowDay) add(t, factor, days[days.length - 1]!);
    }
    return { ...summary(drawnG, carry.fuelG), factorSd: sd, knownG: knownG.sort(), outByDay: outOn.map((n) => n / trips) };
  });
}

/** Fuel that is not in the containers though it was reckoned with, trip by trip, g; less than nothing where there is more. */
function missingG({ fuelSdG = 0, place }: UncertainCarry, trips: number, seed: number): Float64Array {
  if (!fuelSdG) return new Float64Array(trips);
  const normal = normals(seededRandom((seed + 7919 * place) ^ CONTENT_STREAM));
  return Float64Array.from({ length: trips }, () => fuelSdG * normal());
}

/** Set the rows of the shared factor and of what is in the containers apart from those of the carries. */
const FACTOR_STREAM = 0x5eed_fac7;
const CONTENT_STREAM = 0x5eed_ca25;

/** How the weather of a leg differs from what was reckoned with. */
interface Weather {
  waterZ: number;
  airZ: number;
  wind: WindClass;
}
/** Draws the weather of a leg into `weather`. */
function drawWeather(weather: Weather, random: () => number, normal: () => number): void {
  const u = random();
  weather.wind = u < SPREADS.windUp ? 'up' : u < SPREADS.windUp + SPREADS.windDown ? 'down' : 'same';
  weather.waterZ = normal();
  weather.airZ = normal();
}

/** A day as it was drawn last: what its burns need, g, and whether one drinks more. */
interface DrawnDay extends UncertainDay {
  needsG: Float64Array;
  isDosed: boolean;
  /** What leaves the stock where burner, pot and hand are as reckoned with, g; it moves with them in proportion unless something is dosed. */
  takenG: number;
  drinksMore: boolean;
}
/** Draws a day anew, in place. */
function drawDay(
  day: DrawnDay,
  { waterZ, airZ, wind }: Weather,
  random: () => number,
  normal: () => number,
  { stormDay, drinkMore }: Mishaps,
): void {
  const today = stormDay > 0 && random() < stormDay ? 'up' : wind;
  for (let i = 0; i < day.burns.length; i++) {
    const b = day.burns[i]!;
    day.needsG[i] = needOnG(b, waterZ, normal(), b.perAirK * Math.max(SPREADS.airK, b.airSdK) * airZ, today);
  }
  day.drinksMore = drinkMore > 0 && random() < drinkMore;
  day.takenG = dayG(day, 1);
}

/** Fuel that a drawn day takes out of the stock where the burner, pot and hand are off by `factor`, g. */
const takenOnDayG = (day: DrawnDay, factor: number): number => (day.isDosed ? dayG(day, factor) : day.takenG * factor);

function dayG({ burns, needsG, drinksMore }: DrawnDay, factor: number): number {
  let total = 0;
  let dearest = 0;
  for (let i = 0; i < burns.length; i++) {
    const taken = takenG(burns[i]!, needsG[i]! * factor);
    total += taken;
    if (taken > dearest) dearest = taken;
  }
  return drinksMore ? total + DRINK_SHARE * dearest : total;
}

/** Fuel that a need takes out of the stock, g. */
const takenG = ({ dose }: UncertainBurn, needG: number): number =>
  dose ? usedOfDoseG(dose.rule, dose.doseG, needG, dose.relightG) : needG;

/** Tolerance above what is carried, g. */
const isOver = (demandG: number, fuelG: number): boolean => demandG > fuelG + 1e-9;

/** Share of the trips tried that burn more than `fuelG`. */
export const chanceOfMoreThan = ({ demandsG }: Pick<CarryRisk, 'demandsG'>, fuelG: number): number =>
  demandsG.length ? (demandsG.length - countUpTo(demandsG, fuelG + 1e-9)) / demandsG.length : 0;

/** Chance that at least one carry of the same drawn trips runs out with so much fuel on each, g. */
export function chanceOfAny(carries: readonly { risk: Pick<CarryRisk, 'drawnG'>; fuelG: number }[]): number {
  const trips = carries[0]?.risk.drawnG.length ?? 0;
  let out = 0;
  for (let t = 0; t < trips; t++) if (carries.some((c) => isOver(c.risk.drawnG[t]!, c.fuelG))) out++;
  return trips ? out / trips : 0;
}

function summary(drawnG: Float64Array, fuelG: number): Omit<CarryRisk, 'outByDay' | 'knownG' | 'factorSd'> {
  const sorted = Float64Array.from(drawnG).sort();
  const n = sorted.length;
  const runOut = chanceOfMoreThan({ demandsG: sorted }, fuelG);
  const at = (percent: number): number => sorted[Math.min(n - 1, Math.floor((percent / 100) * n))] ?? 0;
  return {
    runOut,
    standardError: Math.sqrt(Math.max(runOut * (1 - runOut), 1 / n) / n),
    meanG: meanOf(sorted),
    sdG: Math.sqrt(varianceOf(sorted)),
    quantilesG: { 5: at(5), 25: at(25), 50: at(50), 75: at(75), 95: at(95), 98: at(98) },
    demandsG: sorted,
    drawnG,
  };
}

/** How many of a sorted row are no more than `x`. */
function countUpTo(sorted: Float64Array, x: number): number {
  let low = 0;
  let high = sorted.length;
  while (low < high) {
    const mid = (low + high) >> 1;
    if (sorted[mid]! <= x) low = mid + 1;
    else high = mid;
  }
  return low;
}

/** Fuel with which no more than `limit` (0–1) of the trips tried run out, g. */
export const fuelForRisk = ({ demandsG }: Pick<CarryRisk, 'demandsG'>, limit: number): number =>
  demandsG[Math.min(demandsG.length - 1, Math.max(0, Math.ceil((1 - limit) * demandsG.length) - 1))] ?? 0;
