import { nearest } from '../../foundation/numeric';
import { potVolumeMl } from '../../physics/burn';
import { CANISTER_SIZES } from '../carry';
import { burnerById, isGas, type Burner } from '../catalogue';
import { headspaceOf, isHot, menuMeals, potFillMl } from '../menu';
import { hasRole, type Piece, type Trip } from '../model';
import { pieceFor } from './trip-kit';

/** A pot may stand out over its supports by this factor before it tips from a stirring spoon (common practice). */
const WIDEST_OVER_SUPPORT = 1.6;
/** Taller than this many times what it stands on tips (common practice: a full pot on a burner on a small can). */
const TALLEST_OVER_FOOT = 2.6;
/** Foot and height of a can by net mass (typical). */
const CANS = [
  { netG: 100, footMm: 90, heightMm: 70 },
  { netG: 230, footMm: 110, heightMm: 90 },
  { netG: 450, footMm: 110, heightMm: 150 },
];
/** One of an unusual size stands like the usual one that is nearest. */
const canLike = (netG: number): (typeof CANS)[number] => nearest(CANS, (c) => c.netG, netG);
/** Burner head above the can once it is screwed on, mm (common practice). */
const HEAD_ABOVE_CAN_MM = 70;

/** How a kit stands on the ground: data, put into words at the edge. */
export interface Standing {
  /** Pot against its supports, mm; overhang is what stands out on each side. */
  onSupport?: { potMm: number; spanMm: number; overhangMm: number; tips: boolean };
  /** From the ground to the pot's rim against the foot it all stands on, mm. */
  tower?: { heightMm: number; footMm: number; footed: boolean; tips: boolean; canNetG?: number };
  /** The dish that fills the pot most, as mL and as what it may take. */
  largest?: { name: string; fillMl: number; roomMl: number; fits: boolean };
}

/** Burners that a pot cannot stand on by themselves. */
export const needsStand = ({ family }: Burner): boolean => family === 'openAlcohol' || family === 'simmerAlcohol' || family === 'gel';

/** Would a full pot on a burner on the smallest can tip without a foot under the can? */
export const needsFoot = (burner: Piece, pot: Piece, smallestCanG: number = CANISTER_SIZES[0]!.netG): boolean => {
  const model = burnerById(burner.burnerId ?? 'none');
  if (!isGas(model) || model.family === 'remote' || pot.shape.kind !== 'vessel') return false;
  return towerMm(pot.shape.heightMm, smallestCanG) > TALLEST_OVER_FOOT * canLike(smallestCanG).footMm;
};
const towerMm = (potHeightMm: number, canNetG: number): number => canLike(canNetG).heightMm + HEAD_ABOVE_CAN_MM + potHeightMm;

/** Does the pot stand out so far over what carries it that it tips? */
export const tipsOff = (support: Piece, pot: Piece): boolean =>
  support.spanMm !== undefined && pot.shape.kind === 'vessel' && pot.shape.diameterMm > WIDEST_OVER_SUPPORT * support.spanMm;

/** Stability from diameter, height and support span, and headspace for the largest dish of the menu. The smallest can is the tipsiest. */
export function standing(trip: Trip, pieces: readonly Piece[], smallestCanG: number = CANISTER_SIZES[0]!.netG): Standing {
  const pot = pieceFor(pieces, 'pot');
  if (pot?.shape.kind !== 'vessel') return {};
  const onSupport = supportUnder(pieces, pot, pot.shape);
  const tower = towerOf(pieces, pot.shape, smallestCanG);
  const largest = fullestDish(trip, pot.shape);
  return { ...(onSupport ? { onSupport } : {}), ...(tower ? { tower } : {}), ...(largest ? { largest } : {}) };
}

type Vessel = Extract<Piece['shape'], { kind: 'vessel' }>;

/** Undefined where nothing carries the pot whose span is known, or a fitted cone carries it. */
function supportUnder(pieces: readonly Piece[], pot: Piece, { diameterMm }: Vessel): Standing['onSupport'] {
  const support = pieces.find((p) => hasRole(p, 'support') && p.spanMm) ?? pieceFor(pieces, 'burner');
  if (!support?.spanMm || pieces.some((p) => p.windscreen === 'cone')) return undefined;
  const { spanMm } = support;
  return { potMm: diameterMm, spanMm, overhangMm: Math.max(0, (diameterMm - spanMm) / 2), tips: tipsOff(support, pot) };
}

/** Undefined where nothing stands on a can. */
function towerOf(pieces: readonly Piece[], { heightMm }: Vessel, canNetG: number): Standing['tower'] {
  const burner = burnerById(pieceFor(pieces, 'burner')?.burnerId ?? 'none');
  if (!isGas(burner) || burner.family === 'remote') return undefined;
  const foot = pieces.find((p) => hasRole(p, 'canFoot') && p.spanMm)?.spanMm;
  const footMm = foot ?? canLike(canNetG).footMm;
  const tallMm = towerMm(heightMm, canNetG);
  return { heightMm: tallMm, footMm, footed: foot !== undefined, tips: tallMm > TALLEST_OVER_FOOT * footMm, canNetG };
}

function fullestDish(trip: Trip, { innerDiameterMm, innerHeightMm }: Vessel): Standing['largest'] {
  const brimMl = potVolumeMl({ ...trip.kit.pot, diameterMm: innerDiameterMm, heightMm: innerHeightMm });
  const [fullest] = menuMeals(trip)
    .filter(isHot)
    .map((m) => ({ name: m.name, fillMl: potFillMl(m), roomMl: brimMl * headspaceOf(m) }))
    .sort((a, b) => b.fillMl / b.roomMl - a.fillMl / a.roomMl);
  return fullest && { ...fullest, fits: fullest.fillMl <= fullest.roomMl };
}
