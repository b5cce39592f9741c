import { fuelOfG, type Container } from '../../domain/carry';
import type { Annoyance } from '../../domain/model';
import { spareG } from './forecast';
import { burnt, onDay, startState, weighed, type WalkState } from './walk-state';
import { READ_SD_G } from './readings';
import type { StretchSet, StretchSets } from './stretch-sets';
import type { MealAhead } from './ahead';

/** Below this reading a saving starts. */
export interface Tripwire {
  /** All that can be read in the containers, g. */
  belowG: number;
  /** What to bear from then on. */
  annoyances: Annoyance[];
}
/** The tripwires of one camp, before its supper, the highest first. */
export interface CampTripwires {
  day: number;
  wires: Tripwire[];
  /** Below this nothing of it is enough any more, g; 0 where something always is. */
  tooLittleG: number;
  /** Fuel that is left there as planned, g. */
  plannedLeftG: number;
}

/** So many savings of one camp are read on paper; more would be no help at dusk. */
const MOST_ON_PAPER = 3;
/** Steps closer than this are one on paper, g: nobody would change a habit for them. */
const LEAST_STEP_G = 5;

/**
 * The readings of every camp of a carry at which a walker begins to save, as far as what is carried there was known when it was left. A low
 * reading is itself news of a thirsty burner: what is left is weighed into what was known, as it would be on the way, and the grams asked
 * for are those that the stretch plan would ask for then.
 */
export function tripwires(sets: StretchSets, containers: readonly Container[], asked: Asked): CampTripwires[] {
  const start = startOf(containers, asked.factorSd);
  const { burns } = sets.of(0);
  const savings = Array.from({ length: 2 ** sets.order.length - 1 }, (_, i) => sets.of(i + 1)).sort(
    (a, b) => a.failing - b.failing || a.set - b.set,
  );
  return [...new Set(burns.map((b) => b.day))].map((day) => {
    const before = burns.filter((b) => isBefore(b, day));
    const enoughG = enoughAt(start, before, day, asked);
    const wires: Tripwire[] = [];
    let belowG = enoughG(sets.of(0));
    // in the order in which the stretch plan would take them: whatever it asks for at a reading stands here as well
    for (const plan of savings) {
      const thenG = enoughG(plan);
      if (thenG >= belowG) continue;
      wires.push({ belowG, annoyances: plan.annoyances });
      belowG = thenG;
    }
    const burntG = before.reduce((sum, b) => sum + b.modelG, 0);
    return { day, wires, tooLittleG: belowG, plannedLeftG: Math.max(0, fuelOfG(containers) - burntG) };
  });
}

/** The least reading of a camp that is enough for what a set still burns there and after, g. */
const enoughAt =
  (start: WalkState, before: readonly MealAhead[], day: number, asked: Asked) =>
  ({ burns }: StretchSet): number =>
    enoughFrom(
      start,
      before,
      burns.filter((b) => !isBefore(b, day)),
      asked,
    );

/** What is known of containers as they leave their stop. */
const startOf = (containers: readonly Container[], factorSd: number): WalkState =>
  startState(factorSd, fuelOfG(containers), Math.hypot(...containers.map((c) => c.own?.sdG ?? 0)));

/**
 * The highest tripwire of one camp alone, g: below it a saving starts. Undefined where bearing everything asks for no less. Two plans are made, not one
 * for every set.
 */
export function saveBelowG(sets: StretchSets, containers: readonly Container[], asked: Asked, day: number): number | undefined {
  const start = startOf(containers, asked.factorSd);
  const before = sets.of(0).burns.filter((b) => isBefore(b, day));
  const enoughG = enoughAt(start, before, day, asked);
  const [asPlannedG, allBorneG] = [enoughG(sets.of(0)), enoughG(sets.of(2 ** sets.order.length - 1))];
  return allBorneG < asPlannedG ? asPlannedG : undefined;
}

/**
 * The same with no more than a few savings: the narrowest steps are left out, and the next saving takes their place from the higher reading on. What
 * is asked for is then never less than what is needed.
 */
export function onPaper(wires: readonly Tripwire[]): Tripwire[] {
  let list = [...wires];
  for (;;) {
    const ranges = list.slice(0, -1).map((w, i) => w.belowG - list[i + 1]!.belowG);
    const least = Math.min(...ranges);
    if (list.length <= MOST_ON_PAPER && least >= LEAST_STEP_G) return list;
    const narrowest = ranges.indexOf(least);
    list = list.flatMap((w, i) => (i === narrowest ? [] : i === narrowest + 1 ? [{ ...w, belowG: list[narrowest]!.belowG }] : [w]));
  }
}

/** A reading is taken before the supper of a day. */
export const isBefore = ({ day, meal }: MealAhead, camp: number): boolean =>
  day < camp || (day === camp && (meal === 'breakfast' || meal === 'lunch'));

/** What a reading has to be enough for: how far f is known before the first burn, the chance one would live with, and what no flame gets out of a can, g. */
export interface Asked {
  factorSd: number;
  limit: number;
  residueG: number;
}

/**
 * The least reading that is enough for some burns, g. What is known after a reading moves in a straight line with it, and its doubt not at
 * all: two readings tell the line. Before anything is burnt a reading is the start itself.
 */
export function enoughFrom(
  start: WalkState,
  before: readonly MealAhead[],
  then: readonly MealAhead[],
  { factorSd, limit, residueG }: Asked,
): number {
  if (!then.length) return 0;
  const spareWith = (readG: number): number => spareG(readAtCamp(start, before, readG, factorSd), then, limit, residueG);
  const [at0, at100] = [spareWith(0), spareWith(100)];
  return (-100 * at0) / (at100 - at0);
}

/** What is known at a camp once `readG` was read there, after some burns since the start. */
export function readAtCamp(start: WalkState, before: readonly MealAhead[], readG: number, factorSd: number): WalkState {
  if (!before.length) return startState(factorSd, readG, READ_SD_G.scale);
  const camp = before.reduce((s, b) => burnt(onDay(s, b.day), b.modelG, b.share), start);
  return weighed(camp, readG, READ_SD_G.scale);
}
