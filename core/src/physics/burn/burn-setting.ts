import type { BurnInput } from './burn-input';
import type { PotLoss } from './loss';

/** What every phase of one burn shares. */
export interface BurnSetting {
  input: BurnInput;
  targetC: number;
  boilC: number;
  eta: (powerW: number) => number;
  loss: PotLoss;
}
/** The pot comes to rest below its target. */
export interface Stalled {
  code: 'stalls';
  atC: number;
}
