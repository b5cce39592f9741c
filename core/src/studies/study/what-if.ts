import { unscreenedWindMps } from '../../physics/burn';
import type { Container } from '../../domain/carry';
import { clamp, LIMITS, mapDays, type Trip, type WhatIf } from '../../domain/model';
import { missedMeals, planTrip, weightSums } from '../../planning/plan';
import type { Plan } from '../../planning/planned';
import { chanceOfMoreThan, TRIPS_TRIED, WIND_CLASS, type Mishaps } from '../../planning/risk';
import { editStop, stretchLeg } from '../../domain/trail';
import { carryRisk, type RiskDraw } from './carry-risk';
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

/** Every day so many kelvins colder; water follows the air by half, and does not freeze (assumption). */
export const colderBy = (trip: Trip, byK: number): Trip =>
  mapDays(trip, (d) => ({
    ...d,
    supperAirC: clamp(d.supperAirC - byK, LIMITS.airC),
    breakfastAirC: clamp(d.breakfastAirC - byK, LIMITS.airC),
    waterC: clamp(d.waterC - byK / 2, LIMITS.waterC),
  }));

/** Every day so many times the wind. */
export const windBy = (trip: Trip, factor: number): Trip =>
  mapDays(trip, (d) => ({ ...d, wind: { kind: 'flame', mps: clamp(unscreenedWindMps(d.wind) * factor, LIMITS.flameMps) } }));

/** The trip as it would be if that came. */
export function tripWithChange(trip: Trip, whatIf: WhatIf): Trip {
  switch (whatIf.kind) {
    case 'colder':
      return colderBy(trip, whatIf.byK);
    case 'windier':
      return windBy(trip, WIND_CLASS.up);
    case 'slower':
      return trip.legs.reduce((t, _, i) => stretchLeg(t, i, t.legs[i]!.days.length + 1), trip);
    case 'closed': {
      // the first stop is home: it does not close
      return whatIf.stopId === trip.stops[0]!.id ? trip : editStop(trip, whatIf.stopId, { sells: [], box: null, pinned: null });
    }
  }
}

/** One column: the trip planned for it, and how the load-outs of `now` would fare in it. */
export function whatIfColumn(
  trip: Trip,
  now: Plan,
  whatIf: WhatIf | undefined,
  mishaps: Mishaps,
  { trips = TRIPS_TRIED, cache }: RiskDraw = {},
): WhatIfColumn {
  const changed = whatIf ? tripWithChange(trip, whatIf) : trip;
  const plan = whatIf ? planTrip(changed, { cache }) : now;
  const carries = plan.carries.map((c): WhatIfCarry => {
    const risk = carryRisk(changed, c, mishaps, trips, cache);
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
