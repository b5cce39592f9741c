import { ambientPressurePa } from '../air';
import { unscreenedWindMps, type BoilRule } from '../burn';
import type { Day, Restriction, Trip } from '../model';

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

const BOIL_RULES: Partial<Record<Day['treatment'], BoilRule>> = { boilCdc: 'cdc', boilEpa: 'epa' };

/** Every day of the trip in order, ready for the burn. */
export function dayConditions(trip: Trip): DayConditions[] {
  let day = 0;
  return trip.legs.flatMap((leg, index) =>
    leg.days.map((d): DayConditions => {
      day++;
      return {
        day,
        leg: index,
        km: d.km,
        ascentM: d.ascentM,
        altitudeM: d.altitudeM,
        pressurePa: ambientPressurePa(d.altitudeM),
        breakfastAirC: d.breakfastAirC,
        supperAirC: d.supperAirC,
        windMps: unscreenedWindMps(d.wind),
        waterC: d.waterC,
        snow: d.source === 'snow' || d.source === 'snowDry',
        starterWater: d.source !== 'snowDry',
        gusty: d.gusty,
        boilRule: BOIL_RULES[d.treatment],
        dry: d.source === 'carried',
        restriction: leg.restriction,
        eatsOut: d.eatsOut,
        dishes: d.dishes,
      };
    }),
  );
}
