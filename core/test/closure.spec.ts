import fc from 'fast-check';
import { backupFiles, exportArchive, importArchive, LONGEST_JSON_LIST } from '../src/output/archive';
import { DEMO_RACK, DEMO_TRIP } from '../src/demo';
import { readRackCsv, writePiecesCsv, readDishCsv, writeDishCsv } from '../src/output/tables';
import { DISHES } from '../src/domain/menu';
import {
  label,
  MOST,
  rackSchema,
  shelvedTripSchema,
  tooManyInTrip,
  tooManyOnRack,
  tooManyTrips,
  tripSchema,
  type Counted,
  type Rack,
  type ShelvedTrip,
  type Trip,
} from '../src/domain/model';
import { METRIC } from '../src/foundation/units';
import { valueOf } from './value-of';

/** Any name that can be kept, whatever is in it: formulas, line breaks, halves of characters. */
const anyName = fc
  .oneof(
    fc.string({ unit: 'binary', minLength: 1, maxLength: 80 }),
    fc.constantFrom('=1+1', '-2', "'=x", '@home', 'a\nb', '\ud800', '"', 'é,;\t'),
  )
  .map((s) => s.trim())
  .filter((s) => label.safeParse(s).success);
/** A count that is often the most there may be. */
const upTo = (most: number): fc.Arbitrary<number> => fc.oneof(fc.constantFrom(0, 1, most), fc.nat(most));
const times = <T>(n: number, of: (i: number) => T): T[] => Array.from({ length: n }, (_, i) => of(i));

const anyFullTrip: fc.Arbitrary<Trip> = fc
  .record({
    name: anyName,
    dishes: upTo(MOST.dishes),
    turns: upTo(MOST.rotation),
    legs: fc.integer({ min: 1, max: MOST.stops - 1 }),
    days: upTo(3),
  })
  .map(({ name, dishes, turns, legs, days }) => {
    const [day] = DEMO_TRIP.legs[0].days;
    const leg = { ...DEMO_TRIP.legs[0], days: times(1 + Math.min(days, Math.floor(MOST.tripDays / legs) - 1), () => day) };
    return {
      ...DEMO_TRIP,
      name,
      stops: times(legs + 1, (i) => ({ ...DEMO_TRIP.stops[0], id: `s${i}`, name, pinned: null })),
      legs: times(legs, () => leg),
      dishes: times(dishes, (i) => ({ id: `d${i}`, meal: { ...DISHES[i % DISHES.length], name } })),
      rotation: turns ? { supper: times(turns, (i) => `d${i}`) } : {},
      profile: times(turns ? MOST.profilePoints : 0, (i) => ({ km: i, altitudeM: 100 })),
      whatIfs: DEMO_TRIP.whatIfs.slice(0, MOST.whatIfs),
    };
  });

const anyFullRack: fc.Arbitrary<Rack> = fc
  .record({ name: anyName, pieces: upTo(MOST.pieces), kits: upTo(MOST.kits), inKit: upTo(MOST.kitPieces), diary: upTo(MOST.diary) })
  .map(({ name, pieces, kits, inKit, diary }) => ({
    ...DEMO_RACK,
    pieces: times(pieces, (i) => ({ ...DEMO_RACK.pieces[i % DEMO_RACK.pieces.length], id: `p${i}`, name })),
    kits: times(kits, (i) => ({
      ...DEMO_RACK.kits[0],
      id: `k${i}`,
      name,
      pieceIds: times(Math.min(inKit, pieces), (k) => `p${k}`),
      outside: [],
    })),
    score: { ...DEMO_RACK.score, judged: {}, compared: [] },
    diary: times(diary, (i) => ({ id: `e${i}`, date: '2027-01-01', kitName: name, words: '' })),
  }));
const shelved = (trip: Trip): ShelvedTrip => ({ trip, archived: false });

describe('everything that goes out', () => {
  it('comes in again, at the limits and whatever it is called', () => {
    fc.assert(
      fc.property(anyFullTrip, anyFullRack, (trip, rack) => {
        expect([tooManyInTrip(trip), tooManyOnRack(rack)]).toEqual([undefined, undefined]);
        const preferences = { theme: 'day' as const, units: { ...METRIC } };
        const back = valueOf(importArchive(exportArchive([shelved(trip)], { rack, preferences })));
        expect(back).toEqual({ trips: [shelvedTripSchema.parse(shelved(trip))], rack: rackSchema.parse(rack), preferences });
      }),
      { numRuns: 8 },
    );
  });

  it('fits into files that can each be read, however many trips there are', () => {
    const trips = times(60, (i) =>
      shelved({ ...DEMO_TRIP, id: `t${i}`, legs: DEMO_TRIP.legs.slice(0, 1), stops: DEMO_TRIP.stops.slice(0, 2) }),
    );
    const preferences = { theme: 'day' as const, units: { ...METRIC } };
    const files = backupFiles(trips, { rack: DEMO_RACK, preferences }, 200_000);
    expect(files.length).toBeGreaterThan(1);
    expect(Math.max(...files.map((f) => f.length))).toBeLessThanOrEqual(200_000);
    const read = files.map((f) => valueOf(importArchive(f)));
    expect(read.flatMap((r) => r.trips)).toEqual(trips);
    expect(read.map((r) => [r.rack !== undefined, r.preferences !== undefined])).toEqual(read.map((_, i) => [i === 0, i === 0]));
    expect(backupFiles(trips.slice(0, 3), {})).toHaveLength(1);
  });

  it('is never longer in any list than what is read', () => {
    expect(Math.max(...Object.values(MOST))).toBeLessThan(LONGEST_JSON_LIST);
  });

  it('is no formula in a table, and comes back as it was', () => {
    fc.assert(
      fc.property(anyName, (name) => {
        // cells are trimmed, and lines of a table end alike
        const meal = { ...DISHES[0], name };
        const dishes = writeDishCsv([meal]);
        const pieces = writePiecesCsv([{ ...DEMO_RACK.pieces[0], name }]);
        for (const cell of [dishes, pieces].map((t) => t.split('\r\n')[1])) expect(cell).not.toMatch(/^"?[=+\-@](?![\d.]+[,"])/);
        expect(valueOf(readDishCsv(dishes)).good.map((m) => m.name)).toEqual([name]);
        const rack = { ...DEMO_RACK, pieces: [], kits: [] };
        expect(valueOf(readRackCsv(pieces, rack, () => 'new')).rack.pieces.map((p) => p.name)).toEqual([name]);
      }),
    );
  });
});

describe('what is beyond the limits', () => {
  const trip = (change: Partial<Trip>): Trip => ({ ...DEMO_TRIP, ...change });
  const dish = DEMO_TRIP.dishes[0] ?? { id: 'd', meal: DISHES[0] };
  const [piece, kit] = [DEMO_RACK.pieces[0], DEMO_RACK.kits[0]];

  it.each([
    ['dishes', trip({ dishes: times(MOST.dishes + 1, (i) => ({ ...dish, id: `d${i}` })) })],
    ['rotation', trip({ rotation: { supper: times(MOST.rotation + 1, () => 'd') } })],
    ['whatIfs', trip({ whatIfs: times(MOST.whatIfs + 1, () => ({ kind: 'windier' as const })) })],
    ['ticks', trip({ packed: times(MOST.ticks + 1, (i) => `t${i}`) })],
    ['profilePoints', trip({ profile: times(MOST.profilePoints + 1, (km) => ({ km, altitudeM: 0 })) })],
  ] as const)('is counted as the schema counts, in a trip: %s', (what, full) => {
    expect(tooManyInTrip(full)).toMatchObject({ code: 'tooMany', what, found: MOST[what] + 1, most: MOST[what] });
    expect(tripSchema.safeParse(full).success).toBe(false);
  });

  it.each<[Counted, Partial<Rack>]>([
    ['pieces', { pieces: times(MOST.pieces + 1, (i) => ({ ...piece, id: `p${i}` })), kits: [] }],
    ['kits', { pieces: [], kits: times(MOST.kits + 1, (i) => ({ ...kit, id: `k${i}`, pieceIds: [] })) }],
    ['kitPieces', { pieces: [piece], kits: [{ ...kit, pieceIds: times(MOST.kitPieces + 1, () => piece.id) }] }],
    [
      'diary',
      { pieces: [], kits: [], diary: times(MOST.diary + 1, (i) => ({ id: `e${i}`, date: '2027-01-01', kitName: 'k', words: '' })) },
    ],
    ['tests', { bench: { ...DEMO_RACK.bench, tests: times(MOST.tests + 1, (i) => ({ ...DEMO_RACK.bench.tests[0], id: `t${i}` })) } }],
    [
      'claims',
      {
        bench: {
          ...DEMO_RACK.bench,
          claims: times(MOST.claims + 1, (i) => ({ id: `c${i}`, words: 'w', changeId: 'lid', of: 'fuel' as const, by: 0 })),
        },
      },
    ],
  ])('and on the rack: %s', (what, change) => {
    const full: Rack = { ...DEMO_RACK, ...change };
    expect(tooManyOnRack(full)).toMatchObject({ code: 'tooMany', what, found: MOST[what] + 1, most: MOST[what] });
    expect(rackSchema.safeParse(full).success).toBe(false);
  });

  it('and in a library', () => {
    expect([tooManyTrips(MOST.trips), tooManyTrips(MOST.trips + 1)?.what]).toEqual([undefined, 'trips']);
  });
});
