import { requireRange } from '../../foundation/errors';
import { gramsPerMm } from '../../domain/shelf';

/** What is cut out of sheet or foam, or stuck to a bottle: outlines in millimetres, to be drawn at 1:1. */
export interface Pattern {
  id: PatternId;
  widthMm: number;
  heightMm: number;
  /** Cut along these: SVG path data in mm, the upper left corner is 0, 0. */
  cuts: string[];
  /** Fold, bend or overlap along these. */
  folds: string[];
  /** Ticks of a scale: where they stand, how long they are, and what they say. */
  ticks: { yMm: number; lengthMm: number; text: string }[];
  /** Measures that are named beside the drawing, mm or degrees. */
  measures: Record<string, number>;
  cautions: MaterialCaution[];
}
export type PatternId = 'windscreen' | 'cone' | 'stand' | 'cozyWall' | 'cozyDisc' | 'doseStrip' | 'floatStrip';

/** What material can do to one who cuts or heats it. */
export type MaterialCaution = 'edges' | 'noGalvanised' | 'noLinedCans' | 'openOnCan' | 'foamMelts' | 'checkByWater';

const pattern = (id: PatternId, widthMm: number, heightMm: number, more: Partial<Pattern>): Pattern => ({
  id,
  widthMm,
  heightMm,
  cuts: [],
  folds: [],
  ticks: [],
  measures: {},
  cautions: [],
  ...more,
});
const rect = (x: number, y: number, w: number, h: number): string => `M${x},${y} h${w} v${h} h${-w} Z`;
const hole = (x: number, y: number, r: number): string => `M${x - r},${y} a${r},${r} 0 1 0 ${2 * r},0 a${r},${r} 0 1 0 ${-2 * r},0`;

/** Air holes along the foot of a windscreen, mm (common practice). */
const HOLE = { radiusMm: 4, everyMm: 20, fromFootMm: 12 };
const OVERLAP_MM = 20;
/** Room for a handle, mm. */
const HANDLE_MM = { wide: 40, deep: 35 };
/** A windscreen on a can burner stays open on the lee side, by this share of the round (common practice). */
const LEE_OPEN_SHARE = 1 / 3;

export interface ScreenFor {
  potDiameterMm: number;
  gapMm: number;
  heightMm: number;
  /** Stands round a burner on its can: it may not close. */
  onCan: boolean;
  handle: boolean;
}

/** A strip round a pot: π(D + 2·gap) + overlap long, with air holes; on a can the lee third is left out, and nothing overlaps. */
export function windscreenStrip({ potDiameterMm, gapMm, heightMm, onCan, handle }: ScreenFor): Pattern {
  requireRange('gapMm', gapMm, 0, 100);
  const roundMm = Math.PI * (potDiameterMm + 2 * gapMm);
  const lengthMm = onCan ? roundMm * (1 - LEE_OPEN_SHARE) : roundMm + OVERLAP_MM;
  const holes = Math.floor((lengthMm - OVERLAP_MM) / HOLE.everyMm);
  const cuts = [rect(0, 0, lengthMm, heightMm)];
  for (let i = 0; i < holes; i++) cuts.push(hole((i + 0.5) * HOLE.everyMm, heightMm - HOLE.fromFootMm, HOLE.radiusMm));
  if (handle) cuts.push(rect(lengthMm / 2 - HANDLE_MM.wide / 2, 0, HANDLE_MM.wide, HANDLE_MM.deep));
  return pattern('windscreen', lengthMm, heightMm, {
    cuts,
    folds: onCan ? [] : [`M${lengthMm - OVERLAP_MM},0 V${heightMm}`],
    measures: { lengthMm, overlapMm: onCan ? 0 : OVERLAP_MM },
    cautions: ['edges', ...(onCan ? (['openOnCan'] as const) : []), 'noGalvanised'],
  });
}

/** The sector of an annulus that closes into a cone: outer and inner radius, mm, and its angle, degrees. */
export function developedCone(rimMm: number, baseMm: number, heightMm: number): { outerMm: number; innerMm: number; degrees: number } {
  requireRange('baseMm', baseMm - rimMm, 1, 400);
  const flareMm = (baseMm - rimMm) / 2;
  const slantMm = Math.hypot(heightMm, flareMm);
  const outerMm = (slantMm * (baseMm / 2)) / flareMm;
  return { outerMm, innerMm: outerMm - slantMm, degrees: (360 * (baseMm / 2)) / outerMm };
}

/** A cone round pot and alcohol stove, laid flat: its sector with an overlap to close it. Wider at the foot than at the rim. */
export function conePattern(rimMm: number, baseMm: number, heightMm: number): Pattern {
  const { outerMm, innerMm, degrees } = developedCone(rimMm, baseMm, heightMm);
  const half = (Math.PI * degrees) / 360;
  const overlap = OVERLAP_MM / outerMm;
  const [from, to] = [-half, half + overlap];
  const at = (r: number, angle: number): [number, number] => [r * Math.sin(angle), r * Math.cos(angle)];
  const corners = [at(outerMm, from), at(outerMm, to), at(innerMm, to), at(innerMm, from)];
  const left = Math.min(...corners.map(([x]) => x));
  const top = Math.min(...corners.map(([, y]) => y));
  const point = ([x, y]: [number, number]): string => `${x - left},${y - top}`;
  const [a, b, c, d] = corners.map(point);
  const width = Math.max(...corners.map(([x]) => x)) - left;
  return pattern('cone', width, outerMm - top, {
    cuts: [`M${a} A${outerMm},${outerMm} 0 0 0 ${b} L${c} A${innerMm},${innerMm} 0 0 1 ${d} Z`],
    folds: [`M${point(at(outerMm, half))} L${point(at(innerMm, half))}`],
    measures: { outerMm, innerMm, degrees, overlapMm: OVERLAP_MM },
    cautions: ['edges', 'noGalvanised', 'noLinedCans'],
  });
}

/** A ring that holds a pot above an alcohol burner: as high as burner and gap, with large openings for air. */
export function standPattern(ringDiameterMm: number, burnerHeightMm: number, gapMm: number): Pattern {
  const lengthMm = Math.PI * ringDiameterMm + OVERLAP_MM;
  const heightMm = burnerHeightMm + gapMm;
  const holes = Math.max(4, Math.floor((lengthMm - OVERLAP_MM) / 30));
  const cuts = [rect(0, 0, lengthMm, heightMm)];
  for (let i = 0; i < holes; i++) {
    const x = ((i + 0.5) * (lengthMm - OVERLAP_MM)) / holes;
    cuts.push(hole(x, heightMm - 14, 8), hole(x, 14, 6));
  }
  return pattern('stand', lengthMm, heightMm, {
    cuts,
    folds: [`M${lengthMm - OVERLAP_MM},0 V${heightMm}`],
    measures: { lengthMm, heightMm, overlapMm: OVERLAP_MM },
    cautions: ['edges', 'noGalvanised', 'noLinedCans'],
  });
}

const SEAM_MM = 10;
const EASE_MM = 3;

/** The wall of a cozy of foam so thick, with a seam to close it; and its disc, cut twice, for foot and lid. */
export function cozyPatterns(potDiameterMm: number, potHeightMm: number, foamMm: number): [Pattern, Pattern] {
  const outsideMm = potDiameterMm + EASE_MM + 2 * foamMm;
  // the foam bends about its middle
  const lengthMm = Math.PI * (potDiameterMm + EASE_MM + foamMm) + SEAM_MM;
  const heightMm = potHeightMm + EASE_MM;
  return [
    pattern('cozyWall', lengthMm, heightMm, {
      cuts: [rect(0, 0, lengthMm, heightMm)],
      folds: [`M${lengthMm - SEAM_MM},0 V${heightMm}`],
      measures: { lengthMm, seamMm: SEAM_MM },
      cautions: ['foamMelts'],
    }),
    pattern('cozyDisc', outsideMm, outsideMm, {
      cuts: [hole(outsideMm / 2, outsideMm / 2, outsideMm / 2)],
      measures: { diameterMm: outsideMm },
      cautions: ['foamMelts'],
    }),
  ];
}

/** A vessel that doses are read off: straight, or widening evenly from its foot up; inside measures, mm. */
export interface Vessel {
  footMm: number;
  topMm: number;
  heightMm: number;
}

/** How high so much stands in a vessel, mm: the frustum solved for its height; undefined for more than it holds. */
export function levelMm({ footMm, topMm, heightMm }: Vessel, volumeMl: number): number | undefined {
  const mm3 = volumeMl * 1000;
  const rise = (topMm - footMm) / heightMm;
  const level =
    Math.abs(rise) < 1e-9 ? mm3 / ((Math.PI / 4) * footMm ** 2) : (Math.cbrt(footMm ** 3 + (12 * mm3 * rise) / Math.PI) - footMm) / rise;
  return level >= 0 && level <= heightMm + 1e-6 ? level : undefined;
}

/** How much a millimetre is at the widest place of a vessel, mL: in a wide one no dose can be read. */
export const mlPerMm = ({ footMm, topMm }: Vessel): number => ((Math.PI / 4) * Math.max(footMm, topMm) ** 2) / 1000;

const STRIP_MM = 18;

/** A strip with a mark for every dose step, to be stuck upright to the vessel, its foot at the vessel's inside foot. */
export function doseStrip(vessel: Vessel, stepMl: number): Pattern {
  requireRange('stepMl', stepMl, 0.5, 500);
  const ticks: Pattern['ticks'] = [];
  for (let ml = stepMl; ; ml += stepMl) {
    const up = levelMm(vessel, ml);
    if (up === undefined || ticks.length > 200) break;
    ticks.push({ yMm: vessel.heightMm - up, lengthMm: ticks.length % 5 === 4 ? 12 : 8, text: `${+ml.toFixed(1)}` });
  }
  return pattern('doseStrip', STRIP_MM, vessel.heightMm, {
    cuts: [rect(0, 0, STRIP_MM, vessel.heightMm)],
    ticks,
    measures: { stepMl, mlPerMm: mlPerMm(vessel) },
    cautions: ['checkByWater'],
  });
}

/** A strip for a can that floats: its lower end at the water line when full, a mark for every ten grams that are gone. */
export function floatStrip(canDiameterMm: number, netG: number): Pattern {
  const perMm = gramsPerMm(canDiameterMm);
  const heightMm = netG / perMm + 4;
  const ticks: Pattern['ticks'] = [];
  for (let gone = 0; gone <= netG; gone += 10)
    ticks.push({ yMm: heightMm - 2 - gone / perMm, lengthMm: gone % 50 === 0 ? 12 : 7, text: gone % 50 === 0 ? `−${gone}` : '' });
  return pattern('floatStrip', STRIP_MM, heightMm, {
    cuts: [rect(0, 0, STRIP_MM, heightMm)],
    ticks,
    measures: { gramsPerMm: perMm },
    cautions: ['checkByWater'],
  });
}
