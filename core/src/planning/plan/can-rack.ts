import type { Can } from '../../physics/canister';
import { EMPTY_G, type Canister, type Container } from '../../domain/carry';
import { FRESH_CAN } from './evenings';

/** A can as a burn sees it. */
export const canIn = ({ netG, tareG, fuelG, own }: Canister): Can => ({
  netG,
  tareG,
  fuelLeftG: fuelG,
  ...(own?.liquid ? { liquid: own.liquid } : {}),
});

/** A can in use, and its place among the containers of the carry. */
export interface RackedCan {
  can: Can;
  at: number;
}
/** The canisters of a carry as they are at some time, in the order of use; spares that stand in are at places past those `carried`. */
export interface CansNow {
  cans: readonly RackedCan[];
  carried: number;
}
export const cansIn = (containers: readonly Container[]): CansNow => ({
  cans: containers.flatMap((c, at) => (c.kind === 'canister' && c.fuelG > EMPTY_G ? [{ can: canIn(c), at }] : [])),
  carried: containers.length,
});

/** Some containers with what is left in their canisters, in their order. */
export const containersWith = (containers: readonly Container[], { cans }: CansNow): Container[] =>
  containers.map((c, at) => ({ ...c, fuelG: cans.find((x) => x.at === at)?.can.fuelLeftG ?? c.fuelG }));

/** Canisters drawn down meal by meal, identified by their place in the order of use. */
export interface CanRack {
  /** Numbers of the cans that have fuel; never none. */
  candidates: () => number[];
  can: (number: number) => RackedCan;
  /** The can in use after one runs dry. */
  next: (number: number) => number;
  /** Draws fuel from a can, and the rest from the cans after it. */
  draw: (number: number, fuelG: number) => void;
  now: () => CansNow;
}

/** A rack of cans as they are. Past the last one middle-sized spares stand in, so that a first guess may be too small. */
export function canRack({ cans: before, carried }: CansNow): CanRack {
  const cans = [...before];
  let spareAt = Math.max(carried, ...cans.map((c) => c.at + 1));
  const spare = (): number => cans.push({ can: FRESH_CAN, at: spareAt++ }) - 1;
  const candidates = (): number[] => {
    const some: number[] = [];
    for (let i = 0; i < cans.length; i++) if (cans[i]!.can.fuelLeftG > EMPTY_G) some.push(i);
    return some.length ? some : [spare()];
  };
  const next = (number: number): number => candidates().find((i) => i !== number) ?? spare();
  const draw = (number: number, fuelG: number): void => {
    const { can, at } = cans[number]!;
    const takenG = Math.min(fuelG, can.fuelLeftG);
    cans[number] = { can: { ...can, fuelLeftG: can.fuelLeftG - takenG }, at };
    if (fuelG - takenG > EMPTY_G) draw(next(number), fuelG - takenG);
  };
  return { candidates, can: (number) => cans[number]!, next, draw, now: () => ({ cans, carried }) };
}
