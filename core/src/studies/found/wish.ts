import type { BurnerFamily } from '../../domain/catalogue';

/** What a walker is ready to do: the plan's own way of cooking is always among it. */
export interface AcceptedWays {
  /** Water that need not be made safe is not brought to the boil where 88 °C will do. */
  stopAt88: boolean;
  /** Dishes that would simmer are boiled and rest in a cozy. */
  cozy: boolean;
  coldBreakfast: boolean;
  /** Everything is eaten cold, and no burner is carried. */
  allCold: boolean;
  /** Fuel is gathered: only where dry twigs are found every evening and a fire is allowed. */
  gatherWood: boolean;
}

/** What kits are looked for among, and what they must do. */
export interface Wish {
  /** What is owned or lent; that and more for so much; or anything with a known price. */
  from: { kind: 'own' } | { kind: 'upTo'; price: number } | { kind: 'anything' };
  ways: AcceptedWays;
  mustSimmer: boolean;
  /** Nothing that is worn out after a few trips: a drink can is a light pot for three of them. */
  mustLast: boolean;
  /** Nothing that a ban on open flame forbids. */
  noOpenFlame: boolean;
  /** Pieces that have to stay, by id: a burner, a pot. */
  keepPieceIds: readonly string[];
  /** With the burner lit, minutes a day on the mean; undefined for any. */
  mostMinutesADay: number | undefined;
}

/** Anything there is, cooked as it is planned. */
export const FIRST_WISH: Wish = {
  from: { kind: 'anything' },
  ways: { stopAt88: false, cozy: false, coldBreakfast: false, allCold: false, gatherWood: false },
  mustSimmer: false,
  mustLast: true,
  noOpenFlame: false,
  keepPieceIds: [],
  mostMinutesADay: undefined,
};

/** The schools of the trade that are set side by side. */
export const SCHOOLS = ['canister', 'regulated', 'remote', 'alcohol', 'tablets', 'liquid', 'gel', 'wood', 'cold'] as const;
export type School = (typeof SCHOOLS)[number];

export const SCHOOL_OF: Record<BurnerFamily, School> = {
  canisterTop: 'canister',
  regulated: 'regulated',
  locked: 'regulated',
  remote: 'remote',
  openAlcohol: 'alcohol',
  simmerAlcohol: 'alcohol',
  tablet: 'tablets',
  liquid: 'liquid',
  gel: 'gel',
  wood: 'wood',
  none: 'cold',
};
