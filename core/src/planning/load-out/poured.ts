import { done, refused, type Result } from '../../foundation/errors';
import { loadCost, type NoPlan, type Stage } from '../../domain/carry';

/** A stop where fuel is bought by the unit: a measure of alcohol, a tablet. */
export interface PouredStage extends Stage {
  /** Price of so many units bought here; undefined where none is on sale. Never falls with more units. */
  price: ((units: number) => number) | undefined;
  /** Units the hiker has fixed for this stop. */
  pinned?: number;
  /** Own units that can be packed here, free. */
  ownUnits?: number;
}
export interface PouredStep {
  boughtUnits: number;
  /** Own units packed here. */
  ownUnits: number;
  fuelG: number;
  tareG: number;
}
export interface PouredPlan {
  steps: PouredStep[];
  cost: number;
  price: number;
}

/** Units bought of those taken on at a stage: what is pinned, or what own units do not cover. */
const boughtOf = ({ price, pinned, ownUnits = 0 }: PouredStage, units: number): number =>
  price ? (pinned ?? Math.max(0, units - ownUnits)) : 0;

/** Price of the units bought. */
function priceBeyond(stage: PouredStage, units: number): number {
  const bought = boughtOf(stage, units);
  return bought === 0 || !stage.price ? 0 : stage.price(bought);
}

/** Shops ahead that a purchase may be for, if a lower price is worth its weight. */
const SHOPS_AHEAD = 12;
const TIE = 1e-6;
const EPS = 1e-9;

/**
 * The load-outs of a trip on fuel that comes in units, exactly: nothing is poured away, so what is on hand follows from the units bought
 * so far; that number is the state. Where money counts nothing, no more is bought than lasts to the next stop that sells any (less is never
 * heavier); else every number is tried that lasts through the next dozen shops. `tareOf` is the weight of what holds so many
 * grams on leaving a stage, without regard to the stop before; `startG` is on hand on coming to the first stop. What is the walker's own
 * is taken before anything is bought.
 */
export function bestPoured(
  unitG: number,
  tareOf: (fuelG: number, stage: number) => number,
  stages: readonly PouredStage[],
  gramsPerPrice = 0,
  startG = 0,
): Result<PouredPlan, NoPlan> {
  const burntBefore = stages.map((_, i) => stages.slice(0, i).reduce((sum, s) => sum + s.burntG, 0));
  const needed = stages.map((s, i) => Math.max(0, Math.ceil((burntBefore[i]! + s.needG - startG) / unitG - EPS)));
  const worthwhile = worthBuying(stages, needed, gramsPerPrice > 0 ? SHOPS_AHEAD : 1);
  const most = Math.max(0, ...worthwhile);
  const fuelAt = (i: number, units: number): number => startG + units * unitG - burntBefore[i]!;
  /** By units bought so far: the least cost of leaving stage i, and the units bought before it. */
  let costs = new Map<number, number>([[0, 0]]);
  const trail: Map<number, number>[] = [];
  for (let i = 0; i < stages.length; i++) {
    const stage = stages[i]!;
    const next = new Map<number, number>();
    const before = new Map<number, number>();
    let mostG = 0;
    const spend = Array.from({ length: most + 1 }, (_, n) => priceBeyond(stage, n) * (gramsPerPrice + TIE));
    const load = Array.from({ length: most + 1 }, (_, units) => {
      const fuelG = fuelAt(i, units);
      return fuelG < stage.needG - EPS ? undefined : loadCost(stage, fuelG, tareOf(fuelG, i));
    });
    for (const [had, cost] of costs) {
      const { atLeast, atMost } = unitsLeaving(stage, had, worthwhile[i]!);
      mostG = Math.max(mostG, fuelAt(i, atMost));
      for (let units = atLeast; units <= Math.min(most, atMost); units++) {
        const carried = load[units];
        if (carried === undefined) continue;
        const total = cost + carried + spend[units - had]!;
        if (total < (next.get(units) ?? Number.POSITIVE_INFINITY)) {
          next.set(units, total);
          before.set(units, had);
        }
      }
    }
    if (!next.size) return refused({ code: 'short', stage: i, needG: stage.needG, mostG });
    costs = next;
    trail.push(before);
  }
  const [units, cost] = [...costs].reduce((a, b) => (b[1] < a[1] ? b : a));
  const steps = stepsBack(stages, trail, units, (i, taken) => {
    const fuelG = fuelAt(i, taken);
    return { fuelG, tareG: tareOf(fuelG, i) };
  });
  const price = steps.reduce((sum, s, i) => sum + (s.boughtUnits > 0 ? (stages[i]!.price?.(s.boughtUnits) ?? 0) : 0), 0);
  return done({ steps, cost: cost - TIE * price, price });
}

/** Walks back from the last stage; `trail` holds the units bought before each. */
function stepsBack(
  stages: readonly PouredStage[],
  trail: readonly ReadonlyMap<number, number>[],
  inTheEnd: number,
  weights: (stage: number, units: number) => Pick<PouredStep, 'fuelG' | 'tareG'>,
): PouredStep[] {
  let units = inTheEnd;
  const steps: PouredStep[] = [];
  for (let i = stages.length - 1; i >= 0; i--) {
    const had = trail[i]!.get(units) ?? 0;
    const boughtUnits = boughtOf(stages[i]!, units - had);
    steps.unshift({ boughtUnits, ownUnits: units - had - boughtUnits, ...weights(i, units) });
    units = had;
  }
  return steps;
}

/** At each stage, the most units bought so far that lasting through the next `shops` shops can ask for, and what is pinned besides. */
function worthBuying(stages: readonly PouredStage[], needed: readonly number[], shops: number): number[] {
  const pins = stages.reduce((sum, s) => sum + (s.pinned ?? 0), 0);
  return stages.map((_, i) => {
    let ahead = shops;
    let units = 0;
    for (let j = i; j < stages.length && ahead > 0; j++) {
      units = Math.max(units, needed[j]!);
      if (stages[j + 1]?.price) ahead--;
    }
    return units + pins;
  });
}

/** Units taken on so far with which a stage may be left, `had` of them before it. */
function unitsLeaving({ price, pinned, ownUnits = 0 }: PouredStage, had: number, worthwhile: number): { atLeast: number; atMost: number } {
  if (price === undefined) return { atLeast: had, atMost: had + ownUnits };
  if (pinned === undefined) return { atLeast: had, atMost: Math.max(had, worthwhile) };
  return { atLeast: had + pinned, atMost: had + pinned + ownUnits };
}
