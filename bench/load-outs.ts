import { burntAlong, CANISTER_SIZES, type CanStage } from '@tinder/core/domain/carry';
import { bestCans, type OwnCan } from '@tinder/core/planning/load-out';
import { seededRandom } from '@tinder/core/planning/risk';
import { cansLp, loadHighs, solve } from '../core/test/load-out-mip';
import { quantile } from './numbers';

/** Stops of a trip drawn; with own cans the other way of solving them takes minutes on longer ones, and large trips it does not solve at all. */
const STOPS: Record<'bought' | 'own' | 'large', [number, number]> = { bought: [1, 5], own: [1, 3], large: [40, 60] };

interface Drawn {
  stages: CanStage[];
  gramsPerPrice: number;
  own: OwnCan[];
}

/** Random trips with carries of one to three days, as the tests draw them, perhaps with part-used cans of the walker's own; deterministic. */
function trips(count: number, shelf: keyof typeof STOPS): Drawn[] {
  const random = seededRandom(20);
  const whole = (from: number, to: number): number => from + Math.floor(random() * (to - from + 1));
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)];
  const ownCan = (stops: number): OwnCan => {
    const size = whole(0, 2);
    const stages = random() < 0.5 ? [0] : [...new Set([0, whole(0, stops - 1)])];
    return { size, fuelG: Math.round(pick([0.1, 0.25, 0.4, 0.7, 1]) * CANISTER_SIZES[size].netG), stages };
  };
  return Array.from({ length: count }, () => {
    const gramsPerPrice = pick([0, 5, 60]);
    const stages = Array.from({ length: whole(...STOPS[shelf]) }, (_, i): CanStage => {
      const burntG = Array.from({ length: whole(1, 3) }, () => whole(5, 90));
      const price = (): number | undefined => (i === 0 || random() < 0.5 ? whole(2, 20) : undefined);
      return {
        ...burntAlong(
          burntG,
          burntG.map(() => pick([0.5, 1.5, 8.5, 20.5])),
        ),
        needG: burntG.reduce((a, b) => a + b, 0) * (1 + pick([0, 0.15, 0.4])),
        bin: random() < 0.5,
        prices: [price(), price(), price()],
      };
    });
    return { gramsPerPrice, stages, own: shelf === 'own' ? Array.from({ length: whole(1, 3) }, () => ownCan(stages.length)) : [] };
  });
}

/** Both ways of choosing load-outs over the same trips: how often they agree on the cost, and how much faster ours is. */
export async function loadOutRace(
  cases: number,
  shelf: keyof typeof STOPS = 'bought',
): Promise<{ cases: number; equal: number; ratio: number; taken: number }> {
  const highs = await loadHighs();
  let equal = 0;
  let taken = 0;
  let oursMs = 0;
  let theirsMs = 0;
  const timed = <T>(work: () => T): [T, number] => {
    const t0 = performance.now();
    const result = work();
    return [result, performance.now() - t0];
  };
  for (const { stages, gramsPerPrice, own } of trips(cases, shelf)) {
    const [ours, ms] = timed(() => bestCans(CANISTER_SIZES, stages, gramsPerPrice, [], undefined, own));
    const lp = cansLp(CANISTER_SIZES, stages, gramsPerPrice, own);
    const [theirs, mipMs] = timed(() => solve(highs, lp));
    oursMs += ms;
    theirsMs += mipMs;
    if (ours.ok) taken += ours.value.steps.reduce((n, s) => n + s.taken.length, 0);
    const cost = ours.ok ? ours.value.cost : undefined;
    if (cost === undefined ? theirs === undefined : theirs !== undefined && Math.abs(cost - theirs) < 1e-4 * Math.max(1, theirs)) equal++;
  }
  return { cases, equal, ratio: theirsMs / oursMs, taken };
}

/** How many of some large trips are proven, how far the others may be off, and what one takes. */
export function largeTrips(count: number): { cases: number; proven: number; worstGap: number; medianMs: number } {
  const drawn = trips(count, 'large');
  const plans = drawn.map(({ stages, gramsPerPrice }) => {
    const t0 = performance.now();
    const best = bestCans(CANISTER_SIZES, stages, gramsPerPrice);
    const ms = performance.now() - t0;
    if (!best.ok) throw new Error('a trip whose first stop sells every size has a plan');
    const { cost, boundCost, exact } = best.value;
    return { exact, gap: exact ? 0 : cost / boundCost - 1, ms };
  });
  return {
    cases: count,
    proven: plans.filter((p) => p.exact).length,
    worstGap: Math.max(...plans.map((p) => p.gap)),
    medianMs: quantile(
      plans.map((p) => p.ms),
      0.5,
    ),
  };
}
