import { planCache, type PlanCache } from '../../planning/plan';
import { done, type Result } from '../../foundation/errors';
import { choosable, fuelKindOf, hardwareOfG, hintsFor, priceToBuy, type HintCode, type NotPlannable } from '../../domain/kit';
import { hasRole, type Piece, type Rack, type RackKit, type Role, type Trip } from '../../domain/model';
import { planKit, type KitPlan } from './kit-measures';

/** One piece changed or left at home. */
export interface Upgrade {
  from: Piece;
  /** Undefined where it is left at home. */
  to?: Piece;
  /** Comes with it (the lid of another pot). */
  with?: Piece;
  /** Carried weight saved, mean over the days of this trip, g. */
  savedG: number;
  /** To be spent: nothing for what is owned or left at home; undefined where its price is not known. */
  price: number | undefined;
  /** The rack with the change made in this kit. */
  rack: Rack;
}

/** Roles whose other piece changes how fast it heats: the trip is planned again. */
const HEATS: readonly Role[] = ['burner', 'pot', 'lid', 'windscreen'];
/** Less than this is not worth a row, g. */
const WORTH_G = 0.5;

/** The kit with one piece changed or left out, on a rack that holds the new one. */
function swapped(rack: Rack, kit: RackKit, from: readonly Piece[], to: readonly Piece[]): { rack: Rack; kit: RackKit } {
  const out = new Set(from.map((p) => p.id));
  const first = kit.pieceIds.findIndex((id) => out.has(id));
  const kept = kit.pieceIds.filter((id) => !out.has(id));
  const pieceIds = [...kept.slice(0, first), ...to.map((p) => p.id), ...kept.slice(first)];
  const changed = { ...kit, pieceIds };
  const fresh = to.filter((p) => !rack.pieces.some((q) => q.id === p.id));
  return {
    kit: changed,
    rack: { ...rack, pieces: [...rack.pieces, ...fresh], kits: rack.kits.map((k) => (k.id === kit.id ? changed : k)) },
  };
}

/**
 * Every single piece that could be lighter on this trip, by what a gram costs: what costs nothing first, the most grams first; then the
 * cheapest gram. For each piece the cheapest gram and the greatest saving are kept. Changes that miss more hot meals or open a new gap
 * in the kit are left out.
 */
export function upgradeLadder(rack: Rack, trip: Trip, kit: RackKit, cache: PlanCache = planCache()): Result<Upgrade[], NotPlannable> {
  const planOf = (r: Rack, k: RackKit): ReturnType<typeof planKit> => planKit(r, trip, k, cache);
  const planned = planOf(rack, kit);
  if (!planned.ok) return planned;
  const now = planned.value;
  const { pieces } = now.built;
  const gapsNow = new Set(hintsFor(rack, trip, kit).map((h) => h.code));
  const list = pieces.flatMap((from) => {
    const ways = [...others(rack, pieces, from), undefined].flatMap(
      (to) => tryOne({ rack, trip, kit, now, gapsNow, planOf }, from, to) ?? [],
    );
    const byGram = [...ways].sort((a, b) => perGram(a) - perGram(b) || b.savedG - a.savedG)[0];
    const byWeight = [...ways].sort((a, b) => b.savedG - a.savedG || perGram(a) - perGram(b))[0];
    return [...new Set([byGram, byWeight])].filter((u): u is Upgrade => u !== undefined);
  });
  return done(list.sort((a, b) => perGram(a) - perGram(b) || b.savedG - a.savedG));
}

/** What a saved gram costs; an unknown price comes last. */
export const perGram = (u: Pick<Upgrade, 'price' | 'savedG'>): number =>
  u.price === undefined ? Number.POSITIVE_INFINITY : u.price / u.savedG;

/** Pieces of the same job and kind that could stand in its place. */
function others(rack: Rack, pieces: readonly Piece[], from: Piece): Piece[] {
  return choosable(rack).filter(
    (p) =>
      p.id !== from.id &&
      p.role === from.role &&
      !pieces.includes(p) &&
      fuelKindOf(p) === fuelKindOf(from) &&
      p.windscreen === from.windscreen &&
      !(p.role === 'container') &&
      from.alsoRoles.every((r) => hasRole(p, r)),
  );
}

/** A kit that is looked through for what could be lighter. */
interface LookedThrough {
  rack: Rack;
  trip: Trip;
  kit: RackKit;
  now: KitPlan;
  gapsNow: ReadonlySet<HintCode>;
  planOf: (rack: Rack, kit: RackKit) => Result<KitPlan, NotPlannable>;
}

/** One piece changed, or left at home where `to` is undefined; undefined where that saves nothing or cannot be. */
function tryOne(looked: LookedThrough, from: Piece, to: Piece | undefined): Upgrade | undefined {
  const { rack, trip, kit, gapsNow } = looked;
  const change = changeOf(looked, from, to);
  if (!change) return undefined;
  const { outs, ins } = change;
  const lighterG = hardwareOfG(outs) - hardwareOfG(ins);
  const heats = HEATS.includes(from.role);
  if (!heats && lighterG < WORTH_G) return undefined;
  const next = swapped(rack, kit, outs, ins);
  if (hintsFor(next.rack, trip, next.kit).some((h) => !gapsNow.has(h.code))) return undefined;
  const savedG = heats ? plannedSavingG(looked, next) : lighterG;
  if (savedG === undefined || savedG < WORTH_G) return undefined;
  const [, lid] = ins;
  return { from, ...(to ? { to } : {}), ...(lid ? { with: lid } : {}), savedG, price: priceToBuy(ins), rack: next.rack };
}

/** The pieces that go and come, a pot's lid with the pot; undefined where it cannot be done without, or no lid fits. */
function changeOf({ rack, now }: LookedThrough, from: Piece, to: Piece | undefined): { outs: Piece[]; ins: Piece[] } | undefined {
  if (!to) return from.role === 'container' || HEATS.includes(from.role) ? undefined : { outs: [from], ins: [] };
  const lidNow = from.role === 'pot' ? now.built.pieces.find((p) => p.role === 'lid') : undefined;
  if (!lidNow) return { outs: [from], ins: [to] };
  const lid = lidOf(to, rack);
  return lid && { outs: [from, lidNow], ins: [to, lid] };
}

/** Carried weight that planning with the change saves, g; undefined where it cannot be planned or misses more hot meals. */
function plannedSavingG({ now, planOf }: LookedThrough, next: { rack: Rack; kit: RackKit }): number | undefined {
  const then = planOf(next.rack, next.kit);
  return then.ok && then.value.mealsMissed <= now.mealsMissed ? now.carriedG - then.value.carriedG : undefined;
}

/** The lid that belongs to a pot: named after it, or foil. */
function lidOf(pot: Piece, rack: Rack): Piece | undefined {
  const all = choosable(rack);
  return (
    all.find((p) => p.role === 'lid' && p.name === `lid of the ${pot.name}`) ?? all.find((p) => p.role === 'lid' && p.shape.kind === 'soft')
  );
}
