import { bisect } from '../../foundation/numeric';
import type { BurnSetting } from './burn-setting';
import { ROLLING_SURPLUS_W_PER_M2 } from './constants';
import { emptyHeatMatrix, type Sink } from './ledger';
import { potAreas } from './pot';

/** Within this of the boil a surplus makes steam, K. */
const BOILING_WITHIN_K = 1;

/**
 * Heat by sink of holding the pot at its target: the burner is turned down to what is lost, but not below its lowest steady
 * flame; surplus leaves as steam at the boil, and past the lifted pot below it. Undefined when the flame cannot hold it.
 * `availableW` is what the burner is fed by now.
 */
export function holdAt({ targetC, boilC, input, loss, eta }: BurnSetting, availableW: number): Record<Sink, number> | undefined {
  const air = loss.airW(targetC);
  const vapour = loss.evaporationW(targetC);
  const lost = Math.max(0, air + vapour);
  const needW = powerFor(lost + (input.rolling ? ROLLING_SURPLUS_W_PER_M2 * potAreas(input.pot).baseM2 : 0), eta, availableW);
  if (needW === undefined) return undefined;
  const powerW = Math.max(needW, Math.min(input.source.lowestW, availableW));
  const useful = powerW * eta(powerW);
  const surplus = useful - air - vapour;
  const boiling = boilC - targetC < BOILING_WITHIN_K;
  const row = emptyHeatMatrix().held;
  row.air = air * input.holdS;
  row.evaporation = vapour * input.holdS;
  row.steam = boiling ? surplus * input.holdS : 0;
  row.sides = (powerW - useful + (boiling ? 0 : surplus)) * input.holdS;
  return row;
}

/** Least power whose useful part is `usefulW` (useful power rises with power), W; undefined when all there is falls short. */
function powerFor(usefulW: number, eta: (powerW: number) => number, availableW: number): number | undefined {
  if (availableW * eta(availableW) < usefulW) return undefined;
  return bisect(0, availableW, (powerW) => powerW * eta(powerW) < usefulW, 50).high;
}
