import { heatToFuelG, phaseHeatJ, simulateBurn, SNUFFED_SHARE } from '../burn';
import type { Trip } from '../model';
import { FRESH_CAN, isSnuffed, kitInUse, onEvening, sourceFor, type BurnFacts } from '../plan';
import { SPREADS, WIND_CLASS } from '../risk';

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
  choices: DoseChoice[];
  /** Least expected grams with at most one relight in ten. */
  best?: DoseChoice;
  /** Share of the spread that no dose can cook (blown out, stalled). */
  impossible: number;
}

/** Wind one class down, same, up. */
const WIND = [
  { factor: WIND_CLASS.down, weight: SPREADS.windDown },
  { factor: 1, weight: 1 - SPREADS.windDown - SPREADS.windUp },
  { factor: WIND_CLASS.up, weight: SPREADS.windUp },
];
/** Five-point Gauss–Hermite rule for a normal variable (Abramowitz & Stegun, table 25.10): offsets in sd, weights. */
const NORMAL = [
  { z: -2.85697, weight: 0.011257 },
  { z: -1.355626, weight: 0.222076 },
  { z: 0, weight: 0.533333 },
  { z: 1.355626, weight: 0.222076 },
  { z: 2.85697, weight: 0.011257 },
];
export const MOST_RELIGHTS = 0.1;
/** A relight waits this long with a cooling pot, s (docs/physics.md, The burn). */
export const RELIGHT_WAIT_S = 180;

/** Doses from too little to plenty for one meal on an alcohol or tablet burner; undefined for burners with a valve and a can. */
export function doseTable(trip: Trip, facts: BurnFacts): DoseTable | undefined {
  const use = kitInUse(trip.kit);
  const { fuel, kit } = use;
  if (fuel.kind !== 'alcohol' && fuel.kind !== 'tablet') return undefined;
  const stepG = fuel.kind === 'alcohol' ? kit.measureMl * fuel.densityGPerMl : fuel.tabletG;
  const kept = fuel.kind === 'alcohol' ? (isSnuffed(use) ? SNUFFED_SHARE : 0) : fuel.keepsWhenBlownOut ? 1 : 0;
  const cases = needs(facts, (f) => simulateBurn({ ...f, source: sourceFor(use, f, FRESH_CAN) }));
  const possible = cases.filter((c) => c.needG !== undefined);
  const weight = possible.reduce((s, c) => s + c.weight, 0);
  if (weight === 0) return { unit: fuel.kind === 'alcohol' ? 'mL' : 'tablets', choices: [], impossible: 1 };
  const most = Math.max(...possible.map((c) => c.needG ?? 0));
  const choices: DoseChoice[] = [];
  for (let n = 1; (n - 1) * stepG < most; n++) {
    const doseG = n * stepG;
    let relight = 0;
    let expectedG = 0;
    for (const c of possible) {
      const needG = c.needG ?? 0;
      const short = needG > doseG;
      // too little: the pot cools while the burner is filled again, in whole measures
      const usedG = short ? doseG + refillG(needG - doseG + c.relightG, stepG, kept) : doseG - (doseG - needG) * kept;
      relight += short ? c.weight / weight : 0;
      expectedG += (usedG * c.weight) / weight;
    }
    choices.push({ amount: fuel.kind === 'alcohol' ? n * kit.measureMl : n, fuelG: doseG, relight, expectedG });
  }
  const sure = choices.filter((c) => c.relight <= MOST_RELIGHTS + 1e-9);
  const best = sure.length ? sure.reduce((a, b) => (b.expectedG < a.expectedG - 1e-9 ? b : a)) : undefined;
  return { unit: fuel.kind === 'alcohol' ? 'mL' : 'tablets', choices, ...(best ? { best } : {}), impossible: 1 - weight };
}

/** A refill in whole measures, of which what is over is `kept` (0–1). */
function refillG(needG: number, stepG: number, kept: number): number {
  const poured = Math.ceil(needG / stepG - 1e-9) * stepG;
  return poured - (poured - needG) * kept;
}

interface Need {
  weight: number;
  needG: number | undefined;
  relightG: number;
}

/** Fuel needed over the spread of water temperature, quantity and wind. */
function needs(facts: BurnFacts, burn: (f: BurnFacts) => ReturnType<typeof simulateBurn>): Need[] {
  const out: Need[] = [];
  for (const t of NORMAL)
    for (const q of NORMAL)
      for (const w of WIND) {
        const waterMl = facts.waterMl * (1 + q.z * SPREADS.quantityShare);
        const b = burn({ ...onEvening(facts, t.z * SPREADS.waterK, w.factor), waterMl });
        const done = b.outcome.kind === 'done';
        // heat lost while refilling, brought back at the efficiency of this burn
        const lossJPerS = done && b.durationS > 0 ? (b.ledger.heatJ.heating.air + b.ledger.heatJ.heating.evaporation) / b.durationS : 0;
        const useful = done ? 1 - b.ledger.heatJ.heating.sides / Math.max(1, phaseHeatJ(b.ledger.heatJ.heating)) : 1;
        const relightG = done
          ? heatToFuelG((lossJPerS * RELIGHT_WAIT_S * 2) / Math.max(0.05, useful), b.ledger.lhvKJPerG) + facts.primingG
          : 0;
        out.push({ weight: t.weight * q.weight * w.weight, needG: done ? b.fuelG : undefined, relightG });
      }
  return out;
}
