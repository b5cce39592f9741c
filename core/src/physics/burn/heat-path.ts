import { snowMeltJ, WATER_CP_J_PER_KG_K } from '../water';
import { DRY_SNOW_FACTOR } from './constants';

/** What the water starts as. */
export type WaterStart = { kind: 'water'; waterC: number } | { kind: 'snow'; snowC: number; starterWater: boolean };

/**
 * Temperature of pot and water as a function of the heat they have taken up, in kelvins of the liquid-filled pot:
 * θ = heat / C. Water just warms; snow warms to 0 °C, stays there while it melts, then warms as water.
 */
export interface HeatPath {
  /** C, J/K, of pot and liquid water. */
  capacityJPerK: number;
  startC: number;
  /** Pot °C at θ. */
  potC: (theta: number) => number;
  /** θ at which the pot reaches `targetC` (above 0 °C for snow). */
  thetaAt: (targetC: number) => number;
}

/** The path of `waterMl` (as liquid) in a pot of `potJPerK`. */
export function heatPath(waterMl: number, potJPerK: number, start: WaterStart): HeatPath {
  const capacityJPerK = (waterMl / 1000) * WATER_CP_J_PER_KG_K + potJPerK;
  if (start.kind === 'water') {
    const { waterC } = start;
    return { capacityJPerK, startC: waterC, potC: (theta) => waterC + theta, thetaAt: (targetC) => targetC - waterC };
  }
  const dry = start.starterWater ? 1 : DRY_SNOW_FACTOR;
  const warmJ = dry * snowMeltJ(waterMl, start.snowC) - dry * snowMeltJ(waterMl, 0) + potJPerK * -start.snowC;
  const meltJ = dry * snowMeltJ(waterMl, 0);
  const warm = warmJ / capacityJPerK;
  const melted = warm + meltJ / capacityJPerK;
  return {
    capacityJPerK,
    startC: start.snowC,
    potC: (theta) => {
      if (theta <= 0) return start.snowC + theta; // losing more than it gains
      return theta < warm ? start.snowC * (1 - theta / warm) : Math.max(0, theta - melted);
    },
    thetaAt: (targetC) => melted + targetC,
  };
}
