import { LIMITS } from '../model';

/** A place in a track file. */
export interface TrackPoint {
  latitudeDeg: number;
  longitudeDeg: number;
  /** Absent where the file gives no height. */
  altitudeM?: number;
}
export interface TrackWaypoint extends TrackPoint {
  name: string;
}
/** A track (its segments joined) or a route. */
export interface TrackLine {
  kind: 'track' | 'route';
  name: string;
  points: TrackPoint[];
}
/** What a file of tracks holds, whatever its format. */
export interface TrackFile {
  lines: TrackLine[];
  waypoints: TrackWaypoint[];
  /** Heights that are none on earth and were left out: what devices write where they know of none (-9999, -32768). */
  voidHeights: number;
}
export const emptyTrackFile = (): TrackFile => ({ lines: [], waypoints: [], voidHeights: 0 });

/** What devices write for a height they do not know stays below this; more is a broken file, m. */
const WILDEST_HEIGHT_M = 100_000;

export const isPlace = (latitudeDeg: number, longitudeDeg: number): boolean => Math.abs(latitudeDeg) <= 90 && Math.abs(longitudeDeg) <= 180;
/** Is it a height at all, on earth or as a device writes one that it does not know? */
export const isHeight = (altitudeM: number): boolean => Math.abs(altitudeM) <= WILDEST_HEIGHT_M;

/** Degrees as they stand in a file; NaN where nothing stands there. */
export const degreesIn = (found = ''): number => (found.trim() === '' ? Number.NaN : Number(found));

/** The height of a point, or that it is none. */
export function putHeight(file: TrackFile, point: TrackPoint, altitudeM: number): void {
  if (altitudeM >= LIMITS.heightM.min && altitudeM <= LIMITS.heightM.max) point.altitudeM = altitudeM;
  else file.voidHeights++;
}

/** A line of two points and more; one without a name is called by what it is. */
export function putLine(file: TrackFile, { kind, name, points }: TrackLine): void {
  if (points.length > 1) file.lines.push({ kind, points, name: name || `${kind} ${file.lines.length + 1}` });
}
export const putWaypoint = (file: TrackFile, name: string, point: TrackPoint): void =>
  void file.waypoints.push({ name: name || `waypoint ${file.waypoints.length + 1}`, ...point });
