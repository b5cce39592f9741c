import { burnerById, hasValve, type Burner } from '../catalogue';
import { fuelById, type Fuel } from '../fuel';
import { cozied, everyMeal, isSimmered, isTinned, menuMeals } from '../menu';
import { does, isWorn, type Meal, type Piece, type Rack, type RackKit, type Role, type Trip } from '../model';
import { supplyAt } from '../trail';
import { lightersOf } from './ignition';
import { choosable } from './rack';
import { lightestOf } from './rack-edit';
import { needsStand } from './stability';
import { build, fuelKindOf, pieceFor, tripKitOf } from './trip-kit';

/** What is missing in a kit for this trip: data, put into words at the edge. */
export const HINT_CODES = [
  'noBurner',
  'noPot',
  'noLid',
  'nothingLights',
  'noSpareIgnition',
  'failsDamp',
  'noOpener',
  'cannotSimmer',
  'notSold',
  'noMeasure',
  'scratches',
  'noSupport',
  'noContainer',
  'noSpoon',
  'noCozy',
  'wornOut',
] as const;
export type HintCode = (typeof HINT_CODES)[number];

export type Mend =
  /** Adds a piece, in place of another where one is named. */
  | { kind: 'add'; piece: Piece; insteadOf?: string }
  /** Dishes that simmer are boiled and rest in a cozy. */
  | { kind: 'cozyDishes' }
  /** A box with fuel waits at that stop. */
  | { kind: 'postBox'; stopId: string; stopName: string }
  /** A fresh one takes the place of the worn one. */
  | { kind: 'renew'; piece: Piece };

export interface Hint {
  code: HintCode;
  /** The piece, dish or stop it is about. */
  about?: string;
  mend?: Mend;
}

/** What would be a mend: something owned before something to buy, then the lightest. */
function lightest(rack: Rack, fits: (p: Piece) => boolean, taken: readonly Piece[]): Piece | undefined {
  const free = (p: Piece): boolean => fits(p) && !taken.some((t) => t.id === p.id || t.name === p.name);
  const shown = choosable(rack).filter(free);
  return lightestOf(shown.filter((p) => p.have !== 'wish')) ?? lightestOf(shown);
}

const isHeld = (m: Meal): boolean => m.hot && isSimmered(m);
const isCozied = (m: Meal): boolean => m.hot && m.method === 'boilCozy';

/** Plain hints about what a kit lacks on this trip, each with a mend where one press can do it. */
export function hintsFor(rack: Rack, trip: Trip, kit: RackKit): Hint[] {
  const built = build(rack, kit);
  const { pieces } = built;
  const burnerPiece = pieceFor(pieces, 'burner');
  const burner = burnerById(burnerPiece?.burnerId ?? 'none');
  const meals = menuMeals(trip);
  const hints: Hint[] = [];
  const add = (code: HintCode, more: Omit<Hint, 'code'> = {}): void => void hints.push({ code, ...more });
  const mendWith = (fits: (p: Piece) => boolean, insteadOf?: string): Pick<Hint, 'mend'> => {
    const piece = lightest(rack, fits, pieces);
    return piece ? { mend: { kind: 'add', piece, ...(insteadOf ? { insteadOf } : {}) } } : {};
  };
  const has = (role: Role): boolean => pieces.some((p) => does(p, role));
  const role =
    (wanted: Role) =>
    (p: Piece): boolean =>
      p.role === wanted;

  const pot = pieceFor(pieces, 'pot');
  if (!burnerPiece && pot) add('noBurner', mendWith(role('burner')));
  if (burnerPiece && !pot) add('noPot', mendWith(role('pot')));
  if (pot && !has('lid'))
    add(
      'noLid',
      mendWith((p) => p.role === 'lid' && coversPot(p, pot)),
    );
  if (burnerPiece) hints.push(...ignitionHints(rack, burner, pieces, mendWith));
  if (meals.some(isTinned) && !has('opener')) add('noOpener', { about: meals.find(isTinned)?.name ?? '', ...mendWith(role('opener')) });
  const held = meals.find(isHeld);
  if (burnerPiece && held && !hasValve(burner)) add('cannotSimmer', { about: held.name, mend: { kind: 'cozyDishes' } });
  if (meals.some(isCozied) && !has('cozy')) add('noCozy', { about: meals.find(isCozied)?.name ?? '', ...mendWith(role('cozy')) });
  const fuelKind = fuelKindOf(burnerPiece);
  if (burnerPiece) {
    const planned = tripKitOf(built);
    const dry = planned.ok ? longestUnsold(trip, fuelById(planned.value.fuelId)) : undefined;
    if (dry) add('notSold', { about: dry.from, mend: { kind: 'postBox', ...dry.at } });
  }
  if (fuelKind === 'alcohol' && !has('measure'))
    add(
      'noMeasure',
      mendWith((p) => p.role === 'measure' && p.holdsMl !== undefined),
    );
  if (fuelKind === 'alcohol' && !has('container'))
    add(
      'noContainer',
      mendWith((p) => p.role === 'container' && p.holdsMl === 250),
    );
  if (needsStand(burner) && !has('support') && !pieces.some((p) => p.windscreen === 'cone')) add('noSupport', mendWith(role('support')));
  if (pieces.length && !has('spoon'))
    add(
      'noSpoon',
      mendWith((p) => p.role === 'spoon' && !(pot?.coated && isMetal(p))),
    );
  const hard = pot?.coated ? pieces.find((p) => does(p, 'spoon') && isMetal(p)) : undefined;
  if (hard) add('scratches', { about: hard.name, ...mendWith((p) => p.role === 'spoon' && !isMetal(p), hard.id) });
  for (const p of pieces) if (isWorn(p)) add('wornOut', { about: p.name, mend: { kind: 'renew', piece: p } });
  return hints;
}

function ignitionHints(
  rack: Rack,
  burner: Burner,
  pieces: readonly Piece[],
  mendWith: (fits: (p: Piece) => boolean) => Pick<Hint, 'mend'>,
): Hint[] {
  const lit = lightersOf(rack, burner.family, pieces);
  const lights = (damp: boolean) => (p: Piece) =>
    lightersOf(rack, burner.family, [p]).some((l) => p.role === 'ignition' && (!damp || l.how === 'damp'));
  if (!lit.length) return [{ code: 'nothingLights', ...mendWith(lights(false)) }];
  const hints: Hint[] = [];
  const spare = mendWith(lights(true));
  if (lit.length < 2) hints.push({ code: 'noSpareIgnition', about: lit[0].piece.name, ...(spare.mend ? spare : mendWith(lights(false))) });
  if (!lit.some((l) => l.how === 'damp')) hints.push({ code: 'failsDamp', about: lit[0].piece.name, ...spare });
  return hints;
}

const isMetal = (p: Piece): boolean => ['titanium', 'aluminium', 'stainless', 'steel'].includes(p.material);

/** A lid no smaller than the pot and hardly larger; foil fits any. */
export const coversPot = (lid: Piece, pot: Piece): boolean =>
  lid.shape.kind !== 'cylinder' ||
  pot.shape.kind !== 'vessel' ||
  (lid.shape.diameterMm >= pot.shape.diameterMm && lid.shape.diameterMm <= pot.shape.diameterMm + 12);

/** Stops that sell nothing for the burner leave one long carry: the stop in the middle of the longest one that passes a stop. */
function longestUnsold(trip: Trip, fuel: Fuel): { from: string; at: { stopId: string; stopName: string } } | undefined {
  if (fuel.kind === 'wood' || fuel.kind === 'none') return undefined;
  let best: { from: number; to: number; days: number } | undefined;
  let from = 0;
  let days = 0;
  for (let i = 0; i < trip.legs.length; i++) {
    days += trip.legs[i].days.length;
    const next = i + 1;
    const last = next === trip.legs.length;
    if (!last && supplyAt(trip.stops[next], next, fuel) === undefined) continue;
    if (next - from > 1 && (!best || days > best.days)) best = { from, to: next, days };
    from = next;
    days = 0;
  }
  // one stop passed is what walkers live with; two or more are worth a box
  if (!best || best.to - best.from < 3) return undefined;
  const stop = trip.stops[Math.round((best.from + best.to) / 2)];
  return { from: trip.stops[best.from].name, at: { stopId: stop.id, stopName: stop.name } };
}

/** Carries out a mend on the rack and, where it concerns the food or the trail, on the trip. `newId` names a piece taken from the catalogue. */
export function applyMend(rack: Rack, trip: Trip, kitId: string, mend: Mend, newId: () => string): { rack: Rack; trip: Trip } {
  switch (mend.kind) {
    case 'add':
      return { rack: addToKit(rack, kitId, mend.piece, newId, mend.insteadOf), trip };
    case 'cozyDishes':
      return { rack, trip: everyMeal(trip, cozied) };
    case 'postBox': {
      const stops = trip.stops.map((s) => (s.id === mend.stopId ? { ...s, box: { postBy: null, note: '' } } : s));
      return { rack, trip: { ...trip, stops } };
    }
    case 'renew': {
      const renewed = (p: Piece): Piece => (p.id === mend.piece.id && p.life ? { ...p, life: { ...p.life, used: 0 } } : p);
      return { rack: { ...rack, pieces: rack.pieces.map(renewed) }, trip };
    }
  }
}

/** Puts a piece into a kit; one of the catalogue comes onto the rack first, as wished for. */
export function addToKit(rack: Rack, kitId: string, piece: Piece, newId: () => string, insteadOf?: string): Rack {
  const here = rack.pieces.some((p) => p.id === piece.id) ? piece : { ...piece, id: newId() };
  const pieces = here === piece ? rack.pieces : [...rack.pieces, here];
  const kits = rack.kits.map((k) => {
    if (k.id !== kitId || k.pieceIds.includes(here.id)) return k;
    const swapped = insteadOf && k.pieceIds.includes(insteadOf);
    if (!swapped) return { ...k, pieceIds: [...k.pieceIds, here.id] };
    return {
      ...k,
      pieceIds: k.pieceIds.map((id) => (id === insteadOf ? here.id : id)),
      outside: k.outside.filter((id) => id !== insteadOf),
    };
  });
  return { ...rack, pieces, kits };
}
