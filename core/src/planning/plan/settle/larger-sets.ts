import { CANISTER_SIZES, fullCan, fuelOfG, withReserve, type Container } from '../../../domain/carry';
import { isDone } from '../../../physics/burn';
import { doneMeals, type PlanDay } from '../../planned';
import { tryBurn } from '../burn-facts';
import { canIn } from '../can-rack';
import type { KitInUse } from '../kit-in-use';
import type { CarryJob } from './carry-job';
import { choose, chosenAt } from './choose';
import { leaveStop, type Leaving } from './leave-stop';

/** Larger sets of canisters that are tried where a meal finds no pressure. */
const LARGER_SETS = 2;
/** Asking for this much more than a set holds gives a larger one, g. */
const MORE_G = 1;

/** Where a meal finds too little pressure that a fuller canister would have, larger sets are tried; the first that cooks the most meals is taken. */
export function leaveFuller(job: CarryJob, usual: Leaving): Leaving {
  const { i, needs, held } = usual;
  let best = usual;
  if (needs[i]!.stop.pinned) return best;
  let { containers } = usual.loadOut;
  for (let tries = 0; tries < LARGER_SETS && wouldCook(job.use, best.cooked.days, [FULLEST_CAN]); tries++) {
    const demandG = (fuelOfG(containers) + MORE_G) / withReserve(job.trip);
    const larger = needs.with(i, { ...needs[i]!, demandG });
    const choice = choose(job, larger, i, usual, usual.pass);
    ({ containers } = chosenAt(choice, i, held));
    if (!wouldCook(job.use, best.cooked.days, containers)) continue;
    best = moreMeals(best, leaveStop(job, { ...usual, needs: larger, choice }));
  }
  return withoutWeak(job, usual, best);
}

/** Own canisters may be too weak: if leaving them at home cooks more meals, they stay there. */
function withoutWeak(job: CarryJob, usual: Leaving, best: Leaving): Leaving {
  const { taken } = usual.loadOut;
  if (!taken.length || !wouldCook(job.use, best.cooked.days, [FULLEST_CAN])) return best;
  const home = usual.home.filter((c) => typeof c.place === 'object' || !taken.some((t) => t.own?.id === c.id));
  return moreMeals(best, leaveStop(job, { ...usual, home, choice: undefined }));
}

const moreMeals = (best: Leaving, other: Leaving): Leaving => (doneMeals(other.cooked) > doneMeals(best.cooked) ? other : best);

const FULLEST_CAN = fullCan(CANISTER_SIZES[CANISTER_SIZES.length - 1]!);

/** Would one of these canisters, as they are, cook a meal that fails? */
const wouldCook = (use: KitInUse, days: readonly PlanDay[], cans: readonly Container[]): boolean =>
  days.some((d) =>
    Object.values(d.meals).some((m) => m.edge && cans.some((c) => c.kind === 'canister' && isDone(tryBurn(use, m.facts, canIn(c))))),
  );
