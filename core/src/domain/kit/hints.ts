import { burnerById, hasValve, type Burner } from '../catalogue';
import { fuelById, type Fuel } from '../../physics/fuel';
import { cozied, everyMeal, isSimmered, isTinned, menuMeals } from '../menu';
import { hasRole, isWorn, type Meal, type Piece, type Rack, type RackKit, type Role, type Trip } from '../model';
import { supplyAt } from '../trail';
import { lightersOf } from './ignition';
import { choosable } from './rack';
import { lightestOf } from './rack-edit';
import { needsStand } from './stability';
import { build, fuelKindOf, pieceFor, tripKitOf, type BuiltKit } from './trip-kit';

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

/** A kit on a trip, as it is looked over. */
interface LookedOver {
  rack: Rack;
  trip: Trip;
  built: BuiltKit;
  pieces: readonly Piece[];
  burnerPiece: Piece | undefined;
  burner: Burner;
  pot: Piece | undefined;
  /** Every dish on the menu. */
  meals: readonly Meal[];
}

/** Plain hints about what a kit lacks on this trip, each with a mend where one press can do it. */
export function hintsFor(rack: Rack, trip: Trip, kit: RackKit): Hint[] {
  const built = build(rack, kit);
  const { pieces } = built;
  const burnerPiece = pieceFor(pieces, 'burner');
  const burner = burnerById(burnerPiece?.burnerId ?? 'none');
  const kitted = { rack, trip, built, pieces, burnerPiece, burner, pot: pieceFor(pieces, 'pot'), meals: menuMeals(trip) };
  return CHECKS.flatMap((check) => check(kitted));
}

/** One thing that a kit may lack: a hint where it does, none where it does not. */
type Check = (kit: LookedOver) => Hint[];

const hintIf = (lacks: unknown, code: HintCode, more: () => Omit<Hint, 'code'> = () => ({})): Hint[] =>
  lacks ? [{ code, ...more() }] : [];
const has = ({ pieces }: LookedOver, role: Role): boolean => pieces.some((p) => hasRole(p, role));
const isFor =
  (role: Role) =>
  (p: Piece): boolean =>
    p.role === role;

/** Adding the lightest piece that fits, where there is one. */
function byAdding({ rack, pieces }: LookedOver, fits: (p: Piece) => boolean, insteadOf?: string): Pick<Hint, 'mend'> {
  const piece = lightest(rack, fits, pieces);
  return piece ? { mend: { kind: 'add', piece, ...(insteadOf ? { insteadOf } : {}) } } : {};
}

const noBurner: Check = (k) => hintIf(!k.burnerPiece && k.pot, 'noBurner', () => byAdding(k, isFor('burner')));
const noPot: Check = (k) => hintIf(k.burnerPiece && !k.pot, 'noPot', () => byAdding(k, isFor('pot')));
const noLid: Check = (k) => {
  const { pot } = k;
  return pot && !has(k, 'lid') ? [{ code: 'noLid', ...byAdding(k, (p) => p.role === 'lid' && coversPot(p, pot)) }] : [];
};

const ignition: Check = (k) => {
  const { rack, burner, pieces } = k;
  if (!k.burnerPiece) return [];
  const lit = lightersOf(rack, burner.family, pieces);
  const lights = (damp: boolean) => (p: Piece) =>
    lightersOf(rack, burner.family, [p]).some((l) => p.role === 'ignition' && (!damp || l.how === 'damp'));
  if (!lit.length) return [{ code: 'nothingLights', ...byAdding(k, lights(false)) }];
  const about = lit[0]!.piece.name;
  const spare = byAdding(k, lights(true));
  return [
    ...hintIf(lit.length < 2, 'noSpareIgnition', () => ({ about, ...(spare.mend ? spare : byAdding(k, lights(false))) })),
    ...hintIf(!lit.some((l) => l.how === 'damp'), 'failsDamp', () => ({ about, ...spare })),
  ];
};

/** A dish asks for a piece of some role that is not there. */
const forDish =
  (code: HintCode, role: Role, asks: (m: Meal) => boolean): Check =>
  (k) => {
    const dish = has(k, role) ? undefined : k.meals.find(asks);
    return dish ? [{ code, about: dish.name, ...byAdding(k, isFor(role)) }] : [];
  };

const cannotSimmer: Check = ({ burnerPiece, burner, meals }) => {
  const held = burnerPiece && !hasValve(burner) ? meals.find(isHeld) : undefined;
  return held ? [{ code: 'cannotSimmer', about: held.name, mend: { kind: 'cozyDishes' } }] : [];
};

const notSold: Check = ({ burnerPiece, built, trip }) => {
  const planned = burnerPiece && tripKitOf(built);
  const unsold = planned?.ok ? longestUnsold(trip, fuelById(planned.value.fuelId)) : undefined;
  return unsold ? [{ code: 'notSold', about: unsold.from, mend: { kind: 'postBox', ...unsold.at } }] : [];
};

/** Alcohol is poured by measure out of a bottle. */
const forAlcohol =
  (code: HintCode, role: Role, fits: (p: Piece) => boolean): Check =>
  (k) =>
    hintIf(fuelKindOf(k.burnerPiece) === 'alcohol' && !has(k, role), code, () => byAdding(k, (p) => p.role === role && fits(p)));

const noSupport: Check = (k) =>
  hintIf(needsStand(k.burner) && !has(k, 'support') && !k.pieces.some((p) => p.windscreen === 'cone'), 'noSupport', () =>
    byAdding(k, isFor('support')),
  );

const noSpoon: Check = (k) =>
  hintIf(k.pieces.length && !has(k, 'spoon'), 'noSpoon', () => byAdding(k, (p) => p.role === 'spoon' && !(k.pot?.coated && isMetal(p))));

const scratches: Check = (k) => {
  const hard = k.pot?.coated ? k.pieces.find((p) => hasRole(p, 'spoon') && isMetal(p)) : undefined;
  return hard ? [{ code: 'scratches', about: hard.name, ...byAdding(k, (p) => p.role === 'spoon' && !isMetal(p), hard.id) }] : [];
};

const wornOut: Check = ({ pieces }) =>
  pieces.filter(isWorn).map((piece): Hint => ({ code: 'wornOut', about: piece.name, mend: { kind: 'renew', piece } }));

/** What is looked for, in the order in which it is said: what keeps one from cooking first. */
const CHECKS: readonly Check[] = [
  noBurner,
  noPot,
  noLid,
  ignition,
  forDish('noOpener', 'opener', isTinned),
  cannotSimmer,
  forDish('noCozy', 'cozy', isCozied),
  notSold,
  forAlcohol('noMeasure', 'measure', (p) => p.holdsMl !== undefined),
  forAlcohol('noContainer', 'container', (p) => p.holdsMl === 250),
  noSupport,
  noSpoon,
  scratches,
  wornOut,
];

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
    days += trip.legs[i]!.days.length;
    const next = i + 1;
    const last = next === trip.legs.length;
    if (!last && supplyAt(trip.stops[next]!, next, fuel) === undefined) continue;
    if (next - from > 1 && (!best || days > best.days)) best = { from, to: next, days };
    from = next;
    days = 0;
  }
  // one stop passed is what walkers live with; two or more are worth a box
  if (!best || best.to - best.from < 3) return undefined;
  const stop = trip.stops[Math.round((best.from + best.to) / 2)]!;
  return { from: trip.stops[best.from]!.name, at: { stopId: stop.id, stopName: stop.name } };
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
