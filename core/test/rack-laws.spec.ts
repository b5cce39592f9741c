import fc from 'fast-check';
import { exportArchive, importArchive } from '../src/output/archive';
import { DEMO_RACK, DEMO_TRIP } from '../src/demo';
import {
  applyMend,
  besideRack,
  build,
  editPiece,
  hardwareOfG,
  hintsFor,
  isInStep,
  packedMl,
  packingSteps,
  rank,
  removePiece,
  removeRackKit,
  simulatedReadingG,
  standing,
  tripAfterRackEdit,
  tripKitOf,
  tripWithKit,
  volumeMl,
  type Candidate,
} from '../src/domain/kit';
import { readRackCsv, writeKitsCsv, writePiecesCsv, writeScoresCsv } from '../src/output/tables';
import {
  PLAIN_RACK,
  CRITERIA,
  kitSchema,
  massOfG,
  rackSchema,
  tripSchema,
  type Criterion,
  type Piece,
  type Rack,
} from '../src/domain/model';
import { hardwareMassG } from '../src/planning/plan';
import { nestOf, nestPieces } from '../src/studies/study';
import { anyRack } from './any-rack';
import { counter } from './rack-in-hand';
import { problemOf, valueOf } from './value-of';

describe('any rack', () => {
  it('comes back from a file as it went out', () => {
    fc.assert(
      fc.property(anyRack, (rack) => {
        expect(valueOf(importArchive(exportArchive([], { rack })))).toEqual({ trips: [], rack });
      }),
    );
  });

  it('comes back from its tables: pieces, kits and points', () => {
    fc.assert(
      fc.property(anyRack, (rack) => {
        const newId = counter();
        let read: Rack = PLAIN_RACK;
        for (const text of [writePiecesCsv(rack.pieces), writeKitsCsv(rack), writeScoresCsv(rack)]) {
          const table = readRackCsv(text, read, newId);
          // a rack without pieces or kits is a table without rows
          if (!table.ok) expect(table.problem.code).toBe('emptyTable');
          else {
            expect(table.value.bad).toEqual([]);
            read = table.value.rack;
          }
        }
        const measured = (p: Piece) => [
          p.name,
          p.role,
          p.massG,
          p.ownMassG,
          p.price,
          p.have,
          p.material,
          p.shape,
          p.note,
          p.burnerId,
          p.ignition,
        ];
        expect(read.pieces.map(measured)).toEqual(rack.pieces.map(measured));
        const held = (r: Rack) => r.kits.map((k) => [k.name, build(r, k).pieces.map((p) => p.name)]);
        expect(held(read)).toEqual(held(rack));
        expect(rackSchema.safeParse(read).success).toBe(true);
      }),
    );
  });

  it('stays valid whatever is taken off it', () => {
    fc.assert(
      fc.property(anyRack, fc.nat(8), (rack, n) => {
        const fewer = removePiece(rack, `p${n}`);
        expect(rackSchema.safeParse(fewer).success).toBe(true);
        expect(rackSchema.safeParse(removeRackKit(fewer, 'k0')).success).toBe(true);
      }),
    );
  });

  it('joins another once: a second time adds nothing', () => {
    fc.assert(
      fc.property(anyRack, anyRack, (here, other) => {
        const newId = counter();
        const both = besideRack(here, other, newId);
        expect(rackSchema.safeParse(both).success).toBe(true);
        expect(both.pieces.length).toBeLessThanOrEqual(here.pieces.length + other.pieces.length);
        expect(besideRack(both, other, newId).pieces).toEqual(both.pieces);
      }),
    );
  });
});

describe('any kit of it', () => {
  it('makes a kit the trip can be planned with, weighing every piece once, or says what is missing', () => {
    fc.assert(
      fc.property(anyRack, (rack) => {
        for (const kit of rack.kits) {
          const built = build(rack, kit);
          const trip = tripWithKit(DEMO_TRIP, built);
          if (!trip.ok) expect(['noBurner', 'noPot']).toContain(trip.problem.code);
          else {
            expect(kitSchema.safeParse(trip.value.kit).error).toBeUndefined();
            expect(hardwareMassG(trip.value)).toBeCloseTo(hardwareOfG(built.pieces), 6);
          }
        }
      }),
    );
  });

  it('gets shorter lists of hints by their mends, and never an invalid rack or trip', () => {
    fc.assert(
      fc.property(anyRack, (start) => {
        let rack = start;
        let trip = DEMO_TRIP;
        const newId = counter();
        for (let i = 0; i < 4; i++) {
          const hint = hintsFor(rack, trip, rack.kits[0]).find((h) => h.mend);
          if (!hint?.mend) break;
          ({ rack, trip } = applyMend(rack, trip, 'k0', hint.mend, newId));
          const left = hintsFor(rack, trip, rack.kits[0]).filter((h) => h.code === hint.code && h.about === hint.about);
          expect(left).toEqual([]);
        }
        expect(rackSchema.safeParse(rack).success).toBe(true);
        expect(tripSchema.safeParse(trip).success).toBe(true);
      }),
      { numRuns: 60 },
    );
  });

  it('nests with every piece in exactly one place, and never packs larger than laid out', () => {
    fc.assert(
      fc.property(anyRack, (rack) => {
        for (const kit of rack.kits) {
          const pieces = nestPieces(build(rack, kit).pieces);
          const nest = nestOf(rack, kit);
          expect(packedMl(pieces, nest)).toBeLessThanOrEqual(pieces.reduce((sum, p) => sum + volumeMl(p.shape), 0) + 1e-6);
          if (!nest) continue;
          const placed = [nest.root, ...packingSteps(nest).map((s) => s.id), ...nest.outside.map((m) => m.id)].sort();
          expect(placed).toEqual(pieces.map((p) => p.id).sort());
          for (const { id } of pieces.filter((p) => kit.outside.includes(p.id)))
            // a lid lies on the pot, wherever it is kept
            expect(nest.outside.concat(nest.root === id ? [{ id, why: 'kept' }] : []).map((m) => m.id)).toContain(id);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('stands as its numbers say: what tips is tall for its foot or wide for its arms', () => {
    fc.assert(
      fc.property(anyRack, (rack) => {
        const { tower, onSupport, largest } = standing(DEMO_TRIP, build(rack, rack.kits[0]).pieces);
        if (tower) expect(tower.tips).toBe(tower.heightMm > 2.6 * tower.footMm);
        if (onSupport) expect(onSupport.overhangMm).toBeCloseTo(Math.max(0, (onSupport.potMm - onSupport.spanMm) / 2), 9);
        if (largest) expect(largest.fits).toBe(largest.fillMl <= largest.roomMl);
      }),
    );
  });
});

describe('a trip that carries a kit', () => {
  const weigh = (massG: number) => editPiece(DEMO_RACK, 'small-gas-stove', { massG });

  it('follows the rack while it is in step, gram for gram', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 500 }), (massG) => {
        const after = weigh(massG);
        const trip = tripAfterRackEdit(DEMO_TRIP, DEMO_RACK, after);
        expect(trip.kit.burnerMassG).toBe(massG);
        expect(isInStep(trip, after)).toBe(true);
      }),
    );
  });

  it('is left alone once it was changed by hand, or carries no kit of the rack', () => {
    const byHand = { ...DEMO_TRIP, kit: { ...DEMO_TRIP.kit, flameSetting: 0.4 } };
    expect(tripAfterRackEdit(byHand, DEMO_RACK, weigh(99))).toBe(byHand);
    const { rackKitId: _none, ...loose } = DEMO_TRIP;
    expect(tripAfterRackEdit(loose, DEMO_RACK, weigh(99))).toBe(loose);
    const gone = removePiece(DEMO_RACK, '0-75-l-titanium-tall');
    expect(problemOf(tripKitOf(build(gone, gone.kits[0]))).code).toBe('noPot');
    expect(tripAfterRackEdit(DEMO_TRIP, DEMO_RACK, gone)).toBe(DEMO_TRIP); // the last that could be planned stays
  });
});

describe('ranks', () => {
  const measures = fc.record(
    Object.fromEntries(CRITERIA.map((c) => [c, fc.option(fc.integer({ min: -30, max: 900 }), { nil: undefined })])),
    {
      requiredKeys: [],
    },
  );
  const anyKits: fc.Arbitrary<Candidate[]> = fc
    .array(measures, { minLength: 2, maxLength: 6 })
    .map((list) =>
      list.map((m, i) => ({ id: `k${i}`, measures: Object.fromEntries(Object.entries(m).filter(([, v]) => v !== undefined)) })),
    );
  const anyWeights = fc.record(Object.fromEntries(CRITERIA.map((c) => [c, fc.integer({ min: 0, max: 100 })]))) as fc.Arbitrary<
    Record<Criterion, number>
  >;
  const totals = (kits: Candidate[], weights: Record<Criterion, number>) =>
    Object.fromEntries(rank(kits, { weights, judged: {} }).ranked.map((r) => [r.id, Number(r.total.toFixed(9))]));

  it('do not depend on the order of the kits, nor on all weights doubled', () => {
    fc.assert(
      fc.property(anyKits, anyWeights, (kits, weights) => {
        const half = Object.fromEntries(CRITERIA.map((c) => [c, weights[c] / 2])) as Record<Criterion, number>;
        expect(totals([...kits].reverse(), weights)).toEqual(totals(kits, weights));
        expect(totals(kits, half)).toEqual(totals(kits, weights));
      }),
    );
  });

  it('lie between none and five, and put first what is best at everything', () => {
    fc.assert(
      fc.property(anyKits, anyWeights, (kits, weights) => {
        const best = Object.fromEntries(
          CRITERIA.map((c) => [c, ['hotMeals', 'simmer', 'wind', 'toBeHad', 'fuss', 'safety'].includes(c) ? 5000 : -5000]),
        );
        const { ranked } = rank([...kits, { id: 'ideal', measures: best }], { weights, judged: {} });
        for (const r of ranked) expect(r.total >= 0 && r.total <= 5 + 1e-9).toBe(true);
        const top = ranked.find((r) => r.id === 'ideal');
        expect(top && top.total).toBeGreaterThanOrEqual(ranked[0].total - 1e-9);
      }),
    );
  });
});

describe('the simulated scale', () => {
  it('shows whole grams within 4 % of the label, always the same for one piece', () => {
    fc.assert(
      fc.property(fc.string(), fc.integer({ min: 0, max: 900 }), (name, massG) => {
        const g = simulatedReadingG({ name, massG });
        expect(g).toBe(Math.round(g));
        expect(Math.abs(g - massG)).toBeLessThanOrEqual(0.04 * massG + 0.5);
        expect(simulatedReadingG({ name, massG })).toBe(g);
      }),
    );
    expect(massOfG({ massG: 90, ownMassG: 92 })).toBe(92);
  });
});
