import type { CarryProfile, Container } from '../../domain/carry';
import type { OwnContainer } from '../../domain/model';
import type { Supply } from '../../domain/trail';
import type { Caution } from './caution';
import type { PlanDay } from './plan-day';
import type { Problem } from './problem';

/** Everything a screen shows about a trip, derived from the trip alone. */
export interface Plan {
  days: PlanDay[];
  /** From each stop that can fill up to the next one, in order; together they hold every day once. */
  carries: CarryPlan[];
  /** What all fuel costs at the stops, usual prices standing in for unknown ones. */
  price: number;
  /** The load-outs are proven to be the least; false only on trips of dozens of stops. */
  exact: boolean;
  /** What the walker's pins cost more than the best without them: grams carried all the way, and money. */
  pinCost?: { meanG: number; price: number };
  /** The walker's pins leave too little: they were not followed. */
  pinTooSmall?: PinTooSmall;
}
/** Where the pinned purchases fall short, and by how much. */
export interface PinTooSmall {
  stop: string;
  fromStopId: string;
  /** Places in the trip that was planned: of the stop, and of the next one that can fill up. */
  fromStop: number;
  toStop: number;
  needG: number;
  mostG: number;
}

/** A carry-out: what leaves a stop that sells the fuel, up to the next such stop. */
export interface CarryPlan {
  /** The stop it leaves and the one it ends at; stops between cannot fill up this fuel. */
  fromStopId: string;
  toStopId: string;
  /** Their places in the trip that was planned. They hold for that trip only: what may outlive it goes by id. */
  fromStop: number;
  toStop: number;
  from: string;
  to: string;
  supply: Supply;
  days: PlanDay[];
  /** Expected demand, g; a meal that cannot be cooked as planned counts as at the edge of what works. */
  demandG: number;
  /** Wood to gather along the way, g; it is never carried. */
  gatheredG: number;
  /** Fuel asked for above demand, g. */
  reserveG: number;
  /** Leaving the stop, in the order of use; empties that found no bin yet come last. */
  containers: readonly Container[];
  /** Bought or packed here; left here; held on arrival. */
  bought: readonly Container[];
  /** Price of what is bought here. */
  price: number;
  /** Of the walker's own, taken along here; and what could have been from here on. */
  taken: readonly Container[];
  home: readonly OwnContainer[];
  left: readonly Container[];
  arrivedWith: readonly Container[];
  /** The containers that left, as they are at the end of the carry. */
  after: readonly Container[];
  /** Fuel leaving the stop and weight of the empty containers, g. */
  fuelG: number;
  tareG: number;
  hardwareG: number;
  profile: CarryProfile;
  problems: Problem[];
  /** What can hurt someone with this kit in these conditions. */
  cautions: Caution[];
}

/** Place among the carries of the one that a day (1-based) belongs to; the last one past the end. */
export function carryIndexOfDay(plan: Pick<Plan, 'carries'>, day: number): number {
  const at = plan.carries.findIndex((c) => c.days[c.days.length - 1]!.day >= day);
  return at < 0 ? plan.carries.length - 1 : at;
}

/** The carry that a day (1-based) belongs to; the last one past the end. */
export const carryOfDay = (plan: Pick<Plan, 'carries'>, day: number): CarryPlan => plan.carries[carryIndexOfDay(plan, day)]!;

/** The planned day of that number (1-based); the last one past the end, where a trip has just been shortened. */
export const planDayOf = (plan: Pick<Plan, 'days'>, day: number): PlanDay => plan.days[Math.min(day, plan.days.length) - 1]!;

/** Fuel burnt over the whole trip, g; wood is gathered, not burnt from stock. */
export const demandOfG = (plan: Plan): number => plan.carries.reduce((sum, c) => sum + c.demandG, 0);
