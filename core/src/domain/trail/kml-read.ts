import { done, refused, type Result } from '../../foundation/errors';
import { degreesIn, emptyTrackFile, isHeight, isPlace, putHeight, putLine, putWaypoint, type TrackFile, type TrackPoint } from './track';
import { walkXml, type XmlProblem } from './xml-walk';

export type KmlProblem =
  | XmlProblem
  | { code: 'notGpx'; root: string }
  /** Coordinates that are no place on earth. */
  | { code: 'badCoordinates'; line: number; found: string }
  | { code: 'nothingInIt' };

/**
 * Reads the lines and points of a KML 2.2 document (OGC 12-007r2): LineString and gx:Track as tracks, those of one placemark joined, Point as
 * a waypoint. Areas, styles and links are passed over. Refuses at the first thing that is wrong, naming the line.
 */
export function readKml(text: string, progress: (share: number) => void = () => undefined): Result<TrackFile, KmlProblem> {
  const kml = emptyTrackFile();
  let name = '';
  let points: TrackPoint[] = [];
  let places: TrackPoint[] = [];
  const walked = walkXml<KmlProblem>(
    text,
    {
      opened: ({ name: element, parent }) => {
        if (parent === undefined && element !== 'kml') return { code: 'notGpx', root: element };
        if (element === 'Placemark') [name, points, places] = ['', [], []];
        return undefined;
      },
      closed: ({ name: element, parent = '', line }, said) => {
        for (const tuple of tuplesIn(element, parent, said)) {
          const point = pointOf(kml, tuple);
          if (!point) return { code: 'badCoordinates', line, found: tuple.join(',') };
          (parent === 'Point' ? places : points).push(point);
        }
        if (element === 'name' && parent === 'Placemark') name = said;
        if (element === 'Placemark') {
          putLine(kml, { kind: 'track', name, points });
          for (const p of places) putWaypoint(kml, name, p);
        }
        return undefined;
      },
    },
    progress,
  );
  if (!walked.ok) return walked;
  return kml.lines.length || kml.waypoints.length ? done(kml) : refused({ code: 'nothingInIt' });
}

/** The positions that an element holds: several parted by commas in a line or point, one parted by spaces in a track. */
function tuplesIn(element: string, parent: string, said: string): string[][] {
  if (element === 'coordinates' && (parent === 'LineString' || parent === 'Point')) return said.split(/\s+/).map((t) => t.split(','));
  return element === 'coord' && parent === 'Track' ? [said.split(/\s+/)] : [];
}

/** Longitude, latitude and perhaps height, as they stand in a tuple; undefined where that is no place. */
function pointOf(file: TrackFile, [longitude = '', latitude = '', height = '']: readonly string[]): TrackPoint | undefined {
  const [longitudeDeg, latitudeDeg] = [degreesIn(longitude), degreesIn(latitude)];
  if (!isPlace(latitudeDeg, longitudeDeg)) return undefined;
  const point = { latitudeDeg, longitudeDeg };
  if (height === '') return point;
  if (!isHeight(Number(height))) return undefined;
  putHeight(file, point, Number(height));
  return point;
}
