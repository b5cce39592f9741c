import type { Result } from '../../foundation/errors';
import { readGeoJson, type GeoJsonProblem } from './geojson-read';
import { readGpx, type GpxProblem } from './gpx-read';
import { readKml, type KmlProblem } from './kml-read';
import type { TrackFile } from './track';

export type TrackProblem = GpxProblem | KmlProblem | GeoJsonProblem;

/** The first element of a document, past its declaration and remarks. */
const FIRST_ELEMENT = /^(?:\s|<\?[^>]*>|<!--[\s\S]*?-->)*<([\w.:-]+)/;

/** Reads tracks, routes and waypoints out of GPX, KML or GeoJSON, by what the text begins with. */
export function readTrack(text: string, progress: (share: number) => void = () => undefined): Result<TrackFile, TrackProblem> {
  const plain = text.startsWith('\uFEFF') ? text.slice(1) : text;
  if (/^\s*[[{]/.test(plain)) return readGeoJson(plain);
  const [, first = ''] = FIRST_ELEMENT.exec(plain.slice(0, LOOKED_AT)) ?? [];
  return first.endsWith('kml') ? readKml(plain, progress) : readGpx(plain, progress);
}
const LOOKED_AT = 4000;
