import { BOTTLE_STEP_ML, BOTTLE_TARE_PER_STEP_G, CANISTER_SIZES, GEL_TIN, LIQUID_BOTTLES } from '../carry';
import { nearest } from '../../foundation/numeric';
import { LOOKS_AT, type Look, type LookHow, type ShelfKind } from './look-schema';

/** A container with what was read off it, oldest first; `tareG` is null where nobody knows it. */
interface Readings {
  kind: ShelfKind;
  netG: number;
  tareG: number | null;
  looks: readonly Look[];
}

/** Why a look cannot be so, with the figures it breaks on. */
export type LookProblem =
  | { code: 'lighterThanEmpty'; grossG: number; tareG: number }
  | { code: 'heavierThanFull'; grossG: number; fullG: number }
  | { code: 'beforeTheLast'; on: string; last: string }
  | { code: 'notForThis'; how: LookHow }
  | { code: 'noMark' }
  | { code: 'moreThanItHolds'; fuelG: number; netG: number };

/** Maker's fill and a kitchen scale may be off by so much of a full container, and an empty one by so much where only its size is known, g. */
const FILL_SLACK = 0.03;

const SCALE_SLACK_G = 3;

const USUAL_TARE_SLACK_G = 20;

/** What is wrong with one more look at a container; undefined where it may be so. (What disagrees with other looks is asked about instead.) */
export function lookProblem(item: Readings, look: Look): LookProblem | undefined {
  const { kind, netG, looks } = item;
  if (!LOOKS_AT[kind].includes(look.how)) return { code: 'notForThis', how: look.how };
  const last = looks.at(-1);
  if (last && look.on < last.on) return { code: 'beforeTheLast', on: look.on, last: last.on };
  if (look.how === 'risen' && !looks.some((l) => l.how === 'marked')) return { code: 'noMark' };
  if (look.how === 'burnt' && look.minutes * look.gPerMin > netG)
    return { code: 'moreThanItHolds', fuelG: look.minutes * look.gPerMin, netG };
  return look.how === 'weighed' ? weightProblem(item, look.grossG) : undefined;
}

/** A weight that is lighter than the empty container, or heavier than the full one. */
function weightProblem(item: Readings, grossG: number): LookProblem | undefined {
  const { kind, netG } = item;
  const slackG = item.tareG === null ? USUAL_TARE_SLACK_G : SCALE_SLACK_G;
  const tareG = item.tareG ?? emptyG(kind, netG);
  if (grossG < tareG - slackG) return { code: 'lighterThanEmpty', grossG, tareG };
  const fullG = tareG + netG;
  return grossG > fullG + FILL_SLACK * netG + slackG ? { code: 'heavierThanFull', grossG, fullG } : undefined;
}

/** The first look at a container that cannot be, as it is now; undefined where all may be so. */
export function badLook(item: Readings): { look: number; problem: LookProblem } | undefined {
  for (const [look, one] of item.looks.entries()) {
    const problem = lookProblem({ ...item, looks: item.looks.slice(0, look) }, one);
    if (problem) return { look, problem };
  }
  return undefined;
}

/** An empty container whose own weight nobody knows, g (docs/physics.md, Packages). */
export function emptyG(kind: ShelfKind, netG: number): number {
  switch (kind) {
    case 'canister':
      return nearest(CANISTER_SIZES, (s) => s.netG, netG).tareG;
    case 'gelTin':
      return USUAL_EMPTY_G.gelTin;
    case 'bottle':
      return Math.ceil(netG / USUAL_EMPTY_G.bottleStepFuelG) * USUAL_EMPTY_G.bottleStep;
    case 'liquidBottle':
      return netG <= USUAL_EMPTY_G.smallPressureFuelG ? USUAL_EMPTY_G.smallPressure : USUAL_EMPTY_G.largePressure;
    case 'tablets':
      return 0;
  }
}

/** As PACKAGES has them, by what a full one holds in grams: 250 mL of alcohol, 300 mL of liquid fuel. */
const USUAL_EMPTY_G = {
  gelTin: GEL_TIN.tareG,
  bottleStep: BOTTLE_TARE_PER_STEP_G,
  bottleStepFuelG: 0.8 * BOTTLE_STEP_ML,
  smallPressure: LIQUID_BOTTLES[0].tareG,
  largePressure: LIQUID_BOTTLES[1].tareG,
  smallPressureFuelG: 0.82 * LIQUID_BOTTLES[0].sizeMl,
} as const;
