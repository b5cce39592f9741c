import {
  AS_CARRIED,
  balanceOf,
  bestChanges,
  carryRisk,
  coldView,
  dishCard,
  doseTable,
  habitLedger,
  flameCurve,
  fuelForRisk,
  inferBlend,
  kitLines,
  legKitChoices,
  loseOne,
  measureKits,
  mendPins,
  nestOf,
  planRisk,
  perThousandKcal,
  planKit,
  planTrip,
  RISK_SEED,
  riskLimit,
  shelfOf,
  spendSlack,
  upgradeLadder,
  whatIfColumn,
  type BalancePoint,
  type BurnFacts,
  type CanSeen,
  type CarryPlan,
  type CarryRisk,
  type Change,
  type ColdView,
  type DishCard,
  type DoseTable,
  type FlameCurve,
  type HabitLedger,
  type InferredBlend,
  type KitLine,
  type LegKitChoice,
  type Loss,
  type MealName,
  type Mishaps,
  type Nest,
  type PerKcal,
  type PinMend,
  type Plan,
  type PlanProgress,
  type Rack,
  type RackKit,
  type Shelf,
  type Spending,
  type Trip,
  type Upgrade,
  type WhatIf,
  type WhatIfColumn,
} from '@tinder/core';

/** What the plan worker offers; runs the same on the main thread in tests. */
export interface Planner {
  plan(trip: Trip, report?: (p: PlanProgress) => void): Plan;
  changes(trip: Trip, carry: CarryPlan): Change[];
  /** What the closer look shows of one subject for one meal; `unscreened` is the same meal without its windscreen. */
  closer(subject: CloserSubject, trip: Trip, plan: Plan, facts: BurnFacts, unscreened: BurnFacts, altitudeM: number): Closer;
  inferBlend(trip: Trip, seen: CanSeen): InferredBlend | undefined;
  habits(trip: Trip, plan: Plan): HabitLedger;
  perKcal(trip: Trip, day: number): PerKcal[];
  card(trip: Trip, plan: Plan, day: number, name: MealName): DishCard | undefined;
  /** How a kit of the rack nests; undefined where nothing of it holds anything. */
  nest(rack: Rack, kitId: string): Nest | undefined;
  /** Kits of the rack planned on a trip. */
  kits(rack: Rack, trip: Trip, ids: readonly string[]): ReturnType<typeof measureKits>;
  /** How likely each carry runs out, and what would keep it to the walker's limit; undefined where nothing can run out. */
  risk(trip: Trip, plan: Plan, mishaps: Mishaps): (RiskOfCarry | undefined)[];
  /** Carried weight of every kit of the rack on this trip, and by the length of a carry. */
  lines(rack: Rack, trip: Trip): KitLine[];
  /** Load-outs of one kit from bare to safe; `AS_CARRIED` for the trip's own. */
  balance(rack: Rack, trip: Trip, kitId: string, mishaps: Mishaps): BalancePoint[];
  /** What could be taken at the stop that a carry leaves, by its place in the plan, and what is over; undefined where nothing is burnt. */
  shelf(trip: Trip, plan: Plan, carry: number, mishaps: Mishaps): { shelf: Shelf; slack: Spending } | undefined;
  whatIf(trip: Trip, plan: Plan, whatIf: WhatIf | undefined, mishaps: Mishaps): WhatIfColumn;
  mends(rack: Rack, trip: Trip, plan: Plan): PinMend[];
  legKits(rack: Rack, trip: Trip, plan: Plan, leg: number): LegKitChoice[];
  ladder(rack: Rack, trip: Trip, kitId: string): Upgrade[];
  losses(rack: Rack, trip: Trip, kitId: string, fromStop: number): Loss[];
}

/** A carry's risk without the thousands of trips behind it. */
export type RiskOfCarry = Omit<CarryRisk, 'demandsG'> & { fuelForLimitG: number };

export type CloserSubject = 'flame' | 'cold' | 'dose' | 'rest';

export interface Closer {
  flame?: FlameCurve;
  /** The same without the windscreen. */
  flameBare?: FlameCurve;
  cold?: ColdView;
  dose?: DoseTable;
}

/** Leaves out what a kit does not have. */
const present = <K extends string, V>(key: K, value: V | undefined) => (value === undefined ? {} : ({ [key]: value } as Record<K, V>));

/** The planner that draws so many trips where it draws any. */
export const plannerDrawing = (trips: number): Planner => ({
  plan: (trip, report) => planTrip(trip, report),
  changes: (trip, carry) => bestChanges(trip, carry),
  closer: (subject, trip, plan, facts, unscreened, altitudeM) => {
    switch (subject) {
      case 'flame':
        return { ...present('flame', flameCurve(trip, facts)), ...present('flameBare', flameCurve(trip, unscreened)) };
      case 'cold':
        return present('cold', coldView(trip, plan, altitudeM));
      case 'dose':
        return present('dose', doseTable(trip, facts));
      case 'rest': // cooling is worked out where it is drawn
        return {};
    }
  },
  inferBlend: (trip, seen) => inferBlend(trip, seen),
  habits: (trip, plan) => habitLedger(trip, plan),
  perKcal: (trip, day) => perThousandKcal(trip, day),
  card: (trip, plan, day, name) => dishCard(trip, plan, day, name),
  nest: (rack, kitId) => withRackKit(rack, kitId, (kit) => nestOf(rack, kit)),
  kits: (rack, trip, ids) => measureKits(rack, trip, ids),
  risk: (trip, plan, mishaps) =>
    planRisk(trip, plan, mishaps, RISK_SEED, trips).map((r) => {
      if (!r) return undefined;
      const { demandsG: _many, ...rest } = r;
      return { ...rest, fuelForLimitG: fuelForRisk(r, riskLimit(trip)) };
    }),
  lines: (rack, trip) => kitLines(rack, trip),
  balance: (rack, trip, kitId, mishaps) => {
    const planned = kitId === AS_CARRIED ? trip : withRackKit(rack, kitId, (kit) => planKit(rack, trip, kit));
    if (!planned || typeof planned === 'string') return [];
    return balanceOf('trip' in planned ? planned.trip : planned, mishaps);
  },
  shelf: (trip, plan, at, mishaps) => {
    const carry = plan.carries[at];
    const risk = carryRisk(trip, carry, mishaps, trips);
    if (!risk) return undefined;
    const limit = riskLimit(trip);
    return { shelf: shelfOf(trip, carry, risk, limit), slack: spendSlack(trip, plan, carry, fuelForRisk(risk, limit)) };
  },
  whatIf: (trip, plan, whatIf, mishaps) => whatIfColumn(trip, plan, whatIf, mishaps),
  mends: (rack, trip, plan) => mendPins(rack, trip, plan),
  legKits: (rack, trip, plan, leg) => legKitChoices(rack, trip, plan, leg),
  ladder: (rack, trip, kitId) => withRackKit(rack, kitId, (kit) => upgradeLadder(rack, trip, kit)) ?? [],
  losses: (rack, trip, kitId, fromStop) => withRackKit(rack, kitId, (kit) => loseOne(rack, trip, kit, fromStop)) ?? [],
});

/** Something of the kit of that id; nothing where it has gone in the meantime. */
function withRackKit<T>(rack: Rack, kitId: string, work: (kit: RackKit) => T): T | undefined {
  const kit = rack.kits.find((k) => k.id === kitId);
  return kit && work(kit);
}
