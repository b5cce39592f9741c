import type { PotMaterial } from '../burn';

/** Jobs that a piece can do, in the order they are met while cooking. */
export const ROLES = [
  'burner',
  'adapter',
  'pump',
  'support',
  'canFoot',
  'windscreen',
  'pot',
  'lid',
  'grip',
  'pad',
  'cozy',
  'container',
  'measure',
  'snuffer',
  'ignition',
  'spoon',
  'cup',
  'scraper',
  'scrap',
  'opener',
  'bag',
  'repair',
] as const;
export type Role = (typeof ROLES)[number];

export const PIECE_MATERIALS = [
  'titanium',
  'aluminium',
  'stainless',
  'steel',
  'brass',
  'plastic',
  'silicone',
  'foam',
  'cloth',
  'wood',
  'other',
] as const;

export const IGNITIONS = ['lighter', 'piezo', 'match', 'stormMatch', 'spark', 'arc'] as const;
export type Ignition = (typeof IGNITIONS)[number];

/** Whether an ignition lights a burner: even damp, only when it is dry, or not at all. */
export const IGNITES = ['damp', 'dry', 'no'] as const;
export type Ignites = (typeof IGNITES)[number];

/** Steps of cooking at which a quirk of a piece is said. */
export const QUIRK_STEPS = ['packing', 'lighting', 'cooking', 'cleaning'] as const;

export const CRITERIA = [
  'hotMeals',
  'carriedG',
  'fuelG',
  'minutes',
  'priceToBuy',
  'pricePerTrip',
  'packedMl',
  'simmer',
  'wind',
  'cold',
  'toBeHad',
  'fuss',
  'safety',
] as const;
export type Criterion = (typeof CRITERIA)[number];

/** Most kits that can be set side by side. */
export const MOST_COMPARED = 6;

/** Metals that the burn model knows a pot to be made of. */
export const POT_MATERIALS: readonly PotMaterial[] = ['titanium', 'aluminium', 'stainless'];

/** Nobody's taste: what is carried counts most, what only some walkers mind starts low. The walker drags them. */
export const USUAL_WEIGHTS: Record<Criterion, number> = {
  hotMeals: 60,
  carriedG: 60,
  fuelG: 10,
  minutes: 20,
  priceToBuy: 10,
  pricePerTrip: 10,
  packedMl: 10,
  simmer: 10,
  wind: 30,
  cold: 30,
  toBeHad: 40,
  fuss: 20,
  safety: 30,
};
