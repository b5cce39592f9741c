import type { Trip } from '../../domain/model';
import { isBanned, kitInUse, missedMeals, planTrip, wantedOn, weightSums, type PlanCache } from '../../planning/plan';
import { demandOfG, type Plan, type PlanDay } from '../../planning/planned';
import { meanDayG, stoveMinutesADay } from '../study';
import { tripOnLeg } from '../../domain/trail';
import type { FoundKit, Measured } from '../found';
import type { Candidate } from './candidates';

/** A candidate planned in full, with the trip it was planned on. */
export type Found = Omit<FoundKit, 'kit'> & Candidate;
/** The same without that trip: what leaves a worker. */
export const withoutTrip = ({ trip, ...found }: Found): FoundKit => ({ ...found, kit: trip.kit });

/** A candidate planned in full. */
export const found = (candidate: Candidate, number: number, cache?: PlanCache): Found => ({
  ...candidate,
  number,
  ...onTrip(candidate.trip, candidate.price, cache),
});

/** What a trip with its kit comes to. A meal that no flame at all is allowed for is nobody's failure. */
export function onTrip(trip: Trip, price = 0, cache?: PlanCache): Pick<Found, 'measured' | 'fails'> {
  const plan = planTrip(trip, { cache });
  const wantedOf = (d: PlanDay): number => wantedOn(trip, d).length;
  const forbidden = plan.days.filter((d) => d.restriction === 'noFlame').reduce((sum, d) => sum + wantedOf(d), 0);
  const meals = missedMeals(trip, plan) - forbidden;
  const isForbidden = (d: PlanDay): boolean => d.restriction !== 'noFlame' && isBanned(kitInUse(tripOnLeg(trip, d.leg).kit), d.restriction);
  const bannedDays = plan.days.filter((d) => isForbidden(d) && wantedOf(d) > 0).length;
  return { measured: measuredOf(trip, plan, price), fails: meals > 0 || plan.pinTooSmall ? { meals, bannedDays } : undefined };
}

function measuredOf(trip: Trip, plan: Plan, price: number): Measured {
  const days = plan.days.length;
  const mornings = plan.carries.flatMap((c) => c.profile.days.slice(0, -1));
  const { averageG } = weightSums(plan);
  // on legs with another kit the hardware is another one
  const hardwareG = plan.carries.reduce((sum, c) => sum + c.hardwareG * c.days.length, 0) / days;
  const fuelG = mornings.reduce((sum, m) => sum + m.fuelG, 0) / days;
  return {
    averageG,
    hardwareG,
    fuelG,
    containersG: averageG - hardwareG - fuelG,
    startG: plan.carries[0]!.profile.startG,
    minutesADay: stoveMinutesADay(plan),
    price,
    hotADay: plan.days.reduce((sum, d) => sum + Object.keys(d.meals).length, 0) / days,
    dayG: meanDayG(plan.days),
    demandG: demandOfG(plan),
  };
}
