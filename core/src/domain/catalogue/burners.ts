import type { FlameKind, WindscreenKind } from '../../physics/burn';
import type { GasFeed } from '../../physics/canister';
import type { Fuel } from '../../physics/fuel';

/** Generic burners, unbranded. Powers from docs/physics.md, The burn, masses common practice. */
interface BurnerBase {
  id: string;
  name: string;
  massG: number;
  flame: FlameKind;
}
/** On a canister: a valve, and a way of taking gas from the can. */
export interface GasBurner extends BurnerBase {
  family: 'canisterTop' | 'regulated' | 'remote' | 'locked';
  feed: GasFeed;
  ratedW: number;
  lowestW: number;
}
/** Alcohol in the open; with a ring it simmers and can be snuffed. */
export interface AlcoholBurner extends BurnerBase {
  family: 'openAlcohol' | 'simmerAlcohol';
  ratedW: number;
  lowestW: number;
  /** Fuel in one filling, mL (common practice: about three quarters of the bowl, so that it does not spill). */
  capacityMl: number;
}
export interface TabletBurner extends BurnerBase {
  family: 'tablet';
  tabletsAtOnce: number;
}
/** A pump and a preheated jet. */
export interface LiquidBurner extends BurnerBase {
  family: 'liquid';
  ratedW: number;
  lowestW: number;
}
export interface SteadyBurner extends BurnerBase {
  family: 'gel' | 'wood';
  ratedW: number;
}
/** No burner at all: every meal is cold. */
export interface NoBurner extends BurnerBase {
  family: 'none';
}
export type Burner = NoBurner | GasBurner | AlcoholBurner | TabletBurner | LiquidBurner | SteadyBurner;
export type BurnerFamily = Burner['family'];

type GasRow = [GasBurner['family'], GasFeed, string, string, number, FlameKind, number, number];
const gas = ([family, feed, id, name, massG, flame, ratedW, lowestW]: GasRow): GasBurner => ({
  family,
  feed,
  id,
  name,
  massG,
  flame,
  ratedW,
  lowestW,
});

export const BURNERS: readonly Burner[] = [
  gas(['canisterTop', 'vapour', 'gas-micro', 'small gas stove', 73, 'tall', 1900, 350]),
  gas(['canisterTop', 'vapour', 'gas-compact', 'compact gas stove', 68, 'tall', 2400, 350]),
  gas(['canisterTop', 'vapour', 'gas-large', 'larger gas stove', 95, 'tall', 2700, 350]),
  gas(['canisterTop', 'vapour', 'gas-bowl', 'bowl-head gas stove', 88, 'bowl', 2700, 350]),
  gas(['regulated', 'regulated', 'gas-regulated', 'regulated gas stove', 84, 'bowl', 2700, 350]),
  gas(['remote', 'liquid', 'gas-remote', 'remote gas stove, canister inverted', 178, 'tall', 2700, 500]),
  gas(['locked', 'regulated', 'gas-locked', 'gas stove locked to its pot', 180, 'locked', 2800, 500]),
  {
    family: 'openAlcohol',
    id: 'alcohol-open',
    name: 'open-jet alcohol stove',
    massG: 15,
    flame: 'openAlcohol',
    ratedW: 1500,
    lowestW: 1500,
    capacityMl: 60,
  },
  {
    family: 'simmerAlcohol',
    id: 'alcohol-simmer',
    name: 'alcohol stove with simmer ring',
    massG: 110,
    flame: 'ringAlcohol',
    ratedW: 1200,
    lowestW: 300,
    capacityMl: 75,
  },
  { family: 'tablet', id: 'tablet-single', name: 'tablet tray, one lit', massG: 11, flame: 'tablet', tabletsAtOnce: 1 },
  { family: 'tablet', id: 'tablet-double', name: 'tablet tray, two lit', massG: 16, flame: 'tablet', tabletsAtOnce: 2 },
  { family: 'liquid', id: 'liquid-pump', name: 'liquid-fuel stove with pump', massG: 310, flame: 'liquid', ratedW: 2800, lowestW: 600 },
  { family: 'gel', id: 'gel-tin', name: 'gel tin on a stand', massG: 40, flame: 'gel', ratedW: 450 },
  { family: 'none', id: 'none', name: 'no stove, cold food', massG: 0, flame: 'tall' },
  { family: 'wood', id: 'wood-box', name: 'small wood box', massG: 135, flame: 'wood', ratedW: 2500 },
];

/** Which fuel kind each family burns. */
export const FAMILY_FUEL: Record<BurnerFamily, Fuel['kind']> = {
  canisterTop: 'gas',
  regulated: 'gas',
  remote: 'gas',
  locked: 'gas',
  openAlcohol: 'alcohol',
  simmerAlcohol: 'alcohol',
  tablet: 'tablet',
  liquid: 'liquid',
  gel: 'gel',
  wood: 'wood',
  none: 'none',
};

const LOOSE = ['none', 'folded', 'foil'] as const;
/** Windscreens that fit a family: the fitted cone belongs to alcohol, the clip-on plate to burners on a can; a locked pot has its own. */
export const FAMILY_WINDSCREENS: Record<BurnerFamily, readonly WindscreenKind[]> = {
  canisterTop: ['none', 'plate', 'folded', 'foil'],
  regulated: ['none', 'plate', 'folded', 'foil'],
  remote: LOOSE,
  locked: ['none', 'folded'],
  openAlcohol: ['none', 'folded', 'foil', 'cone'],
  simmerAlcohol: LOOSE,
  tablet: LOOSE,
  liquid: LOOSE,
  gel: LOOSE,
  wood: LOOSE,
  none: ['none'],
};

/** The burner of that id; throws when the catalogue has none. */
export function burnerById(id: string): Burner {
  const found = BURNERS.find((b) => b.id === id);
  if (!found) throw new Error(`no burner "${id}" in the catalogue`);
  return found;
}

/** Does it sit on or hang from a gas canister? */
export const isGas = (b: Burner): b is GasBurner => 'feed' in b;
/** Does a kit burn gas out of cans? */
export const usesCans = (kit: { burnerId: string }): boolean => isGas(burnerById(kit.burnerId));
/** Lowest steady power and full power, W; equal where the flame cannot be turned down. Tablets take theirs from the fuel. */
export function powerRange(b: Burner, tabletW = 0): { ratedW: number; lowestW: number } {
  if (b.family === 'none') return { ratedW: 0, lowestW: 0 };
  if (b.family === 'tablet') return { ratedW: tabletW * b.tabletsAtOnce, lowestW: tabletW * b.tabletsAtOnce };
  return { ratedW: b.ratedW, lowestW: 'lowestW' in b ? b.lowestW : b.ratedW };
}
/** Is its flame shut off by a valve? Bans on open flame usually let those through. */
export const hasShutOff = (b: Burner): boolean => isGas(b) || b.family === 'liquid';
/** Can its flame be set? */
export const hasValve = (b: Burner): boolean => isGas(b) || b.family === 'liquid' || b.family === 'simmerAlcohol';

/** Does this windscreen close burner and can in together? Heat builds up round the can then. */
export const wallsInCan = (windscreen: WindscreenKind, b: Burner): boolean => windscreen === 'foil' && isGas(b) && b.family !== 'remote';
