import { integrate } from '../numeric/dormand-prince';
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
export type Fried = { heatJ: HeatMatrix; releasedJ: number; canEndC: number } | { stallsAtC: number };

/**
 * Frying or baking: so many minutes at a flame setting, with the pan at browning heat. What the pan takes and does not lose
 * to the air goes into the food. Too small a flame never browns: the pan stays where gain meets loss (linear in the pan's excess).
 */
export function fry({ minutes, source, loss, eta }: Frying): Fried {
  const airW = loss.airW(FRYING_PAN_C);
  const usefulW = source.steadyW * eta(source.steadyW);
  if (usefulW <= airW) {
    const airC = FRYING_PAN_C - airW / (loss.airW(FRYING_PAN_C + 1) - airW);
    return { stallsAtC: airC + ((FRYING_PAN_C - airC) * Math.max(0, usefulW)) / airW };
  }
  const run = integrate(
    (t, y, dy) => {
      const p = source.powerW(t, y[1]);
      dy[0] = p;
      dy[1] = source.can ? source.can.dCanC(y[1], p) : 0;
      dy[2] = p * eta(p);
    },
    Float64Array.of(0, source.can?.startC ?? 0, 0),
    { tEnd: minutes * 60, breaks: source.breaksS, relTol: 1e-5, absTol: 1e-3, target: Number.POSITIVE_INFINITY },
  );
  const [releasedJ, canEndC, usefulJ] = run.y;
  const heatJ = emptyHeatMatrix();
  heatJ.held.air = Math.min(airW * minutes * 60, usefulJ);
  heatJ.held.food = usefulJ - heatJ.held.air;
  heatJ.held.sides = releasedJ - usefulJ;
  return { heatJ, releasedJ, canEndC };
}
