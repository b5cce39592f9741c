import { exportArchive, exportLog, exportToLookAt } from '../src/output/archive';
import { DEMO_RACK, DEMO_TRIP } from '../src/demo';
import { planTrip } from '../src/planning/plan';
import {
  writeDishCsv,
  writeKitsCsv,
  writeLoadOutCsv,
  writeLogCsv,
  writePiecesCsv,
  writeScoresCsv,
  writeShelfCsv,
  writeTestsCsv,
} from '../src/output/tables';
import { writeIcs } from '../src/output/calendar';
import { METRIC } from '../src/foundation/units';

const shelved = { trip: DEMO_TRIP, archived: false };

/** Every format as the demo comes out in it, by the name of its published example (docs/formats/examples, `npm run examples`). */
export const EXAMPLES: Record<string, () => string> = {
  'everything.json': () => exportArchive([shelved], { rack: DEMO_RACK, preferences: { theme: 'day', units: { ...METRIC } } }),
  'trip.json': () => exportArchive([shelved]),
  'to-look-at.json': () => exportToLookAt(DEMO_TRIP),
  'rack.json': () => exportArchive([], { rack: DEMO_RACK }),
  'shelf.json': () => exportArchive([], { shelf: DEMO_RACK.shelf }),
  'bench.json': () => exportArchive([], { bench: DEMO_RACK.bench }),
  'log.json': () => exportLog(DEMO_TRIP),
  'log.csv': () => writeLogCsv(DEMO_TRIP.walk?.log ?? []),
  'pieces.csv': () => writePiecesCsv(DEMO_RACK.pieces),
  'kits.csv': () => writeKitsCsv(DEMO_RACK),
  'scores.csv': () => writeScoresCsv(DEMO_RACK),
  'shelf.csv': () => writeShelfCsv(DEMO_RACK.shelf),
  'dishes.csv': () => writeDishCsv(Object.values(DEMO_TRIP.menu)),
  'burns.csv': () => writeTestsCsv(DEMO_RACK.bench),
  'load-outs.csv': () => writeLoadOutCsv(planTrip(DEMO_TRIP)),
  'resupply.ics': () => writeIcs(DEMO_TRIP, '2027-01-01T00:00:00Z'),
};
