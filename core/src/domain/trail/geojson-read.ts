import { done, refused, type Result } from '../../foundation/errors';
import { emptyTrackFile, isHeight, isPlace, putHeight, putLine, putWaypoint, type TrackFile, type TrackPoint } from './track';
import { LARGEST_TRACK_BYTES } from './xml-walk';

export type GeoJsonProblem =
  | { code: 'tooLarge'; bytes: number; limitBytes: number }
  | { code: 'notJson'; detail: string }
  | { code: 'notGeoJson'; type: string }
  /** A position that is no place on earth, and where it stands. */
  | { code: 'badPosition'; at: string; found: string }
  | { code: 'nothingInIt' };

/**
 * Reads the lines and points of a GeoJSON text (RFC 7946): LineString and MultiLineString as tracks, the parts of one joined, Point and
 * MultiPoint as waypoints, named by their property `name`. Areas are passed over. Refuses at the first position that is none.
 */
export function readGeoJson(text: string): Result<TrackFile, GeoJsonProblem> {
  if (text.length > LARGEST_TRACK_BYTES) return refused({ code: 'tooLarge', bytes: text.length, limitBytes: LARGEST_TRACK_BYTES });
  let root: unknown;
  try {
    root = JSON.parse(text);
  } catch (e) {
    return refused({ code: 'notJson', detail: e instanceof Error ? e.message : String(e) });
  }
  const file = emptyTrackFile();
  const problem = readObject(file, root, '', 0);
  if (problem) return refused(problem);
  return file.lines.length || file.waypoints.length ? done(file) : refused({ code: 'nothingInIt' });
}

/** Collections in collections go no deeper than this. */
const DEEPEST = 10;
const isObject = (x: unknown): x is Record<string, unknown> => typeof x === 'object' && x !== null && !Array.isArray(x);
const listOf = (x: unknown): readonly unknown[] => (Array.isArray(x) ? x : []);

function readObject(file: TrackFile, object: unknown, at: string, depth: number, name = ''): GeoJsonProblem | undefined {
  const type = isObject(object) ? object['type'] : undefined;
  if (!isObject(object) || typeof type !== 'string' || depth > DEEPEST)
    return { code: 'notGeoJson', type: typeof type === 'string' ? type : typeof object };
  const members = MEMBERS.get(type);
  if (members) return readMembers(file, object[members], `${at}${members}`, depth + 1, name);
  if (type === 'Feature')
    return object['geometry'] === null ? undefined : readObject(file, object['geometry'], `${at}geometry.`, depth + 1, nameOf(object));
  const geometry = GEOMETRIES.get(type);
  return geometry ? readPositions(file, geometry(object['coordinates'], name), `${at}coordinates`) : { code: 'notGeoJson', type };
}

function readMembers(file: TrackFile, members: unknown, at: string, depth: number, name: string): GeoJsonProblem | undefined {
  for (const [i, member] of listOf(members).entries()) {
    const problem = readObject(file, member, `${at}[${i}].`, depth, name);
    if (problem) return problem;
  }
  return undefined;
}

/** Where the objects of a collection stand. */
const MEMBERS = new Map([
  ['FeatureCollection', 'features'],
  ['GeometryCollection', 'geometries'],
]);

function nameOf({ properties }: Record<string, unknown>): string {
  const name = isObject(properties) ? properties['name'] : undefined;
  return typeof name === 'string' ? name.trim() : '';
}

/** The positions of a geometry, and what they are in the file. */
interface Geometry {
  positions: unknown;
  put: (file: TrackFile, points: TrackPoint[]) => void;
}
const places = (positions: unknown, name: string): Geometry => ({
  positions,
  put: (file, points) => points.forEach((p) => putWaypoint(file, name, p)),
});
const track = (positions: unknown, name: string): Geometry => ({
  positions,
  put: (file, points) => putLine(file, { kind: 'track', name, points }),
});
/** An area is no way and no place. */
const area = (): Geometry => ({ positions: [], put: () => undefined });
const GEOMETRIES = new Map<string, (coordinates: unknown, name: string) => Geometry>([
  ['Point', (coordinates, name) => places([coordinates], name)],
  ['MultiPoint', places],
  ['LineString', track],
  ['MultiLineString', (coordinates, name) => track(listOf(coordinates).flatMap(listOf), name)],
  ['Polygon', area],
  ['MultiPolygon', area],
]);

function readPositions(file: TrackFile, { positions, put }: Geometry, at: string): GeoJsonProblem | undefined {
  const points: TrackPoint[] = [];
  for (const [i, position] of listOf(positions).entries()) {
    const [longitudeDeg, latitudeDeg, altitudeM] = listOf(position);
    const isFound = typeof longitudeDeg === 'number' && typeof latitudeDeg === 'number' && isPlace(latitudeDeg, longitudeDeg);
    const isHigh = altitudeM === undefined || altitudeM === null || (typeof altitudeM === 'number' && isHeight(altitudeM));
    if (!isFound || !isHigh) return { code: 'badPosition', at: `${at}[${i}]`, found: JSON.stringify(position) ?? 'nothing' };
    const point: TrackPoint = { latitudeDeg, longitudeDeg };
    if (typeof altitudeM === 'number') putHeight(file, point, altitudeM);
    points.push(point);
  }
  put(file, points);
  return undefined;
}
