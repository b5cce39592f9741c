import { boilingPointC } from '../air';
import { done, refused, type Result } from '../../foundation/errors';
import type { BurnInput, Target } from './burn-input';
import type { BurnSetting, Stalled } from './burn-setting';
import { FLAMES, FRYING_PAN_C, lowFlameBlowOut, WONT_RUN_SHARE } from './constants';
import { fry } from './fry';
import { heatUp, type Heated } from './heat-up';
import { holdAt } from './hold';
import { emptyHeatMatrix, ledgerFuelG, type HeatMatrix, type Ledger } from './ledger';
import { stirIn } from './stir-in';
import { meanEfficiency, meanLoss, windLevels, type WindLevel } from './wind-levels';

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

/**
 * Simulates one lighting: water and pot as one lumped temperature (docs/physics.md, The burn),
 *
 *     C dT/dt = P·η − Q_air(T) − Q_evap(T),
 *
 * coupled to the can's temperature where there is a can. Gusts are fast beside the pot: efficiency and losses are the
 * time-weighted means of two wind levels. Returns no time when the flame may blow out, will not run, or stalls below the target.
 */
export function simulateBurn(input: BurnInput): Burn {
  const boilC = boilingPointC(input.pressurePa);
  const levels = windLevels(input);
  const setting: BurnSetting = {
    input,
    boilC,
    targetC: targetOf(input.target, boilC),
    eta: meanEfficiency(input, levels),
    loss: meanLoss(input, levels),
  };
  const cannotLight = flameFails(input, levels);
  if (cannotLight) return unfinished(setting, cannotLight);
  const cooked = input.target.kind === 'fry' ? fried(setting, input.target.minutes) : boiled(setting);
  return cooked.ok ? finished(setting, cooked.value) : unfinished(setting, { kind: 'stalls', atC: cooked.problem.atC });
}

/** Why the flame does not burn at all, or not for sure: too little vapour, too much wind. */
function flameFails({ flame, source }: BurnInput, levels: readonly WindLevel[]): BurnOutcome | undefined {
  if (source.revivedW < WONT_RUN_SHARE * source.ratedW) return { kind: 'wontRun' };
  const limitMps = lowFlameBlowOut(FLAMES[flame].blowOutMps, source.revivedW / source.ratedW);
  const flameWindMps = Math.max(...levels.map((l) => l.flameMps));
  return flameWindMps > limitMps ? { kind: 'mayBlowOut', flameWindMps, limitMps } : undefined;
}

/** Water brought to its target, dry food stirred in, and held there. */
function boiled(setting: BurnSetting): Result<Heated, Stalled> {
  const heated = heatUp(setting);
  if (!heated.ok) return heated;
  const { input } = setting;
  let { durationS } = heated.value;
  const { heatJ, canEndC } = heated.value;
  const availableW = input.source.powerW(durationS, canEndC);
  if (input.foodJPerK > 0) {
    const stirred = stirIn(setting, availableW, heatJ);
    if (!stirred.ok) return stirred;
    durationS += stirred.value;
  }
  if (input.holdS > 0) {
    const held = holdAt(setting, availableW);
    if (!held) return refused({ code: 'stalls', atC: setting.targetC });
    heatJ.held = held;
    durationS += input.holdS;
  }
  return done({ ...heated.value, durationS });
}

function fried(setting: BurnSetting, minutes: number): Result<Heated, Stalled> {
  const { source } = setting.input;
  const pan = fry({ minutes, source, loss: setting.loss, eta: setting.eta });
  if (!pan.ok) return pan;
  const { heatJ, releasedJ, durationS, canEndC } = pan.value;
  return done({ heatJ, durationS, meanPowerW: releasedJ / Math.max(1, durationS), canEndC, steps: 0 });
}

const ledgerOf = ({ source }: BurnInput, heatJ: HeatMatrix, jointG: number): Ledger => ({
  heatJ,
  unburntG: { joint: jointG, snuffed: 0 },
  lhvKJPerG: source.lhvKJPerG,
});

function finished(
  { input, targetC, boilC, eta }: Omit<BurnSetting, 'loss'>,
  { heatJ, durationS, meanPowerW, canEndC, steps }: Heated,
): Burn {
  const { source } = input;
  heatJ.priming.sides = input.primingG * source.lhvKJPerG * 1000;
  const ledger = ledgerOf(input, heatJ, input.jointLossG);
  return {
    outcome: { kind: 'done' },
    targetC,
    boilC,
    durationS,
    fuelG: ledgerFuelG(ledger),
    meanPowerW,
    efficiency: eta(source.steadyW),
    ...(source.can ? { canEndC } : {}),
    ledger,
    steps,
  };
}

const unfinished = ({ input, targetC, boilC, eta }: BurnSetting, outcome: BurnOutcome): Burn => ({
  outcome,
  targetC,
  boilC,
  durationS: 0,
  fuelG: 0,
  meanPowerW: input.source.steadyW,
  efficiency: eta(input.source.steadyW),
  ledger: ledgerOf(input, emptyHeatMatrix(), 0),
  steps: 0,
});

/** A flame that burns so long and warms nothing: what is provided for where nothing is known to work. */
export function failedBurn(input: BurnInput, durationS: number): Burn {
  const boilC = boilingPointC(input.pressurePa);
  const setting = { input, boilC, targetC: targetOf(input.target, boilC), eta: () => 0 };
  const heatJ = emptyHeatMatrix();
  heatJ.heating.sides = input.source.steadyW * durationS;
  return {
    ...finished(setting, { heatJ, durationS, meanPowerW: input.source.steadyW, canEndC: input.airC, steps: 0 }),
    outcome: { kind: 'stalls', atC: input.airC },
  };
}

/** Temperature that a target comes to where water boils at `boilC`, °C; of a pan its own. */
export function targetOf(target: Target, boilC: number): number {
  switch (target.kind) {
    case 'boil':
      return boilC;
    case 'stopAt':
      return Math.min(target.targetC, boilC);
    case 'fry':
      return FRYING_PAN_C;
  }
}
