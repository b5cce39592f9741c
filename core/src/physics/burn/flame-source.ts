import {
  BURNER_FEEDBACK,
  canConductanceWPerK,
  canHeatCapacityJPerK,
  canSupply,
  LATENT_J_PER_G,
  WALLED_FEEDBACK,
  type Can,
  type GasFeed,
} from '../canister';
import type { BlendByMass } from '../fuel';
import { BLOOM } from './constants';

/** Heat released by the burner as a function of time and can temperature. */
export interface FlameSource {
  lhvKJPerG: number;
  /** Power, W, `timeS` after lighting with the can at `canC`. */
  powerW: (timeS: number, canC: number) => number;
  /** Power once any bloom is over and at the starting can temperature, W. */
  steadyW: number;
  /** Power with the can as warm as the air gets it, or as it starts where that is warmer, W: a cold can may revive. */
  revivedW: number;
  /** What the valve asks for, whether the can can feed it or not, W. */
  askedW: number;
  /** Full power of the burner, W. */
  ratedW: number;
  /** Lowest steady power, W; the rated one where the flame cannot be turned down. */
  lowestW: number;
  /** Times at which the power law changes, s. */
  breaksS: readonly number[];
  /** The can that cools as it feeds the flame; absent for alcohol and tablets. */
  can?: { startC: number; dCanC: (canC: number, powerW: number) => number };
}

/** A burner of given power with no can to cool; `blooms`: it climbs to full over its first minute (open alcohol). */
export function openSource(powerW: number, lhvKJPerG: number, blooms: boolean, ratedW = powerW, lowestW = powerW): FlameSource {
  const steady = { lhvKJPerG, steadyW: powerW, revivedW: powerW, askedW: powerW, ratedW, lowestW };
  if (!blooms) return { ...steady, powerW: () => powerW, breaksS: [] };
  const { startShare, durationS } = BLOOM;
  return {
    ...steady,
    powerW: (t) => powerW * (t >= durationS ? 1 : startShare + ((1 - startShare) * t) / durationS),
    breaksS: [durationS],
  };
}

export interface CanisterFlame {
  feed: GasFeed;
  ratedW: number;
  lowestW: number;
  /** Share of rated power the valve is set to, 0–1. */
  setting: number;
  can: Can;
  /** Composition of the liquid now, by mass. */
  blend: BlendByMass;
  /** Can when lit, °C. */
  canC: number;
  /** Heat the walker gives the can while it burns, W; Infinity holds its temperature (a bath). */
  warmingW: number;
  /** A closed windscreen stands round burner and can. */
  walledIn: boolean;
  airC: number;
  pressurePa: number;
  /** Wind at the can, m/s. */
  windMps: number;
  lhvKJPerG: number;
}

/** A valve on a canister: P = min(s·P_rated, what the can feeds at its temperature of the moment). */
export function canisterSource(c: CanisterFlame): FlameSource {
  const supply = canSupply(c.feed, c.blend, c.pressurePa);
  const powerW = (_t: number, canC: number): number => c.ratedW * Math.min(c.setting, supply(canC));
  const steadyW = powerW(0, c.canC);
  const capacity = canHeatCapacityJPerK(c.can);
  const conductance = canConductanceWPerK(c.can, c.windMps, c.airC, c.pressurePa);
  // liquid drawn off boils in the burner's preheat tube, not in the can; and the can stands apart from the flame
  const perJ = c.feed === 'liquid' ? 0 : (c.walledIn ? WALLED_FEEDBACK : BURNER_FEEDBACK) - LATENT_J_PER_G / (c.lhvKJPerG * 1000);
  const held = c.warmingW === Number.POSITIVE_INFINITY;
  return {
    lhvKJPerG: c.lhvKJPerG,
    powerW,
    steadyW,
    revivedW: c.airC > c.canC ? powerW(0, c.airC) : steadyW,
    askedW: c.ratedW * c.setting,
    ratedW: c.ratedW,
    lowestW: c.lowestW,
    breaksS: [],
    can: { startC: c.canC, dCanC: (canC, p) => (held ? 0 : (conductance * (c.airC - canC) + p * perJ + c.warmingW) / capacity) },
  };
}
