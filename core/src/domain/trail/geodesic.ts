import geodesic from 'geographiclib-geodesic';
import type { Position } from '../model';

const { WGS84, DISTANCE } = geodesic.Geodesic;

/** Length of the geodesic between two places on WGS 84, m: C. F. F. Karney, Algorithms for geodesics, J. Geodesy 87 (2013) 43. */
export const geodesicM = (from: Position, to: Position): number =>
  WGS84.Inverse(from.latitudeDeg, from.longitudeDeg, to.latitudeDeg, to.longitudeDeg, DISTANCE).s12 ?? 0;
