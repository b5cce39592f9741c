import { exportArchive, importArchive } from '../src/output/archive';
import { DEMO_KIT_ID, DEMO_RACK } from '../src/demo';
import { besideRack, build } from '../src/domain/kit';
import { readRackCsv, writeKitsCsv, writePiecesCsv, writeScoresCsv } from '../src/output/tables';
import { PLAIN_RACK, IGNITIONS, rackSchema, ROLES, type Piece, type Rack } from '../src/domain/model';
import { counter, zero } from './rack-in-hand';
import { problemOf, valueOf } from './value-of';

describe('the rack in files', () => {
  it('goes out as JSON and comes in again, alone or in a backup', () => {
    expect(valueOf(importArchive(exportArchive([], { rack: DEMO_RACK })))).toEqual({ trips: [], rack: DEMO_RACK });
    expect(importArchive(exportArchive([]))).toMatchObject({ problem: { issues: [{ path: 'trips' }] } });
    const broken = { ...DEMO_RACK, pieces: DEMO_RACK.pieces.filter((p) => p.role !== 'spoon') };
    const read = importArchive(exportArchive([], { rack: broken }));
    const first = !read.ok && read.problem.code === 'badValues' ? read.problem.issues[0] : undefined;
    expect(first).toEqual({
      path: 'rack.kits.0.pieceIds',
      code: 'rule',
      words: '"small canister stove" holds "long-titanium-spoon", which is not on the rack',
    });
  });

  it('comes in beside another without doubling what is there', () => {
    expect(besideRack(DEMO_RACK, DEMO_RACK, counter())).toEqual(DEMO_RACK);
    const other = besideRack(PLAIN_RACK, DEMO_RACK, counter());
    expect([other.pieces.length, other.kits.length]).toEqual([DEMO_RACK.pieces.length, DEMO_RACK.kits.length]);
    expect(rackSchema.safeParse(other).success).toBe(true);
  });

  it('goes out as three tables that come in as they were', () => {
    const bare = { ...PLAIN_RACK, score: { ...PLAIN_RACK.score, weights: zero } };
    const withPieces = valueOf(readRackCsv(writePiecesCsv(DEMO_RACK.pieces), bare, counter())).rack;
    const shape = (p: Piece) => [p.name, p.role, p.massG, p.ownMassG, p.price, p.have, p.shape, p.burnerId, p.windscreen, p.holdsMl];
    expect(withPieces.pieces.map(shape)).toEqual(DEMO_RACK.pieces.map(shape));
    const withKits = valueOf(readRackCsv(writeKitsCsv(DEMO_RACK), withPieces, counter())).rack;
    const names = (rack: Rack) => rack.kits.map((k) => [k.name, build(rack, k).pieces.map((p) => p.name)]);
    expect(names(withKits)).toEqual(names(DEMO_RACK));
    const withScores = valueOf(readRackCsv(writeScoresCsv(DEMO_RACK), withKits, counter())).rack;
    expect(withScores.score.weights).toEqual(DEMO_RACK.score.weights);
    expect(Object.values(withScores.score.judged)).toEqual(Object.values(DEMO_RACK.score.judged));
  });

  it('refuses bad rows by line and name, and keeps the good ones', () => {
    const rowsOf = (text: string, rack: Rack) => valueOf(readRackCsv(text, rack, counter()));
    const table = rowsOf(
      'name,role,massG,ignition\nmy pot,pan,90,\nmy lighter,ignition,eleven,lighter\nmy rod,ignition,15,flint\nmy cloth,scrap,9,',
      PLAIN_RACK,
    );
    expect(table.count).toBe(1);
    expect(table.bad).toEqual([
      { line: 2, cells: [{ code: 'notOneOf', column: 'role', found: 'pan', allowed: ROLES }] },
      { line: 3, cells: [{ code: 'notANumber', column: 'massG', found: 'eleven' }] },
      { line: 4, cells: [{ code: 'notOneOf', column: 'ignition', found: 'flint', allowed: IGNITIONS }] },
    ]);
    const kits = rowsOf('kit,piece\nlight,no such pot', DEMO_RACK);
    expect(kits.bad[0].cells).toEqual([{ code: 'unknownName', column: 'piece', found: 'no such pot' }]);
    const scores = rowsOf('criterion,weight,kit,points\ncarriedG,120,,\nfuss,,small canister stove,4', DEMO_RACK);
    expect(scores.bad[0].cells).toEqual([{ code: 'outside', column: 'weight', found: 120, min: 0, max: 100 }]);
    expect(scores.rack.score.judged[DEMO_KIT_ID]?.fuss).toBe(4);
    expect(problemOf(readRackCsv('a,b\n1,2', DEMO_RACK, counter()))).toEqual({ code: 'unknownTable', columns: ['a', 'b'] });
  });
});
