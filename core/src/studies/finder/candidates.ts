import { burnerById, FAMILY_FUEL, FAMILY_WINDSCREENS, hasShutOff, hasValve, wallsInCan, type Burner } from '../../domain/catalogue';
import { FUELS } from '../../physics/fuel';
import { build, emptyKit, needsStand, STARTING_SETTINGS, tipsOff, tripKitOf } from '../../domain/kit';
import { isHot, isSimmered, menuMeals, methodProblems } from '../../domain/menu';
import type { KitSettings, Piece, Rack, Trip } from '../../domain/model';
import { withoutLegKits } from '../../domain/trail';
import { extraPieces, byBehaviour, extrasFor, offered, priceOf } from './pieces';
import { allCold, cookedAs, type School, SCHOOL_OF, type Way, type Wish } from '../found';

/** A kit that could be carried: its pieces and settings, and the trip as it would be cooked with it. */
export interface Candidate {
  school: School;
  pieces: readonly Piece[];
  settings: KitSettings;
  way: Way;
  /** What has still to be bought. */
  price: number;
  trip: Trip;
}

/** Openings of a valve that are tried: low, as most walkers cook, full. */
export const FLAMES_TRIED = [0.4, 0.7, 1];

/**
 * Every kit within a wish for this trip, one by one: burner, pot, windscreen, fuel, flame and way of cooking in every combination that works
 * at all (the dishes fit, the pot does not tip, the dish can be cooked so, it can be lit damp and has a second light), each with the frugal
 * choices of lid, stand, measure, lights and cozy, and with what the kit of now has besides (spoon, bag, cloth). A lid goes on wherever one fits.
 */
export function* candidates(rack: Rack, planned: Trip, wish: Wish): Generator<Candidate> {
  const { rackKitId, ...bare } = withoutLegKits(planned);
  const trip: Trip = bare;
  const now = rack.kits.find((k) => k.id === rackKitId);
  const carried = now ? build(rack, now).pieces : [];
  const all = offered(rack, wish);
  const keep = all.filter((p) => wish.keepPieceIds.includes(p.id));
  const kept = (role: Piece['role']): Piece[] => keep.filter((p) => p.role === role);
  const burners = kept('burner').length
    ? kept('burner')
    : byBehaviour(
        all.filter((p) => p.role === 'burner'),
        (p) => p.burnerId ?? '',
      );
  const fries = menuMeals(trip).some((m) => isHot(m) && m.target.kind === 'fry');
  const pots = kept('pot').length
    ? kept('pot')
    : byBehaviour(
        all.filter((p) => p.role === 'pot' && (fries || !isPan(p))),
        potBehaviour,
      );
  const screens = byBehaviour(
    all.filter((p) => p.role === 'windscreen'),
    (p) => p.windscreen ?? '',
  );
  const rest = extraPieces(carried);
  const fuelIds = fuelsOf(rack, trip);
  const some: Some = { rack, trip, wish, all, rest, fuelIds };
  for (const burner of burners)
    for (const pot of pots)
      if (goTogether(burner, pot, wish))
        for (const screen of [undefined, ...screens]) if (!screen || goesRound(screen, burner)) yield* settings(some, burner, pot, screen);
  if (wish.ways.allCold || !menuMeals(trip).some(isHot)) yield withoutFire(some);
}

interface Some {
  rack: Rack;
  trip: Trip;
  wish: Wish;
  all: readonly Piece[];
  rest: readonly Piece[];
  fuelIds: readonly string[];
}

const potBehaviour = ({ shape, material, base }: Piece): string => JSON.stringify([shape, material, base]);
/** Nobody boils a litre in a frying pan: flatter than this share of its width (common practice). */
const isPan = ({ shape }: Piece): boolean => shape.kind === 'vessel' && shape.heightMm < 0.35 * shape.diameterMm;
const modelOf = (burner: Piece): Burner => burnerById(burner.burnerId ?? 'none');

/** What the walker's kits burn, and of each kind what most shops have. */
function fuelsOf(rack: Rack, trip: Trip): string[] {
  const known = [trip.kit.fuelId, ...rack.kits.map((k) => k.settings.fuelId)];
  const kinds = FUELS.filter((f) => known.includes(f.id)).map((f) => f.kind);
  const usual = FUELS.filter((f, i) => !kinds.includes(f.kind) && FUELS.findIndex((g) => g.kind === f.kind) === i);
  return [...known, ...usual.map((f) => f.id)];
}

function goTogether(burner: Piece, pot: Piece, wish: Wish): boolean {
  const model = modelOf(burner);
  if (model.family === 'none') return false;
  if (wish.mustSimmer && !hasValve(model)) return false;
  if (wish.noOpenFlame && !hasShutOff(model)) return false;
  if (model.family === 'wood' && !wish.ways.gatherWood) return false;
  if (!needsStand(model) && tipsOff(burner, pot)) return false;
  // a burner locked to its pot takes only one with fins to lock into
  if (model.family === 'locked' && pot.base !== 'finned') return false;
  return true;
}

function goesRound(screen: Piece, burner: Piece): boolean {
  const model = modelOf(burner);
  const kind = screen.windscreen;
  return kind !== undefined && FAMILY_WINDSCREENS[model.family].includes(kind) && !wallsInCan(kind, model);
}

function* settings(
  { rack, trip, wish, all, rest, fuelIds }: Some,
  burner: Piece,
  pot: Piece,
  windscreen: Piece | undefined,
): Generator<Candidate> {
  const model = modelOf(burner);
  const flames = hasValve(model) ? FLAMES_TRIED : [1];
  const fuels = FUELS.filter((f) => f.kind === FAMILY_FUEL[model.family] && fuelIds.includes(f.id));
  for (const way of waysOf(trip, wish)) {
    const cooked = cookedAs(trip, wish.ways, way);
    const dishes = menuMeals(cooked).filter(isHot);
    for (const extras of extrasFor(rack, all, { burner, pot, windscreen }, way.cozy)) {
      const pieces = [...new Set([burner, pot, ...(windscreen ? [windscreen] : []), ...extras.pieces, ...rest])];
      const price = priceOf(pieces);
      if (wish.from.kind === 'upTo' && price > wish.from.price) continue;
      for (const fuel of fuels)
        for (const flameSetting of flames) {
          const set: KitSettings = { ...STARTING_SETTINGS, fuelId: fuel.id, flameSetting };
          const kit = tripKitOf(unnamed(pieces, set));
          if (!kit.ok || dishes.some((m) => methodProblems(kit.value, m).length)) continue;
          yield { school: SCHOOL_OF[model.family], pieces, settings: set, way, price, trip: { ...cooked, kit: kit.value } };
        }
    }
  }
}

/** Pieces as a kit that nobody has given a name yet. */
const unnamed = (pieces: readonly Piece[], settings: KitSettings): Parameters<typeof tripKitOf>[0] => ({
  kit: { ...emptyKit('found', 'found'), settings },
  pieces: [...pieces],
});

function waysOf(trip: Trip, { ways }: Wish): Way[] {
  const cozies = ways.cozy && menuMeals(trip).some((m) => isHot(m) && isSimmered(m)) ? [false, true] : [false];
  const colds = ways.coldBreakfast && trip.menu.breakfast.hot ? [false, true] : [false];
  return cozies.flatMap((cozy) => colds.map((coldBreakfast) => ({ cozy, coldBreakfast })));
}

/** Nothing is lit: a jar to soak in where there is one, and what is eaten with. */
function withoutFire({ trip, all, rest }: Some): Candidate {
  const jar = all.find((p) => p.role === 'cup' && p.shape.kind === 'vessel');
  const pieces = [...(jar ? [jar] : []), ...rest];
  const set: KitSettings = { ...STARTING_SETTINGS, fuelId: 'none' };
  const kit = tripKitOf(unnamed(pieces, set));
  return {
    school: 'cold',
    pieces,
    settings: set,
    way: { cozy: false, coldBreakfast: true },
    price: priceOf(pieces),
    trip: { ...allCold(trip), kit: kit.ok ? kit.value : trip.kit },
  };
}

/** The candidates of some numbers, in the order of these; one that there is not is left out. */
export function candidatesAt(rack: Rack, trip: Trip, wish: Wish, numbers: readonly number[]): { number: number; candidate: Candidate }[] {
  const wanted = new Map<number, Candidate>();
  let number = 0;
  for (const candidate of candidates(rack, trip, wish)) {
    if (numbers.includes(number)) wanted.set(number, candidate);
    number++;
  }
  return numbers.flatMap((n) => {
    const candidate = wanted.get(n);
    return candidate ? [{ number: n, candidate }] : [];
  });
}
