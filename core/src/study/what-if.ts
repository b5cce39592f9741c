import { unscreenedWindMps } from '../burn';
import type { Container } from '../carry';
import { editDays, hold, LIMITS, type Trip, type WhatIf } from '../model';
import { missedMeals, planTrip, weightSums } from '../plan';
import type { Plan } from '../planned';
import { chanceOfMoreThan, WIND_CLASS, type Mishaps } from '../risk';
import { dayCount, editStop, stretchLeg } from '../trail';
import { carryRisk } from './carry-risk';
import { cookingTimeS } from './cooking-time';

/** How one carry would go if it came otherwise. */
export interface WhatIfCarry {
  fromStopId: string;
  from: string;
  to: string;
  days: number;
  demandG: number;
  /** What one would leave with, knowing it; and the chance that even that falls short. */
  containers: readonly Container[];
  fuelG: number;
  startG: number;
  runOut: number;
  /** The chance that what is planned now falls short when it comes so. */
  runOutAsPlanned: number;
}
export interface WhatIfColumn {
  /** Undefined for the trip as it is. */
  whatIf: WhatIf | undefined;
  carries: WhatIfCarry[];
  averageG: number;
  price: number;
  mealsMissed: number;
  /** At the stove over the trip, against the trip as it is, s: a weaker flame may burn less and takes longer. */
  slowerS: number;
}

/** Trips tried for a column. */
const TRIPS_TRIED = 4000;

/** The trip as it would be if that came. */
export function tripIf(trip: Trip, whatIf: WhatIf): Trip {
  const all = (change: (d: Trip['legs'][number]['days'][number]) => Trip['legs'][number]['days'][number]): Trip =>
    editDays(trip, 1, dayCount(trip), change);
  switch (whatIf.kind) {
    case 'colder':
      return all((d) => ({
        ...d,
        supperAirC: hold(d.supperAirC - whatIf.byK, LIMITS.airC),
        breakfastAirC: hold(d.breakfastAirC - whatIf.byK, LIMITS.airC),
        // water follows the air by half, and does not freeze (assumption)
        waterC: hold(d.waterC - whatIf.byK / 2, LIMITS.waterC),
      }));
    case 'windier':
      return all((d) => ({ ...d, wind: { kind: 'flame', mps: hold(unscreenedWindMps(d.wind) * WIND_CLASS.up, LIMITS.flameMps) } }));
    case 'slower':
      return trip.legs.reduce((t, _, i) => stretchLeg(t, i, t.legs[i].days.length + 1), trip);
    case 'closed': {
      // the first stop is home: it does not close
      return whatIf.stopId === trip.stops[0].id ? trip : editStop(trip, whatIf.stopId, { sells: [], box: null, pinned: null });
    }
  }
}

/** One column: the trip planned for it, and how the load-outs of `now` would fare in it. */
export function whatIfColumn(trip: Trip, now: Plan, whatIf: WhatIf | undefined, mishaps: Mishaps): WhatIfColumn {
  const changed = whatIf ? tripIf(trip, whatIf) : trip;
  const plan = whatIf ? planTrip(changed) : now;
  const carries = plan.carries.map((c): WhatIfCarry => {
    const risk = carryRisk(changed, c, mishaps, TRIPS_TRIED);
    const plannedG = now.carries.findLast((n) => n.fromStop <= c.fromStop)?.fuelG ?? 0;
    const { fromStopId, from, to, demandG, containers, fuelG } = c;
    return {
      fromStopId,
      from,
      to,
      days: c.days.length,
      demandG,
      containers,
      fuelG,
      startG: c.profile.startG,
      runOut: risk ? chanceOfMoreThan(risk, fuelG) : 0,
      runOutAsPlanned: risk ? chanceOfMoreThan(risk, plannedG) : 0,
    };
  });
  return {
    whatIf,
    carries,
    averageG: weightSums(plan).averageG,
    price: plan.price,
    mealsMissed: missedMeals(changed, plan),
    slowerS: cookingTimeS(plan) - cookingTimeS(now),
  };
}
