/** Packages fuel is sold in (docs/physics.md, Packages; typical net and tare). */

export interface CanisterSize {
  netG: number;
  tareG: number;
}
export const CANISTER_SIZES: readonly CanisterSize[] = [
  { netG: 100, tareG: 95 },
  { netG: 230, tareG: 150 },
  { netG: 450, tareG: 210 },
];

/** A light bottle weighs about this for every started 250 mL (docs/physics.md, Packages). */
export const BOTTLE_STEP_ML = 250;
export const BOTTLE_TARE_PER_STEP_G = 20;
/** Foil or bag around a tablet, g (common practice). */
export const TABLET_WRAP_G = 0.5;
/** Pressure bottles of liquid-fuel burners (docs/physics.md, Packages), small and large. */
export const LIQUID_BOTTLES = [
  { sizeMl: 300, tareG: 80 },
  { sizeMl: 600, tareG: 120 },
] as const;
/** A tin of gel (common practice). */
export const GEL_TIN = { netG: 200, tareG: 35 } as const;

/** What shops sell, unbranded; prices are the shop's. */
export interface Package {
  name: string;
  /** The kind of fuel it holds. */
  fuelKind: 'gas' | 'alcohol' | 'tablet' | 'liquid' | 'gel';
  /** Fuel in it, where it is a fixed amount by mass. */
  netG?: number;
}
export const PACKAGES = {
  'can-100': { name: '100 g canister', fuelKind: 'gas', netG: 100 },
  'can-230': { name: '230 g canister', fuelKind: 'gas', netG: 230 },
  'can-450': { name: '450 g canister', fuelKind: 'gas', netG: 450 },
  'alcohol-500': { name: 'alcohol, 500 mL', fuelKind: 'alcohol' },
  'alcohol-1000': { name: 'alcohol, 1 L', fuelKind: 'alcohol' },
  'alcohol-poured': { name: 'alcohol, poured by the mL', fuelKind: 'alcohol' },
  'tablets-14': { name: '14 g tablets, a box', fuelKind: 'tablet' },
  'tablets-4': { name: '4 g tablets, a box', fuelKind: 'tablet' },
  'liquid-poured': { name: 'liquid fuel, poured', fuelKind: 'liquid' },
  'gel-200': { name: 'gel, 200 g tin', fuelKind: 'gel', netG: 200 },
} as const satisfies Record<string, Package>;
export type PackageId = keyof typeof PACKAGES;
export const PACKAGE_IDS = Object.keys(PACKAGES) as [PackageId, ...PackageId[]];
/** Canisters as packages, in the order of CANISTER_SIZES. */
export const CAN_PACKAGE_IDS = ['can-100', 'can-230', 'can-450'] as const satisfies readonly PackageId[];
export type CanPackageId = (typeof CAN_PACKAGE_IDS)[number];
/** The package that a can of that content is sold as; undefined for no usual size. */
export const canPackage = (netG: number): CanPackageId | undefined => CAN_PACKAGE_IDS.find((id) => PACKAGES[id].netG === netG);
/** The box that tablets of that size are sold in. */
export const tabletPackage = (tabletG: number): 'tablets-14' | 'tablets-4' => (tabletG > 10 ? 'tablets-14' : 'tablets-4');
export const packageById = (id: PackageId): Package => PACKAGES[id];

/** What kinds of stop usually sell where nothing else is known (docs/physics.md, Packages, common practice): an editable default. */
export const USUAL_SALES = {
  town: ['can-100', 'can-230', 'alcohol-500', 'tablets-14'],
  shop: ['alcohol-500'],
  hut: [],
  crossing: [],
  fuelStation: ['liquid-poured', 'alcohol-500'],
  postOffice: [],
  trailEnd: [],
} as const satisfies Record<string, readonly PackageId[]>;
