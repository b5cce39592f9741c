import type { FlameKind } from './constants';
import type { FlameSource } from './flame-source';
import type { WaterStart } from './heat-path';
import type { Pot } from './pot';

/** Bring water to the local boiling point or to a temperature; or fry for a while, without water. */
export type Target = { kind: 'boil' } | { kind: 'stopAt'; targetC: number } | { kind: 'fry'; minutes: number };

export interface BurnInput {
  /** As liquid. */
  waterMl: number;
  start: WaterStart;
  target: Target;
  /** Time held at the target once it is reached, s (a simmer, or a rolling boil that makes water safe). */
  holdS: number;
  /** A rolling boil wants visible surplus; a simmer only what is lost. */
  rolling: boolean;
  airC: number;
  pressurePa: number;
  flameWindMps: number;
  potWindMps: number;
  /** Steady, or a wind of two levels whose mean is the wind given. */
  gusty: boolean;
  pot: Pot;
  lidOn: boolean;
  /** Insulating sleeve left on while heating. */
  sleeveOn: boolean;
  flame: FlameKind;
  /** Factor on the coupling that tells one burner from another; 1 until burn tests say otherwise. */
  headFactor: number;
  /** Factors on the flux at which a pot takes in half and on the wind's hold on the flame; 1, or left out, until burn tests say otherwise. */
  fluxFactor?: number;
  windFactor?: number;
  source: FlameSource;
  /** Heat capacity of dry food that goes into the pot at the target and is held there, J/K; 0 for none. */
  foodJPerK: number;
  /** Fuel burnt before the pot is heated at all, g (preheating, a primer pan). */
  primingG: number;
  /** Fuel lost without heat at each lighting, g (a canister joint). */
  jointLossG: number;
}
