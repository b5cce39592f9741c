import { done, refused, type Result } from '../../foundation/errors';
import {
  degreesIn,
  emptyTrackFile,
  isHeight,
  isPlace,
  putHeight,
  putLine,
  putWaypoint,
  type TrackFile,
  type TrackLine,
  type TrackPoint,
} from './track';
import { walkXml, type XmlProblem } from './xml-walk';

/** Why a file was refused: data, put into words at the edge. */
export type GpxProblem =
  | XmlProblem
  | { code: 'notGpx'; root: string }
  | { code: 'badPoint'; line: number; element: string; attribute: string; found: string }
  | { code: 'badHeight'; line: number; element: string; found: string }
  | { code: 'nothingInIt' };

const POINTS = new Set(['trkpt', 'rtept', 'wpt']);
const LINES = new Set(['trk', 'rte']);

/**
 * Reads a GPX 1.0 or 1.1 document (topografix.com/GPX/1/1): tracks, routes and waypoints. `progress` hears the share read (0–1)
 * after every quarter of a megabyte. Refuses at the first thing that is wrong, naming line and element.
 */
export function readGpx(text: string, progress: (share: number) => void = () => undefined): Result<TrackFile, GpxProblem> {
  const gpx = emptyTrackFile();
  let line: TrackLine | undefined;
  let point: TrackPoint | undefined;
  let called = '';
  const named = (parent: string, said: string): void => {
    if (point && parent === 'wpt') called = said;
    if (line && LINES.has(parent)) line.name = said;
  };
  const ended = (element: string, at: TrackPoint): void => {
    if (element === 'wpt') putWaypoint(gpx, called, at);
    else line?.points.push(at);
    point = undefined;
  };
  const walked = walkXml<GpxProblem>(
    text,
    {
      opened: ({ name, parent, line: at }, attributes) => {
        if (parent === undefined && name !== 'gpx') return { code: 'notGpx', root: name };
        if (LINES.has(name)) line = { kind: name === 'trk' ? 'track' : 'route', name: '', points: [] };
        if (!POINTS.has(name)) return undefined;
        const [latitudeDeg, longitudeDeg] = [degreesIn(attributes['lat']), degreesIn(attributes['lon'])];
        if (!isPlace(latitudeDeg, 0))
          return { code: 'badPoint', line: at, element: name, attribute: 'lat', found: attributes['lat'] ?? '' };
        if (!isPlace(0, longitudeDeg))
          return { code: 'badPoint', line: at, element: name, attribute: 'lon', found: attributes['lon'] ?? '' };
        point = { latitudeDeg, longitudeDeg };
        called = '';
        return undefined;
      },
      closed: ({ name, parent = '', line: at }, said) => {
        if (name === 'ele' && point && POINTS.has(parent)) {
          const altitudeM = Number(said);
          if (said === '' || !isHeight(altitudeM)) return { code: 'badHeight', line: at, element: parent, found: said };
          putHeight(gpx, point, altitudeM);
        }
        if (name === 'name') named(parent, said);
        if (POINTS.has(name) && point) ended(name, point);
        if (LINES.has(name) && line) {
          putLine(gpx, line);
          line = undefined;
        }
        return undefined;
      },
    },
    progress,
  );
  if (!walked.ok) return walked;
  return gpx.lines.length || gpx.waypoints.length ? done(gpx) : refused({ code: 'nothingInIt' });
}
