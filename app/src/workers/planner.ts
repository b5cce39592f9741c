import type { Trip } from '@tinder/core/domain/model';
import { planCache, planTrip, type PlanProgress } from '@tinder/core/planning/plan';
import { newsOf, type NamedPlan, type PlanNews } from './plan-news';

/** What the plan worker offers: nothing but planning, so that no study ever makes a drag wait. */
export interface Planner {
  /** What is new beside the plan called `had`, which the asker has: all of it where the planner does not know that one any more. */
  plan(trip: Trip, had?: string, report?: (p: PlanProgress) => void): PlanNews;
}

/** A plan that takes longer than this says how far it has come, and then no oftener. */
const NOTICED_MS = 300;

function planner(): Planner {
  const cache = planCache();
  let last: NamedPlan | undefined;
  let number = 0;
  return {
    plan(trip, had, report) {
      const plan = planTrip(trip, { cache, report: report && nowAndThen(report) });
      const before = last?.id === had ? last?.plan : undefined;
      // another worker has started at another time: none takes the plan of one before it for its own
      last = { id: `${performance.timeOrigin} ${++number}`, plan };
      return newsOf(last, before);
    },
  };
}

export const PLANNER = planner();

function nowAndThen(report: (p: PlanProgress) => void): (p: PlanProgress) => void {
  let next = performance.now() + NOTICED_MS;
  return (p) => {
    const now = performance.now();
    if (now < next) return;
    next = now + NOTICED_MS;
    report(p);
  };
}
