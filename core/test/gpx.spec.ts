import fc from 'fast-check';
import { DEMO_TRIP } from '../src/demo';
import { tripSchema } from '../src/domain/model';
import {
  ascentSoFarM,
  dayCount,
  geodesicM,
  heightProfile,
  layOutTrip,
  lengthKm,
  naismithHours,
  readGpx,
  stopCandidates,
  trailLine,
  writeGpxWaypoints,
  type TrackPoint,
} from '../src/domain/trail';
import { valueOf } from './value-of';

const ids = (n: number) => `id-${n}`;
const latitudeDeg = fc.double({ min: -89, max: 89, noNaN: true });
const longitudeDeg = fc.double({ min: -180, max: 180, noNaN: true });
const place = fc.record({ latitudeDeg, longitudeDeg });

describe('distance', () => {
  it('is that of the worked example of the geodesics’ own documentation: 19,959,679.267 m', () => {
    const from = { latitudeDeg: -41.32, longitudeDeg: 174.81 };
    const to = { latitudeDeg: 40.96, longitudeDeg: -5.5 };
    expect(geodesicM(from, to)).toBeCloseTo(19_959_679.267, 3);
  });

  it('knows a degree of the equator is 111,319.5 m', () => {
    expect(geodesicM({ latitudeDeg: 0, longitudeDeg: 0 }, { latitudeDeg: 0, longitudeDeg: 1 })).toBeCloseTo(111_319.49, 1);
  });

  it('is the same there and back, and never longer by a place between', () => {
    fc.assert(
      fc.property(place, place, place, (a, b, c) => {
        expect(geodesicM(b, a)).toBeCloseTo(geodesicM(a, b), 4);
        expect(geodesicM(a, b)).toBeLessThanOrEqual(geodesicM(a, c) + geodesicM(c, b) + 1e-3);
      }),
      { numRuns: 200 },
    );
  });
});

describe('ascent', () => {
  it('counts a climb whole and noise not at all', () => {
    expect(ascentSoFarM([100, 300, 200, 450]).at(-1)).toBe(200 + 250);
    expect(ascentSoFarM([100, 104, 99, 103, 98, 104]).at(-1)).toBe(0);
    // a climb with noise on it: 0 to 200 m with ±3 m
    expect(ascentSoFarM(Array.from({ length: 101 }, (_, i) => 2 * i + (i % 2 ? 3 : -3))).at(-1)).toBeCloseTo(204, 9);
  });

  it('never falls, and is never less than the rise from start to highest point, less one step', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 3000 }), { minLength: 1, maxLength: 60 }), (heights) => {
        const gained = ascentSoFarM(heights);
        gained.slice(1).forEach((g, i) => expect(g).toBeGreaterThanOrEqual(gained[i]));
        expect(gained[gained.length - 1]).toBeGreaterThan(Math.max(...heights) - heights[0] - 10);
      }),
    );
  });
});

it('Naismith: 3 miles are an hour, 2,000 ft another (W. W. Naismith 1892)', () => {
  expect(naismithHours(4.828032, 609.6)).toBeCloseTo(2, 9);
});

const gpx = (inner: string, version = '1.1') =>
  `<?xml version="1.0"?>\n<gpx version="${version}" creator="t" xmlns="http://www.topografix.com/GPX/1/1">\n${inner}\n</gpx>`;
const point = (p: TrackPoint, tag = 'trkpt') =>
  `<${tag} lat="${p.latitudeDeg}" lon="${p.longitudeDeg}">${p.altitudeM === undefined ? '' : `<ele>${p.altitudeM}</ele>`}</${tag}>`;
const track = (points: readonly TrackPoint[], name = 'a track') =>
  `<trk><name>${name}</name><trkseg>${points.map((p) => point(p)).join('\n')}</trkseg></trk>`;

describe('reading GPX', () => {
  // elements of the GPX 1.1 schema (topografix.com/GPX/1/1): metadata, wpt with children, rte, trk with two segments, extensions
  const SCHEMA_FILE = gpx(`
    <metadata><name>whole file</name><bounds minlat="1" minlon="1" maxlat="2" maxlon="2"/></metadata>
    <wpt lat="46.5" lon="7.25"><ele>1204.5</ele><time>2026-05-05T10:00:00Z</time><name>Mill &amp; Ford</name><sym>Flag</sym></wpt>
    <wpt lat="46.6" lon="7.3"/>
    <rte><name>by road</name><rtept lat="46.5" lon="7.25"><name>not the route</name></rtept><rtept lat="46.6" lon="7.3"/></rte>
    <trk><name><![CDATA[ridge <high>]]></name>
      <trkseg><trkpt lat="46.5" lon="7.25"><ele>1000</ele></trkpt><trkpt lat="46.51" lon="7.26"><ele>1100</ele><extensions><ns:x xmlns:ns="u"><ns:name>no</ns:name></ns:x></extensions></trkpt></trkseg>
      <trkseg><trkpt lat="46.52" lon="7.27"><ele>1050</ele></trkpt></trkseg>
    </trk>`);

  it('takes tracks, routes and waypoints of the 1.1 schema', () => {
    const read = valueOf(readGpx(SCHEMA_FILE));
    expect(read.waypoints.map((w) => [w.name, w.altitudeM])).toEqual([
      ['Mill & Ford', 1204.5],
      ['waypoint 2', undefined],
    ]);
    expect(read.lines.map((l) => [l.kind, l.name, l.points.length])).toEqual([
      ['route', 'by road', 2],
      ['track', 'ridge <high>', 3],
    ]);
  });

  it.each([
    ['<gpx><trk><trkseg></trk></gpx>', { code: 'notXml', line: 1 }],
    ['<kml></kml>', { code: 'notGpx', root: 'kml' }],
    [
      gpx('<trk><trkseg>\n<trkpt lat="96" lon="7"/></trkseg></trk>'),
      { code: 'badPoint', line: 4, element: 'trkpt', attribute: 'lat', found: '96' },
    ],
    [gpx('<wpt lat="4" />'), { code: 'badPoint', line: 3, element: 'wpt', attribute: 'lon', found: '' }],
    [gpx('<wpt lat="4" lon="5"><ele>high</ele></wpt>'), { code: 'badHeight', line: 3, element: 'wpt', found: 'high' }],
    [gpx(''), { code: 'nothingInIt' }],
    ['', { code: 'notXml' }],
  ])('refuses %s, naming the place', (text, problem) => {
    expect(readGpx(text)).toMatchObject({ ok: false, problem });
  });

  it('never throws, whatever the file holds, and tells how far it is', () => {
    fc.assert(fc.property(fc.oneof(fc.string(), fc.string().map(gpx)), (text) => expect(typeof readGpx(text).ok).toBe('boolean')));
    const shares: number[] = [];
    readGpx(
      gpx(track(Array.from({ length: 12_000 }, (_, i) => ({ latitudeDeg: 40 + i / 1e5, longitudeDeg: 7, altitudeM: i % 900 })))),
      (s) => shares.push(s),
    );
    expect(shares.length).toBeGreaterThan(2);
    expect(shares.at(-1)).toBe(1);
  });

  it('gives a random track back as it was written, as long as its steps', () => {
    const step = fc.record({
      north: fc.double({ min: -0.01, max: 0.01, noNaN: true }),
      east: fc.double({ min: -0.01, max: 0.01, noNaN: true }),
      up: fc.integer({ min: -80, max: 80 }),
    });
    fc.assert(
      fc.property(fc.double({ min: -70, max: 70, noNaN: true }), fc.array(step, { minLength: 2, maxLength: 40 }), (lat, steps) => {
        let at = { latitudeDeg: lat, longitudeDeg: 7, altitudeM: 1000 };
        const points = steps.map(
          (s) => (at = { latitudeDeg: at.latitudeDeg + s.north, longitudeDeg: at.longitudeDeg + s.east, altitudeM: at.altitudeM + s.up }),
        );
        const read = valueOf(readGpx(gpx(track(points))));
        expect(read.lines[0].points).toEqual(points);
        const sumM = points.slice(1).reduce((sum, p, i) => sum + geodesicM(points[i], p), 0);
        expect(lengthKm(trailLine(points))).toBeCloseTo(sumM / 1000, 6);
      }),
      { numRuns: 60 },
    );
  });
});

describe('a trip along a track', () => {
  // due north from 46°: 1 km is 0.008994° there; up 1,000 m in the middle and down again
  const points = Array.from({ length: 601 }, (_, i) => ({
    latitudeDeg: 46 + i * 0.0015,
    longitudeDeg: 7,
    altitudeM: 1000 + 1000 * Math.sin((Math.PI * i) / 600),
  }));
  const line = trailLine(points);
  const stops = stopCandidates(line, [
    { name: 'Beyond', latitudeDeg: 46.6, longitudeDeg: 7.001 },
    { name: 'Middle', latitudeDeg: 46.3, longitudeDeg: 7 },
  ]);

  it('is as long and high as it was drawn', () => {
    expect(lengthKm(line)).toBeCloseTo(100.06, 1); // 0.9° of the meridian near 46.5°
    expect(line.ascentM.at(-1)).toBeCloseTo(1000, -1);
    expect(heightProfile(line)).toHaveLength(600);
  });

  it('stops where the waypoints are passed, camps at even distances no longer than the pace', () => {
    expect(stops.map((s) => s.waypoint.name)).toEqual(['Middle', 'Beyond']);
    const out = valueOf(layOutTrip(DEMO_TRIP, line, stops, { kind: 'km', kmPerDay: 20 }, ids));
    expect(tripSchema.safeParse(out).success).toBe(true);
    expect(out.stops.map((s) => s.name)).toEqual(['Start', 'Middle', 'Beyond', 'End']);
    expect(out.legs.map((l) => l.days.map((d) => d.km))).toEqual([
      [16.7, 16.7],
      [16.7, 16.7],
      [16.7, 16.7],
    ]);
    expect(out.legs[0].days[1].altitudeM).toBeCloseTo(1866, -1);
  });

  it('walks shorter days uphill when the pace is in hours', () => {
    const out = valueOf(layOutTrip(DEMO_TRIP, line, [], { kind: 'hours', hoursPerDay: 5 }, ids));
    const days = out.legs[0].days;
    expect(days[0].km).toBeLessThan(days[days.length - 1].km);
    // 100.06 km / 4.83 + 1,000 m / 609.6 = 22.4 h: 5 days of 4.5 h
    expect(dayCount(out)).toBe(5);
  });

  it('says that a track is too long instead of cutting it', () => {
    expect(layOutTrip(DEMO_TRIP, line, [], { kind: 'km', kmPerDay: 0.4 }, ids)).toMatchObject({
      ok: false,
      problem: { code: 'tooManyDays', from: 'Start' },
    });
  });

  it('gives its stops and camps out as waypoints that read back', () => {
    const out = valueOf(layOutTrip(DEMO_TRIP, line, stops, { kind: 'km', kmPerDay: 20 }, ids));
    const text = writeGpxWaypoints({ ...out, name: 'A <b> & "c"' });
    const read = valueOf(readGpx(text ?? ''));
    expect(read.waypoints.map((w) => w.name)).toEqual(['Start', 'camp 1', 'Middle', 'camp 3', 'Beyond', 'camp 5', 'End']);
    expect(read.waypoints[2].latitudeDeg).toBeCloseTo(46.3, 2);
    expect(writeGpxWaypoints(DEMO_TRIP)).toBeUndefined();
  });
});
