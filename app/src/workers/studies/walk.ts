import { planDayOf } from '@tinder/core/planning/planned';
import { tripOnLeg } from '@tinder/core/domain/trail';
import {
  asRead,
  drinkMore,
  otherAmounts,
  procedureOf,
  mealKey,
  readingUnits,
  saveBelow,
  stretchPlan,
  stretchSets,
  walkHere,
  walkRecord,
  type AsRead,
  type DrinkMore,
  type OtherAmount,
  type ReadingUnits,
  type Step,
  type StretchPlan,
  type WalkHere,
  type WalkRecord,
} from '@tinder/core/output/walk';
import { mealOn } from '@tinder/core/domain/menu';
import type { StudySetting, Subject } from '../subject';

/** The walk as it stands, as the page shows it. */
export interface Walking {
  here: WalkHere;
  /** What is left, as it is read. */
  reads: AsRead;
  units: ReadingUnits;
  /** The highest reading of the next camp below which a saving starts, as the plan had it when the stop was left. */
  save?: { day: number; below: AsRead };
  /** Steps of every dish of today and of what is unwritten, by day and part. */
  steps: Record<string, Step[]>;
  drink?: DrinkMore;
  /** The next dish with more or less water. */
  amounts: (OtherAmount & { steps: Step[] })[];
  record: WalkRecord;
}

/** Where the walk stands today; undefined for a trip that is not walked. */
export function walk({ trip, plan }: Omit<Subject, 'rack'>, { today }: { today: string }, { cache }: StudySetting): Walking | undefined {
  const here = walkHere(trip, plan, today, cache);
  if (!here) return undefined;
  const there = tripOnLeg(trip, here.carry.fromStop);
  const day = planDayOf(plan, here.day);
  const steps = Object.fromEntries(
    here.ahead
      .filter((b) => b.day <= here.day + 1)
      .map((b) => {
        const on = planDayOf(plan, b.day);
        return [mealKey(b.day, b.meal), procedureOf(there, mealOn(trip, b.day, b.meal, on.dishes), on, b.planned)];
      }),
  );
  const [next] = here.ahead;
  const nextOn = next && planDayOf(plan, next.day);
  const amounts = nextOn ? otherAmounts(trip, here.stretch, nextOn, next) : [];
  const drink = drinkMore(trip, here.stretch, day);
  const campDay = here.ahead.find((b) => b.meal === 'supper')?.day;
  const below = campDay === undefined ? undefined : saveBelow(trip, here.carry, campDay, cache);
  return {
    here,
    units: readingUnits(here.stretch.containers, there.kit),
    reads: asRead(Math.max(0, here.leftG.mean), here.stretch.containers, there.kit),
    steps,
    amounts: amounts.map((a) => ({ ...a, steps: procedureOf(there, a.dish, nextOn, a.planned) })),
    ...(drink ? { drink } : {}),
    ...(below && campDay !== undefined ? { save: { day: campDay, below } } : {}),
    record: walkRecord(trip, plan, here.factorSd),
  };
}

/** What to save so that it lasts, exact over every set. */
export function stretch(
  { trip, plan }: Omit<Subject, 'rack'>,
  { today }: { today: string },
  { cache }: StudySetting,
): StretchPlan | undefined {
  const here = walkHere(trip, plan, today, cache);
  if (!here) return undefined;
  // a kit is changed for a whole leg; dishes only for the days that are still to come
  const ahead = { ...here.stretch, fromDay: Math.max(here.stretch.fromDay, here.ahead[0]?.day ?? here.day) };
  return stretchPlan(stretchSets(trip, ahead, cache), here.state, here.limit, here.residueG);
}
