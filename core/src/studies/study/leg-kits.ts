import { legKitOf } from '../../domain/kit';
import type { Leg, Rack, Trip } from '../../domain/model';
import { missedMeals, planTrip, weightSums, planCache, type PlanCache } from '../../planning/plan';
import type { Plan } from '../../planning/planned';
import { withKitOnLeg } from '../../domain/trail';

/** What another kit on one leg would change; the other legs stay as they are. */
export interface LegKitChoice {
  leg: number;
  /** Undefined gives the leg back to the trip's own kit. */
  kit: Leg['kit'];
  name: string;
  /** Mean of the mornings over the whole trip, against now, g. */
  averageG: number;
  /** Hot meals lost (negative: mended), against now. */
  mealsMissed: number;
}

/** Every kit of the rack, and the trip's own, on a leg in place of the one that is carried there; the trip is planned with each. */
export function legKitChoices(rack: Rack, trip: Trip, now: Plan, leg: number, cache: PlanCache = planCache()): LegKitChoice[] {
  const carried = trip.legs[leg]!.kit?.rackKitId;
  const own: { kit: Leg['kit']; name: string }[] = carried ? [{ kit: undefined, name: 'the trip’s own kit' }] : [];
  const others = rack.kits
    .filter((k) => k.id !== carried && k.id !== trip.rackKitId)
    .flatMap((k) => {
      const kit = legKitOf(rack, k);
      return kit ? [{ kit, name: k.name }] : [];
    });
  const nowG = weightSums(now).averageG;
  const nowMissed = missedMeals(trip, now);
  return [...own, ...others].map(({ kit, name }): LegKitChoice => {
    const changed = withKitOnLeg(trip, leg, kit);
    const then = planTrip(changed, { cache });
    return { leg, kit, name, averageG: weightSums(then).averageG - nowG, mealsMissed: missedMeals(changed, then) - nowMissed };
  });
}
