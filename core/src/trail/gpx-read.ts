import { SaxesParser } from 'saxes';
import { done, refused, type Result } from '../errors';

/** A place in a GPX file. */
export interface GpxPoint {
  latitudeDeg: number;
  longitudeDeg: number;
  /** Absent where the file gives no height. */
  altitudeM?: number;
}
export interface GpxWaypoint extends GpxPoint {
  name: string;
}
/** A track (its segments joined) or a route. */
export interface GpxLine {
  kind: 'track' | 'route';
  name: string;
  points: GpxPoint[];
}
export interface Gpx {
  lines: GpxLine[];
  waypoints: GpxWaypoint[];
}

/** Why a file was refused: data, put into words at the edge. */
export type GpxProblem =
  | { code: 'tooLarge'; bytes: number; limitBytes: number }
  | { code: 'notXml'; line: number; column: number; detail: string }
  | { code: 'notGpx'; root: string }
  | { code: 'badPoint'; line: number; element: string; attribute: string; found: string }
  | { code: 'badHeight'; line: number; element: string; found: string }
  | { code: 'nothingInIt' };

export const LARGEST_GPX_BYTES = 60_000_000;
const CHUNK = 1 << 18;
const POINTS = new Set(['trkpt', 'rtept', 'wpt']);

/**
 * Reads a GPX 1.0 or 1.1 document (topografix.com/GPX/1/1): tracks, routes and waypoints. `progress` hears the share read (0–1)
 * after every quarter of a megabyte. Refuses at the first thing that is wrong, naming line and element.
 */
export function readGpx(text: string, progress: (share: number) => void = () => undefined): Result<Gpx, GpxProblem> {
  if (text.length > LARGEST_GPX_BYTES) return refused({ code: 'tooLarge', bytes: text.length, limitBytes: LARGEST_GPX_BYTES });
  const gpx: Gpx = { lines: [], waypoints: [] };
  let problem: GpxProblem | undefined;
  let root: string | undefined;
  let line: GpxLine | undefined;
  let point: (GpxPoint & { name?: string }) | undefined;
  let words = '';
  const path: string[] = [];
  const parser = new SaxesParser({ xmlns: false });
  const local = (name: string): string => name.slice(name.indexOf(':') + 1);

  parser.on('error', (e) => {
    problem ??= { code: 'notXml', line: parser.line, column: parser.columnIndex + 1, detail: e.message.replace(/^\d+:\d+: /, '') };
  });
  parser.on('opentag', (tag) => {
    const name = local(tag.name);
    path.push(name);
    words = '';
    if (root === undefined) {
      root = name;
      if (name !== 'gpx') problem ??= { code: 'notGpx', root: name };
    }
    if (name === 'trk' || name === 'rte') line = { kind: name === 'trk' ? 'track' : 'route', name: '', points: [] };
    if (!POINTS.has(name)) return;
    const [latitudeDeg, longitudeDeg] = (['lat', 'lon'] as const).map((attribute) => {
      const found = tag.attributes[attribute] ?? '';
      const value = found.trim() === '' ? Number.NaN : Number(found);
      if (!(Math.abs(value) <= (attribute === 'lat' ? 90 : 180)))
        problem ??= { code: 'badPoint', line: parser.line, element: name, attribute, found };
      return value;
    });
    point = { latitudeDeg, longitudeDeg };
  });
  parser.on('text', (t) => (words += t));
  parser.on('cdata', (t) => (words += t));
  parser.on('closetag', (tag) => {
    const name = local(tag.name);
    const parent = path[path.length - 2];
    path.pop();
    const said = words.trim();
    words = '';
    if (name === 'ele' && point && POINTS.has(parent)) {
      const altitudeM = Number(said);
      if (said === '' || !Number.isFinite(altitudeM)) problem ??= { code: 'badHeight', line: parser.line, element: parent, found: said };
      point.altitudeM = altitudeM;
    }
    if (name === 'name' && point && parent === 'wpt') point.name = said;
    if (name === 'name' && line && (parent === 'trk' || parent === 'rte')) line.name = said;
    if (POINTS.has(name) && point) {
      const { name: called, ...place } = point;
      if (name === 'wpt') gpx.waypoints.push({ name: called || `waypoint ${gpx.waypoints.length + 1}`, ...place });
      else line?.points.push(place);
      point = undefined;
    }
    if ((name === 'trk' || name === 'rte') && line) {
      if (line.points.length > 1) gpx.lines.push({ ...line, name: line.name || `${line.kind} ${gpx.lines.length + 1}` });
      line = undefined;
    }
  });

  for (let at = 0; at < text.length && !problem; at += CHUNK) {
    parser.write(text.slice(at, at + CHUNK));
    progress(Math.min(1, (at + CHUNK) / text.length));
  }
  if (!problem) parser.close();
  if (problem) return refused(problem);
  if (!gpx.lines.length && !gpx.waypoints.length) return refused({ code: 'nothingInIt' });
  return done(gpx);
}
