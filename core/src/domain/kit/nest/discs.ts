/** Where a disc lies in its round room; the room's middle is 0, 0. */
export interface Spot {
  xMm: number;
  yMm: number;
}

/** What rounding may hide, mm. */
export const SLACK_MM = 1e-6;

/**
 * Places up to three discs side by side in a round room, or says that they do not fit. Radii and room in mm.
 * Exact: discs that fit can be pushed out to the wall without losing their order, so two fit when their diameters do, and three when
 * the angles that each pair needs at the wall add up to at most a full turn (law of cosines).
 */
export function placeDiscs(radiiMm: readonly number[], roomMm: number): Spot[] | undefined {
  const room = roomMm + SLACK_MM;
  const [a = 0, b = 0, c = 0] = radiiMm;
  if (radiiMm.some((r) => r > room)) return undefined;
  if (radiiMm.length <= 1) return radiiMm.map(() => ({ xMm: 0, yMm: 0 }));
  if (a + b > room || a + c > room || b + c > room) return undefined;
  const atWall = (r: number, angle: number): Spot => ({ xMm: (roomMm - r) * Math.cos(angle), yMm: (roomMm - r) * Math.sin(angle) });
  if (radiiMm.length === 2) return [atWall(a, Math.PI), atWall(b, 0)];
  const ab = apart(a, b, room);
  const ac = apart(a, c, room);
  const bc = apart(b, c, room);
  if (ab + ac + bc > 2 * Math.PI + 1e-9) return undefined;
  return [atWall(a, Math.PI), atWall(b, Math.PI - ab), atWall(c, Math.PI + ac)];
}

/** The angle at the room's middle between two discs that touch each other and the wall. */
function apart(r: number, s: number, room: number): number {
  const p = room - r;
  const q = room - s;
  if (p <= 0 || q <= 0) return Math.PI;
  return Math.acos(Math.min(1, Math.max(-1, (p * p + q * q - (r + s) ** 2) / (2 * p * q))));
}
