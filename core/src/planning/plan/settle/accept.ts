import { doneMeals } from '../../planned';
import { measuredG } from '../load-outs/load-outs';
import { EXACT_G, type CarryJob } from './carry-job';
import { choose } from './choose';
import { areSameKinds } from './containers';
import type { Pass } from './pass';

/**
 * The pass, where a choice for what was really burnt buys, takes along and leaves the same at every stop: that choice has the last word on
 * whether it is the least, and what pins cost. Undefined where it would choose otherwise.
 */
export function confirmed(job: CarryJob, pass: Pass): Pass | undefined {
  const { carries } = pass.settled;
  const known = carries.map((c) => c.loadOut);
  const { loadOuts, exact, pinCost, short } = choose(job, pass.asked, 0, { held: job.arrivedWith, home: job.home }, { known });
  const isSame = carries.every(({ loadOut }, i) =>
    (['bought', 'taken', 'left'] as const).every((part) => areSameKinds(loadOut[part], loadOuts[i]![part])),
  );
  if (!isSame) return undefined;
  return { ...pass, settled: { carries, exact, pinCost, short } };
}

/** The pass that cooks more meals; with as many, the one that costs less by the hiker's measure; else the second. */
export function betterOf(job: CarryJob, a: Pass, b: Pass): Pass {
  const more = mealsOf(a) - mealsOf(b);
  return more > 0 || (more === 0 && carriedG(job, a) < carriedG(job, b) - EXACT_G) ? a : b;
}

const mealsOf = ({ settled: { carries } }: Pass): number => doneMeals({ days: carries.flatMap((c) => c.days) });

const carriedG = ({ trip, use }: CarryJob, { asked, settled: { carries } }: Pass): number =>
  measuredG(
    trip,
    use,
    asked,
    carries.map((c) => c.loadOut),
  );
