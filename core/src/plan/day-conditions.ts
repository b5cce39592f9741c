import type { DayConditions } from '../planned';
import { ambientPressurePa } from '../air';
import { unscreenedWindMps, type BoilRule } from '../burn';
import type { Day, Trip } from '../model';

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
