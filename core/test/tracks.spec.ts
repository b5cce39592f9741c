import { readFileSync } from 'node:fs';
import path from 'node:path';
import fc from 'fast-check';
import { readGeoJson, readKml, readTrack, type TrackPoint } from '../src/domain/trail';
import { problemOf, valueOf } from './value-of';

const example = (name: string): string => readFileSync(path.join(__dirname, '../../docs/formats/examples', name), 'utf8');
const kml = (inside: string): string => `<kml><Document><Placemark><name>Line</name>${inside}</Placemark></Document></kml>`;

describe('a track', () => {
  it('is the same out of GPX, KML and GeoJSON: the published examples', () => {
    const [gpx, ...others] = ['ridge.gpx', 'ridge.kml', 'ridge.geojson'].map((name) => valueOf(readTrack(example(name))));
    expect(gpx.lines).toHaveLength(1);
    expect(gpx.lines[0]).toMatchObject({ name: 'Ridge walk', kind: 'track' });
    expect(gpx.lines[0].points.map((p) => p.altitudeM)).toEqual([900, 1240.5, 1450, undefined]);
    expect(gpx.waypoints).toEqual([{ name: 'Hut under the ridge', latitudeDeg: 45.1, longitudeDeg: 7.12, altitudeM: 1450 }]);
    for (const other of others) expect(other).toEqual(gpx);
  });

  it('comes back from KML and GeoJSON as it was written, for any places', () => {
    const place = fc.record({
      longitudeDeg: fc.double({ min: -180, max: 180, noNaN: true }),
      latitudeDeg: fc.double({ min: -90, max: 90, noNaN: true }),
      altitudeM: fc.option(fc.integer({ min: -400, max: 8000 }), { nil: undefined }),
    });
    fc.assert(
      fc.property(fc.array(place, { minLength: 2, maxLength: 20 }), (places) => {
        const tuples = places.map((p) => [p.longitudeDeg, p.latitudeDeg, ...(p.altitudeM === undefined ? [] : [p.altitudeM])]);
        const same = (points: readonly TrackPoint[]): void => {
          expect(points).toHaveLength(places.length);
          points.forEach((p, i) => {
            expect(p.longitudeDeg).toBeCloseTo(places[i].longitudeDeg, 12);
            expect(p.latitudeDeg).toBeCloseTo(places[i].latitudeDeg, 12);
            expect(p.altitudeM).toBe(places[i].altitudeM);
          });
        };
        same(
          valueOf(readKml(kml(`<LineString><coordinates>${tuples.map((t) => t.join(',')).join(' ')}</coordinates></LineString>`))).lines[0]
            .points,
        );
        same(valueOf(readGeoJson(JSON.stringify({ type: 'LineString', coordinates: tuples }))).lines[0].points);
      }),
    );
  });

  it('reads what devices record in KML, leaves areas out, and counts heights that are none', () => {
    const track = '<gx:Track><gx:coord>7 45 900</gx:coord><gx:coord>7.1 45.1 -9999</gx:coord></gx:Track>';
    const area =
      '<Polygon><outerBoundaryIs><LinearRing><coordinates>1,1 2,2 3,1 1,1</coordinates></LinearRing></outerBoundaryIs></Polygon>';
    const read = valueOf(readKml(kml(track + area)));
    expect([read.lines.length, read.lines[0].points.length, read.voidHeights]).toEqual([1, 2, 1]);
  });

  it('is refused at the first place that is none, saying where', () => {
    expect(problemOf(readKml(kml('<LineString><coordinates>7,45 7,95</coordinates></LineString>')))).toEqual({
      code: 'badCoordinates',
      line: 1,
      found: '7,95',
    });
    const odd = {
      type: 'FeatureCollection',
      features: [
        {
          type: 'Feature',
          geometry: {
            type: 'LineString',
            coordinates: [
              [7, 45],
              ['7', 45],
            ],
          },
        },
      ],
    };
    expect(problemOf(readGeoJson(JSON.stringify(odd)))).toEqual({
      code: 'badPosition',
      at: 'features[0].geometry.coordinates[1]',
      found: '["7",45]',
    });
  });

  it('is refused where it is something else, empty, broken, or no end of itself', () => {
    const codes = (texts: readonly string[]): string[] => texts.map((t) => problemOf(readTrack(t)).code);
    expect(codes(['<html/>', '{"type":"Topology"}', '{"type":', '[]', kml(''), '{"type":"FeatureCollection","features":[]}'])).toEqual([
      'notGpx',
      'notGeoJson',
      'notJson',
      'notGeoJson',
      'nothingInIt',
      'nothingInIt',
    ]);
    let nested: object = { type: 'Point', coordinates: [1, 1] };
    for (let i = 0; i < 50; i++) nested = { type: 'GeometryCollection', geometries: [nested] };
    expect(codes([JSON.stringify(nested), '<!DOCTYPE kml [<!ENTITY a "b">]><kml/>'])).toEqual(['notGeoJson', 'doctype']);
  });
});
