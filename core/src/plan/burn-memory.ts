import type { Burn } from '../burn';
import type { Can } from '../canister';
import type { Container } from '../carry';
import type { Trip } from '../model';
import { remembering } from '../numeric';
import type { BurnFacts, DayConditions } from '../planned';
import type { CookedDays } from './cook-days';
import type { KitInUse } from './kit-in-use';

/** Burns kept: those of a plan of half a year many times over, some 10 MB. */
const MOST_BURNS = 8000;
const BURNS = remembering<Burn>(MOST_BURNS);

/**
 * The burn of a kit in use from a can, worked out once: most days of a plan are as they were before the last edit, and the studies ask
 * for the same burns again. Equal facts, an equal can and the same kit in use give the same burn, so it changes no number.
 */
export const rememberedBurn = (use: KitInUse, facts: BurnFacts, can: Can, burn: () => Burn): Burn =>
  BURNS.get(`${factsKey(use, facts)}${canKey(can)}`, burn);

/** Carries kept, cooked with their containers: a long trip twice over. */
const MOST_CARRIES = 400;
const CARRIES = remembering<CookedDays>(MOST_CARRIES);

/** Days cooked from some containers, worked out once: an edit of a day leaves the other carries as they were. */
export const rememberedDays = (
  trip: Trip,
  use: KitInUse,
  conditions: readonly DayConditions[],
  containers: readonly Container[],
  cook: () => CookedDays,
): CookedDays => CARRIES.get(`${numberOf(use)},${foodNumber(trip)}${JSON.stringify(conditions)}${JSON.stringify(containers)}`, cook);

/** Values that stand for objects in keys: worked out once for every object. */
function numbering<T extends object>(numberFor: (of: T) => number): (of: T) => number {
  const known = new WeakMap<T, number>();
  return (of) => {
    const number = known.get(of) ?? numberFor(of);
    known.set(of, number);
    return number;
  };
}
let counted = 0;
const FOODS = remembering<number>(100);
/** Equal food is one number: all of a trip that tells what is cooked on a day. */
const foodNumber = numbering(({ menu, dishes, rotation, appetite, oneLighting }: Trip) =>
  FOODS.get(JSON.stringify({ menu, dishes, rotation, appetite, oneLighting }), () => ++counted),
);
/** Equal kits are one kit in use already. */
const numberOf = numbering((_use: KitInUse) => ++counted);

/** A kit in use and facts as a key; the kit's own pot goes without saying. */
export function factsKey(use: KitInUse, facts: BurnFacts): string {
  return numberOf(use) + JSON.stringify(facts.pot === use.kit.pot ? { ...facts, pot: 0 } : facts);
}

const canKey = ({ netG, tareG, fuelLeftG, liquid }: Can): string =>
  liquid ? `${netG},${tareG},${fuelLeftG},${JSON.stringify(liquid)}` : `${netG},${tareG},${fuelLeftG}`;
