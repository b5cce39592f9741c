import { EMPTY_G, fuelOfG, holding, type Container, type Own } from '../../../domain/carry';
import type { Fuel } from '../../../physics/fuel';
import type { OwnContainer, ShelfKind, Trip } from '../../../domain/model';
import { kitRuns } from '../../../domain/trail';
import { kitInUse } from '../kit-in-use';
import type { CarryNeed } from './choosing';

/** Does this kit burn it? Any can feeds a gas burner; what is poured or laid under a pot must be the very fuel. */
export const burns = (fuel: Fuel, own: Pick<OwnContainer, 'kind' | 'fuelId'>): boolean =>
  KIND_OF[fuel.kind] === own.kind && (fuel.kind === 'gas' || fuel.kind === 'gel' || fuel.id === own.fuelId);

/** Does any kit of the trip burn it? */
export const burntOn = (trip: Trip, own: Pick<OwnContainer, 'kind' | 'fuelId'>): boolean =>
  kitRuns(trip).some((run) => burns(kitInUse(run.trip.kit).fuel, own));

const KIND_OF: Record<Fuel['kind'], ShelfKind | undefined> = {
  gas: 'canister',
  gel: 'gelTin',
  alcohol: 'bottle',
  liquid: 'liquidBottle',
  tablet: 'tablets',
  wood: undefined,
  none: undefined,
};

/** Places among `needs` at which it may be packed: from home and out of boxes, or the one stop that the walker has named. */
export function stagesOf({ place }: OwnContainer, needs: readonly CarryNeed[]): number[] {
  if (place === 'home') return [];
  return needs.flatMap(({ stop, supply }, i) => {
    const isPacked = supply === 'home' || stop.box !== null;
    return isPacked && (place === 'best' || place.stopId === stop.id) ? [i] : [];
  });
}

/** What stays with a container that came from the shelf. */
export const markOf = ({ id, name, sdG, fuelG, blend }: OwnContainer): Own => ({
  id,
  name,
  sdG,
  ...(blend ? { liquid: { blend, whenG: Math.max(EMPTY_G, fuelG) } } : {}),
});

/** So much of what is poured or counted, out of one of one's own. */
export const outOf = (fuel: Fuel, own: OwnContainer, fuelG: number): Container[] =>
  holding(fuel, fuelG).map((c) => ({ ...c, own: markOf(own) }));

/** What is still at home after some was packed. */
export function homeAfter(home: readonly OwnContainer[], taken: readonly Container[]): OwnContainer[] {
  return home.flatMap((c) => {
    const leftG = c.fuelG - fuelOfG(taken.filter((t) => t.own?.id === c.id));
    return leftG > EMPTY_G ? [leftG < c.fuelG ? { ...c, fuelG: leftG } : c] : [];
  });
}
