import { canConductanceWPerK, canHeatCapacityJPerK, BURNER_FEEDBACK, LATENT_J_PER_G, type Can } from '../canister/thermal';
import { unregulatedSupply } from '../canister/flow';
import { blendPressure } from '../canister/vapour-pressure';
import type { BlendByMass } from '../fuel/fuels';
import { BLOOM } from './constants';

/** Heat released by the burner as a function of time and can temperature. */
export interface FlameSource {
  lhvKJPerG: number;
  /** Power, W, `timeS` after lighting with the can at `canC`. */
  powerW: (timeS: number, canC: number) => number;
  /** Power once any bloom is over and at the starting can temperature, W. */
  steadyW: number;
  /** Times at which the power law changes, s. */
  breaksS: readonly number[];
  /** The can that cools as it feeds the flame; absent for alcohol and tablets. */
  can?: { startC: number; dCanC: (canC: number, powerW: number) => number };
}

/** A burner of steady power (tablets), or one that blooms over its first minute (open alcohol). */
export function openSource(powerW: number, lhvKJPerG: number, blooms: boolean): FlameSource {
  if (!blooms) return { lhvKJPerG, powerW: () => powerW, steadyW: powerW, breaksS: [] };
  const { startShare, durationS } = BLOOM;
  return {
    lhvKJPerG,
    powerW: (t) => powerW * (t >= durationS ? 1 : startShare + ((1 - startShare) * t) / durationS),
    steadyW: powerW,
    breaksS: [durationS],
  };
}

export interface CanisterFlame {
  ratedW: number;
  /** Share of rated power the valve is set to, 0–1. */
  setting: number;
  can: Can;
  /** Composition of the liquid now, by mass. */
  blend: BlendByMass;
  canC: number;
  airC: number;
  pressurePa: number;
  /** Wind at the can, m/s. */
  windMps: number;
  lhvKJPerG: number;
}

/** A valve on a canister: P = min(s·P_rated, what the cooling can feeds through the jet). */
export function canisterSource(c: CanisterFlame): FlameSource {
  const pressure = blendPressure(c.blend);
  const supplyW = (canC: number): number => c.ratedW * unregulatedSupply(pressure(canC), c.pressurePa);
  const powerW = (_t: number, canC: number): number => Math.min(c.setting * c.ratedW, supplyW(canC));
  const capacity = canHeatCapacityJPerK(c.can);
  const conductance = canConductanceWPerK(c.can, c.windMps, c.airC, c.pressurePa);
  const latentPerJ = LATENT_J_PER_G / (c.lhvKJPerG * 1000);
  return {
    lhvKJPerG: c.lhvKJPerG,
    powerW,
    steadyW: powerW(0, c.canC),
    breaksS: [],
    can: {
      startC: c.canC,
      dCanC: (canC, p) => (conductance * (c.airC - canC) + p * (BURNER_FEEDBACK - latentPerJ)) / capacity,
    },
  };
}
