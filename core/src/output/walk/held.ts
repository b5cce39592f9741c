import { drawnDown, fuelOfG, TABLET_WRAP_G, type Container } from '../../domain/carry';
import type { Fuel } from '../../physics/fuel';
import type { Added, WalkEvent } from '../../domain/model';
import type { CarryPlan } from '../../planning/planned';
import { afterEvent, LABEL_SD, leftOf, startState } from './walk-state';

/** A container as it is written down when a stop is left. A sealed one is as its label says, one of one's own as it was measured. */
export const addedOf = (c: Container, name: string): Added => ({
  name: c.own?.name ?? name,
  netG: 'netG' in c ? c.netG : Math.max(1, c.fuelG),
  tareG: c.tareG,
  fuelG: c.fuelG,
  sdG: c.own?.sdG ?? LABEL_SD * c.fuelG,
});

/** A stop left with what was planned, as it is written down. `nameOf` says what a container is called that has no name. */
export const filledAsPlanned = (
  carry: CarryPlan,
  { id, at }: Pick<WalkEvent, 'id' | 'at'>,
  nameOf: (c: Container) => string = (c) => c.kind,
): Extract<WalkEvent, { kind: 'filled' }> => ({
  id,
  at,
  day: carry.days[0]!.day,
  kind: 'filled',
  stopId: carry.fromStopId,
  keepsRest: carry.containers.some((c) => carry.arrivedWith.includes(c)),
  ...(fuelOfG(carry.left) >= EMPTY_CAN_G ? { leftBehindG: fuelOfG(carry.left) } : {}),
  added: carry.containers.filter((c) => !carry.arrivedWith.includes(c)).map((c) => addedOf(c, nameOf(c))),
});

function containerOf(fuel: Fuel, { netG, tareG, fuelG }: Added): Container {
  switch (fuel.kind) {
    case 'alcohol':
      return { kind: 'bottle', sizeMl: netG / fuel.densityGPerMl, fillMl: fuelG / fuel.densityGPerMl, tareG, fuelG };
    case 'liquid':
      return { kind: 'liquidBottle', sizeMl: netG / fuel.densityGPerMl, fillMl: fuelG / fuel.densityGPerMl, tareG, fuelG };
    case 'tablet':
      return {
        kind: 'tablets',
        count: Math.ceil(fuelG / fuel.tabletG - 1e-9),
        tabletG: fuel.tabletG,
        tareG: tareG || TABLET_WRAP_G,
        fuelG,
      };
    case 'gel':
      return { kind: 'gelTin', netG, tareG, fuelG };
    case 'gas':
    case 'wood':
    case 'none':
      return { kind: 'canister', netG, tareG, fuelG };
  }
}

/** What goes on from a stop: what is left there is taken out of the first, and empty ones stay with it. */
const stillHeld = (held: readonly Container[], leftBehindG: number): Container[] =>
  drawnDown(held, leftBehindG).filter((c) => c.fuelG >= EMPTY_CAN_G);
/** Less than this is no reason to carry a can on, g. */
const EMPTY_CAN_G = 1;

/** The containers that are carried after a log, in the order of use, as full as what is known of them together says. */
export function heldAfter(fuel: Fuel, log: readonly WalkEvent[], factorSd: number): Container[] {
  let state = startState(factorSd);
  let held: Container[] = [];
  const asKnown = (): Container[] => drawnDown(held, Math.max(0, fuelOfG(held) - Math.max(0, leftOf(state).mean)));
  for (const event of log) {
    if (event.kind === 'filled')
      held = [...(event.keepsRest ? stillHeld(asKnown(), event.leftBehindG ?? 0) : []), ...event.added.map((a) => containerOf(fuel, a))];
    state = afterEvent(state, event);
  }
  return asKnown();
}
