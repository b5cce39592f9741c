import { done, refused, type Result } from '../../foundation/errors';
import { integrate } from '../../foundation/numeric';
import type { Stalled } from './burn-setting';
import { FRYING_PAN_C } from './constants';
import type { FlameSource } from './flame-source';
import { emptyHeatMatrix, type HeatMatrix } from './ledger';
import type { PotLoss } from './loss';

interface Frying {
  minutes: number;
  source: FlameSource;
  loss: PotLoss;
  eta: (powerW: number) => number;
}
/** Heat by sink, all of it, and the can at the end (0 without one). */
export interface Fried {
  heatJ: HeatMatrix;
  releasedJ: number;
  durationS: number;
  canEndC: number;
}

/** A flame so weak that frying takes more than so many times as long does not fry (assumption). */
const LONGEST_STRETCH = 3;

/**
 * Frying or baking: so many minutes at a flame setting, with the pan at browning heat. What the pan takes and does not lose to the air goes
 * into the food. A can too weak for the setting takes longer to give off as much. Too small a flame never browns: the pan stays where
 * gain meets loss (linear in the pan's excess).
 */
export function fry({ minutes, source, loss, eta }: Frying): Result<Fried, Stalled> {
  const airW = loss.airW(FRYING_PAN_C);
  const usefulW = source.steadyW * eta(source.steadyW);
  if (usefulW <= airW) {
    const airC = FRYING_PAN_C - airW / (loss.airW(FRYING_PAN_C + 1) - airW);
    return refused({ code: 'stalls', atC: airC + ((FRYING_PAN_C - airC) * Math.max(0, usefulW)) / airW });
  }
  const run = integrate(
    (t, y, dy) => {
      const p = source.powerW(t, y[1]!);
      dy[0] = p;
      dy[1] = source.can ? source.can.dCanC(y[1]!, p) : 0;
      dy[2] = p * eta(p);
    },
    Float64Array.of(0, source.can?.startC ?? 0, 0),
    {
      tEnd: LONGEST_STRETCH * minutes * 60,
      coupled: 2,
      breaks: source.breaksS,
      relTol: 1e-5,
      absTol: 1e-3,
      target: source.askedW * minutes * 60,
    },
  );
  const [releasedJ = 0, canEndC = 0, usefulJ = 0] = run.y;
  const heatJ = emptyHeatMatrix();
  heatJ.held.air = airW * run.t;
  heatJ.held.food = usefulJ - heatJ.held.air;
  heatJ.held.sides = releasedJ - usefulJ;
  if (!run.reached || heatJ.held.food <= 0) return refused({ code: 'stalls', atC: FRYING_PAN_C });
  return done({ heatJ, releasedJ, durationS: run.t, canEndC });
}
