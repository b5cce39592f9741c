import type { BoilRule, Burn, BurnInput, Dose } from '../../physics/burn';
import type { Day, MealName, Restriction } from '../../domain/model';

/** What a burn was given, without its flame source: plain data for derivations on screen. */
export type BurnFacts = Omit<BurnInput, 'source'>;

/** What one day is like at the stove. */
export interface DayConditions {
  /** 1-based over the whole trip. */
  day: number;
  /** 0-based leg it belongs to. */
  leg: number;
  km: number;
  ascentM: number;
  altitudeM: number;
  pressurePa: number;
  breakfastAirC: number;
  supperAirC: number;
  /** At an unscreened flame. */
  windMps: number;
  waterC: number;
  /** Water has to be melted. */
  snow: boolean;
  starterWater: boolean;
  gusty: boolean;
  /** Water is boiled to make it safe, by this rule. */
  boilRule: BoilRule | undefined;
  /** No water at the camp: it is carried there. */
  dry: boolean;
  restriction: Restriction;
  eatsOut: Day['eatsOut'];
  /** Dishes of this day that are not the usual ones. */
  dishes: Day['dishes'];
}

/** The nearest change that would let a failing meal be cooked. */
export type Edge =
  /** Less wind at an unscreened flame than this, m/s. */
  | { code: 'lee'; unscreenedMps: number }
  /** The can at least so warm when lit, °C; absent where it has to be kept warm as well (a plan's edges know it, see warmed-cans). */
  | { code: 'warmCan'; canC?: number }
  | { code: 'warmCanInLee'; unscreenedMps: number }
  /** The valve opened fully, out of the wind, on a warm can. */
  | { code: 'openFlame' }
  /** The highest temperature that is reached out of the wind, °C. */
  | { code: 'target'; targetC: number }
  /** Nothing tried here helps. */
  | { code: 'none' };

export interface MealBurn {
  facts: BurnFacts;
  /** The burn as it goes in these conditions on an even evening, its dose poured. */
  burn: Burn;
  /** What is measured out before lighting; absent for a burner with a valve. */
  dose?: Dose;
  /** If it fails: the change that would let it be cooked, and the burn that fuel is planned for. */
  edge?: Edge;
  atEdge?: Burn;
  /** Fuel out of the stock, g: the one figure that every sum counts. A dose counts with what it takes on average over the day's spread. */
  fuelG: number;
  /** The burner holds less than the meal wants: it is filled again. */
  wantsRefill?: boolean;
  /** The can when lit, °C; absent without a can. */
  canStartC?: number;
}

export interface PlannedMeal extends MealBurn {
  meal: MealName;
  day: number;
  /** Share of the net mass in the can when lit, 0–1; absent without a can. */
  canFraction?: number;
  /** Place of that can among the containers of the carry; past the last one where they would not have been enough. */
  canAt?: number;
  /** Place of the one that is emptied first, where the meal begins on another. */
  canFrom?: number;
}

/** A day with its hot meals cooked. */
export interface PlanDay extends DayConditions {
  meals: Partial<Record<MealName, PlannedMeal>>;
  /** Fuel out of the stock this day, g. */
  fuelG: number;
  /** Water carried to a dry camp for its supper and the breakfast after it, mL. */
  carriedWaterMl: number;
}
