import { SaxesParser } from 'saxes';
import { done, refused, type Result } from '../errors';
import { LIMITS } from '../model';

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
  /** Heights that are none on earth and were left out: what devices write where they know of none (-9999, -32768). */
  voidHeights: number;
}

/** Why a file was refused: data, put into words at the edge. */
export type GpxProblem =
  | { code: 'tooLarge'; bytes: number; limitBytes: number }
  | { code: 'notXml'; line: number; column: number; detail: string }
  | { code: 'notGpx'; root: string }
  | { code: 'badPoint'; line: number; element: string; attribute: string; found: string }
  | { code: 'badHeight'; line: number; element: string; found: string }
  /** Elements nested deeper than any GPX. */
  | { code: 'tooDeep'; line: number }
  /** It declares entities of its own. */
  | { code: 'doctype' }
  | { code: 'nothingInIt' };

export const LARGEST_GPX_BYTES = 60_000_000;
const CHUNK = 1 << 18;
/** What devices write for a height they do not know stays below this; more is a broken file, m. */
const WILDEST_HEIGHT_M = 100_000;
/** Deeper than a point's extensions go. */
const DEEPEST_XML = 40;
/** Before the first element; no GPX needs one. */
const DOCTYPE = /^[^<]*(?:<[?!](?!DOCTYPE)[^<]*)*<!DOCTYPE/i;
const POINTS = new Set(['trkpt', 'rtept', 'wpt']);

/**
 * Reads a GPX 1.0 or 1.1 document (topografix.com/GPX/1/1): tracks, routes and waypoints. `progress` hears the share read (0–1)
 * after every quarter of a megabyte. Refuses at the first thing that is wrong, naming line and element.
 */
export function readGpx(text: string, progress: (share: number) => void = () => undefined): Result<Gpx, GpxProblem> {
  if (text.length > LARGEST_GPX_BYTES) return refused({ code: 'tooLarge', bytes: text.length, limitBytes: LARGEST_GPX_BYTES });
  if (DOCTYPE.test(text)) return refused({ code: 'doctype' });
  const gpx: Gpx = { lines: [], waypoints: [], voidHeights: 0 };
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
    if (path.length > DEEPEST_XML) problem ??= { code: 'tooDeep', line: parser.line };
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
      if (said === '' || !(Math.abs(altitudeM) <= WILDEST_HEIGHT_M))
        problem ??= { code: 'badHeight', line: parser.line, element: parent, found: said };
      if (altitudeM >= LIMITS.heightM.min && altitudeM <= LIMITS.heightM.max) point.altitudeM = altitudeM;
      else gpx.voidHeights++;
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
