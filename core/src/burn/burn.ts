import { integrate } from '../numeric/dormand-prince';
import { boilingPointC } from '../air/atmosphere';
import { FLAMES, FRYING_PAN_C, GIVE_UP_AFTER_S, GIVE_UP_K_PER_S, LONGEST_BURN_S, lowFlameBlowOut, type FlameKind } from './constants';
import type { FlameSource } from './flame-source';
import { fry } from './fry';
import { heatPath, type WaterStart } from './heat-path';
import { holdAt } from './hold';
import { emptyHeatMatrix, ledgerFuelG, type Ledger } from './ledger';
import { potHeatCapacityJPerK, type Pot } from './pot';
import { meanEfficiency, meanLoss, windLevels } from './wind-levels';

/** Bring water to the local boiling point or to a temperature; or fry for a while, without water. */
export type Target = { kind: 'boil' } | { kind: 'stopAt'; targetC: number } | { kind: 'fry'; minutes: number };

export interface BurnInput {
  /** As liquid. */
  waterMl: number;
  start: WaterStart;
  target: Target;
  /** Time held at the target once it is reached, s (a simmer, or a rolling boil that makes water safe). */
  holdS: number;
  /** A rolling boil wants visible surplus; a simmer only what is lost. */
  rolling: boolean;
  airC: number;
  pressurePa: number;
  flameWindMps: number;
  potWindMps: number;
  /** Steady, or a wind of two levels whose mean is the wind given. */
  gusty: boolean;
  pot: Pot;
  lidOn: boolean;
  /** Insulating sleeve left on while heating. */
  sleeveOn: boolean;
  flame: FlameKind;
  /** Factor on the coupling that tells one burner from another; 1 until burn tests say otherwise. */
  headFactor: number;
  source: FlameSource;
  /** Heat capacity of dry food that goes into the pot at the target and is held there, J/K; 0 for none. */
  foodJPerK: number;
  /** Fuel burnt before the pot is heated at all, g (preheating, a primer pan). */
  primingG: number;
  /** Fuel lost without heat at each lighting, g (a canister joint). */
  jointLossG: number;
}

/** How a burn ends, as data. */
export type BurnOutcome =
  { kind: 'done' } | { kind: 'stalls'; atC: number } | { kind: 'mayBlowOut'; flameWindMps: number; limitMps: number } | { kind: 'wontRun' };

export interface Burn {
  outcome: BurnOutcome;
  targetC: number;
  boilC: number;
  /** Lighting to target, s; 0 unless done. */
  durationS: number;
  /** Fuel out of the stock, g; 0 unless done. */
  fuelG: number;
  /** Mean power released, W. */
  meanPowerW: number;
  /** Efficiency at the steady flame, 0–1. */
  efficiency: number;
  /** Can at the end, °C; absent without a can. */
  canEndC?: number;
  ledger: Ledger;
  /** Accepted integration steps. */
  steps: number;
}

/** Flame strengths below this share of the rated power do not keep alight (domain section 5). */
export const WONT_RUN_SHARE = 0.05;

const REL_TOL = 1e-4;
const ABS_TOL = 1e-2;

/**
 * Simulates one lighting: water and pot as one lumped temperature (domain section 4),
 *
 *     C dT/dt = P·η − Q_air(T) − Q_evap(T),
 *
 * coupled to the can's temperature where there is a can. Gusts are fast beside the pot: efficiency and losses are the
 * time-weighted means of two wind levels. Returns no time when the flame may blow out, will not run, or stalls below the target.
 */
export function simulateBurn(input: BurnInput): Burn {
  const boilC = boilingPointC(input.pressurePa);
  const targetC = targetOf(input.target, boilC);
  const { source } = input;
  const levels = windLevels(input);
  const eta = meanEfficiency(input, levels);
  const loss = meanLoss(input, levels);

  const unfinished = (outcome: BurnOutcome): Burn => ({
    outcome,
    targetC,
    boilC,
    durationS: 0,
    fuelG: 0,
    meanPowerW: source.steadyW,
    efficiency: eta(source.steadyW),
    ledger: { heatJ: emptyHeatMatrix(), unburntG: { joint: 0, snuffed: 0 }, lhvKJPerG: source.lhvKJPerG },
    steps: 0,
  });
  if (source.steadyW < WONT_RUN_SHARE * source.ratedW) return unfinished({ kind: 'wontRun' });
  const limitMps = lowFlameBlowOut(FLAMES[input.flame].blowOutMps, source.steadyW / source.ratedW);
  const flameWindMps = Math.max(...levels.map((l) => l.flameMps));
  if (flameWindMps > limitMps) return unfinished({ kind: 'mayBlowOut', flameWindMps, limitMps });

  if (input.target.kind === 'fry') {
    const fried = fry({ minutes: input.target.minutes, source, loss, eta });
    if ('stallsAtC' in fried) return unfinished({ kind: 'stalls', atC: fried.stallsAtC });
    fried.heatJ.priming.sides = input.primingG * source.lhvKJPerG * 1000;
    const ledger: Ledger = { heatJ: fried.heatJ, unburntG: { joint: input.jointLossG, snuffed: 0 }, lhvKJPerG: source.lhvKJPerG };
    return {
      ...unfinished({ kind: 'done' }),
      durationS: input.target.minutes * 60,
      fuelG: ledgerFuelG(ledger),
      meanPowerW: fried.releasedJ / (input.target.minutes * 60),
      ...(source.can ? { canEndC: fried.canEndC } : {}),
      ledger,
    };
  }

  const gainAt = (t: number): number => source.steadyW * eta(source.steadyW) - loss.airW(t) - loss.evaporationW(t);
  const path = heatPath(input.waterMl, potHeatCapacityJPerK(input.pot), input.start);
  if (!source.can && gainAt(targetC) <= 0) return unfinished({ kind: 'stalls', atC: stallC(gainAt, path.startC, targetC) });

  // state: heat taken up (K of the full pot), can °C, heat released, to air, to vapour, up the sides (J)
  const y0 = Float64Array.of(0, source.can?.startC ?? 0, 0, 0, 0, 0);
  let slowSinceS = 0;
  const thetaEnd = Math.max(0, path.thetaAt(targetC));
  const run = integrate(
    (t, y, dy) => {
      const potC = path.potC(y[0]);
      const p = source.powerW(t, y[1]);
      const useful = p * eta(p);
      const air = loss.airW(potC);
      const vapour = loss.evaporationW(potC);
      dy[0] = (useful - air - vapour) / path.capacityJPerK;
      dy[1] = source.can ? source.can.dCanC(y[1], p) : 0;
      dy[2] = p;
      dy[3] = air;
      dy[4] = vapour;
      dy[5] = p - useful;
    },
    y0,
    {
      tEnd: LONGEST_BURN_S,
      breaks: source.breaksS,
      relTol: REL_TOL,
      absTol: ABS_TOL,
      target: thetaEnd,
      stop: (t, _y, dy) => {
        if (dy[0] >= GIVE_UP_K_PER_S) slowSinceS = t;
        return t - slowSinceS > GIVE_UP_AFTER_S;
      },
    },
  );
  if (!run.reached) return unfinished({ kind: 'stalls', atC: path.potC(run.y[0]) });

  const [, canC, releasedJ, airJ, vapourJ, sidesJ] = run.y;
  const heatJ = emptyHeatMatrix();
  const potJPerK = potHeatCapacityJPerK(input.pot);
  heatJ.priming.sides = input.primingG * source.lhvKJPerG * 1000;
  heatJ.heating.pot = potJPerK * Math.max(0, targetC - path.startC);
  heatJ.heating.water = thetaEnd * path.capacityJPerK - heatJ.heating.pot;
  heatJ.heating.air = airJ;
  heatJ.heating.evaporation = vapourJ;
  heatJ.heating.sides = sidesJ;
  let foodS = 0;
  if (input.foodJPerK > 0) {
    // food at the air's temperature pulls the boil down until the flame has brought it back
    const p = source.powerW(run.t, canC);
    const useful = p * eta(p);
    const [air, vapour] = [loss.airW(targetC), loss.evaporationW(targetC)];
    if (useful - air - vapour <= 0) return unfinished({ kind: 'stalls', atC: targetC });
    const foodJ = input.foodJPerK * Math.max(0, targetC - input.airC);
    foodS = foodJ / (useful - air - vapour);
    heatJ.heating.food = foodJ;
    heatJ.heating.air += air * foodS;
    heatJ.heating.evaporation += vapour * foodS;
    heatJ.heating.sides += (p - useful) * foodS;
  }
  if (input.holdS > 0) {
    const held = holdAt({ targetC, boilC, input, loss, eta, availableW: source.powerW(run.t, canC) });
    if (!held) return unfinished({ kind: 'stalls', atC: targetC });
    heatJ.held = held;
  }
  const ledger: Ledger = { heatJ, unburntG: { joint: input.jointLossG, snuffed: 0 }, lhvKJPerG: source.lhvKJPerG };
  return {
    outcome: { kind: 'done' },
    targetC,
    boilC,
    durationS: run.t + foodS + input.holdS,
    fuelG: ledgerFuelG(ledger),
    meanPowerW: run.t > 0 ? releasedJ / run.t : source.steadyW,
    efficiency: eta(source.steadyW),
    ...(source.can ? { canEndC: canC } : {}),
    ledger,
    steps: run.steps,
  };
}

function targetOf(target: Target, boilC: number): number {
  switch (target.kind) {
    case 'boil':
      return boilC;
    case 'stopAt':
      return Math.min(target.targetC, boilC);
    case 'fry':
      return FRYING_PAN_C;
  }
}

/** Temperature between start and target at which gain meets loss (bisection); the gain is positive at no loss and falls with T. */
function stallC(gainAt: (potC: number) => number, startC: number, targetC: number): number {
  let low = startC;
  let high = targetC;
  if (gainAt(low) <= 0) return startC;
  for (let i = 0; i < 60; i++) {
    const mid = (low + high) / 2;
    if (gainAt(mid) > 0) low = mid;
    else high = mid;
  }
  return low;
}
