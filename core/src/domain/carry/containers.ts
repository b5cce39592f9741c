import type { BlendByMass, Fuel } from '../../physics/fuel';
import { drawDownG } from './draw-down';
import { BOTTLE_STEP_ML, BOTTLE_TARE_PER_STEP_G, LIQUID_BOTTLES, TABLET_WRAP_G } from './packages';

/** A container of the walker's own, from the shelf. */
export interface Own {
  /** Its id there, and what it is called. */
  id: string;
  name: string;
  /** How far the fuel in it was known when it was taken, one standard deviation, g. */
  sdG: number;
  /** The liquid in a can as it was when `whenG` was left of it: what was drawn before had changed it. */
  liquid?: { blend: BlendByMass; whenG: number };
}

/** What leaves the stop: containers with how full they are. */
export type Container = (
  | { kind: 'canister'; netG: number; tareG: number; fuelG: number }
  | { kind: 'bottle'; sizeMl: number; fillMl: number; tareG: number; fuelG: number }
  | { kind: 'liquidBottle'; sizeMl: number; fillMl: number; tareG: number; fuelG: number }
  | { kind: 'gelTin'; netG: number; tareG: number; fuelG: number }
  | { kind: 'tablets'; count: number; tabletG: number; tareG: number; fuelG: number }
) & { own?: Own };

export type Canister = Extract<Container, { kind: 'canister' }>;

/** A new can of a size. */
export const fullCan = ({ netG, tareG }: { netG: number; tareG: number }): Canister => ({ kind: 'canister', netG, tareG, fuelG: netG });

/** Fuel in a set of containers, g. */
export const fuelOfG = (containers: readonly Container[]): number => containers.reduce((sum, c) => sum + c.fuelG, 0);
/** Empty weight of a set of containers, g. */
export const tareOfG = (containers: readonly Container[]): number => containers.reduce((sum, c) => sum + c.tareG, 0);

/**
 * What holds so much of a fuel that is poured or counted out; empty for fuels that come in cans and tins. Alcohol is split so that
 * `afterLeakG` are left when any one bottle is lost.
 */
export function holding(fuel: Fuel, fuelG: number, afterLeakG = 0): Container[] {
  if (fuelG <= 1e-9) return [];
  switch (fuel.kind) {
    case 'alcohol':
      return bottles(fuel.densityGPerMl, fuelG / fuel.densityGPerMl, afterLeakG / fuel.densityGPerMl);
    case 'liquid':
      return liquidBottles(fuel.densityGPerMl, fuelG / fuel.densityGPerMl);
    case 'tablet': {
      const count = Math.ceil(fuelG / fuel.tabletG - 1e-9);
      return [{ kind: 'tablets', count, tabletG: fuel.tabletG, tareG: count * TABLET_WRAP_G, fuelG }];
    }
    case 'gas':
    case 'gel':
    case 'wood':
    case 'none':
      return [];
  }
}

/** More bottles than this nobody fills. */
const MOST_BOTTLES = 12;

/**
 * Alcohol in the walker's own bottles, shared out evenly over small ones so that one leak takes as little as it can: small bottles weigh
 * no more than large ones. Where `afterLeakMl` is asked for, as many as leave that much when any one is lost.
 */
function bottles(densityGPerMl: number, ml: number, afterLeakMl = 0): Container[] {
  const fewest = Math.ceil(ml / BOTTLE_STEP_ML - 1e-9);
  const leakProof = ml > afterLeakMl && afterLeakMl > 0 ? Math.ceil(ml / (ml - afterLeakMl) - 1e-9) : 1;
  const count = Math.max(fewest, Math.min(MOST_BOTTLES, leakProof));
  const fillMl = ml / count;
  const tareG = BOTTLE_TARE_PER_STEP_G;
  return Array.from({ length: count }, () => ({ kind: 'bottle', sizeMl: BOTTLE_STEP_ML, fillMl, tareG, fuelG: fillMl * densityGPerMl }));
}

/** The least alcohol that still is `afterLeakMl` when any one of its bottles is lost, bottles counted as weight, mL. */
export function leakProofMl(densityGPerMl: number, afterLeakMl: number): number {
  const ways = Array.from({ length: MOST_BOTTLES - 1 }, (_, i) => {
    const ml = (afterLeakMl * (i + 2)) / (i + 1);
    return { ml, massG: ml * densityGPerMl + tareOfG(bottles(densityGPerMl, ml, afterLeakMl)) };
  });
  return ways.reduce((a, b) => (b.massG < a.massG ? b : a)).ml;
}

/** Liquid fuel in pressure bottles, filled to the need: large ones while a small one would not do. */
function liquidBottles(densityGPerMl: number, ml: number): Container[] {
  const [small, large] = LIQUID_BOTTLES;
  const out: Container[] = [];
  let leftMl = ml;
  while (leftMl > 1e-9) {
    const bottle = leftMl > small.sizeMl ? large : small;
    const fillMl = Math.min(bottle.sizeMl, leftMl);
    out.push({ kind: 'liquidBottle', ...bottle, fillMl, fuelG: fillMl * densityGPerMl });
    leftMl -= fillMl;
  }
  return out;
}

/** The kind of fuel that such containers hold; undefined for none. */
export function kindHeldIn([first]: readonly Container[]): Fuel['kind'] | undefined {
  switch (first?.kind) {
    case 'canister':
      return 'gas';
    case 'gelTin':
      return 'gel';
    case 'tablets':
      return 'tablet';
    case 'bottle':
      return 'alcohol';
    case 'liquidBottle':
      return 'liquid';
    case undefined:
      return undefined;
  }
}

/** Containers after so much was burnt from them in their order. */
export function drawnDown(containers: readonly Container[], burntG: number): Container[] {
  const fillsG = drawDownG(
    containers.map((c) => c.fuelG),
    burntG,
  );
  return containers.map((c, i) => withFuel(c, fillsG[i]!));
}

/** A container with so much in it: what it is counted in goes with the grams. */
function withFuel(c: Container, fuelG: number): Container {
  if (fuelG === c.fuelG) return c;
  switch (c.kind) {
    case 'bottle':
    case 'liquidBottle':
      return { ...c, fuelG, fillMl: (c.fillMl * fuelG) / c.fuelG };
    case 'tablets':
      return { ...c, fuelG, count: Math.ceil(fuelG / c.tabletG - 1e-9) };
    case 'canister':
    case 'gelTin':
      return { ...c, fuelG };
  }
}
