import type { Container } from '../carry';
import { fuelById } from '../../physics/fuel';
import { LONGEST_NAME, type OwnContainer, type Place, type ShelfItem, type Trip } from '../model';
import { stockOf } from './stock';

/** Less than this is not taken along, g. */
const NOTHING_G = 1;
/** The same as when a trip last looked, g. */
const SAME_G = 0.5;

/** A container of the shelf as a trip keeps it; undefined where nothing is left to take, or nobody knows what is. */
export function ownContainer(item: ShelfItem, place: Place): OwnContainer | undefined {
  const { left, tare, blend, unknown } = stockOf(item);
  if (unknown || left.massG < NOTHING_G) return undefined;
  const { id, name, kind, fuelId, netG } = item;
  const shown = { tareG: toTenth(item.tareG ?? tare.massG), fuelG: toTenth(left.massG), sdG: toTenth(left.sdG) };
  return { id, name, kind, fuelId, netG, ...shown, ...(blend ? { blend } : {}), place };
}

/** No scale in a cupboard tells more. */
const toTenth = (massG: number): number => Math.round(10 * massG) / 10;

/** Where a container stands for a trip that has never heard of it: at home, until the walker offers it. */
export const placeOn = (trip: Pick<Trip, 'own'>, id: string): Place => trip.own.find((c) => c.id === id)?.place ?? 'home';

/** A trip with one container of the shelf in another place. */
export function withPlace(trip: Trip, item: ShelfItem, place: Place): Trip {
  const own = ownContainer(item, place);
  const others = trip.own.filter((c) => c.id !== item.id);
  return { ...trip, own: own && place !== 'home' ? [...others, own] : others };
}

/** Everything on the shelf offered to a trip, wherever it is best; what the walker has sent to a stop stays so. */
export const withWholeShelf = (trip: Trip, shelf: readonly ShelfItem[]): Trip => ({
  ...trip,
  own: shelf.flatMap((item) => {
    const place = placeOn(trip, item.id);
    return ownContainer(item, place === 'home' ? 'best' : place) ?? [];
  }),
});

/** A trip that knows its containers as the shelf has them now; those that are gone or empty are gone from it too. */
export function refreshed(trip: Trip, shelf: readonly ShelfItem[]): Trip {
  if (!trip.own.length) return trip;
  const own = trip.own.flatMap((c) => {
    const item = shelf.find((i) => i.id === c.id);
    return (item && ownContainer(item, c.place)) ?? [];
  });
  const isSame = own.length === trip.own.length && own.every((c, i) => isAs(c, trip.own[i]!));
  return isSame ? trip : { ...trip, own };
}

const isAs = (a: OwnContainer, b: OwnContainer): boolean =>
  a.name === b.name && Math.abs(a.fuelG - b.fuelG) < SAME_G && Math.abs(a.sdG - b.sdG) < SAME_G && Math.abs(a.tareG - b.tareG) < SAME_G;

/** What a trip did to the containers it had, carry by carry. */
export interface Walked {
  taken: readonly Container[];
  left: readonly Container[];
  after: readonly Container[];
  bought: readonly Container[];
}

/**
 * The shelf after a trip that went as planned, `on` that day: what was taken along comes back with what is left in it, what was left at a bin
 * is gone, and what was bought and is not empty stands on the shelf as new things of its own. `canC` is how cold the cans were, °C.
 */
export function afterTrip(
  shelf: readonly ShelfItem[],
  trip: Pick<Trip, 'name' | 'own' | 'kit'>,
  carries: readonly Walked[],
  { on, canC, newId }: { on: string; canC: number; newId: () => string },
): ShelfItem[] {
  const last = carries[carries.length - 1]!;
  const walked = (fuelG: number): ShelfItem['looks'][number] => ({ how: 'walked', on, fuelG, canC, trip: trip.name });
  const gone = new Set(carries.flatMap((c) => c.left.flatMap((x) => x.own?.id ?? [])));
  const back = shelf.flatMap((item): ShelfItem[] => {
    const taken = carries.flatMap((c) => c.taken).filter((c) => c.own?.id === item.id);
    if (!taken.length) return [item];
    if (gone.has(item.id)) return [];
    const leftG = carries.flatMap((c) => c.after).findLast((c) => c.own?.id === item.id)?.fuelG ?? 0;
    const drawnG = Math.max(0, taken.reduce((sum, c) => sum + c.fuelG, 0) - leftG);
    return [drawnG > 0 ? { ...item, openedOn: item.openedOn ?? on, looks: [...item.looks, walked(drawnG)] } : item];
  });
  const more = last.after.filter((c) => !c.own && c.fuelG >= NOTHING_G).map((c): ShelfItem => broughtHome(c, trip, { newId, on, walked }));
  return [...back, ...more];
}

function broughtHome(
  c: Container,
  { kit, name }: Pick<Trip, 'name' | 'kit'>,
  { newId, on, walked }: { newId: () => string; on: string; walked: (fuelG: number) => ShelfItem['looks'][number] },
): ShelfItem {
  const netG = 'netG' in c ? c.netG : c.fuelG;
  const usedG = netG - c.fuelG;
  return {
    id: newId(),
    name: `${NAMES[c.kind]} from ${name}`.slice(0, LONGEST_NAME).trim(),
    kind: c.kind,
    fuelId: kit.fuelId,
    ...(kit.ownBlend && fuelById(kit.fuelId).kind === 'gas' ? { ownBlend: kit.ownBlend } : {}),
    netG,
    tareG: null,
    price: null,
    boughtAt: '',
    openedOn: usedG > NOTHING_G ? on : null,
    story: `brought home from ${name}`.slice(0, 300),
    looks: usedG > NOTHING_G ? [walked(usedG)] : [],
  };
}
const NAMES: Record<Container['kind'], string> = {
  canister: 'canister',
  gelTin: 'tin',
  bottle: 'spirit',
  liquidBottle: 'liquid fuel',
  tablets: 'tablets',
};
