import { isDone } from '../../physics/burn';
import { daysOf, newSetup, type TestSetup, type Trip } from '../../domain/model';
import type { Plan, PlannedMeal } from '../../planning/planned';
import { tripOnLeg } from '../../domain/trail';

/** A bench setup as the trip's middle hot meal is cooked, by its fuel: sayings are asked about what is walked; a calm half litre where nothing is cooked. */
export function trailSetup(trip: Trip, plan: Plan, kitName: string): TestSetup {
  const meals = plan.carries.flatMap((c) =>
    c.days.flatMap((d) => Object.values(d.meals).map((meal) => ({ meal, leg: d.leg, day: d.day }))),
  );
  const cooked = meals.filter(({ meal }) => isDone(meal.burn) && meal.facts.target.kind !== 'fry');
  if (!cooked.length) return newSetup(kitName, trip.kit);
  const byFuel = [...cooked].sort((a, b) => a.meal.fuelG - b.meal.fuelG);
  const { meal, leg, day } = byFuel[Math.floor(byFuel.length / 2)]!;
  return { ...setupOf(meal, newSetup(kitName, tripOnLeg(trip, leg).kit)), ...placeOn(trip, day) };
}

/** A bench setup burnt in what a planned meal is burnt in. */
export function setupOf({ facts }: PlannedMeal, usual: TestSetup): TestSetup {
  const { start, target, airC, waterMl } = facts;
  return {
    ...usual,
    waterMl,
    ...(start.kind === 'water' ? { waterC: start.waterC } : { snow: true, waterC: 0 }),
    ...(target.kind === 'fry' ? {} : { target }),
    airC,
    can: { ...usual.can, canC: airC },
  };
}

/** Height and wind of a day of the trip. */
function placeOn(trip: Trip, day: number): Pick<TestSetup, 'altitudeM' | 'wind'> {
  const { altitudeM, wind } = daysOf(trip)[day - 1]!;
  return { altitudeM, wind };
}
