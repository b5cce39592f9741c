import { done, refused, type Result } from '../../foundation/errors';
import { bisect, integrate } from '../../foundation/numeric';
import type { BurnSetting, Stalled } from './burn-setting';
import { GIVE_UP_AFTER_S, GIVE_UP_K_PER_S, LONGEST_BURN_S } from './constants';
import { heatPath, type HeatPath } from './heat-path';
import { emptyHeatMatrix, type HeatMatrix } from './ledger';
import { potHeatCapacityJPerK } from './pot';

/** A pot at its target, and what it took. */
export interface Heated {
  heatJ: HeatMatrix;
  durationS: number;
  meanPowerW: number;
  /** The can at the end, °C; 0 without one. */
  canEndC: number;
  /** Accepted integration steps. */
  steps: number;
}

const REL_TOL = 1e-4;
const ABS_TOL = 1e-2;

/** Heats water and pot from the start to the target, and the can with them; stalls where the flame gives no more than is lost. */
export function heatUp(setting: BurnSetting): Result<Heated, Stalled> {
  const { input, targetC, eta, loss } = setting;
  const { source } = input;
  const potJPerK = potHeatCapacityJPerK(input.pot);
  const path = heatPath(input.waterMl, potJPerK, input.start);
  const gainAt = (t: number): number => source.steadyW * eta(source.steadyW) - loss.airW(t) - loss.evaporationW(t);
  if (!source.can && gainAt(targetC) <= 0) return refused({ code: 'stalls', atC: stallC(gainAt, path.startC, targetC) });

  const thetaEnd = Math.max(0, path.thetaAt(targetC));
  const run = heatingRun(setting, path, thetaEnd);
  if (!run.reached) return refused({ code: 'stalls', atC: path.potC(run.y[0]!) });
  const [, canEndC = 0, releasedJ = 0, airJ = 0, vapourJ = 0, sidesJ = 0] = run.y;
  const heatJ = emptyHeatMatrix();
  heatJ.heating.pot = potJPerK * Math.max(0, targetC - path.startC);
  heatJ.heating.water = thetaEnd * path.capacityJPerK - heatJ.heating.pot;
  heatJ.heating.air = airJ;
  heatJ.heating.evaporation = vapourJ;
  heatJ.heating.sides = sidesJ;
  return done({ heatJ, durationS: run.t, meanPowerW: run.t > 0 ? releasedJ / run.t : source.steadyW, canEndC, steps: run.steps });
}

/** State: heat taken up (K of the full pot), can °C, heat released, to air, to vapour, up the sides (J). */
function heatingRun({ input: { source }, eta, loss }: BurnSetting, path: HeatPath, thetaEnd: number): ReturnType<typeof integrate> {
  let slowSinceS = 0;
  return integrate(
    (t, y, dy) => {
      const potC = path.potC(y[0]!);
      const p = source.powerW(t, y[1]!);
      const useful = p * eta(p);
      const air = loss.airW(potC);
      const vapour = loss.evaporationW(potC);
      dy[0] = (useful - air - vapour) / path.capacityJPerK;
      dy[1] = source.can ? source.can.dCanC(y[1]!, p) : 0;
      dy[2] = p;
      dy[3] = air;
      dy[4] = vapour;
      dy[5] = p - useful;
    },
    Float64Array.of(0, source.can?.startC ?? 0, 0, 0, 0, 0),
    {
      tEnd: LONGEST_BURN_S,
      coupled: 2,
      breaks: source.breaksS,
      relTol: REL_TOL,
      absTol: ABS_TOL,
      target: thetaEnd,
      stop: (t, _y, dy) => {
        // a cold can that still warms has not said its last word
        if (dy[0]! >= GIVE_UP_K_PER_S || dy[1]! >= GIVE_UP_K_PER_S) slowSinceS = t;
        return t - slowSinceS > GIVE_UP_AFTER_S;
      },
    },
  );
}

/** Temperature between start and target at which gain meets loss (bisection); the gain is positive at no loss and falls with T. */
function stallC(gainAt: (potC: number) => number, startC: number, targetC: number): number {
  return gainAt(startC) > 0 ? bisect(startC, targetC, (potC) => gainAt(potC) > 0, 60).low : startC;
}
