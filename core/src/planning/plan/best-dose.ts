import type { BurnFacts } from '../planned';
import { heatToFuelG, phaseHeatJ, SNUFFED_SHARE, usedOfDoseG, type Burn, type DoseRule } from '../../physics/burn';
import type { Can } from '../../physics/canister';
import { needOnG, SPREADS, WIND_CLASS, type NeedLine } from '../risk';

import { onEvening } from './evenings';
import { isSnuffed, type KitInUse } from './kit-in-use';
import { reckonedBurn } from './reckoned';

/** A dose poured or laid out before lighting, judged over the day's spread. */
export interface DoseChoice {
  /** mL of alcohol, or tablets. */
  amount: number;
  fuelG: number;
  /** Share of evenings on which it is too little and the burner has to be lit again. */
  relight: number;
  /** Fuel used on average, relights and what burns on counted, g. */
  expectedG: number;
}
export interface DoseTable {
  unit: 'mL' | 'tablets';
  rule: DoseRule;
  choices: DoseChoice[];
  /** Least expected grams with at most one relight in ten; a whole filling where even that is relit more often. */
  best: DoseChoice;
  /** One filling of the burner is too little more than one evening in ten. */
  wantsRefill: boolean;
  /** Share of the spread that no dose can cook (blown out, stalled): counted as in the nearest lee. */
  impossible: number;
  /** What a relight costs besides, g. */
  relightG: number;
}

/** A meal's need on other evenings, by the full burn model: the dose, the plan and the draw all take it from here. */
export interface NeedSpread extends NeedLine {
  /** Share of the evenings on which it cannot be cooked; those count as at the edge of what works. */
  impossible: number;
}

/** Five-point Gauss–Hermite rule for a normal variable (Abramowitz & Stegun, table 25.10): offsets in sd, weights. */
const NORMAL = [
  { z: -2.85697, weight: 0.011257 },
  { z: -1.355626, weight: 0.222076 },
  { z: 0, weight: 0.533333 },
  { z: 1.355626, weight: 0.222076 },
  { z: 2.85697, weight: 0.011257 },
];
export const MOST_RELIGHTS = 0.1;
/** A relight waits this long with a cooling pot, s (docs/physics.md, Doses). */
export const RELIGHT_WAIT_S = 180;

/** How a meal's need moves with the evening, in three burns besides the planned one. */
export function needSpread(use: KitInUse, facts: BurnFacts, can: Can, planned: Burn, fails: boolean): NeedSpread {
  const needG = planned.fuelG;
  const on = (waterK: number, wind: number) => reckonedBurn(use, onEvening(facts, waterK, wind), can);
  const [down, up] = [on(0, WIND_CLASS.down), on(0, WIND_CLASS.up)];
  const over = (g: number): number => (needG > 0 ? g / needG : 1);
  const { windDown, windUp } = SPREADS;
  return {
    needG,
    perWaterK: (on(SPREADS.waterK, 1).burn.fuelG - needG) / SPREADS.waterK,
    windDown: over(down.burn.fuelG),
    windUp: over(up.burn.fuelG),
    impossible: (down.edge ? windDown : 0) + (fails ? 1 - windDown - windUp : 0) + (up.edge ? windUp : 0),
  };
}

/** How a kit's burner is filled; undefined for burners with a valve and a can. */
export function doseRuleOf(use: KitInUse): DoseRule | undefined {
  const { fuel, kit, burner } = use;
  if (fuel.kind === 'tablet') return { stepG: fuel.tabletG, capacityG: Number.POSITIVE_INFINITY, kept: fuel.keepsWhenBlownOut ? 1 : 0 };
  if (fuel.kind !== 'alcohol' || !('capacityMl' in burner)) return undefined;
  // whole measures, as many as one filling holds; a measure larger than the burner is filled to its rim
  const measures = Math.max(1, Math.floor(burner.capacityMl / kit.measureMl + 1e-9));
  const stepMl = Math.min(kit.measureMl, burner.capacityMl);
  return {
    stepG: stepMl * fuel.densityGPerMl,
    capacityG: measures * stepMl * fuel.densityGPerMl,
    kept: isSnuffed(use) ? SNUFFED_SHARE : 0,
  };
}

/** Doses from too little to plenty for one meal, whose need as planned and on other evenings is known; the burn is the planned one. */
export function doseTable(use: KitInUse, rule: DoseRule, burn: Burn, need: NeedSpread, primingG: number): DoseTable {
  const perUnit = use.fuel.kind === 'alcohol' ? 1 / use.fuel.densityGPerMl : 1 / rule.stepG;
  const relightG = relightOf(burn) + primingG;
  const evenings = eveningsOf(need);
  const mostG = Math.max(...evenings.map((e) => e.needG));
  const choices: DoseChoice[] = [];
  for (let n = 1; n === 1 || ((n - 1) * rule.stepG < mostG && n * rule.stepG < rule.capacityG + 1e-9); n++) {
    const doseG = n * rule.stepG;
    let relight = 0;
    let expectedG = 0;
    for (const { weight, needG } of evenings) {
      if (needG > doseG + 1e-9) relight += weight;
      expectedG += weight * usedOfDoseG(rule, doseG, needG, relightG);
    }
    choices.push({ amount: doseG * perUnit, fuelG: doseG, relight, expectedG });
  }
  const sure = choices.filter((c) => c.relight <= MOST_RELIGHTS + 1e-9);
  const best = sure.length ? sure.reduce((a, b) => (b.expectedG < a.expectedG - 1e-9 ? b : a)) : choices[choices.length - 1]!;
  return {
    unit: use.fuel.kind === 'alcohol' ? 'mL' : 'tablets',
    rule,
    choices,
    best,
    wantsRefill: sure.length === 0,
    impossible: need.impossible,
    relightG,
  };
}

const WINDS = [
  { wind: 'down', weight: SPREADS.windDown },
  { wind: 'same', weight: 1 - SPREADS.windDown - SPREADS.windUp },
  { wind: 'up', weight: SPREADS.windUp },
] as const;

/** The need over the spread of water temperature, quantity and wind; the air is taken as planned. */
const eveningsOf = (need: NeedLine): { weight: number; needG: number }[] =>
  NORMAL.flatMap((t) =>
    NORMAL.flatMap((q) =>
      WINDS.map(({ wind, weight }) => ({
        weight: t.weight * q.weight * weight,
        needG: needOnG(need, t.z, q.z, 0, wind),
      })),
    ),
  );

/** Fuel that brings back what a pot loses while the burner is filled again, at the efficiency of its burn, g. */
function relightOf({ durationS, ledger }: Burn): number {
  const { heating } = ledger.heatJ;
  const lossJPerS = durationS > 0 ? (heating.air + heating.evaporation) / durationS : 0;
  const useful = 1 - heating.sides / Math.max(1, phaseHeatJ(heating));
  return heatToFuelG((lossJPerS * RELIGHT_WAIT_S * 2) / Math.max(0.05, useful), ledger.lhvKJPerG);
}
