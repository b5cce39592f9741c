import type { Position } from '../model';

/** WGS 84 ellipsoid (NIMA TR8350.2). */
const A_M = 6_378_137;
const FLATTENING = 1 / 298.257223563;
const B_M = A_M * (1 - FLATTENING);
const MEAN_RADIUS_M = 6_371_008.8;
const PASSES = 60;

/**
 * Length of the geodesic between two places on WGS 84, m: T. Vincenty, Survey Review XXIII (1975) 88, inverse formula.
 * Nearly antipodal pairs, where it does not settle, take the great circle on the mean sphere.
 */
export function geodesicM(from: Position, to: Position): number {
  const rad = Math.PI / 180;
  const L = (to.longitudeDeg - from.longitudeDeg) * rad;
  const U1 = Math.atan((1 - FLATTENING) * Math.tan(from.latitudeDeg * rad));
  const U2 = Math.atan((1 - FLATTENING) * Math.tan(to.latitudeDeg * rad));
  const [sinU1, cosU1, sinU2, cosU2] = [Math.sin(U1), Math.cos(U1), Math.sin(U2), Math.cos(U2)];
  let lambda = L;
  for (let pass = 0; pass < PASSES; pass++) {
    const [sinL, cosL] = [Math.sin(lambda), Math.cos(lambda)];
    const sinSigma = Math.hypot(cosU2 * sinL, cosU1 * sinU2 - sinU1 * cosU2 * cosL);
    if (sinSigma === 0) return 0;
    const cosSigma = sinU1 * sinU2 + cosU1 * cosU2 * cosL;
    const sigma = Math.atan2(sinSigma, cosSigma);
    const sinAlpha = (cosU1 * cosU2 * sinL) / sinSigma;
    const cos2Alpha = 1 - sinAlpha * sinAlpha;
    const cos2SigmaM = cos2Alpha === 0 ? 0 : cosSigma - (2 * sinU1 * sinU2) / cos2Alpha; // 0 on the equator
    const C = (FLATTENING / 16) * cos2Alpha * (4 + FLATTENING * (4 - 3 * cos2Alpha));
    const before = lambda;
    lambda = L + (1 - C) * FLATTENING * sinAlpha * (sigma + C * sinSigma * (cos2SigmaM + C * cosSigma * (2 * cos2SigmaM * cos2SigmaM - 1)));
    if (Math.abs(lambda - before) > 1e-11) continue;
    const u2 = (cos2Alpha * (A_M * A_M - B_M * B_M)) / (B_M * B_M);
    const A = 1 + (u2 / 16384) * (4096 + u2 * (-768 + u2 * (320 - 175 * u2)));
    const B = (u2 / 1024) * (256 + u2 * (-128 + u2 * (74 - 47 * u2)));
    const square = cos2SigmaM * cos2SigmaM;
    const delta =
      B *
      sinSigma *
      (cos2SigmaM + (B / 4) * (cosSigma * (2 * square - 1) - (B / 6) * cos2SigmaM * (4 * sinSigma * sinSigma - 3) * (4 * square - 3)));
    return B_M * A * (sigma - delta);
  }
  const [p1, p2] = [from.latitudeDeg * rad, to.latitudeDeg * rad];
  const h = Math.sin((p2 - p1) / 2) ** 2 + Math.cos(p1) * Math.cos(p2) * Math.sin(L / 2) ** 2;
  return 2 * MEAN_RADIUS_M * Math.asin(Math.min(1, Math.sqrt(h)));
}
