import { boilingPointC } from '../../physics/air';
import { EMPTY_G } from '../../domain/carry';
import { MEALS, type Kit, type Trip } from '../../domain/model';
import type { CarryPlan, Plan } from '../../planning/planned';
import { dishCard, type DishCard } from '../../studies/study';
import { tripOnLeg } from '../../domain/trail';
import { containerDays, type ContainerDays } from './container-days';

/** What is taped into the lid: every hot dish of a carry once, as its middle day has it, and what the weather asks for. */
export interface StoveCard {
  carry: Pick<CarryPlan, 'fromStopId' | 'from' | 'to'>;
  days: { from: number; to: number };
  /** The kit that is carried there. */
  kit: Kit;
  dishes: DishCard[];
  /** Every container that leaves with fuel in it, with its level by day. */
  fuel: ContainerDays[];
  /** Lowest and highest boiling point on the way, °C. */
  boilC: { min: number; max: number };
  /** The coldest evening or morning, °C, and the windiest day at an unscreened flame, m/s. */
  coldestC: number;
  windiestMps: number;
  cautions: CarryPlan['cautions'];
  /** Legs under a rule on flames, with who was asked. */
  rules: { restriction: Trip['legs'][number]['restriction']; note: string }[];
}

/** The card of a carry: its dishes in the order of the day. */
export function stoveCard(trip: Trip, plan: Plan, carry: CarryPlan): StoveCard {
  const boils = carry.days.map((d) => boilingPointC(d.pressurePa));
  const here = tripOnLeg(trip, carry.fromStop);
  const legs = [...new Set(carry.days.map((d) => d.leg))].map((i) => trip.legs[i]!);
  return {
    carry: { fromStopId: carry.fromStopId, from: carry.from, to: carry.to },
    days: { from: carry.days[0]!.day, to: carry.days[carry.days.length - 1]!.day },
    kit: here.kit,
    dishes: MEALS.flatMap((name) => dishesOf(here, plan, carry, name)),
    fuel: containerDays(carry).filter((c) => c.container.fuelG > EMPTY_G),
    boilC: { min: Math.min(...boils), max: Math.max(...boils) },
    coldestC: Math.min(...carry.days.flatMap((d) => [d.supperAirC, d.breakfastAirC])),
    windiestMps: Math.max(...carry.days.map((d) => d.windMps)),
    cautions: carry.cautions,
    rules: legs.filter((l) => l.restriction !== 'none').map((l) => ({ restriction: l.restriction, note: l.restrictionNote })),
  };
}

/** Each hot dish of a part of the day once: the day on which it takes the middle amount of fuel. */
function dishesOf(trip: Trip, plan: Plan, carry: CarryPlan, name: (typeof MEALS)[number]): DishCard[] {
  const byDish = new Map<string, { day: number; fuelG: number }[]>();
  for (const d of carry.days) {
    const planned = d.meals[name];
    const card = planned && dishCard(trip, plan, d.day, name);
    if (!card) continue;
    byDish.set(card.meal.name, [...(byDish.get(card.meal.name) ?? []), { day: d.day, fuelG: planned.fuelG }]);
  }
  return [...byDish.values()].flatMap((days) => {
    const sorted = [...days].sort((a, b) => a.fuelG - b.fuelG);
    return dishCard(trip, plan, sorted[Math.floor(sorted.length / 2)]!.day, name) ?? [];
  });
}
