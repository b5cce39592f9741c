/** Which weight a walker counts (docs/physics.md, Packages). */
export const WEIGHT_MEASURES = ['start', 'gramDays', 'gramKm', 'gramClimb'] as const;
export type WeightMeasure = (typeof WEIGHT_MEASURES)[number];
/** A hundred metres of ascent weigh as much as this many kilometres on the flat (common practice). */
export const KM_PER_100_M = 1;

/** A day's walk as far as it counts for what is carried. */
export interface DayWalk {
  km: number;
  ascentM: number;
}

/** What a gram on the back in the morning counts on each day of a carry. */
export function dayWeights(measure: WeightMeasure, days: readonly DayWalk[]): number[] {
  switch (measure) {
    case 'start':
      return days.map((_, i) => (i === 0 ? 1 : 0));
    case 'gramDays':
      return days.map(() => 1);
    case 'gramKm':
      return days.map((d) => d.km);
    case 'gramClimb':
      return days.map((d) => d.km + (KM_PER_100_M * d.ascentM) / 100);
  }
}

/** One carry as the optimiser sees it: what is burnt, what must be on hand at the start, and what its stop offers. */
export interface Stage {
  /** Fuel burnt on the way, g. */
  burntG: number;
  /** What a gram counts that is carried all the way. */
  weight: number;
  /** What the fuel counts that is burnt on the way and not carried to its end. */
  burntOff: number;
  /** Fuel on hand when leaving must be at least this, g: demand and reserve. */
  needG: number;
  /** Containers can be left at its stop. */
  bin: boolean;
}

/** A package of fixed content: a can, a tin. */
export interface CanSize {
  netG: number;
  tareG: number;
}
/** What one stop sells: `prices[k]` is the price of size k, undefined where it is not on sale. */
export interface CanStage extends Stage {
  prices: readonly (number | undefined)[];
  /** Set where the walker has decided: how many of each size are bought here, no more and no fewer. */
  pinned?: readonly number[];
}

/** No way to leave that stage with enough: nothing on sale, or a pin that is too small. */
export interface NoPlan {
  code: 'short';
  stage: number;
  needG: number;
  /** The most that can be on hand there, g. */
  mostG: number;
}

/** A carry by its days: fuel burnt on each, g, and what a gram carried that morning counts. */
export function burntAlong(burntG: readonly number[], weights: readonly number[]): Pick<Stage, 'burntG' | 'weight' | 'burntOff'> {
  let goneG = 0;
  let burntOff = 0;
  let weight = 0;
  weights.forEach((w, i) => {
    burntOff += w * goneG;
    weight += w;
    goneG += burntG[i]!;
  });
  return { burntG: goneG, weight, burntOff };
}

/** What it counts to leave with that much fuel in containers of that tare: every morning's load times its weight. */
export const loadCost = ({ weight, burntOff }: Stage, fuelG: number, tareG: number): number => weight * (fuelG + tareG) - burntOff;
