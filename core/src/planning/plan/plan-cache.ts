import type { NoPlan, Stage } from '../../domain/carry';
import type { Kit, Leg, Trip } from '../../domain/model';
import type { Result } from '../../foundation/errors';
import { interned, boundedCache } from '../../foundation/numeric';
import type { Burn } from '../../physics/burn';
import type { Can } from '../../physics/canister';
import { restTables, type CanPlan, type RestTables } from '../load-out';
import type { BurnFacts, DayConditions, PlanDay } from '../planned';
import type { CansNow } from './can-rack';
import type { CookedDay, ToCook } from './cooked-day';
import type { WarmLee } from './lee';

/** A meal on a kit, whatever the can. */
interface OnKit {
  kit: Kit;
  facts: BurnFacts;
}

/** What is cooked on a kit: all of the trip counts that tells what is eaten. */
interface Cooking {
  trip: Trip;
  kit: Kit;
}

/**
 * What plans have worked out before. Whoever plans again and again makes one (`planCache`) and hands it in; without one nothing is remembered.
 * Every answer is kept under all that it depends on, so a cache makes plans faster and changes no number. What it gives back is shared by all
 * who ask, and must not be changed.
 */
export interface PlanCache {
  /** The days of a leg, of which `firstDay` is the first, 1-based. */
  legDays: (leg: Leg, index: number, firstDay: number, days: () => DayConditions[]) => DayConditions[];
  /** What is cooked on a day, and from what. */
  meals: (of: Cooking, day: DayConditions, meals: () => readonly ToCook[]) => readonly ToCook[];
  /** A day cooked from cans as they are; after a dry camp the day after it counts as well. */
  cookedDay: (of: Cooking, days: readonly [DayConditions, DayConditions | undefined], cans: CansNow, cook: () => CookedDay) => CookedDay;
  burn: (on: OnKit, can: Can, burn: () => Burn) => Burn;
  /** The facts of a potful that is put on while the stove burns, its pot at `potC`. */
  nextPotful: (facts: BurnFacts, potC: number, after: () => BurnFacts) => BurnFacts;
  warmLee: (on: OnKit, find: () => WarmLee | undefined) => WarmLee | undefined;
  /** A day with what is said of its weak cans, `cans` as they were when each was lit. */
  warmedDay: (day: PlanDay, cans: readonly Can[], say: () => PlanDay) => PlanDay;
  /** A carry as the search for load-outs sees it. */
  stage: (need: object, trip: Trip, stage: () => Stage) => Stage;
  /** Cans chosen; `asked` is all that was asked, as plain data. */
  cans: (asked: readonly unknown[], choose: () => Result<CanPlan, NoPlan>) => Result<CanPlan, NoPlan>;
  /** Bounds on what the rest of a trip costs; undefined where none are kept. */
  rest: RestTables | undefined;
}

/** Remembers nothing. */
export const NO_CACHE: PlanCache = {
  legDays: (_leg, _index, _firstDay, days) => days(),
  meals: (_of, _day, meals) => meals(),
  cookedDay: (_of, _days, _cans, cook) => cook(),
  burn: (_on, _can, burn) => burn(),
  nextPotful: (_facts, _potC, after) => after(),
  warmLee: (_on, find) => find(),
  warmedDay: (_day, _cans, say) => say(),
  stage: (_need, _trip, stage) => stage(),
  cans: (_asked, choose) => choose(),
  rest: undefined,
};

/** Burns kept: those of a plan of half a year many times over, some 10 MB. */
const MOST_BURNS = 8000;
/** Days kept: half a year, edited a few times; cooked from some cans in each of three rounds. */
const MOST_DAYS = 1000;
const MOST_COOKED = 3 * MOST_DAYS;
/** Kits, trips' food and its parts kept: a gear list, tried in a few settings. */
const MOST_KITS = 200;
/** Legs kept: half a year with a stop every few days, a few times over. */
const MOST_LEGS = 200;
/** Load-outs kept: an edit leaves most stretches of a long trip as they were, and the rounds of a plan ask for the same once more. */
const MOST_CHOICES = 150;

/** An empty cache, bounded: some tens of megabytes when it is full. */
export function planCache(): PlanCache {
  const kitNumber = interned<Kit>(MOST_KITS);
  const dayNumber = interned<DayConditions>(2 * MOST_DAYS);
  const factsNumber = interned<BurnFacts>(MOST_BURNS);
  const partNumber = interned<object>(MOST_KITS);
  // all of a trip beside its days that tells what is cooked on one
  const foodNumber = interned<Trip>(MOST_KITS, ({ menu, dishes, rotation, appetite, oneLighting }) =>
    [...[menu, dishes, rotation].map(partNumber), appetite, oneLighting].join(),
  );
  const foodKey = ({ trip, kit }: Cooking): string => `${kitNumber(kit)},${foodNumber(trip)}`;
  const cansNumber = interned<CansNow>(
    MOST_COOKED,
    ({ cans, carried }) => `${carried}:${cans.map(({ can, at }) => `${at},${canKey(can)}`).join(';')}`,
  );
  const mealKey = ({ kit, facts }: OnKit): string => `${kitNumber(kit)},${factsNumber(facts)}`;

  const legs = boundedCache<DayConditions[]>(MOST_LEGS);
  const meals = boundedCache<readonly ToCook[]>(MOST_DAYS);
  const cooked = boundedCache<CookedDay>(MOST_COOKED);
  const burns = boundedCache<Burn>(MOST_BURNS);
  const after = boundedCache<BurnFacts>(MOST_DAYS);
  const lees = boundedCache<{ lee: WarmLee | undefined }>(MOST_DAYS);
  const warmed = new WeakMap<PlanDay, { on: string; day: PlanDay }>();
  const stages = new WeakMap<object, { trip: Trip; stage: Stage }>();
  const chosen = boundedCache<Result<CanPlan, NoPlan>>(MOST_CHOICES);

  return {
    legDays: (leg, index, firstDay, days) => legs.get(`${firstDay},${index}${JSON.stringify(leg)}`, days),
    meals: (of, day, make) => meals.get(`${foodKey(of)},${dayNumber(day)}`, make),
    cookedDay: (of, [day, next], cans, cook) =>
      cooked.get(`${foodKey(of)},${dayNumber(day)},${next ? dayNumber(next) : ''},${cansNumber(cans)}`, cook),
    burn: (on, can, burn) => burns.get(`${mealKey(on)}|${canKey(can)}`, burn),
    nextPotful: (facts, potC, make) => after.get(`${factsNumber(facts)},${potC}`, make),
    warmLee: (on, find) => lees.get(mealKey(on), () => ({ lee: find() })).lee,
    warmedDay: (day, cans, say) => {
      const on = cans.map(canKey).join(';');
      const known = warmed.get(day);
      const now = known?.on === on ? known : { on, day: say() };
      warmed.set(day, now);
      return now.day;
    },
    stage: (need, trip, make) => {
      const known = stages.get(need);
      const now = known?.trip === trip ? known : { trip, stage: make() };
      stages.set(need, now);
      return now.stage;
    },
    cans: (asked, choose) => chosen.get(JSON.stringify(asked), choose),
    rest: restTables(),
  };
}

/** A can as it is, as a key. */
const canKey = ({ netG, tareG, fuelLeftG, liquid }: Can): string =>
  liquid ? `${netG},${tareG},${fuelLeftG},${JSON.stringify(liquid)}` : `${netG},${tareG},${fuelLeftG}`;
