import type { Shape } from '../../model';
import { SLACK_MM } from './discs';
import { Stacker, type Placed } from './stacks';
import { isFirm, stances, volumeMl, type Firm } from './stances';

/** A piece to be packed. */
export interface NestPiece {
  id: string;
  shape: Shape;
}
type Vessel = Extract<Shape, { kind: 'vessel' }>;

/** A piece inside a vessel: where it stands above that vessel's inner floor, from its axis. */
export interface NestPlace extends Omit<Placed, 'piece'> {
  id: string;
  /** The vessel that holds it. */
  holder: string;
}
export interface Nest {
  /** The vessel that everything is packed into. */
  root: string;
  places: NestPlace[];
  /** Sheets along the wall of a vessel. */
  rolled: { id: string; holder: string; turns: number; wallMm: number }[];
  /** Soft things stuffed into what room is left in the root. */
  stuffed: string[];
  outside: Misfit[];
  /** Height left above the pieces under the rim of the root, mm. */
  freeHeightMm: number;
  /** Room in the root that no piece takes, mL, before soft things. */
  freeMl: number;
}
/** What stays outside, and how much larger the root would have to be to take it beside what is in it now. */
export interface Misfit {
  id: string;
  /** Asked to stay outside, or without a place for lack of … */
  why: 'kept' | 'width' | 'height' | 'room';
  byMm?: number;
}

/** Firm pieces arranged exactly; smaller ones beyond that count are stuffed like soft ones. */
export const MOST_ARRANGED = 9;
/** Share of the room left over that soft things can really fill (assumption). */
export const STUFFED_SHARE = 0.6;

/** The room inside a vessel with sheets rolled along its wall. */
function roomOf(shape: Vessel, sheets: readonly Extract<Shape, { kind: 'sheet' }>[]) {
  let diameterMm = shape.innerDiameterMm;
  const rolled = sheets.map((s) => {
    const turns = Math.ceil(s.lengthMm / (Math.PI * diameterMm) - 1e-9);
    const wallMm = turns * s.thicknessMm;
    diameterMm -= 2 * wallMm;
    return { turns, wallMm };
  });
  const fits = diameterMm > 0 && sheets.every((s) => s.heightMm <= shape.innerHeightMm);
  return { diameterMm, heightMm: shape.innerHeightMm, rolled, fits };
}

/**
 * Packs a kit into one of its vessels so that the whole takes the least of a pack: the vessel's own volume and that of everything
 * left outside. Vessels may hold each other. Exact for up to MOST_ARRANGED firm pieces within the form of Stacker (layers of up to
 * three piles); undefined where nothing can hold anything. `keepOut` stays outside.
 */
export function bestNest(pieces: readonly NestPiece[], keepOut: readonly string[] = []): Nest | undefined {
  const willing = pieces.filter((p) => !keepOut.includes(p.id));
  const roots = willing.filter((p): p is NestPiece & { shape: Vessel } => p.shape.kind === 'vessel');
  const nests = roots.map((root) => nestIn(root, pieces, willing));
  return nests.sort((a, b) => packedMl(pieces, a) - packedMl(pieces, b))[0];
}

function nestIn(root: NestPiece & { shape: Vessel }, all: readonly NestPiece[], willing: readonly NestPiece[]): Nest {
  const bySize = willing
    .filter((p): p is NestPiece & { shape: Firm } => p !== root && isFirm(p.shape))
    .sort((a, b) => volumeMl(b.shape) - volumeMl(a.shape));
  const firm = bySize.slice(0, MOST_ARRANGED);
  const sheets = willing.filter((p) => p.shape.kind === 'sheet') as (NestPiece & { shape: Extract<Shape, { kind: 'sheet' }> })[];
  const loose = [...willing.filter((p) => p.shape.kind === 'soft'), ...bySize.slice(MOST_ARRANGED)];
  const vessels = [root, ...firm.filter((p): p is NestPiece & { shape: Vessel } => p.shape.kind === 'vessel')];
  const stacker = new Stacker(firm.map((p) => stances(p.shape)));

  let best: { packMl: number; heightMm: number; holders: (number | undefined)[]; sheetsIn: boolean[] } | undefined;
  const rooms = new Map<number, ReturnType<Stacker['room']>>();
  const roomAt = (diameterMm: number): ReturnType<Stacker['room']> => {
    const made = rooms.get(diameterMm) ?? stacker.room(diameterMm);
    rooms.set(diameterMm, made);
    return made;
  };
  // a sheet goes round the root's wall or stays out; inside a smaller vessel it would only take more room
  for (let pick = 0; pick < 1 << sheets.length; pick++) {
    const sheetsIn = sheets.map((_, i) => Boolean((pick >> i) & 1));
    const rootRoom = roomOf(
      root.shape,
      sheets.filter((_, i) => sheetsIn[i]).map((s) => s.shape),
    );
    if (!rootRoom.fits) continue;
    const sheetsOutMl = sheets.reduce((sum, s, i) => sum + (sheetsIn[i] ? 0 : volumeMl(s.shape)), 0);
    const room = vessels.map((v, i) => (i === 0 ? rootRoom : roomOf(v.shape, [])));
    const masks = vessels.map(() => 0);
    const holders: (number | undefined)[] = firm.map(() => undefined);
    const put = (i: number, outsideMl: number): void => {
      const packMl = volumeMl(root.shape) + outsideMl;
      if (best && packMl > best.packMl + SLACK_MM) return;
      if (i === firm.length) {
        if (!everyVesselIsIn(holders, vessels, firm)) return;
        const heightMm = roomAt(room[0]!.diameterMm).lowestMm(masks[0]!);
        if (!best || packMl < best.packMl - SLACK_MM || heightMm < best.heightMm)
          best = { packMl, heightMm, holders: [...holders], sheetsIn };
        return;
      }
      vessels.forEach((v, k) => {
        if (v === firm[i]) return;
        const mask = masks[k]! | (1 << i);
        if (roomAt(room[k]!.diameterMm).lowestMm(mask) > room[k]!.heightMm + SLACK_MM) return;
        masks[k] = mask;
        holders[i] = k;
        put(i + 1, outsideMl);
        masks[k] ^= 1 << i;
        holders[i] = undefined;
      });
      put(i + 1, outsideMl + volumeMl(firm[i]!.shape));
    };
    put(0, sheetsOutMl);
  }
  const chosen = best ?? { packMl: Number.POSITIVE_INFINITY, heightMm: 0, holders: [], sheetsIn: [] };
  const rolledIn = sheets.filter((_, i) => chosen.sheetsIn[i]);
  const rootRoom = roomOf(
    root.shape,
    rolledIn.map((s) => s.shape),
  );
  const maskOf = (k: number): number => chosen.holders.reduce<number>((m, h, i) => (h === k ? m | (1 << i) : m), 0);
  const places = vessels.flatMap((v, k) =>
    roomAt(k === 0 ? rootRoom.diameterMm : v.shape.innerDiameterMm)
      .place(maskOf(k))
      .map(({ piece, ...at }): NestPlace => ({ id: firm[piece]!.id, holder: v.id, ...at })),
  );
  const rootMl = (Math.PI * rootRoom.diameterMm ** 2 * rootRoom.heightMm) / 4000;
  const freeMl = Math.max(
    0,
    rootMl - places.filter((p) => p.holder === root.id).reduce((sum, p) => sum + volumeMl(shapeById(firm, p.id)), 0),
  );
  const stuffed: string[] = [];
  let roomMl = freeMl * STUFFED_SHARE;
  for (const p of [...loose].sort((a, b) => volumeMl(a.shape) - volumeMl(b.shape)))
    if (volumeMl(p.shape) <= roomMl) {
      roomMl -= volumeMl(p.shape);
      stuffed.push(p.id);
    }
  const inside = new Set([root.id, ...places.map((p) => p.id), ...rolledIn.map((p) => p.id), ...stuffed]);
  const misfit = (p: NestPiece): Misfit => {
    if (!willing.includes(p)) return { id: p.id, why: 'kept' };
    const i = firm.findIndex((f) => f.id === p.id);
    if (p.shape.kind === 'sheet' && p.shape.heightMm > rootRoom.heightMm)
      return { id: p.id, why: 'height', byMm: p.shape.heightMm - rootRoom.heightMm };
    if (i < 0) return { id: p.id, why: 'room' };
    const ways = stances(firm[i]!.shape);
    const narrowest = ways.find((s) => s.heightMm <= rootRoom.heightMm + SLACK_MM) ?? ways[ways.length - 1]!;
    if (narrowest.diameterMm > rootRoom.diameterMm) return { id: p.id, why: 'width', byMm: narrowest.diameterMm - rootRoom.diameterMm };
    const byMm = roomAt(rootRoom.diameterMm).lowestMm(maskOf(0) | (1 << i)) - rootRoom.heightMm;
    return { id: p.id, why: 'height', byMm };
  };
  return {
    root: root.id,
    places,
    rolled: rolledIn.map((s, i) => ({ id: s.id, holder: root.id, ...rootRoom.rolled[i]! })),
    stuffed,
    outside: all.filter((p) => !inside.has(p.id)).map(misfit),
    freeHeightMm: rootRoom.heightMm - chosen.heightMm,
    freeMl,
  };
}

const shapeById = (pieces: readonly NestPiece[], id: string): Shape => {
  const found = pieces.find((p) => p.id === id);
  if (!found) throw new Error(`no piece "${id}" in this nest`);
  return found.shape;
};

/** Is every used vessel itself in the root, or in one that is, and none inside itself? A vessel left outside holds nothing. */
function everyVesselIsIn(holders: readonly (number | undefined)[], vessels: readonly NestPiece[], firm: readonly NestPiece[]): boolean {
  return holders.every((holder) => {
    let at = holder;
    for (let steps = 0; at !== undefined && at !== 0; steps++) {
      if (steps > vessels.length) return false;
      const next: number | undefined = holders[firm.indexOf(vessels[at]!)];
      if (next === undefined) return false;
      at = next;
    }
    return true;
  });
}

/** What the kit takes of a pack as it is nested, mL. */
export function packedMl(pieces: readonly NestPiece[], nest: Nest | undefined): number {
  if (!nest) return pieces.reduce((sum, p) => sum + volumeMl(p.shape), 0);
  const out = new Set([nest.root, ...nest.outside.map((m) => m.id)]);
  return pieces.filter((p) => out.has(p.id)).reduce((sum, p) => sum + volumeMl(p.shape), 0);
}

/** The hand movements of packing, first to last: what is set into which vessel. A vessel is filled before it is set in. */
export function packingSteps(nest: Nest): { id: string; into: string; how: 'rolled' | 'set' | 'stuffed' }[] {
  const fill = (holder: string): { id: string; into: string; how: 'set' }[] =>
    nest.places
      .filter((p) => p.holder === holder)
      .sort((a, b) => a.zMm - b.zMm)
      .flatMap((p) => [...fill(p.id), { id: p.id, into: holder, how: 'set' as const }]);
  return [
    ...nest.rolled.map((r) => ({ id: r.id, into: r.holder, how: 'rolled' as const })),
    ...fill(nest.root),
    ...nest.stuffed.map((id) => ({ id, into: nest.root, how: 'stuffed' as const })),
  ];
}
