import type { DayConditions } from '../planned';
import { ambientPressurePa } from '../../physics/air';
import { unscreenedWindMps, type BoilRule } from '../../physics/burn';
import type { Day, Leg, Trip } from '../../domain/model';
import { NO_CACHE, type PlanCache } from './plan-cache';

const BOIL_RULES: Partial<Record<Day['treatment'], BoilRule>> = { boilCdc: 'cdc', boilEpa: 'epa' };

/** Every day of the trip in order, ready for the burn; with a cache those of an equal leg in the same place are the very same. */
export function dayConditions(trip: Trip, cache: PlanCache = NO_CACHE): DayConditions[] {
  let before = 0;
  return trip.legs.flatMap((leg, index) => {
    const first = before + 1;
    before += leg.days.length;
    return cache.legDays(leg, index, first, () => leg.days.map((d, i) => conditionsOf(d, first + i, index, leg)));
  });
}

const conditionsOf = (d: Day, day: number, leg: number, { restriction }: Leg): DayConditions => ({
  day,
  leg,
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
  restriction,
  eatsOut: d.eatsOut,
  dishes: d.dishes,
});
