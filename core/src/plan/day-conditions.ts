import type { DayConditions } from '../planned';
import { ambientPressurePa } from '../air';
import { unscreenedWindMps, type BoilRule } from '../burn';
import type { Day, Leg, Trip } from '../model';
import { remembering } from '../numeric';

const BOIL_RULES: Partial<Record<Day['treatment'], BoilRule>> = { boilCdc: 'cdc', boilEpa: 'epa' };

/** Legs kept: half a year with a stop every few days, a few times over. */
const LEGS = remembering<DayConditions[]>(200);

/** Every day of the trip in order, ready for the burn; those of an equal leg in the same place are the very same. */
export function dayConditions(trip: Trip): DayConditions[] {
  let before = 0;
  return trip.legs.flatMap((leg, index) => {
    const first = before + 1;
    before += leg.days.length;
    return LEGS.get(`${first},${index}${JSON.stringify(leg)}`, () => leg.days.map((d, i) => conditionsOf(d, first + i, index, leg)));
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
