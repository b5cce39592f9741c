import { ambientPressurePa } from '../src/physics/air';
import {
  canisterSource,
  LIQUID_PRIMING_G,
  openSource,
  screenedWind,
  simulateBurn,
  type Burn,
  type BurnInput,
  type Pot,
  type Target,
  type WindscreenKind,
} from '../src/physics/burn';
import { fuelLhvKJPerG, FUELS, LHV_KJ_PER_G, type AlcoholFuel, type GasFuel } from '../src/physics/fuel';

/**
 * Common practice (no published source): what walkers with kitchen scales report. One parameter set meets all of it.
 * Conditions they did not record are the assumptions written here: can 20/80/0, 230 g net and full, small burner fully
 * open, lid on, sea level.
 */
export interface CheckCase {
  name: string;
  expectedG: number;
  /** Half-width of the band as a share, or grams where the practice itself is a range. */
  bandG: number;
  expectedS?: number;
  burn: () => Burn;
}

const SEA_LEVEL = ambientPressurePa(0);
export const KETTLE: Pot = { diameterMm: 95, heightMm: 85, massG: 100, lidMassG: 15, material: 'titanium', base: 'bare' };
export const DINNER_POT: Pot = { ...KETTLE, diameterMm: 110, heightMm: 90 };
export const ALCOHOL_POT: Pot = { diameterMm: 120, heightMm: 85, massG: 130, lidMassG: 20, material: 'aluminium', base: 'bare' };
export const MIXED_GAS = FUELS.find((f) => f.id === 'gas-20-80') as GasFuel;
export const DENATURED = FUELS.find((f) => f.id === 'alcohol-denatured') as AlcoholFuel;

/** What no case of practice uses: one steady boil, nothing held, nothing primed. */
export const PLAIN: Pick<BurnInput, 'holdS' | 'rolling' | 'gusty' | 'sleeveOn' | 'headFactor' | 'primingG' | 'jointLossG' | 'foodJPerK'> = {
  holdS: 0,
  rolling: false,
  gusty: false,
  sleeveOn: false,
  headFactor: 1,
  primingG: 0,
  foodJPerK: 0,
  jointLossG: 0,
};

export interface GasSetup {
  waterMl?: number;
  waterC?: number;
  target?: Target;
  airC?: number;
  canC: number;
  unscreenedMps?: number;
  screen?: WindscreenKind;
  pot?: Pot;
  lidOn?: boolean;
  setting?: number;
  pressurePa?: number;
  ratedW?: number;
}

export function gasBurn(s: GasSetup): Burn {
  const airC = s.airC ?? 20;
  const pressurePa = s.pressurePa ?? SEA_LEVEL;
  const wind = screenedWind(s.unscreenedMps ?? 0, s.screen ?? 'none');
  return simulateBurn({
    waterMl: s.waterMl ?? 350,
    start: { kind: 'water', waterC: s.waterC ?? 18 },
    target: s.target ?? { kind: 'stopAt', targetC: 93 },
    airC,
    pressurePa,
    flameWindMps: wind.flameMps,
    potWindMps: wind.potMps,
    pot: s.pot ?? KETTLE,
    lidOn: s.lidOn ?? true,
    flame: 'tall',
    ...PLAIN,
    source: canisterSource({
      feed: 'vapour',
      lowestW: 350,
      warmingW: 0,
      walledIn: s.screen === 'foil',
      ratedW: s.ratedW ?? 1900,
      setting: s.setting ?? 1,
      can: { netG: 230, tareG: 150, fuelLeftG: 230 },
      blend: MIXED_GAS.blend,
      canC: s.canC,
      airC,
      pressurePa,
      windMps: wind.flameMps,
      lhvKJPerG: fuelLhvKJPerG(MIXED_GAS),
    }),
  });
}

/** A wide litre pot of water from a cool tap to the boil, calm, 15 °C. */
export const INDOORS = {
  start: { kind: 'water', waterC: 15 },
  target: { kind: 'boil' },
  airC: 15,
  pressurePa: SEA_LEVEL,
  flameWindMps: 0,
  potWindMps: 0,
  pot: ALCOHOL_POT,
  lidOn: true,
} as const;

export function alcoholBurn(waterMl: number): Burn {
  return simulateBurn({
    waterMl,
    start: { kind: 'water', waterC: 23 },
    target: { kind: 'boil' },
    airC: 20,
    pressurePa: SEA_LEVEL,
    flameWindMps: 0,
    potWindMps: 0,
    pot: ALCOHOL_POT,
    lidOn: true,
    flame: 'openAlcohol',
    ...PLAIN,
    source: openSource(1500, fuelLhvKJPerG(DENATURED), true),
  });
}

/** Liquid fuel, 2.8 kW, preheated. */
function liquidBurn(waterMl: number): Burn {
  const lhv = LHV_KJ_PER_G.whiteGas;
  return simulateBurn({ ...PLAIN, ...INDOORS, waterMl, flame: 'liquid', primingG: LIQUID_PRIMING_G, source: openSource(2800, lhv, false) });
}

const FL_OZ_G = 29.5735295625 * DENATURED.densityGPerMl;
const share = (g: number, s = 0.2) => g * s;

export const CHECK_CASES: readonly CheckCase[] = [
  {
    name: '350 mL 18→93 °C, titanium kettle, indoors, can at 4 °C',
    expectedG: 6,
    bandG: share(6),
    expectedS: 270,
    burn: () => gasBurn({ canC: 4 }),
  },
  { name: 'the same, can at 22 °C', expectedG: 7, bandG: share(7), expectedS: 170, burn: () => gasBurn({ canC: 22 }) },
  {
    name: 'the same pot outdoors in 6 m/s, foil windscreen',
    expectedG: 8,
    bandG: share(8),
    expectedS: 180,
    burn: () => gasBurn({ canC: 20, airC: 12, unscreenedMps: 6, screen: 'foil' }),
  },
  {
    name: 'the same, only the small plate on the burner',
    expectedG: 24,
    bandG: share(24),
    expectedS: 600,
    burn: () => gasBurn({ canC: 20, airC: 12, unscreenedMps: 6, screen: 'plate' }),
  },
  {
    name: '2 cups 23 °C to the boil, denatured alcohol',
    expectedG: FL_OZ_G,
    bandG: share(FL_OZ_G),
    expectedS: 420,
    burn: () => alcoholBurn(473.2),
  },
  { name: '1 cup, the same', expectedG: FL_OZ_G / 2, bandG: share(FL_OZ_G / 2), burn: () => alcoholBurn(236.6) },
  {
    name: 'water for one rehydrated dinner, 450 mL, canister',
    expectedG: 8.5,
    bandG: 0.5 + share(8.5, 0.15),
    burn: () => gasBurn({ canC: 20, waterMl: 450, waterC: 15, target: { kind: 'boil' }, pot: DINNER_POT }),
  },
  {
    name: '1 L 15 °C to the boil, small canister burner fully open, wide pot',
    expectedG: 17,
    bandG: share(17),
    burn: () => gasBurn({ canC: 20, waterMl: 1000, waterC: 15, airC: 15, target: { kind: 'boil' }, pot: ALCOHOL_POT }),
  },
  {
    name: '0.5 L 15 °C to the boil: a 100 g canister does it about eleven times',
    expectedG: 9.2,
    bandG: share(9.2),
    burn: () => gasBurn({ canC: 20, waterMl: 500, waterC: 15, airC: 15, target: { kind: 'boil' }, pot: ALCOHOL_POT }),
  },
  { name: '1 L 15 °C to the boil, liquid fuel with its priming', expectedG: 25, bandG: share(25), burn: () => liquidBurn(1000) },
];
