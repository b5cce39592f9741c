import { BOTTLE_TARE_PER_STEP_G, TABLET_WRAP_G, type Container } from '../../domain/carry';
import { burnerById, FAMILY_FUEL, FAMILY_WINDSCREENS, wallsInCan, type Burner } from '../../domain/catalogue';
import { done, type Result } from '../../foundation/errors';
import { build, choosable, fuelKindOf, lightersOf, lightestOf, pieceFor, tripWithKit, type NotPlannable } from '../../domain/kit';
import { isEatenOut, isHot, isSimmered, isTinned, mealOn } from '../../domain/menu';
import { hasRole, massOfG, MEALS, type Meal, type Piece, type Rack, type RackKit, type Role, type Trip } from '../../domain/model';
import { planTrip, replanCarry, planCache, type PlanCache } from '../../planning/plan';
import { cookedWithin, doneMeals, type CarryPlan } from '../../planning/planned';
import { withoutLegKits } from '../../domain/trail';

/** What is gone on the first evening of a carry, and what that leaves. */
export interface Loss {
  what: { kind: 'piece'; piece: Piece } | { kind: 'container'; container: Container; index: number };
  /** Hot meals of the carry that stay cold. */
  hotMealsLost: number;
  /** Energy of what can still be eaten, hot or soaked cold, kcal, and of everything carried. */
  kcalLeft: number;
  kcalCarried: number;
  /** Water of cooked meals that only the flame made safe or melted, mL. */
  untreatedMl: number;
  /** The fewest grams that make the loss bearable: a second one of that job, or the fuel in one more container. */
  mend?: { words: 'spare' | 'split' | 'spareCan'; piece?: Piece; massG: number };
}

/** Roles whose loss is looked at; the loss of a spoon or a cup costs no meal. */
const LOOKED_AT: readonly Role[] = ['burner', 'pump', 'adapter', 'windscreen', 'pot', 'lid', 'ignition', 'opener'];

/**
 * Takes away each piece, bottle and ignition of a kit in turn on the first evening of the carry that leaves stop `stopId`, or that
 * passes it, and plans
 * what is left. Worst first.
 */
export function loseOne(
  rack: Rack,
  planned: Trip,
  kit: RackKit,
  stopId: string,
  cache: PlanCache = planCache(),
): Result<Loss[], NotPlannable> {
  const trip = withoutLegKits(planned);
  const { pieces } = build(rack, kit);
  const changed = tripWithKit(trip, { kit, pieces });
  if (!changed.ok) return changed;
  const withKit = changed.value;
  const { carries } = planTrip(withKit, { cache });
  const at = withKit.stops.findIndex((s) => s.id === stopId);
  const carry = carries.findLast((c) => c.fromStop <= at) ?? carries[0]!;
  const burner = burnerById(withKit.kit.burnerId);
  const food = foodOn(withKit, carry);
  const after = (left: { cooked: number; flame: boolean }): Pick<Loss, 'hotMealsLost' | 'kcalLeft' | 'kcalCarried' | 'untreatedMl'> => ({
    hotMealsLost: food.hot - left.cooked,
    kcalLeft: left.flame ? food.kcal : food.coldKcal,
    kcalCarried: food.kcal,
    untreatedMl: left.flame ? 0 : food.unsafeMl,
  });
  const all = cookedWithin(carry.days, carry.fuelG);
  const losses: Loss[] = pieces
    .filter((p) => LOOKED_AT.some((r) => hasRole(p, r)))
    .map((piece) => {
      const rest = pieces.filter((p) => p !== piece);
      const what = { kind: 'piece' as const, piece };
      const mend = mendOf(rack, burner, pieces, piece);
      const base = { what, ...(mend ? { mend } : {}) };
      if (!flameWithout(rack, burner, pieces, piece)) return { ...base, ...after({ cooked: 0, flame: false }) };
      if (hasRole(piece, 'opener')) return { ...base, ...after({ cooked: all, flame: true }), kcalLeft: food.kcal - food.tinnedKcal };
      if (!hasRole(piece, 'lid') && !hasRole(piece, 'windscreen')) return { ...base, ...after({ cooked: all, flame: true }) };
      const without = tripWithKit(trip, { kit, pieces: rest });
      if (!without.ok) return { ...base, ...after({ cooked: 0, flame: false }) };
      return { ...base, ...after({ cooked: cookedWithin(replanCarry(without.value, carry, { cache }).days, carry.fuelG), flame: true }) };
    });
  carry.containers.forEach((container, index) => {
    const cooked = cookedWithin(carry.days, carry.fuelG - container.fuelG);
    const mend = splitMend(container);
    losses.push({ what: { kind: 'container', container, index }, ...after({ cooked, flame: cooked > 0 }), ...(mend ? { mend } : {}) });
  });
  return done(losses.sort((a, b) => b.hotMealsLost - a.hotMealsLost || a.kcalLeft - b.kcalLeft));
}

/** Does a flame under a pot remain without that piece? */
function flameWithout(rack: Rack, burner: Burner, pieces: readonly Piece[], lost: Piece): boolean {
  const rest = pieces.filter((p) => p !== lost);
  const again = (role: Role): boolean => !hasRole(lost, role) || pieceFor(rest, role) !== undefined;
  const sameFuel = rest.some((p) => p.burnerId && fuelKindOf(p) === FAMILY_FUEL[burner.family]);
  if (hasRole(lost, 'burner') && !sameFuel) return false;
  if (!again('pot') || !again('pump') || !again('adapter')) return false;
  return lightersOf(rack, burner.family, rest).length > 0;
}

/** Energy and meals of a carry. */
function foodOn(trip: Trip, carry: CarryPlan) {
  const meals = carry.days.flatMap((day) =>
    MEALS.filter((name) => !isEatenOut(name, day.eatsOut)).map((name) => ({ day, name, meal: mealOn(trip, day.day, name, day.dishes) })),
  );
  const sum = (of: (m: (typeof meals)[number]) => number): number => meals.reduce((s, m) => s + of(m), 0);
  return {
    hot: doneMeals(carry),
    kcal: sum((m) => m.meal.kcal),
    coldKcal: sum((m) => (isEdibleCold(m.meal) ? m.meal.kcal : 0)),
    tinnedKcal: sum((m) => (isTinned(m.meal) ? m.meal.kcal : 0)),
    unsafeMl: sum((m) => (m.day.meals[m.name] && (m.day.snow || m.day.boilRule) ? m.meal.waterMl : 0)),
  };
}

/** Raw pasta, rice and dough need a flame; what only drinks hot water also drinks cold, slowly. */
const isEdibleCold = (m: Meal): boolean => !isHot(m) || !(isSimmered(m) || m.target.kind === 'fry');

/** A second piece of the same job, the lightest that works. */
function mendOf(rack: Rack, burner: Burner, pieces: readonly Piece[], lost: Piece): Loss['mend'] {
  const works = (p: Piece): boolean => {
    if (p.role !== lost.role || pieces.includes(p)) return false;
    if (p.role === 'ignition') return lightersOf(rack, burner.family, [p]).some((l) => l.how === 'damp');
    if (p.windscreen) return FAMILY_WINDSCREENS[burner.family].includes(p.windscreen) && !wallsInCan(p.windscreen, burner);
    if (p.role === 'burner') return fuelKindOf(p) === FAMILY_FUEL[burner.family];
    return true;
  };
  const piece = lightestOf(choosable(rack).filter(works));
  return piece ? { words: 'spare', piece, massG: massOfG(piece) } : undefined;
}

/** What it weighs to keep the same fuel in one more container. */
function splitMend(c: Container): Loss['mend'] {
  switch (c.kind) {
    case 'bottle':
      return { words: 'split', massG: BOTTLE_TARE_PER_STEP_G };
    case 'tablets':
      return { words: 'split', massG: 10 * TABLET_WRAP_G };
    case 'canister':
    case 'liquidBottle':
    case 'gelTin':
      return { words: 'spareCan', massG: c.fuelG + c.tareG };
  }
}
