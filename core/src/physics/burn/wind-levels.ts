import type { BurnInput } from './burn-input';
import { FLAMES, GUSTS, SLEEVE_M2K_PER_W } from './constants';
import { efficiencyOf, windShare } from './efficiency';
import { lossPer, potLoss, type LossPer, type PotLoss } from './loss';
import { potAreas } from './pot';

/** A wind that blows for a share of the time. */
export interface WindLevel {
  share: number;
  flameMps: number;
  potMps: number;
}
type WindInput = Pick<BurnInput, 'flameWindMps' | 'potWindMps' | 'gusty'>;

/** One level for a steady wind; lull and gust with the same mean for a gusty one. */
export function windLevels({ flameWindMps, potWindMps, gusty }: WindInput): WindLevel[] {
  if (!gusty) return [{ share: 1, flameMps: flameWindMps, potMps: potWindMps }];
  const { factor, share } = GUSTS;
  const lull = (1 - share * factor) / (1 - share);
  return [
    { share: 1 - share, flameMps: flameWindMps * lull, potMps: potWindMps * lull },
    { share, flameMps: flameWindMps * factor, potMps: potWindMps * factor },
  ];
}

/** Time-weighted efficiency as a function of power, W. */
export function meanEfficiency(input: Omit<BurnInput, 'source'>, levels: readonly WindLevel[]): (powerW: number) => number {
  const { couple, windDecayPerMps } = FLAMES[input.flame];
  const { baseM2 } = potAreas(input.pot);
  const decayPerMps = windDecayPerMps * (input.windFactor ?? 1);
  const inWind = levels.reduce((sum, l) => sum + l.share * windShare(decayPerMps, l.flameMps), 0);
  return efficiencyOf(baseM2, input.pot.base, couple * input.headFactor, inWind, input.fluxFactor);
}

/** Time-weighted losses of the pot. */
export function meanLoss(input: BurnInput, levels: readonly WindLevel[]): PotLoss {
  const sleeve = input.sleeveOn ? SLEEVE_M2K_PER_W : 0;
  const { pot, lidOn, airC, pressurePa } = input;
  const mean: LossPer = { kelvinW: 0, pascalW: 0 };
  for (const { share, potMps } of levels) {
    const { kelvinW, pascalW } = lossPer(pot, lidOn, airC, pressurePa, potMps, sleeve);
    mean.kelvinW += share * kelvinW;
    mean.pascalW += share * pascalW;
  }
  return potLoss(mean, airC);
}
