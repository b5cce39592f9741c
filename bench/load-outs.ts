import { bestCans, CANISTER_SIZES, type CanStage } from '@tinder/core/carry';
import { seededRandom } from '@tinder/core/risk';
import { cansLp, loadHighs, solve } from '../core/test/load-out-mip';

/** Random trips of one to five stops with carries of one to three days, as the tests draw them; deterministic. */
function trips(count: number): { stages: CanStage[]; gramsPerPrice: number }[] {
  const random = seededRandom(20);
  const whole = (from: number, to: number): number => from + Math.floor(random() * (to - from + 1));
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)];
  return Array.from({ length: count }, () => ({
    gramsPerPrice: pick([0, 5, 60]),
    stages: Array.from({ length: whole(1, 5) }, (_, i): CanStage => {
      const burntG = Array.from({ length: whole(1, 3) }, () => whole(5, 90));
      const price = (): number | undefined => (i === 0 || random() < 0.5 ? whole(2, 20) : undefined);
      return {
        burntG,
        weights: burntG.map(() => pick([0.5, 1.5, 8.5, 20.5])),
        needG: burntG.reduce((a, b) => a + b, 0) * (1 + pick([0, 0.15, 0.4])),
        bin: random() < 0.5,
        prices: [price(), price(), price()],
      };
    }),
  }));
}

/** Both ways of choosing load-outs over the same trips: how often they agree on the cost, and how much faster ours is. */
export async function loadOutRace(cases: number): Promise<{ cases: number; equal: number; ratio: number }> {
  const highs = await loadHighs();
  let equal = 0;
  let oursMs = 0;
  let theirsMs = 0;
  const timed = <T>(work: () => T): [T, number] => {
    const t0 = performance.now();
    const result = work();
    return [result, performance.now() - t0];
  };
  for (const { stages, gramsPerPrice } of trips(cases)) {
    const [ours, ms] = timed(() => bestCans(CANISTER_SIZES, stages, gramsPerPrice));
    const lp = cansLp(CANISTER_SIZES, stages, gramsPerPrice);
    const [theirs, mipMs] = timed(() => solve(highs, lp));
    oursMs += ms;
    theirsMs += mipMs;
    const cost = ours.ok ? ours.value.cost : undefined;
    if (cost === undefined ? theirs === undefined : theirs !== undefined && Math.abs(cost - theirs) < 1e-4 * Math.max(1, theirs)) equal++;
  }
  return { cases, equal, ratio: theirsMs / oursMs };
}
