import { boilingPointC } from '@tinder/core/physics/air';
import {
  efficiencyOf,
  FLAMES,
  lossPer,
  potAreas,
  potHeatCapacityJPerK,
  potLoss,
  windShare,
  type BurnInput,
} from '@tinder/core/physics/burn';
import { WATER_CP_J_PER_KG_K } from '@tinder/core/physics/water';

/** The same burn by classical RK4 at a fixed step: slow, plain, and the measure of the adaptive one. */
export function rk4Burn(input: BurnInput, stepS: number): { durationS: number; burntG: number } {
  const { source } = input;
  const { couple, windDecayPerMps } = FLAMES[input.flame];
  const eta = efficiencyOf(potAreas(input.pot).baseM2, input.pot.base, couple, windShare(windDecayPerMps, input.flameWindMps));
  const loss = potLoss(lossPer(input.pot, input.lidOn, input.airC, input.pressurePa, input.potWindMps), input.airC);
  const capacity = (input.waterMl / 1000) * WATER_CP_J_PER_KG_K + potHeatCapacityJPerK(input.pot);
  const targetC = input.target.kind === 'stopAt' ? input.target.targetC : boilingPointC(input.pressurePa);
  const slope = (t: number, potC: number, canC: number): [number, number, number] => {
    const p = source.powerW(t, canC);
    return [(p * eta(p) - loss.airW(potC) - loss.evaporationW(potC)) / capacity, source.can?.dCanC(canC, p) ?? 0, p];
  };
  let [potC, canC, releasedJ, t] = [input.start.kind === 'water' ? input.start.waterC : 0, source.can?.startC ?? 0, 0, 0];
  for (;;) {
    const h = stepS;
    const a = slope(t, potC, canC);
    const b = slope(t + h / 2, potC + (h / 2) * a[0], canC + (h / 2) * a[1]);
    const c = slope(t + h / 2, potC + (h / 2) * b[0], canC + (h / 2) * b[1]);
    const d = slope(t + h, potC + h * c[0], canC + h * c[1]);
    const step = (i: 0 | 1 | 2): number => (h / 6) * (a[i] + 2 * b[i] + 2 * c[i] + d[i]);
    const risen = step(0);
    if (potC + risen >= targetC) {
      const part = (targetC - potC) / risen;
      const joules = releasedJ + part * step(2);
      return { durationS: t + part * h, burntG: joules / (source.lhvKJPerG * 1000) };
    }
    potC += risen;
    canC += step(1);
    releasedJ += step(2);
    t += h;
  }
}
