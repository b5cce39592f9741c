import type { Burn } from '../burn';
import type { Can } from '../canister';
import type { Trip } from '../model';
import { interned, remembering } from '../numeric';
import type { BurnFacts, DayConditions } from '../planned';
import type { CansNow } from './can-rack';
import type { CookedDay, ToCook } from './cooked-day';
import type { KitInUse } from './kit-in-use';

/** Burns kept: those of a plan of half a year many times over, some 10 MB. */
const MOST_BURNS = 8000;
const BURNS = remembering<Burn>(MOST_BURNS);

/**
 * The burn of a kit in use from a can, worked out once: most days of a plan are as they were before the last edit, and the studies ask
 * for the same burns again. Equal facts, an equal can and the same kit in use give the same burn, so it changes no number.
 */
export const rememberedBurn = (use: KitInUse, facts: BurnFacts, can: Can, burn: () => Burn): Burn =>
  BURNS.get(`${factsKey(use, facts)}|${canKey(can)}`, burn);

/** Days kept with what is cooked on them: half a year, edited a few times. */
const MOST_DAYS = 1000;
/** Cooked from some cans: three rounds of each. */
const COOKED = remembering<CookedDay>(3 * MOST_DAYS);

/** A day cooked from cans as they are, worked out once: an edit leaves the days before it as they were, and the other carries. */
export const rememberedDay = (
  trip: Trip,
  use: KitInUse,
  [day, next]: readonly [DayConditions, DayConditions | undefined],
  cans: CansNow,
  cook: () => CookedDay,
): CookedDay => COOKED.get(`${foodKey(trip, use)},${dayNumber(day)},${next ? dayNumber(next) : ''},${cansNumber(cans)}`, cook);

const MEALS = remembering<readonly ToCook[]>(MOST_DAYS);

/** What is cooked on a day and from what, worked out once. */
export const rememberedMeals = (trip: Trip, use: KitInUse, day: DayConditions, meals: () => readonly ToCook[]): readonly ToCook[] =>
  MEALS.get(`${foodKey(trip, use)},${dayNumber(day)}`, meals);

const AFTER = remembering<BurnFacts>(MOST_DAYS);

/** What a potful put on while the burner burns is cooked from, worked out once for a pot of that temperature, °C. */
export const rememberedAfter = (facts: BurnFacts, potC: number, after: () => BurnFacts): BurnFacts =>
  AFTER.get(`${factsNumber(facts)},${potC}`, after);

const dayNumber = interned<DayConditions>(2 * MOST_DAYS);
const factsNumber = interned<BurnFacts>(MOST_BURNS);
const useNumber = interned<KitInUse>(200, ({ kit }) => JSON.stringify(kit));
/** Parts of a trip's food. */
const partNumber = interned<object>(200);
/** All of a trip that tells what is cooked on a day. */
const foodNumber = interned<Trip>(200, ({ menu, dishes, rotation, appetite, oneLighting }) =>
  [...[menu, dishes, rotation].map(partNumber), appetite, oneLighting].join(),
);
const foodKey = (trip: Trip, use: KitInUse): string => `${useNumber(use)},${foodNumber(trip)}`;

/** A kit in use and facts as a key. */
export const factsKey = (use: KitInUse, facts: BurnFacts): string => `${useNumber(use)},${factsNumber(facts)}`;

const cansNumber = interned<CansNow>(
  3 * MOST_DAYS,
  ({ cans, carried }) => `${carried}:${cans.map(({ can, at }) => `${at},${canKey(can)}`).join(';')}`,
);

/** A can as it is, as a key. */
export const canKey = ({ netG, tareG, fuelLeftG, liquid }: Can): string =>
  liquid ? `${netG},${tareG},${fuelLeftG},${JSON.stringify(liquid)}` : `${netG},${tareG},${fuelLeftG}`;
