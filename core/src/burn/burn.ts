import { integrate } from '../numeric/dormand-prince';
import { boilingPointC } from '../air/atmosphere';
import { WATER_CP_J_PER_KG_K } from '../water/constants';
import { FLAMES, GIVE_UP_AFTER_S, GIVE_UP_K_PER_S, LONGEST_BURN_S, type FlameKind } from './constants';
import { efficiencyOf } from './efficiency';
import type { FlameSource } from './flame-source';
import { emptyHeatMatrix, ledgerFuelG, type Ledger } from './ledger';
import { potLoss } from './loss';
import { potAreas, potHeatCapacityJPerK, type Pot } from './pot';

/** Bring water to a temperature, or to the local boiling point. */
export type Target = { kind: 'boil' } | { kind: 'stopAt'; targetC: number };

export interface BurnInput {
  waterMl: number;
  waterC: number;
  target: Target;
  airC: number;
  pressurePa: number;
  flameWindMps: number;
  potWindMps: number;
  pot: Pot;
  lidOn: boolean;
  flame: FlameKind;
  source: FlameSource;
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
export const WONT_RUN_W = 60;

const REL_TOL = 1e-5;
const ABS_TOL = 1e-3;

/**
 * Simulates one lighting: water and pot as one lumped temperature (domain section 4),
 *
 *     C dT/dt = P·η − Q_air(T) − Q_evap(T),
 *
 * coupled to the can's temperature where there is a can. Returns no time when the flame may blow out, will not run,
 * or stalls below the target.
 */
export function simulateBurn(input: BurnInput): Burn {
  const boilC = boilingPointC(input.pressurePa);
  const targetC = input.target.kind === 'boil' ? boilC : Math.min(input.target.targetC, boilC);
  const { couple, windDecayPerMps, blowOutMps } = FLAMES[input.flame];
  const { baseM2 } = potAreas(input.pot);
  const { source } = input;
  const eta = efficiencyOf(baseM2, input.pot.base, couple, windDecayPerMps, input.flameWindMps);

  const unfinished = (outcome: BurnOutcome): Burn => ({
    outcome,
    targetC,
    boilC,
    durationS: 0,
    fuelG: 0,
    meanPowerW: source.steadyW,
    efficiency: eta(source.steadyW),
    ledger: { heatJ: emptyHeatMatrix(), unburntG: { joint: 0 }, lhvKJPerG: source.lhvKJPerG },
    steps: 0,
  });
  if (input.flameWindMps > blowOutMps) return unfinished({ kind: 'mayBlowOut', flameWindMps: input.flameWindMps, limitMps: blowOutMps });
  if (source.steadyW < WONT_RUN_W) return unfinished({ kind: 'wontRun' });

  const loss = potLoss(input.pot, input.lidOn, input.airC, input.pressurePa, input.potWindMps);
  const gainAt = (t: number): number => source.steadyW * eta(source.steadyW) - loss.airW(t) - loss.evaporationW(t);
  if (!source.can && gainAt(targetC) <= 0) return unfinished({ kind: 'stalls', atC: stallC(gainAt, input.waterC, targetC) });

  const waterJPerK = (input.waterMl / 1000) * WATER_CP_J_PER_KG_K;
  const potJPerK = potHeatCapacityJPerK(input.pot);
  const capacity = waterJPerK + potJPerK;
  // state: pot °C, can °C, heat released, heat to air, heat to vapour, heat up the sides (J)
  const y0 = Float64Array.of(input.waterC, source.can?.startC ?? 0, 0, 0, 0, 0);
  let slowSinceS = 0;
  const run = integrate(
    (t, y, dy) => {
      const p = source.powerW(t, y[1]);
      const useful = p * eta(p);
      const air = loss.airW(y[0]);
      const vapour = loss.evaporationW(y[0]);
      dy[0] = (useful - air - vapour) / capacity;
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
      target: targetC,
      stop: (t, _y, dy) => {
        if (dy[0] >= GIVE_UP_K_PER_S) slowSinceS = t;
        return t - slowSinceS > GIVE_UP_AFTER_S;
      },
    },
  );
  if (!run.reached) return unfinished({ kind: 'stalls', atC: run.y[0] });

  const [, canC, releasedJ, airJ, vapourJ, sidesJ] = run.y;
  const heatJ = emptyHeatMatrix();
  const risen = Math.max(0, targetC - input.waterC);
  heatJ.heating.water = waterJPerK * risen;
  heatJ.heating.pot = potJPerK * risen;
  heatJ.heating.air = airJ;
  heatJ.heating.evaporation = vapourJ;
  heatJ.heating.sides = sidesJ;
  const ledger: Ledger = { heatJ, unburntG: { joint: input.jointLossG }, lhvKJPerG: source.lhvKJPerG };
  return {
    outcome: { kind: 'done' },
    targetC,
    boilC,
    durationS: run.t,
    fuelG: ledgerFuelG(ledger),
    meanPowerW: run.t > 0 ? releasedJ / run.t : source.steadyW,
    efficiency: eta(source.steadyW),
    ...(source.can ? { canEndC: canC } : {}),
    ledger,
    steps: run.steps,
  };
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
