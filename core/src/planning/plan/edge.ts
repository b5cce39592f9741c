import type { BurnFacts, Edge } from '../planned';
import { failedBurn, isDone, LONGEST_BURN_S, simulateBurn, windBeforeMps, type Burn } from '../../physics/burn';
import type { Can } from '../../physics/canister';
import { hasValve } from '../../domain/catalogue';
import { bisect } from '../../foundation/numeric';
import { fedFlame, sourceFor, tryBurn } from './burn-facts';
import { onEvening } from './evenings';
import { heldSetting, type KitInUse } from './kit-in-use';
import type { Lee, WarmLee } from './lee';

/** From what a hiker can easily do something about to what they cannot. */
const HARDNESS: readonly Edge['code'][] = ['warmCan', 'lee', 'warmCanInLee', 'openFlame', 'target', 'none'];

/** The hardest of several edges to reach: what works there works for all. */
export function hardestEdge(edges: readonly Edge[]): Edge | undefined {
  return edges.length ? edges.reduce((hardest, e) => (isHarder(e, hardest) ? e : hardest)) : undefined;
}

function isHarder(a: Edge, b: Edge): boolean {
  if (a.code !== b.code) return HARDNESS.indexOf(a.code) > HARDNESS.indexOf(b.code);
  if (a.code === 'target' && b.code === 'target') return a.targetC < b.targetC;
  if (a.code === 'warmCan' && b.code === 'warmCan') return (a.canC ?? Number.POSITIVE_INFINITY) > (b.canC ?? Number.POSITIVE_INFINITY);
  return 'unscreenedMps' in a && 'unscreenedMps' in b && a.unscreenedMps < b.unscreenedMps;
}

/** A meal at the edge of what works. */
export interface AtEdge {
  edge: Edge;
  /** The burn that fuel is planned for: the most fuel between the given conditions and the edge. */
  burn: Burn;
}

/** Bisection steps: the wind to 1 %. */
const HALVINGS = 7;

const dearest = (burns: readonly Burn[]): Burn => burns.reduce((a, b) => (b.fuelG > a.fuelG ? b : a));

/**
 * A burn that fails as `tried`, provided for as it would be at the edge of what works: on a can warmed until it feeds the flame, in the nearest lee, with
 * the flame opened, or to the highest temperature that is reached. The more stands in the way, the more is provided: it is the dearest burn
 * between here and there, so that worse conditions never plan lighter.
 */
export function atEdge(use: KitInUse, facts: BurnFacts, can: Can, tried: Burn): AtEdge {
  const inWind = (factor: number): BurnFacts => onEvening(facts, 0, factor);
  const lee = leeOf((factor) => (factor === 1 ? tried : tryBurn(use, inWind(factor), can)));
  const warmLee = warmLeeOf(use, facts);
  const leeBurns = [...(lee ? [lee.burn] : []), ...(warmLee ? [warmLee.burn] : [])];
  if (warmLee?.factor === 1) return { edge: { code: 'warmCan' }, burn: dearest([...leeBurns, warmLee.weakest]) };
  if (lee) return { edge: { code: 'lee', unscreenedMps: unscreenedOf(use, facts, lee.factor) }, burn: dearest(leeBurns) };
  if (warmLee) return { edge: { code: 'warmCanInLee', unscreenedMps: unscreenedOf(use, facts, warmLee.factor) }, burn: warmLee.burn };
  if (hasValve(use.burner)) {
    const full = simulateBurn({ ...inWind(0), source: fedFlame(use, 1) ?? sourceFor(use, inWind(0), can, 1) });
    if (isDone(full)) return { edge: { code: 'openFlame' }, burn: full };
  }
  return nearestTarget(use, inWind(0), can);
}

/** On a can that gives all the valve asks for; undefined without a can, or where not even calm helps. Known by the facts alone: asked for once. */
function warmLeeOf(use: KitInUse, facts: BurnFacts): WarmLee | undefined {
  const source = fedFlame(use);
  if (!source) return undefined;
  return use.cache.warmLee({ kit: use.kit, facts }, () => {
    const lee = leeOf((factor) => simulateBurn({ ...onEvening(facts, 0, factor), source }));
    return lee && { ...lee, weakest: lee.factor === 1 ? weakestFlame(use, facts, lee.burn) : lee.burn };
  });
}

/** The nearest lee in which a burn is finished; undefined where not even calm helps. */
function leeOf(burnIn: (factor: number) => Burn): Lee | undefined {
  const there = burnIn(1);
  if (isDone(there)) return { factor: 1, burn: there };
  if (!isDone(burnIn(0))) return undefined;
  const factor = bisect(0, 1, (f) => isDone(burnIn(f)), HALVINGS).low;
  return { factor, burn: burnIn(factor) };
}

/** The burn on the weakest steady flame that still finishes; `full` is the one on all that the valve asks for. */
function weakestFlame(use: KitInUse, facts: BurnFacts, full: Burn): Burn {
  const asked = heldSetting(use.kit, use.burner);
  const on = (setting: number): Burn => {
    const source = fedFlame(use, setting);
    return source ? simulateBurn({ ...facts, source }) : full;
  };
  return on(bisect(0, asked, (s) => !isDone(on(s)), HALVINGS).high);
}

/** The highest temperature that the full flame reaches out of the wind. It is provided for with the longest burn there is: nothing shorter was enough. */
function nearestTarget(use: KitInUse, calm: BurnFacts, can: Can): AtEdge {
  const source = fedFlame(use, 1) ?? sourceFor(use, calm, can, 1);
  const to = (targetC: number): Burn => simulateBurn({ ...calm, target: { kind: 'stopAt', targetC }, source });
  const burn = failedBurn({ ...calm, source }, LONGEST_BURN_S + calm.holdS);
  const startC = calm.start.kind === 'water' ? calm.start.waterC : 0;
  if (calm.target.kind === 'fry' || !isDone(to(startC))) return { edge: { code: 'none' }, burn };
  return { edge: { code: 'target', targetC: bisect(startC, burn.boilC, (c) => isDone(to(c)), HALVINGS).low }, burn };
}

/** Wind at an unscreened flame where behind the windscreen it is `factor` of what a burn stands in, m/s. */
const unscreenedOf = ({ kit }: KitInUse, facts: BurnFacts, factor: number): number =>
  windBeforeMps(factor * facts.flameWindMps, kit.windscreen);
