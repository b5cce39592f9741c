import fc from 'fast-check';
import { exportArchive, importArchive } from '../src/output/archive';
import { DEMO_RACK, DEMO_TRIP } from '../src/demo';
import { readWeights } from '../src/domain/kit';
import { readRackCsv, writeKitsCsv, writePiecesCsv, writeScoresCsv, readDishCsv, writeDishCsv } from '../src/output/tables';
import { DISHES } from '../src/domain/menu';
import { rackSchema, shelvedTripSchema, tripSchema } from '../src/domain/model';
import { layOutTrip, readGpx, stopCandidates, trailLine, writeGpxWaypoints } from '../src/domain/trail';
import { planTrip } from '../src/planning/plan';
import { mutantOf, valueMutantOf } from './mutants';

/** A reader of files, with good files to spoil. Whatever it takes must pass its schema; whatever it refuses, it refuses with a code. */
interface Reader {
  name: string;
  good: string[];
  /** How they are spoilt; as texts where nothing is said. */
  mutants?: (text: string) => fc.Arbitrary<string>;
  /** Throws where something was taken that could not be kept. True where the file was taken. */
  read: (text: string) => boolean;
}

const id = () => 'new-id';
const TRACK = `<gpx version="1.1"><wpt lat="46.02" lon="7"><ele>900</ele><name>Mill</name></wpt><trk><name>a</name><trkseg>${[0, 1, 2, 3]
  .map((i) => `<trkpt lat="${46 + i / 50}" lon="7"><ele>${800 + 40 * i}</ele></trkpt>`)
  .join('')}</trkseg></trk></gpx>`;

export const READERS: Reader[] = [
  {
    name: 'archive',
    good: [exportArchive([{ trip: DEMO_TRIP, archived: false }], { rack: DEMO_RACK })],
    mutants: (text) => fc.oneof(mutantOf(text), valueMutantOf(text)),
    read: (text) => {
      const read = importArchive(text);
      if (read.ok) {
        read.value.trips.forEach((s) => planTrip(shelvedTripSchema.parse(s).trip)); // and what can be kept can be planned
        if (read.value.rack) rackSchema.parse(read.value.rack);
        if (!importArchive(exportArchive(read.value.trips, read.value.rack ? { rack: read.value.rack } : {})).ok)
          throw new Error('what was taken cannot be exported and taken again');
      }
      return read.ok;
    },
  },
  {
    name: 'rack tables',
    good: [writePiecesCsv(DEMO_RACK.pieces), writeKitsCsv(DEMO_RACK), writeScoresCsv(DEMO_RACK)],
    read: (text) => {
      let n = 0;
      const read = readRackCsv(text, DEMO_RACK, () => `new-${n++}`);
      if (read.ok) rackSchema.parse(read.value.rack);
      return read.ok;
    },
  },
  {
    name: 'dishes',
    good: [writeDishCsv(DISHES)],
    read: (text) => {
      const read = readDishCsv(text);
      if (read.ok) tripSchema.parse({ ...DEMO_TRIP, dishes: read.value.good.map((meal, i) => ({ id: `d${i}`, meal })) });
      return read.ok;
    },
  },
  {
    name: 'track',
    good: [TRACK, writeGpxWaypoints(DEMO_TRIP) ?? TRACK],
    read: (text) => {
      const read = readGpx(text);
      if (!read.ok) return false;
      for (const l of read.value.lines) {
        const line = trailLine(l.points);
        const pace = { kind: 'km' as const, kmPerDay: 20 };
        const trip = layOutTrip({ ...DEMO_TRIP, id: id() }, line, stopCandidates(line, read.value.waypoints), pace, (n) => `stop-${n}`);
        if (trip.ok) tripSchema.parse(trip.value);
      }
      return true;
    },
  },
  {
    name: 'pasted weights',
    good: ['pot 3.5 oz, burner 2.5 oz\nspoon (long) – 12\n90 g lighter; foil\t7'],
    read: (text) => readWeights(text).good.every((p) => p.massG >= 0 && p.name.length > 0),
  },
];

/** Spoils good files in `runs` ways each and reads them; throws at the first that is neither taken whole nor refused. Counts what was taken. */
export function spoil({ good, read, mutants = mutantOf }: Reader, runs: number, seed?: number): number {
  let taken = 0;
  fc.assert(
    fc.property(fc.constantFrom(...good).chain(mutants), (text) => {
      if (read(text)) taken++;
    }),
    { numRuns: runs, ...(seed === undefined ? {} : { seed }) },
  );
  return taken;
}
