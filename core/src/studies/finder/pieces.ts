import { burnerById, type Burner } from '../../domain/catalogue';
import { coversPot, hardwareOfG, lightersOf, needsFoot, needsStand, PIECES, priceToBuy, tipsOff } from '../../domain/kit';
import { hasRole, isWorn, type Piece, type Rack, type Role } from '../../domain/model';
import { frugalOf, type Frugal } from './frugal';
import type { Wish } from '../found';

/** A piece, or some that come together, with what they weigh and what has still to be paid for them. */
export interface Offer extends Frugal {
  pieces: readonly Piece[];
}

/** The pieces that may be carried: what is at hand and not worn out, and what can be had for a known price. */
export function offered(rack: Rack, wish: Wish): Piece[] {
  const lasts = (p: Piece): boolean => !wish.mustLast || !p.life || p.life.trips > A_FEW_TRIPS || !HEARTH.includes(p.role);
  const own = rack.pieces.filter((p) => p.have !== 'wish' && !isWorn(p) && lasts(p));
  if (wish.from.kind === 'own') return own;
  const most = wish.from.kind === 'upTo' ? wish.from.price : Number.POSITIVE_INFINITY;
  // nobody buys once more what is there already, because its label says a few grams less than one's own scale
  const isHere = (p: Piece): boolean => own.some((o) => o.role === p.role && o.name === p.name);
  const toBuy = [...rack.pieces.filter((p) => p.have === 'wish'), ...PIECES.filter((p) => !isHere(p))].filter(
    (p) => p.price !== null && p.price <= most && lasts(p),
  );
  return [...own, ...toBuy];
}

/** What stands in the fire: matches are used up on every trip. */
const HEARTH: readonly Role[] = ['burner', 'pot', 'windscreen'];
const A_FEW_TRIPS = 5;

/** What is offered has a price. */
export const priceOf = (pieces: readonly Piece[]): number => priceToBuy(pieces) ?? Number.POSITIVE_INFINITY;
const offer = (...pieces: Piece[]): Offer => ({ pieces, massG: hardwareOfG(pieces), price: priceOf(pieces) });

/** Of pieces that burn, boil or stand just alike, those that are lightest for what they cost. */
export function byBehaviour(pieces: readonly Piece[], behaviour: (p: Piece) => string): Piece[] {
  const groups = new Map<string, Offer[]>();
  for (const p of pieces) groups.set(behaviour(p), [...(groups.get(behaviour(p)) ?? []), offer(p)]);
  return [...groups.values()].flatMap((g) => frugalOf(g).map((o) => o.pieces[0]!));
}

/** One of each list, together. */
const together = (a: readonly Offer[], b: readonly Offer[]): Offer[] =>
  frugalOf(
    a.flatMap((x) => b.map((y): Offer => ({ pieces: [...x.pieces, ...y.pieces], massG: x.massG + y.massG, price: x.price + y.price }))),
  );

/** What else burner and pot need to work: a lid, something to stand on, to measure with, two ways of lighting it apart; the frugal choices. */
export function extrasFor(
  rack: Rack,
  all: readonly Piece[],
  { burner, pot, windscreen }: { burner: Piece; pot: Piece; windscreen: Piece | undefined },
  cozied: boolean,
): Offer[] {
  const model = burnerById(burner.burnerId ?? 'none');
  const one = (fits: (p: Piece) => boolean): Offer[] => frugalOf(all.filter(fits).map((p) => offer(p)));
  const role = (wanted: Role) => (p: Piece) => p.role === wanted;
  const needed: Offer[][] = [lights(rack, all, model, burner)];
  const lids = one((p) => p.role === 'lid' && coversPot(p, pot));
  needed.push(lids.length ? lids : [NOTHING]);
  if (needsStand(model) && windscreen?.windscreen !== 'cone') needed.push(one((p) => p.role === 'support' && !tipsOff(p, pot)));
  if (model.family === 'openAlcohol' || model.family === 'simmerAlcohol') {
    needed.push(one((p) => p.role === 'measure' && p.holdsMl !== undefined && p.holdsMl <= MOST_MEASURE_ML));
    needed.push(one((p) => p.role === 'container' && p.holdsMl === BOTTLE_ML));
  }
  if (needsFoot(burner, pot)) needed.push(one((p) => p.role === 'canFoot' && p.spanMm !== undefined));
  if (cozied) needed.push(one(role('cozy')));
  return needed.reduce(together, [NOTHING]);
}
const NOTHING: Offer = { pieces: [], massG: 0, price: 0 };
/** Doses are whole measures: a larger one wastes (common practice: caps and syringes of 5 to 30 mL). */
const MOST_MEASURE_ML = 10;
/** The load-out says how many bottles of this content are carried. */
const BOTTLE_ML = 250;

/** Two ways of lighting it, one of which works damp. */
function lights(rack: Rack, all: readonly Piece[], model: Burner, burner: Piece): Offer[] {
  const lit = lightersOf(
    rack,
    model.family,
    all.filter((p) => p.role === 'ignition'),
  );
  const builtIn = lightersOf(rack, model.family, [burner]).length > 0;
  const damp = frugalOf(lit.filter((l) => l.how === 'damp').map((l) => offer(l.piece)));
  if (builtIn) return damp;
  const pairs = damp.flatMap((d) =>
    lit.filter((l) => l.piece !== d.pieces[0] && l.piece.name !== d.pieces[0]!.name).map((l) => offer(l.piece, d.pieces[0]!)),
  );
  return frugalOf(pairs);
}

/** Jobs that have nothing to do with the fire: they come along from the kit that is carried now. */
const BESIDES: readonly Role[] = ['grip', 'spoon', 'scraper', 'scrap', 'opener', 'bag', 'repair'];
export const extraPieces = (pieces: readonly Piece[]): Piece[] => pieces.filter((p) => BESIDES.includes(p.role) && !hasRole(p, 'pot'));
