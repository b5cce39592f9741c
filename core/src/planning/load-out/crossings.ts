import { carryProfile, fuelOfG, tareOfG, withReserve } from '../../domain/carry';
import type { Fuel } from '../../physics/fuel';
import { containersFor } from './single';

/** Longest time between two stops, days. */
export const LONGEST_DAYS = 21;

/** What decides how a kit's weight grows with the days between stops. */
export interface LengthKit {
  hardwareG: number;
  /** Fuel burnt on a day, g. */
  dailyG: number;
  fuel: Fuel;
  measureMl: number;
  reservePercent: number;
}
/** Carried weight by length: entry n − 1 is a carry of n days. */
export interface LengthWeights {
  startG: number[];
  /** Mean of the mornings, g. */
  averageG: number[];
  /** Empty containers, g: a step where one more is needed. */
  tareG: number[];
}
export type CountedBy = 'startG' | 'averageG';

/** Weights of carry-outs of 1 to `longest` days, each in its lightest containers. */
export function weightsByLength({ hardwareG, dailyG, fuel, measureMl, reservePercent }: LengthKit, longest = LONGEST_DAYS): LengthWeights {
  const weights: LengthWeights = { startG: [], averageG: [], tareG: [] };
  const gathered = fuel.kind === 'wood' || fuel.kind === 'none';
  for (let n = 1; n <= longest; n++) {
    const burntG = Array.from({ length: n }, () => (gathered ? 0 : dailyG));
    const containers = gathered ? [] : containersFor(fuel, n * dailyG * withReserve({ reservePercent }), measureMl);
    const tareG = tareOfG(containers);
    const { startG, averageG } = carryProfile(hardwareG, tareG, fuelOfG(containers), burntG);
    weights.startG.push(startG);
    weights.averageG.push(averageG);
    weights.tareG.push(tareG);
  }
  return weights;
}

/** Where one kit becomes lighter than another as the days grow. */
export interface Crossing {
  /** First length at which the other kit is lighter, days. */
  days: number;
  lighter: string;
  heavier: string;
  /** Cause: one more container, or the fuel burnt each day. */
  why: 'container' | 'fuel';
  /** Whose container or fuel it is. */
  whose: string;
}
export interface NamedWeights extends LengthWeights {
  id: string;
}

/** A smaller difference counts as none, g. */
const SAME_G = 0.5;

/** All lengths at which the lighter of two kits changes. */
export function crossingsOf(a: NamedWeights, b: NamedWeights, by: CountedBy): Crossing[] {
  const found: Crossing[] = [];
  let lighter: NamedWeights | undefined;
  for (let i = 0; i < a[by].length; i++) {
    const differenceG = a[by][i]! - b[by][i]!;
    if (Math.abs(differenceG) < SAME_G) continue;
    const now = differenceG < 0 ? a : b;
    if (lighter && now !== lighter) found.push(crossing(now, lighter, i, by));
    lighter = now;
  }
  return found;
}

function crossing(lighter: NamedWeights, heavier: NamedWeights, i: number, by: CountedBy): Crossing {
  const jump = (k: NamedWeights): number => Math.abs(k.tareG[i]! - k.tareG[i - 1]!);
  const grown = (k: NamedWeights): number => k[by][i]! - k[by][i - 1]!;
  const jumped = jump(heavier) >= jump(lighter) ? heavier : lighter;
  const base = { days: i + 1, lighter: lighter.id, heavier: heavier.id };
  if (jump(jumped) > SAME_G) return { ...base, why: 'container', whose: jumped.id };
  return { ...base, why: 'fuel', whose: grown(heavier) >= grown(lighter) ? heavier.id : lighter.id };
}

/** The lightest kit over a run of lengths, and those that are no heavier than can be told. */
export interface LightestRun {
  id: string;
  ties: string[];
  from: number;
  to: number;
}
/** Kits this close are called equal, g: a lighter or a spoon. */
export const TIE_G = 10;

/** The lightest of some weights by name, and those within a tie of it. */
export function lightestOf(weights: readonly { id: string; g: number }[]): { id: string; ties: string[] } | undefined {
  if (!weights.length) return undefined;
  const best = weights.reduce((a, b) => (b.g < a.g - 1e-9 ? b : a));
  return { id: best.id, ties: weights.filter((w) => w !== best && w.g <= best.g + TIE_G).map((w) => w.id) };
}

/** The lightest kit at every length, in runs of days; one that is as light as the lightest stays. */
export function lightestByLength(kits: readonly NamedWeights[], by: CountedBy): LightestRun[] {
  const runs: LightestRun[] = [];
  for (let i = 0; i < (kits[0]?.[by].length ?? 0); i++) {
    const best = lightestOf(kits.map((k) => ({ id: k.id, g: k[by][i]! })));
    if (!best) break;
    const last = runs.at(-1);
    const names = [best.id, ...best.ties];
    const stays = last && names.includes(last.id);
    const ties = names.filter((id) => id !== (stays ? last.id : best.id)).sort();
    if (stays && last.ties.join() === ties.join()) last.to = i + 1;
    else runs.push({ id: stays ? last.id : best.id, ties, from: i + 1, to: i + 1 });
  }
  return runs;
}
