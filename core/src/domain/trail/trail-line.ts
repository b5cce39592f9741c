import type { Position } from '../model';
import { ascentSoFarM } from './ascent';
import { geodesicM } from './geodesic';
import type { TrackPoint } from './track';

/** A track as a trail: distance, height and ascent from its start at every point. */
export interface TrailLine {
  points: readonly TrackPoint[];
  km: number[];
  altitudeM: number[];
  ascentM: number[];
  /** Heights were in the file. */
  hasHeights: boolean;
}

/** Measures a track along the ellipsoid. Points without a height take the last one known. */
export function trailLine(points: readonly TrackPoint[]): TrailLine {
  const km: number[] = [];
  const altitudeM: number[] = [];
  let height = points.find((p) => p.altitudeM !== undefined)?.altitudeM ?? 0;
  points.forEach((p, i) => {
    km.push(i === 0 ? 0 : km[i - 1]! + geodesicM(points[i - 1]!, p) / 1000);
    height = p.altitudeM ?? height;
    altitudeM.push(height);
  });
  return { points, km, altitudeM, ascentM: ascentSoFarM(altitudeM), hasHeights: points.some((p) => p.altitudeM !== undefined) };
}

export const lengthKm = (line: TrailLine): number => line.km[line.km.length - 1] ?? 0;

/** First index whose value is at least `x` in a rising list; the last one where none is. */
function firstAtLeast(list: readonly number[], x: number): number {
  let low = 0;
  let high = list.length - 1;
  while (low < high) {
    const mid = (low + high) >> 1;
    if (list[mid]! >= x) high = mid;
    else low = mid + 1;
  }
  return low;
}

/** The value of `ys` where `xs` reaches `x`, by straight line between points. */
export function interpolate(xs: readonly number[], ys: readonly number[], x: number): number {
  const i = firstAtLeast(xs, x);
  if (i === 0) return ys[0]!;
  const span = xs[i]! - xs[i - 1]!;
  const share = span > 0 ? Math.min(1, Math.max(0, (x - xs[i - 1]!) / span)) : 1;
  return ys[i - 1]! + (ys[i]! - ys[i - 1]!) * share;
}

/** Where the trail is at `km`: the nearest point before or at it. */
export function positionAt(line: TrailLine, km: number): Position {
  const { latitudeDeg, longitudeDeg } = line.points[firstAtLeast(line.km, km)]!;
  return { latitudeDeg, longitudeDeg };
}

/** How far a place lies off the trail and at which km it is passed. */
export function nearest(line: TrailLine, place: Position): { km: number; offKm: number } {
  // flat-earth distances rank points well enough; the winner is measured properly
  const shrink = Math.cos((place.latitudeDeg * Math.PI) / 180);
  let best = 0;
  let least = Number.POSITIVE_INFINITY;
  line.points.forEach((p, i) => {
    const d = (p.latitudeDeg - place.latitudeDeg) ** 2 + ((p.longitudeDeg - place.longitudeDeg) * shrink) ** 2;
    if (d < least) [least, best] = [d, i];
  });
  return { km: line.km[best]!, offKm: geodesicM(line.points[best]!, place) / 1000 };
}

const PROFILE_POINTS = 600;

/** Height by distance in at most 600 even steps. */
export function heightProfile(line: TrailLine): { km: number; altitudeM: number }[] {
  const total = lengthKm(line);
  const n = Math.min(PROFILE_POINTS, line.points.length);
  return Array.from({ length: n }, (_, i) => {
    const km = (total * i) / (n - 1);
    return { km: Math.round(km * 1000) / 1000, altitudeM: Math.round(interpolate(line.km, line.altitudeM, km)) };
  });
}
