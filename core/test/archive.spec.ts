import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { archiveJsonSchema, exportArchive, exportToLookAt, importArchive, logJsonSchema } from '../src/output/archive';
import { DEMO_RACK, DEMO_TRIP } from '../src/demo';
import { unwalked, type Trip } from '../src/domain/model';
import { planTrip } from '../src/planning/plan';
import { editStop } from '../src/domain/trail';
import { METRIC } from '../src/foundation/units';
import { anyTrip } from './any-trip';
import { ARCHIVE_V1 } from './archive-v1';
import { firstCarry, SHORT_TRIP } from './short-trip';
import { problemOf, valueOf } from './value-of';

const shelved = (trip: Trip) => ({ trip, archived: false });
const demo = exportArchive([shelved(SHORT_TRIP)]);
const broken = (change: (t: Record<string, Record<string, Record<string, unknown>>>) => void): string => {
  const raw = JSON.parse(demo) as { trips: { trip: Parameters<typeof change>[0] }[] };
  change(raw.trips[0].trip);
  return JSON.stringify(raw);
};

describe('archive', () => {
  it('comes back as it went out, with the same plan', () => {
    fc.assert(
      fc.property(anyTrip, (trip) => {
        const back = importArchive(exportArchive([shelved(trip)]));
        expect(valueOf(back)).toEqual({ trips: [shelved(trip)] });
        expect(planTrip(valueOf(back).trips[0].trip)).toEqual(planTrip(trip));
      }),
      { numRuns: 25 },
    );
  });

  it('reads version 1: the same days, the same grams', () => {
    const read = valueOf(importArchive(ARCHIVE_V1));
    expect(read.migratedFrom).toBe(1);
    const [{ trip }] = read.trips;
    expect(trip.stops.map((s) => s.name)).toEqual(['Nettle Hut', 'Harrow Junction']);
    expect(trip.legs[0].days.map((d) => [d.km, d.altitudeM, d.breakfastAirC])).toEqual(
      SHORT_TRIP.legs[0].days.map((d) => [d.km, d.altitudeM, d.breakfastAirC]),
    );
    expect(firstCarry(trip).demandG).toBeCloseTo(firstCarry(SHORT_TRIP).demandG, 1); // food stirred in does not cost fuel
    expect(valueOf(importArchive(exportArchive(read.trips)))).toEqual({ trips: read.trips });
    expect(importArchive(ARCHIVE_V1.replace('"dayCount":5', '"dayCount":0'))).toMatchObject({
      problem: { issues: [{ path: 'trip.leg.dayCount' }] },
    });
  });

  it('reads a backup that 0.1.0 wrote, to the last value', () => {
    const text = readFileSync(path.resolve(__dirname, 'fixtures/backup-of-0.1.0.json'), 'utf8');
    const { format: _format, version: _version, ...written } = JSON.parse(text) as Record<string, unknown>;
    expect(valueOf(importArchive(text))).toEqual(written);
  });

  it('reads a backup of version 2, pins of cans by size and all', () => {
    const text = readFileSync(path.resolve(__dirname, 'fixtures/backup-v2.json'), 'utf8');
    const read = valueOf(importArchive(text));
    expect(read.migratedFrom).toBe(2);
    const [{ trip }] = read.trips;
    expect(trip.stops.map((s) => s.pinned).filter(Boolean)).toEqual([
      { kind: 'cans', counts: { 'can-100': 2, 'can-450': 1 } },
      { kind: 'units', count: 40 },
    ]);
    expect(read.rack?.kits.map((k) => [k.id, k.pieceIds.length])).toEqual(DEMO_RACK.kits.map((k) => [k.id, k.pieceIds.length]));
    expect(read.rack?.pieces).toHaveLength(DEMO_RACK.pieces.length);
    expect(read.preferences?.theme).toBe('headlamp');
    const asPinned = [DEMO_TRIP.stops[0], DEMO_TRIP.stops[2]].reduce<Trip>(
      (t, s, i) => editStop(t, s.id, { pinned: read.trips[0].trip.stops[2 * i].pinned }),
      // nobody walked before there was a log, or said what a mark of the cup is
      { ...unwalked(DEMO_TRIP), cupMarkMl: null },
    );
    expect({ ...trip, menu: asPinned.menu }).toEqual(asPinned);
    expect(problemOf(importArchive(text.replace('"version": 2', '"version": 3')))).toMatchObject({
      issues: [{ path: 'trips.0.trip.stops.0.pinned.counts' }],
    });
  });

  it('keeps a backup of everything whole, and refuses legs that do not fit their stops', () => {
    const preferences = { theme: 'day' as const, units: { ...METRIC } };
    const trips = [shelved(SHORT_TRIP), { trip: { ...SHORT_TRIP, id: 'other' }, archived: true }];
    expect(valueOf(importArchive(exportArchive(trips, { preferences })))).toEqual({ trips, preferences });
    expect(importArchive(exportArchive([trips[0], trips[0]]))).toMatchObject({
      problem: { issues: [{ words: 'two trips share one id' }] },
    });
    const short = exportArchive([shelved({ ...SHORT_TRIP, legs: [...SHORT_TRIP.legs, ...SHORT_TRIP.legs] })]);
    expect(importArchive(short)).toMatchObject({
      problem: { issues: [{ path: 'trips.0.trip.legs', words: '2 stops have 1 legs between them, not 2' }] },
    });
  });

  it('gives a trip to look at, without what was written down on the way', () => {
    const walked: Trip = { ...DEMO_TRIP, walk: { daysLate: 0, log: [] } };
    const { walk: _walk, ...shown } = walked;
    expect(valueOf(importArchive(exportToLookAt(walked)))).toEqual({ trips: [{ trip: shown, archived: false }], toLookAt: true });
    const two = JSON.stringify({ ...(JSON.parse(exportToLookAt(walked)) as object), trips: [] });
    expect(importArchive(two)).toMatchObject({ ok: false, problem: { code: 'badValues' } });
  });

  it('names the line and column where a file stops being JSON', () => {
    expect(importArchive('{\n  "format": "restless-tinder",\n  oops\n}')).toEqual({
      ok: false,
      problem: { code: 'notJson', line: 3, column: 3 },
    });
    expect(importArchive('')).toMatchObject({ ok: false, problem: { code: 'notJson', line: 1 } });
  });

  it.each([
    ['[]', { code: 'otherFormat' }],
    ['{"format":"something"}', { code: 'otherFormat' }],
    ['{"format":"restless-tinder","version":7}', { code: 'otherVersion', found: '7', expected: 3 }],
    ['{"format":"restless-tinder"}', { code: 'otherVersion', found: 'nothing', expected: 3 }],
  ])('refuses %s', (text, problem) => {
    expect(importArchive(text)).toEqual({ ok: false, problem });
  });

  it('names every value that is off, by its path', () => {
    const bad = importArchive(
      broken((t) => {
        t['menu']['supper']['waterMl'] = -5;
        Object.assign(t['kit'], { burnerId: 'furnace' });
        delete t['menu']['breakfast'];
      }),
    );
    expect(bad).toMatchObject({ ok: false, problem: { code: 'badValues' } });
    const paths = !bad.ok && bad.problem.code === 'badValues' ? bad.problem.issues.map((i) => i.path) : [];
    expect(paths).toEqual(
      expect.arrayContaining(['trips.0.trip.menu.supper.waterMl', 'trips.0.trip.kit.burnerId', 'trips.0.trip.menu.breakfast']),
    );
  });

  it('refuses pieces that do not belong together and fields it does not know', () => {
    const mixed = demo.replace('gas-20-80', 'tablet-14');
    expect(importArchive(mixed)).toMatchObject({ problem: { issues: [{ path: 'trips.0.trip.kit.fuelId' }] } });
    expect(importArchive(demo.replace('"lidOn"', '"hatOn"'))).toMatchObject({ ok: false });
  });

  it('refuses fifty megabytes of noise before parsing it', () => {
    expect(importArchive('x'.repeat(51_000_000))).toMatchObject({ problem: { code: 'tooLarge', bytes: 51_000_000 } });
  });

  it('never throws, whatever the file holds', () => {
    fc.assert(fc.property(fc.oneof(fc.string(), fc.json()), (text) => expect(importArchive(text).ok).toBe(false)));
  });

  it('publishes the JSON Schema that it checks by (run "npm run schema" after changing it)', () => {
    const file = path.resolve(__dirname, '../../docs/formats/trip-archive-v3.schema.json');
    expect(JSON.parse(readFileSync(file, 'utf8'))).toEqual(JSON.parse(JSON.stringify(archiveJsonSchema())));
    const log = path.resolve(__dirname, '../../docs/formats/walk-log-v1.schema.json');
    expect(JSON.parse(readFileSync(log, 'utf8'))).toEqual(JSON.parse(JSON.stringify(logJsonSchema())));
  });
});
