import { exportArchive, importArchive } from '../src/archive/import';
import { rackSchema, type Piece, type Rack } from '../src/archive/rack-schema';
import { DEMO_KIT_ID, DEMO_RACK } from '../src/demo/vesper-rack';
import { besideRack, EMPTY_RACK } from '../src/kit/rack-edit';
import { readRackCsv, writeKitsCsv, writePiecesCsv, writeScoresCsv } from '../src/kit/rack-csv';
import { build } from '../src/kit/trip-kit';
import { counter, zero } from './rack-in-hand';

describe('the rack in files', () => {
  it('goes out as JSON and comes in again, alone or in a backup', () => {
    expect(importArchive(exportArchive([], { rack: DEMO_RACK }))).toEqual({ ok: true, trips: [], rack: DEMO_RACK });
    expect(importArchive(exportArchive([]))).toMatchObject({ problem: { issues: [{ path: 'trips' }] } });
    const broken = { ...DEMO_RACK, pieces: DEMO_RACK.pieces.filter((p) => p.role !== 'spoon') };
    const read = importArchive(exportArchive([], { rack: broken }));
    const first = !read.ok && read.problem.code === 'badValues' ? read.problem.issues[0] : undefined;
    expect(first).toEqual({
      path: 'rack.kits.0.pieceIds',
      message: '"small can burner" holds "long-titanium-spoon", which is not on the rack',
    });
  });

  it('comes in beside another without doubling what is there', () => {
    expect(besideRack(DEMO_RACK, DEMO_RACK, counter())).toEqual(DEMO_RACK);
    const other = besideRack(EMPTY_RACK, DEMO_RACK, counter());
    expect([other.pieces.length, other.kits.length]).toEqual([DEMO_RACK.pieces.length, DEMO_RACK.kits.length]);
    expect(rackSchema.safeParse(other).success).toBe(true);
  });

  it('goes out as three tables that come in as they were', () => {
    const bare = { ...EMPTY_RACK, score: { ...EMPTY_RACK.score, weights: zero } };
    const withPieces = readRackCsv(writePiecesCsv(DEMO_RACK.pieces), bare, counter())?.rack ?? bare;
    const shape = (p: Piece) => [p.name, p.role, p.massG, p.ownMassG, p.price, p.have, p.shape, p.burnerId, p.windscreen, p.holdsMl];
    expect(withPieces.pieces.map(shape)).toEqual(DEMO_RACK.pieces.map(shape));
    const withKits = readRackCsv(writeKitsCsv(DEMO_RACK), withPieces, counter())?.rack ?? bare;
    const names = (rack: Rack) => rack.kits.map((k) => [k.name, build(rack, k).pieces.map((p) => p.name)]);
    expect(names(withKits)).toEqual(names(DEMO_RACK));
    const withScores = readRackCsv(writeScoresCsv(DEMO_RACK), withKits, counter())?.rack ?? bare;
    expect(withScores.score.weights).toEqual(DEMO_RACK.score.weights);
    expect(Object.values(withScores.score.judged)).toEqual(Object.values(DEMO_RACK.score.judged));
  });

  it('refuses bad rows by line and name, and keeps the good ones', () => {
    const table = readRackCsv(
      'name,role,massG,ignition\nmy pot,pan,90,\nmy lighter,ignition,eleven,lighter\nmy rod,ignition,15,flint\nmy cloth,scrap,9,',
      EMPTY_RACK,
      counter(),
    );
    expect(table?.count).toBe(1);
    expect(table?.bad.map((b) => [b.line, b.reasons[0]])).toEqual([
      [2, expect.stringMatching(/^role is “pan”; it can be burner, /)],
      [3, 'massG is “eleven”, not a number'],
      [4, 'ignition: it can be lighter, piezo, match, stormMatch, spark, arc'],
    ]);
    const kits = readRackCsv('kit,piece\nlight,no such pot', DEMO_RACK, counter());
    expect(kits?.bad[0].reasons[0]).toContain('no piece on the rack is called “no such pot”');
    const scores = readRackCsv('criterion,weight,kit,points\ncarriedG,120,,\nfuss,,small can burner,4', DEMO_RACK, counter());
    expect(scores?.bad[0].reasons).toEqual(['weight is 120; it goes from 0 to 100']);
    expect(scores?.rack.score.judged[DEMO_KIT_ID]?.fuss).toBe(4);
    expect(readRackCsv('a,b\n1,2', DEMO_RACK, counter())).toBeUndefined();
  });
});
