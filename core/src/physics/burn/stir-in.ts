import { done, refused, type Result } from '../../foundation/errors';
import type { BurnSetting, Stalled } from './burn-setting';
import type { HeatMatrix } from './ledger';

/**
 * Dry food at the air's temperature pulls the boil down until the flame has brought it back: how long that takes, s. Its heat is entered
 * in `heatJ`.
 */
export function stirIn({ input, targetC, eta, loss }: BurnSetting, powerW: number, heatJ: HeatMatrix): Result<number, Stalled> {
  const usefulW = powerW * eta(powerW);
  const [airW, vapourW] = [loss.airW(targetC), loss.evaporationW(targetC)];
  const gainW = usefulW - airW - vapourW;
  if (gainW <= 0) return refused({ code: 'stalls', atC: targetC });
  const foodJ = input.foodJPerK * Math.max(0, targetC - input.airC);
  const takesS = foodJ / gainW;
  heatJ.heating.food = foodJ;
  heatJ.heating.air += airW * takesS;
  heatJ.heating.evaporation += vapourW * takesS;
  heatJ.heating.sides += (powerW - usefulW) * takesS;
  return done(takesS);
}
