/** Heating values and densities of the fuels a walker can buy. */

/** Lower heating values, kJ/g: domain table; those of pure substances are derived in fuel/combustion.ts and tested against it. */
export const LHV_KJ_PER_G = {
  propane: 46.34,
  isobutane: 45.6,
  nButane: 45.73,
  ethanol: 26.81,
  methanol: 19.9,
  isopropanol: 30.4,
  hexamine: 28.08,
  whiteGas: 44.3,
  kerosene: 43.1,
  petrol: 43.4,
  diesel: 42.8,
  gel: 16,
  airDryWood: 15,
} as const;

/** A canister blend by mass; the three shares sum to 1. */
export interface BlendByMass {
  propane: number;
  isobutane: number;
  nButane: number;
}

export interface GasFuel {
  kind: 'gas';
  id: string;
  name: string;
  blend: BlendByMass;
}
export interface AlcoholFuel {
  kind: 'alcohol';
  id: string;
  name: string;
  /** Shares by mass; they sum to 1. */
  mix: { ethanol: number; methanol: number; isopropanol: number; water: number };
  /** At 20 °C, g/mL. */
  densityGPerMl: number;
}
export interface TabletFuel {
  kind: 'tablet';
  id: string;
  name: string;
  tabletG: number;
  /** Heat released by one burning tablet, W (docs/physics.md, The burn: 14 g about 12 min, 4 g about 5 min). */
  powerW: number;
  /** Can it be blown out and kept for the next meal? */
  keepsWhenBlownOut: boolean;
}
export interface LiquidFuel {
  kind: 'liquid';
  id: string;
  name: string;
  lhvKJPerG: number;
  densityGPerMl: number;
}
export interface GelFuel {
  kind: 'gel';
  id: string;
  name: string;
}
/** Gathered on the way, never carried. */
export interface WoodFuel {
  kind: 'wood';
  id: string;
  name: string;
}
/** Cold food: nothing burns. */
export interface NoFuel {
  kind: 'none';
  id: string;
  name: string;
}
export type Fuel = NoFuel | GasFuel | AlcoholFuel | TabletFuel | LiquidFuel | GelFuel | WoodFuel;

const liquid = (id: string, name: string, lhvKJPerG: number, densityGPerMl: number): LiquidFuel => ({
  kind: 'liquid',
  id,
  name,
  lhvKJPerG,
  densityGPerMl,
});

const gas = (id: string, name: string, propane: number, isobutane: number, nButane: number): GasFuel => ({
  kind: 'gas',
  id,
  name,
  blend: { propane: propane / 100, isobutane: isobutane / 100, nButane: nButane / 100 },
});

/** Common blends and spirits, unbranded. Densities: CRC Handbook, mixtures from memory. */
export const FUELS: readonly Fuel[] = [
  gas('gas-20-80', 'gas 20/80 propane/isobutane', 20, 80, 0),
  gas('gas-0-100', 'gas, all isobutane', 0, 100, 0),
  gas('gas-25-25-50', 'gas 25/25/50 with half n-butane', 25, 25, 50),
  gas('gas-30-70', 'gas 30/70 propane/n-butane', 30, 0, 70),
  gas('gas-butane', 'gas, all n-butane', 0, 0, 100),
  {
    kind: 'alcohol',
    id: 'alcohol-denatured',
    name: 'denatured alcohol 90/5/5',
    mix: { ethanol: 0.9, methanol: 0.05, isopropanol: 0, water: 0.05 },
    densityGPerMl: 0.8,
  },
  {
    kind: 'alcohol',
    id: 'alcohol-strong',
    name: 'strong spirit, 95 % by volume',
    mix: { ethanol: 0.924, methanol: 0, isopropanol: 0, water: 0.076 },
    densityGPerMl: 0.812,
  },
  {
    kind: 'alcohol',
    id: 'alcohol-methanol',
    name: 'methanol (fuel-line antifreeze)',
    mix: { ethanol: 0, methanol: 1, isopropanol: 0, water: 0 },
    densityGPerMl: 0.792,
  },
  {
    kind: 'alcohol',
    id: 'alcohol-rubbing',
    name: 'rubbing alcohol, 2-propanol 70 % (soots)',
    mix: { ethanol: 0, methanol: 0, isopropanol: 0.65, water: 0.35 },
    densityGPerMl: 0.877,
  },
  liquid('liquid-white', 'white gas', LHV_KJ_PER_G.whiteGas, 0.7),
  liquid('liquid-kerosene', 'kerosene', LHV_KJ_PER_G.kerosene, 0.8),
  liquid('liquid-petrol', 'petrol', LHV_KJ_PER_G.petrol, 0.745),
  liquid('liquid-diesel', 'diesel', LHV_KJ_PER_G.diesel, 0.84),
  { kind: 'none', id: 'none', name: 'none' },
  { kind: 'gel', id: 'gel', name: 'alcohol gel in a tin' },
  { kind: 'wood', id: 'wood', name: 'air-dry wood, gathered' },
  { kind: 'tablet', id: 'tablet-14', name: 'solid tablets, 14 g', tabletG: 14, powerW: 550, keepsWhenBlownOut: true },
  { kind: 'tablet', id: 'tablet-4', name: 'solid tablets, 4 g', tabletG: 4, powerW: 370, keepsWhenBlownOut: false },
];

/** The fuel of that id; throws when there is none. */
export function fuelById(id: string): Fuel {
  const found = FUELS.find((f) => f.id === id);
  if (!found) throw new Error(`no fuel "${id}"`);
  return found;
}

/** Heat of vaporisation that the water in a spirit takes from its flame, kJ/g at 25 °C (CRC Handbook). */
export const WATER_VAPORISATION_KJ_PER_G = 2.442;

/** Lower heating value of a fuel in kJ/g: mass-weighted shares, less what the water in a spirit takes to evaporate. */
export function fuelLhvKJPerG(fuel: Fuel): number {
  switch (fuel.kind) {
    case 'gas':
      return (
        fuel.blend.propane * LHV_KJ_PER_G.propane +
        fuel.blend.isobutane * LHV_KJ_PER_G.isobutane +
        fuel.blend.nButane * LHV_KJ_PER_G.nButane
      );
    case 'alcohol':
      return (
        fuel.mix.ethanol * LHV_KJ_PER_G.ethanol +
        fuel.mix.methanol * LHV_KJ_PER_G.methanol +
        fuel.mix.isopropanol * LHV_KJ_PER_G.isopropanol -
        fuel.mix.water * WATER_VAPORISATION_KJ_PER_G
      );
    case 'tablet':
      return LHV_KJ_PER_G.hexamine;
    case 'liquid':
      return fuel.lhvKJPerG;
    case 'gel':
      return LHV_KJ_PER_G.gel;
    case 'wood':
      return LHV_KJ_PER_G.airDryWood;
    case 'none':
      return 0;
  }
}
