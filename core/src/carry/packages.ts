/** Packages fuel is sold in (domain section 7; typical net and tare). */

export interface CanisterSize {
  netG: number;
  tareG: number;
}
export const CANISTER_SIZES: readonly CanisterSize[] = [
  { netG: 100, tareG: 95 },
  { netG: 230, tareG: 150 },
  { netG: 450, tareG: 210 },
];

/** A light bottle weighs about this for every started 250 mL (domain section 7). */
export const BOTTLE_STEP_ML = 250;
export const BOTTLE_TARE_PER_STEP_G = 20;
/** Foil or bag around a tablet, g (common practice). */
export const TABLET_WRAP_G = 0.5;
/** Pressure bottles of liquid-fuel burners (domain section 7), small and large. */
export const LIQUID_BOTTLES = [
  { sizeMl: 300, tareG: 80 },
  { sizeMl: 600, tareG: 120 },
] as const;
/** A tin of gel (common practice). */
export const GEL_TIN = { netG: 200, tareG: 35 } as const;
