import type { Nest, NestPlace } from '@tinder/core/domain/kit';
import type { Piece, Role, Shape } from '@tinder/core/domain/model';
import { scaleLinear } from 'd3-scale';

/** One piece drawn in the section, px; the vessel's axis is x = 0 and its foot y = 0, upwards negative. */
export interface DrawnPiece {
  id: string;
  name: string;
  role: Role;
  /** Place in the packing order, from 1. */
  step: number;
  x: number;
  y: number;
  width: number;
  height: number;
  /** Walls of a vessel that holds others. */
  wall?: { side: number; floor: number };
  /** Further back than the axis: drawn first. */
  depth: number;
}
export interface Cutaway {
  /** px per mm. */
  scale: number;
  root: { width: number; height: number; side: number; floor: number; innerWidth: number; innerHeight: number };
  /** Sheets along the wall, from the wall inwards, px. */
  rolled: { id: string; step: number; inset: number; wall: number; height: number }[];
  pieces: DrawnPiece[];
  /** Level up to which it is full, px above the inner floor. */
  full: number;
}

type Vessel = Extract<Shape, { kind: 'vessel' }>;

/** The nest cut through its axis, drawn to scale into `widthPx` × `heightPx`. `steps` are ids in packing order. */
export function cutaway(
  nest: Nest,
  pieces: readonly Piece[],
  steps: readonly string[],
  widthPx: number,
  heightPx: number,
): Cutaway | undefined {
  const byId = new Map(pieces.map((p) => [p.id, p]));
  const root = byId.get(nest.root)?.shape;
  if (root?.kind !== 'vessel') return undefined;
  const scale = Math.min(widthPx / root.diameterMm, heightPx / root.heightMm);
  const px = scaleLinear([0, 1], [0, scale]);
  const sideMm = (v: Vessel): number => (v.diameterMm - v.innerDiameterMm) / 2;
  const floorMm = (v: Vessel): number => v.heightMm - v.innerHeightMm;
  const stepOf = (id: string): number => steps.indexOf(id) + 1;
  const drawn: DrawnPiece[] = [];
  // a piece in a vessel stands where that vessel stands
  const draw = (place: NestPlace, axisMm: number, floorAtMm: number): void => {
    const piece = byId.get(place.id);
    if (!piece) return;
    const atMm = axisMm + place.xMm;
    const footMm = floorAtMm + place.zMm;
    const { shape } = piece;
    drawn.push({
      id: place.id,
      name: piece.name,
      role: piece.role,
      step: stepOf(place.id),
      x: px(atMm - place.diameterMm / 2),
      y: -px(footMm + place.heightMm),
      width: px(place.diameterMm),
      height: px(place.heightMm),
      depth: place.yMm,
      ...(shape.kind === 'vessel' ? { wall: { side: px(sideMm(shape)), floor: px(floorMm(shape)) } } : {}),
    });
    for (const inner of nest.places.filter((p) => p.holder === place.id))
      if (shape.kind === 'vessel') draw(inner, atMm, footMm + floorMm(shape));
  };
  for (const place of nest.places.filter((p) => p.holder === nest.root)) draw(place, 0, floorMm(root));
  drawn.sort((a, b) => Number(Boolean(b.wall)) - Number(Boolean(a.wall)) || b.depth - a.depth);
  let insetMm = 0;
  const rolled = nest.rolled.map((r) => {
    const shape = byId.get(r.id)?.shape;
    const here = {
      id: r.id,
      step: stepOf(r.id),
      inset: px(insetMm),
      wall: Math.max(1.5, px(r.wallMm)),
      height: px(shape?.kind === 'sheet' ? shape.heightMm : 0),
    };
    insetMm += r.wallMm;
    return here;
  });
  return {
    scale,
    root: {
      width: px(root.diameterMm),
      height: px(root.heightMm),
      side: Math.max(1.5, px(sideMm(root))),
      floor: Math.max(1.5, px(floorMm(root))),
      innerWidth: px(root.innerDiameterMm),
      innerHeight: px(root.innerHeightMm),
    },
    rolled,
    pieces: drawn,
    full: px(root.innerHeightMm - nest.freeHeightMm),
  };
}
