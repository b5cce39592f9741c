import { fuelOfG, withReserve } from '../../domain/carry';
import { dishOn, DRINK_ML, isEatenOut, isHot, setDish, withMethod } from '../../domain/menu';
import { daysOf, MEALS, nameFrom, type Comfort, type Day, type Meal, type MealName, type Trip } from '../../domain/model';
import { cookDays, dayConditions, kitInUse, planTrip, weightSums, planCache, type PlanCache } from '../../planning/plan';
import type { CarryPlan, Plan, PlanDay } from '../../planning/planned';
import { tripOnLeg } from '../../domain/trail';

/** A comfort that fits, on which days, and what it burns. */
export interface ComfortSpent {
  comfort: Comfort;
  /** Days of the carry (1-based over the trip) on which it fits; empty where none does. */
  days: number[];
  fuelG: number;
  /** What one evening of it burns on the mean of all days that could have it, g; undefined where no day could. */
  eachG: number | undefined;
}
export interface Spending {
  /** Fuel that may be burnt besides without another container, within reserve and risk, g. */
  slackG: number;
  spent: ComfortSpent[];
  /** The trip with all of it on the menu. */
  trip: Trip;
  leftG: number;
}

/** Warm water to wash in: a litre at 40 °C (common practice). */
const WASH = { waterMl: 1000, targetC: 40 } as const;

/**
 * What a carry's spare fuel could be spent on, in the walker's order, on the cheapest evenings first. `fuelForLimitG` is what the carry
 * needs for the walker's risk; the comforts are taken to be as uncertain as the rest. Fuel that a later carry counts on is not spent.
 */
export function spendSlack(trip: Trip, plan: Plan, carry: CarryPlan, fuelForLimitG: number, cache: PlanCache = planCache()): Spending {
  const certainty = carry.demandG > 0 ? Math.max(1, fuelForLimitG / carry.demandG) : 1;
  const slackG = Math.max(0, Math.min(spareG(trip, plan, carry), (carry.fuelG - fuelForLimitG) / certainty));
  const nowG = weightSums(plan).averageG;
  // the whole trip is planned with what fits here; where that picks heavier cans elsewhere, less is spent
  for (let budgetG = slackG; ; budgetG *= LESS) {
    const found = spendWithin(trip, carry, budgetG, cache);
    const fits = found.trip === trip || weightSums(planTrip(found.trip, { cache })).averageG <= nowG + NOTICED_G;
    if (fits) return { ...found, slackG, leftG: slackG - found.spent.reduce((sum, c) => sum + c.fuelG, 0) };
  }
}
/** Each further try spends this much of the one before. */
const LESS = 0.7;
/** More weight than this, on the mean, is another load-out, g. */
const NOTICED_G = 1;

/** The walker's comforts in order, on the cheapest evenings first, as far as the budget goes. */
function spendWithin(trip: Trip, carry: CarryPlan, budgetG: number, cache: PlanCache): Pick<Spending, 'spent' | 'trip'> {
  let leftG = budgetG;
  let with_ = trip;
  const spent = trip.comforts.map((comfort): ComfortSpent => {
    const having = carry.days.filter((d) => comfortOn(with_, comfort, d) !== with_);
    const everyDay = having.reduce((t, d) => comfortOn(t, comfort, d), with_);
    const before = cookedOn(with_, carry, cache);
    const after = cookedOn(everyDay, carry, cache);
    const costs = having
      .map((day) => ({ day, fuelG: after[carry.days.indexOf(day)]!.fuelG - before[carry.days.indexOf(day)]!.fuelG }))
      .sort((a, b) => a.fuelG - b.fuelG);
    const taken: typeof costs = [];
    for (const c of costs) {
      if (c.fuelG > leftG) break;
      leftG -= c.fuelG;
      taken.push(c);
    }
    with_ = taken.reduce((t, c) => comfortOn(t, comfort, c.day), with_);
    return {
      comfort,
      days: taken.map((c) => c.day.day).sort((a, b) => a - b),
      fuelG: taken.reduce((s, c) => s + c.fuelG, 0),
      eachG: costs.length ? costs.reduce((s, c) => s + c.fuelG, 0) / costs.length : undefined,
    };
  });
  return { spent, trip: with_ };
}

/** The carry's days cooked from the containers it leaves with, whatever that asks of them. */
function cookedOn(trip: Trip, { fromStop, toStop, containers }: CarryPlan, cache: PlanCache): PlanDay[] {
  const here = tripOnLeg(trip, fromStop);
  const days = dayConditions(here, cache).filter((d) => d.leg >= fromStop && d.leg < toStop);
  return cookDays(here, kitInUse(here.kit, cache), days, containers).days;
}

/** Fuel above demand and reserve here and on every later carry that the same fuel is carried on to, g of demand. */
function spareG(trip: Trip, plan: Plan, carry: CarryPlan): number {
  const asked = withReserve(trip);
  let least = Number.POSITIVE_INFINITY;
  for (let i = plan.carries.indexOf(carry); i < plan.carries.length; i++) {
    const c = plan.carries[i]!;
    if (c !== carry && fuelOfG(c.arrivedWith) - fuelOfG(c.left) < 1) break;
    least = Math.min(least, c === carry ? c.fuelG / asked - c.demandG : c.fuelG - asked * c.demandG);
  }
  return least;
}

/** The trip with a comfort on one day; as it is where that day has it already or is spent in town. */
function comfortOn(trip: Trip, comfort: Comfort, day: PlanDay): Trip {
  const own = (name: MealName): Meal => dishOn(trip, day.day, name, dishesOn(trip, day));
  const set = (t: Trip, name: MealName, meal: Meal): Trip =>
    setDish(t, name, meal, { kind: 'days', from: day.day, to: day.day }, `comfort-${slug(meal.name)}`);
  switch (comfort) {
    case 'drink': {
      if (isEatenOut('drink', day.eatsOut) || isHot(own('drink'))) return trip;
      return set(trip, 'drink', { ...withMethod(own('drink'), 'hotDrink'), hot: true, waterMl: DRINK_ML, name: 'hot drink' });
    }
    case 'wash': {
      if (isEatenOut('washUp', day.eatsOut) || isHot(own('washUp'))) return trip;
      const target = { kind: 'stopAt', targetC: WASH.targetC } as const;
      return set(trip, 'washUp', {
        ...own('washUp'),
        hot: true,
        method: 'heatRest',
        waterMl: WASH.waterMl,
        target,
        name: 'warm wash water',
      });
    }
    case 'boil': {
      const cooler = MEALS.filter((name) => {
        const meal = own(name);
        return !isEatenOut(name, day.eatsOut) && isHot(meal) && meal.dryG > 0 && meal.target.kind === 'stopAt';
      });
      return cooler.reduce((t, name) => {
        const meal = own(name);
        return set(t, name, { ...meal, target: { kind: 'boil' }, name: nameFrom(meal.name, { ending: ', boiled' }) });
      }, trip);
    }
  }
}

const dishesOn = (trip: Trip, day: PlanDay): Day['dishes'] => daysOf(trip)[day.day - 1]!.dishes;
const slug = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, 40);
