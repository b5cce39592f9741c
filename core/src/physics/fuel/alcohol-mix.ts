import { ethanolWaterDensity } from './ethanol-water';
import { fuelLhvKJPerG, type AlcoholFuel } from './fuels';

/** Densities at 20 °C, g/mL (CRC Handbook). */
const METHANOL_G_PER_ML = 0.7914;
const ISOPROPANOL_G_PER_ML = 0.7855;

/**
 * Density in g/mL at 20 °C of a mixture given by mass shares that sum to 1. Ethanol and water contract by their table;
 * the other alcohols are laid beside it by volume (their contraction is neglected: about 3 % for 70 % 2-propanol, under 1 % for the rest).
 */
export function alcoholMixDensity(mix: AlcoholFuel['mix']): number {
  const wet = mix.ethanol + mix.water;
  const wetMl = wet > 0 ? wet / ethanolWaterDensity(mix.ethanol / wet) : 0;
  return 1 / (wetMl + mix.methanol / METHANOL_G_PER_ML + mix.isopropanol / ISOPROPANOL_G_PER_ML);
}

/** Heat per mL of an alcohol fuel at 20 °C, kJ: what a measure is worth. */
export function heatKJPerMl(fuel: AlcoholFuel): number {
  return fuelLhvKJPerG(fuel) * fuel.densityGPerMl;
}
