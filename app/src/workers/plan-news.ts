import type { CarryPlan, Plan, PlanDay } from '@tinder/core/planning/planned';

/** A plan as it is sent to the page: a day that is in the plan which the page has already is named by its place there. */
export interface PlanNews extends Omit<Plan, 'days' | 'carries'> {
  /** What the plan is called when the next one is asked for. */
  id: string;
  carries: CarryNews[];
}
type CarryNews = Omit<CarryPlan, 'days'> & { days: (PlanDay | number)[] };

/** A plan by the name it was sent under. */
export interface NamedPlan {
  id: string;
  plan: Plan;
}

/** What is new in a plan to someone who has had another one, or none. Days are the same where they are the very same object. */
export function newsOf({ id, plan }: NamedPlan, had: Plan | undefined): PlanNews {
  const places = new Map(had?.days.map((day, i) => [day, i]));
  const { days: _days, carries, ...rest } = plan;
  return { ...rest, id, carries: carries.map((c) => ({ ...c, days: c.days.map((day) => places.get(day) ?? day) })) };
}

/** The plan that some news tell of, where `had` is the plan they were sent beside; its days are the very same ones where nothing is new. */
export function planOf({ id, carries: news, ...rest }: PlanNews, had: Plan | undefined): NamedPlan {
  const carries = news.map((c): CarryPlan => ({ ...c, days: c.days.map((day) => (typeof day === 'number' ? dayAt(had, day) : day)) }));
  return { id, plan: { ...rest, days: carries.flatMap((c) => c.days), carries } };
}

function dayAt(had: Plan | undefined, place: number): PlanDay {
  const day = had?.days.at(place);
  if (!day) throw new Error(`the plan tells of a day ${place} that the page has never had`);
  return day;
}
