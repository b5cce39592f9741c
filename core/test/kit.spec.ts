import fc from 'fast-check';
import { exportArchive, importArchive } from '../src/archive/import';
import { CRITERIA, pieceSchema, rackSchema, scoreSchema, type Piece, type Rack } from '../src/archive/rack-schema';
import { kitSchema } from '../src/archive/kit-schema';
import { cheapestVolume, EVERYTHING } from '../src/carry/prices';
import { DEMO_TRIP } from '../src/demo/vesper-divide';
import { DEMO_KIT_ID, DEMO_RACK } from '../src/demo/vesper-rack';
import { addToKit, applyMend, hintsFor, type Hint } from '../src/kit/hints';
import { ignitesOf } from '../src/kit/ignition';
import { pieceOfPasted, readWeights } from '../src/kit/paste-weights';
import { PIECES } from '../src/kit/piece-catalogue';
import { addRackKit, besideRack, editRackKit, EMPTY_RACK, rackWithTripKit, removePiece, removeRackKit } from '../src/kit/rack-edit';
import { readRackCsv, writeKitsCsv, writePiecesCsv, writeScoresCsv } from '../src/kit/rack-csv';
import { rank, toBeat } from '../src/kit/score';
import { standing } from '../src/kit/stability';
import { build, hardwareOfG, tripKitOf, tripWithKit } from '../src/kit/trip-kit';
import { loseOne } from '../src/plan/lose-one';
import { measureKit, measureKits, type KitOnTrip } from '../src/plan/kit-measures';
import { hardwareMassG, planTrip } from '../src/plan/plan';
import { perGram, upgradeLadder } from '../src/plan/upgrades';
import { DISHES } from '../src/menu/dish-catalogue';
import { UNITS } from '../src/units/units';

const kitById = (rack: Rack, id: string) => {
  const found = rack.kits.find((k) => k.id === id);
  if (!found) throw new Error(`no kit ${id}`);
  return found;
};
const counter = () => {
  let n = 0;
  return () => `new-${++n}`;
};
const generic = (name: string): Piece => {
  const found = PIECES.find((p) => p.name === name);
  if (!found) throw new Error(`no piece ${name}`);
  return found;
};
const without = (rack: Rack, kitId: string, name: string): Rack =>
  editRackKit(rack, kitId, (k) => ({ ...k, pieceIds: k.pieceIds.filter((id) => rack.pieces.find((p) => p.id === id)?.name !== name) }));
const codes = (hints: readonly Hint[]): string[] => hints.map((h) => h.code);

describe('the catalogue of pieces', () => {
  it('holds some eighty of different names, each valid, of every job', () => {
    expect(PIECES.length).toBeGreaterThanOrEqual(80);
    expect(new Set(PIECES.map((p) => p.name)).size).toBe(PIECES.length);
    for (const p of PIECES) expect(pieceSchema.safeParse(p).success).toBe(true);
    expect(new Set(PIECES.map((p) => p.role)).size).toBe(22);
  });
});

describe('a pasted list of weights', () => {
  it('is read with names, any unit and the jobs that the names speak of', () => {
    const { good, bad } = readWeights(
      'pot 3.5 oz, burner 2.5 oz\n12 g small lighter\npot support: 14\ntitanium spoon\t17g; 1 lb 2 oz fuel bottle',
    );
    expect(bad).toEqual([]);
    expect(good.map((p) => [p.name, Math.round(p.massG), p.role])).toEqual([
      ['pot', 99, 'pot'],
      ['burner', 71, 'burner'],
      ['small lighter', 12, 'ignition'],
      ['pot support', 14, 'support'],
      ['titanium spoon', 17, 'spoon'],
      ['fuel bottle', 510, 'container'],
    ]);
  });

  it('takes a bare number in the unit preferred, and names what it cannot read', () => {
    const { good, bad } = readWeights('pot 3,5\nmystery\n40 g', UNITS.mass[1]);
    expect(good[0].massG).toBeCloseTo(99.2, 1);
    expect(bad).toEqual([
      { line: 2, text: 'mystery', why: 'noWeight' },
      { line: 3, text: '40 g', why: 'noName' },
    ]);
  });

  it('never throws and never invents a weight', () => {
    fc.assert(
      fc.property(fc.string(), (text) => readWeights(text).good.every((p) => p.massG >= 0 && p.massG <= 20_000 && p.name.length > 0)),
    );
  });
});

describe('a pasted list, any list', () => {
  const name = fc.constantFrom('pot', 'small burner', 'lid', 'long spoon', 'wind screen', 'mesh bag', 'fire steel', 'tent pegs');
  const entry = fc.record({ name, tenths: fc.integer({ min: 1, max: 9999 }), unit: fc.constantFrom(...UNITS.mass) });

  it('gives every weight back in grams, before or behind its name, by lines or by commas', () => {
    fc.assert(
      fc.property(fc.array(entry, { minLength: 1, maxLength: 6 }), fc.boolean(), fc.constantFrom('\n', ', ', '; '), (list, before, gap) => {
        const text = list
          .map((e) => (before ? `${e.tenths / 10} ${e.unit.names[0]} ${e.name}` : `${e.name} ${e.tenths / 10} ${e.unit.names[0]}`))
          .join(gap);
        const { good, bad } = readWeights(text);
        const heavy = list.filter((e) => (e.tenths / 10) * e.unit.factor > 20_000).length;
        expect(good).toHaveLength(list.length - heavy);
        expect(bad).toHaveLength(heavy);
        const light = list.filter((e) => (e.tenths / 10) * e.unit.factor <= 20_000);
        good.forEach((p, i) => {
          expect(p.name).toBe(light[i].name);
          expect(p.massG).toBeCloseTo((light[i].tenths / 10) * light[i].unit.factor, 6);
          expect(pieceSchema.safeParse(pieceOfPasted(p, `id-${i}`)).success).toBe(true);
        });
      }),
    );
  });
});

describe('a kit of pieces', () => {
  it('is the kit of the demo trip, gram by gram', () => {
    expect(tripKitOf(build(DEMO_RACK, DEMO_RACK.kits[0]))).toEqual(DEMO_TRIP.kit);
  });

  it('weighs every piece once, whatever jobs it does, and leaves containers to the load-out', () => {
    for (const kit of DEMO_RACK.kits) {
      const built = build(DEMO_RACK, kit);
      const trip = tripWithKit(DEMO_TRIP, built);
      if (typeof trip === 'string') throw new Error(trip);
      expect(kitSchema.safeParse(trip.kit).success).toBe(true);
      expect(hardwareMassG(trip)).toBeCloseTo(hardwareOfG(built.pieces), 9);
    }
    const pan = { ...generic('18 cm frying pan, coated'), alsoRoles: ['lid' as const] };
    const kit = tripKitOf({ kit: DEMO_RACK.kits[0], pieces: [generic('small gas burner'), pan] });
    expect(kit).toMatchObject({ lidOn: true, otherMassG: 0, pot: { massG: 165, lidMassG: 0 } });
  });

  it('goes by the walker’s own scale before the label', () => {
    const wide = DEMO_RACK.pieces.find((p) => p.name === '0.9 L titanium, wide');
    expect(wide && hardwareOfG([wide])).toBe(101);
  });

  it('says what it lacks to be planned with', () => {
    expect(tripKitOf({ kit: DEMO_RACK.kits[0], pieces: [generic('small gas burner')] })).toBe('noPot');
    expect(tripKitOf({ kit: DEMO_RACK.kits[0], pieces: [generic('0.75 L titanium, tall')] })).toBe('noBurner');
    expect(tripKitOf({ kit: DEMO_RACK.kits[0], pieces: [generic('jar for soaking')] })).toMatchObject({ burnerId: 'none' });
  });

  it('comes onto an empty rack out of the kit of a trip, and back', () => {
    const { rack, kitId } = rackWithTripKit(EMPTY_RACK, DEMO_TRIP, counter());
    expect(rackSchema.safeParse(rack).success).toBe(true);
    expect(tripKitOf(build(rack, kitById(rack, kitId)))).toEqual(DEMO_TRIP.kit);
  });

  it('is doubled, taken away, and loses a piece that leaves the rack', () => {
    const two = addRackKit(DEMO_RACK, 'copy', DEMO_RACK.kits[0]);
    expect(two.kits.at(-1)).toMatchObject({ name: 'small can burner, varied', pieceIds: DEMO_RACK.kits[0].pieceIds });
    expect(addRackKit(two, 'copy-2', DEMO_RACK.kits[0]).kits.at(-1)?.name).toBe('small can burner, varied 2');
    expect(removeRackKit(two, DEMO_KIT_ID).score.compared).not.toContain(DEMO_KIT_ID);
    const fewer = removePiece(two, 'long-titanium-spoon');
    expect(rackSchema.safeParse(fewer).success).toBe(true);
    expect(fewer.kits.every((k) => !k.pieceIds.includes('long-titanium-spoon'))).toBe(true);
  });
});

describe('hints', () => {
  const alcohol = 'alcohol-cone';

  it('name what is missing, and one press mends each', () => {
    let rack = without(without(DEMO_RACK, alcohol, 'measure cap, 5 mL'), alcohol, 'lid of the 0.9 L titanium, wide');
    rack = without(without(rack, alcohol, 'storm matches in a tube'), alcohol, 'soft bottle, 500 mL, marked for alcohol');
    rack = without(rack, alcohol, 'long titanium spoon');
    let trip = {
      ...DEMO_TRIP,
      menu: { ...DEMO_TRIP.menu, lunch: DISHES.find((d) => d.name === 'tin of sardines') ?? DEMO_TRIP.menu.lunch },
    };
    trip = { ...trip, menu: { ...trip.menu, supper: DISHES.find((d) => d.name === 'raw rice') ?? trip.menu.supper } };
    const found = hintsFor(rack, trip, kitById(rack, alcohol));
    expect(codes(found)).toEqual(
      expect.arrayContaining([
        'noMeasure',
        'noLid',
        'noSpareIgnition',
        'failsDamp',
        'noContainer',
        'noSpoon',
        'noOpener',
        'cannotSimmer',
        'wornOut',
      ]),
    );
    const newId = counter();
    for (let i = 0; i < 20; i++) {
      const mend = hintsFor(rack, trip, kitById(rack, alcohol)).find((h) => h.mend)?.mend;
      if (mend) ({ rack, trip } = applyMend(rack, trip, alcohol, mend, newId));
    }
    expect(hintsFor(rack, trip, kitById(rack, alcohol))).toEqual([]);
    expect(rackSchema.safeParse(rack).success).toBe(true);
  });

  it('take what is owned before what is to buy, and nothing to buy under the switch', () => {
    const bare = without(DEMO_RACK, 'remote-snow', 'fire steel, short');
    const spare = (rack: Rack) => hintsFor(rack, DEMO_TRIP, kitById(rack, 'remote-snow')).find((h) => h.code === 'noSpareIgnition')?.mend;
    expect(spare(bare)).toMatchObject({ piece: { name: 'fire steel, short', have: 'own' } });
    const poor = removePiece(removePiece(bare, 'fire-steel-short'), 'storm-matches-in-a-tube');
    expect(spare(poor)).toMatchObject({ piece: { have: 'wish' } });
    expect(spare({ ...poor, onlyOwned: true })).toMatchObject({ piece: { name: 'book of matches' } });
  });

  it('ask for a box where too many stops in a row sell nothing', () => {
    const found = hintsFor(DEMO_RACK, DEMO_TRIP, kitById(DEMO_RACK, 'tablets-light'));
    const noShops = { ...DEMO_TRIP, stops: DEMO_TRIP.stops.map((s) => ({ ...s, sells: [], box: null })) };
    const hint = hintsFor(DEMO_RACK, noShops, kitById(DEMO_RACK, 'tablets-light')).find((h) => h.code === 'notSold');
    expect(codes(found)).not.toContain('notSold');
    expect(hint?.mend).toMatchObject({ kind: 'postBox', stopName: 'Marl Cross' });
  });

  it('know that metal scratches a coated pan, and put another spoon in its place', () => {
    const rack = addToKit(DEMO_RACK, 'regulated-finned', generic('18 cm frying pan, coated'), counter());
    const swappedPot = without(rack, 'regulated-finned', '1 L finned aluminium');
    const hint = hintsFor(swappedPot, DEMO_TRIP, kitById(swappedPot, 'regulated-finned')).find((h) => h.code === 'scratches');
    expect(hint?.about).toBe('long titanium spoon');
    if (!hint?.mend) throw new Error('no mend');
    const { rack: mended } = applyMend(swappedPot, DEMO_TRIP, 'regulated-finned', hint.mend, counter());
    expect(codes(hintsFor(mended, DEMO_TRIP, kitById(mended, 'regulated-finned')))).not.toContain('scratches');
  });

  it('follow the walker’s own table of what lights what', () => {
    expect(ignitesOf(DEMO_RACK, 'canisterTop', 'lighter')).toBe('dry');
    const knows = { ...DEMO_RACK, ignites: { canisterTop: { lighter: 'damp' as const } } };
    expect(codes(hintsFor(knows, DEMO_TRIP, knows.kits[0]))).not.toContain('failsDamp');
  });
});

describe('standing', () => {
  it('tips a tall pot on a small can, less on a foot; measures the pot against its support', () => {
    const pieces = build(DEMO_RACK, DEMO_RACK.kits[0]).pieces;
    // by hand: 70 mm can + 70 mm burner + 112 mm pot on a foot of 90 mm
    expect(standing(DEMO_TRIP, pieces).tower).toMatchObject({ heightMm: 252, footMm: 90, tips: true });
    expect(standing(DEMO_TRIP, [...pieces, generic('folding foot for a can')]).tower).toMatchObject({ footMm: 150, tips: false });
    expect(standing(DEMO_TRIP, pieces).onSupport).toEqual({ potMm: 95, spanMm: 110, overhangMm: 0, tips: false });
    expect(standing(DEMO_TRIP, pieces).largest).toMatchObject({ name: 'dried dinner and tea', fits: true });
  });
});

const measured = measureKits(
  DEMO_RACK,
  DEMO_TRIP,
  DEMO_RACK.kits.map((k) => k.id),
).kits;
const onTrip = (id: string): KitOnTrip => {
  const found = measured.find((k) => k.id === id);
  if (!found) throw new Error(`no kit ${id}`);
  return found;
};

describe('the score', () => {
  it('fills in what the plan knows', () => {
    const own = onTrip(DEMO_KIT_ID);
    const plan = planTrip(DEMO_TRIP);
    expect(own.measures.fuelG).toBeCloseTo(
      plan.carries.reduce((s, c) => s + c.demandG, 0),
      6,
    );
    expect(own.measures.carriedG).toBeCloseTo(plan.carries.reduce((s, c) => s + c.profile.gramDays, 0) / 23, 6);
    expect(onTrip('cold-soak').measures).toMatchObject({ hotMeals: 0, fuelG: 0, toBeHad: 100 });
    expect(onTrip('regulated-finned').measures.priceToBuy).toBe(138); // 70 + 60 + 8
    expect(onTrip('alcohol-cone').mealsMissed).toBe(10); // five days of a ban on open flame, two meals a day
  });

  it('gives the best five points and the worst none, and the mean by weight', () => {
    const { ranked } = rank(measured, scoreSchema.parse({}));
    for (const c of CRITERIA) {
      const points = ranked.flatMap((r) => r.cells[c].points ?? []);
      if (points.length) expect([Math.min(...points) >= 0, Math.max(...points)]).toEqual([true, 5]);
    }
    const only = rank(measured, { weights: { ...zero, carriedG: 50 }, judged: {} });
    expect(only.ranked[0].id).toBe('cold-soak');
    expect(only.ranked[0].total).toBe(5);
  });

  it('says how far a weight must move: just before it the order stands, just past it another is first', () => {
    const { weights } = scoreSchema.parse({});
    const { ranked, turns } = rank(measured, { weights, judged: {} });
    expect(turns.length).toBeGreaterThan(0);
    for (const t of turns) {
      const at = (weight: number) => rank(measured, { weights: { ...weights, [t.criterion]: weight }, judged: {} }).ranked[0].id;
      const past = Math.sign(t.to - t.from) * 0.01;
      if (t.to + past < 0) continue;
      expect(at(t.to - past)).toBe(ranked[0].id);
      expect(at(t.to + past)).toBe(t.first);
    }
  });

  it('says what would have to change to draw level, and it does', () => {
    const { weights } = scoreSchema.parse({});
    const three = measured.slice(0, 3);
    const score = { weights, judged: {} };
    const { ranked } = rank(three, score);
    const loser = ranked[1].id;
    const ways = toBeat(three, score, loser, ranked[0].id);
    for (const way of ways) {
      const changed = three.map((k) => (k.id === loser ? { ...k, measures: { ...k.measures, [way.criterion]: way.to } } : k));
      const spread = (list: typeof three) => list.flatMap((k) => k.measures[way.criterion] ?? []);
      // only where the span of the criterion stays what it was do points stay comparable
      if (Math.max(...spread(changed)) !== Math.max(...spread(three)) || Math.min(...spread(changed)) !== Math.min(...spread(three)))
        continue;
      const after = rank(changed, score).ranked;
      expect(after[0].total).toBeCloseTo(after[1].total, 6);
    }
    expect(toBeat(three, score, ranked[0].id, loser)).toEqual([]);
  });

  it('puts the walker’s own points before what is measured', () => {
    const judged = { [DEMO_KIT_ID]: { carriedG: 5 } };
    const { ranked } = rank(measured, { weights: { ...zero, carriedG: 1 }, judged });
    expect(ranked.find((r) => r.id === DEMO_KIT_ID)?.cells.carriedG).toEqual({ points: 5, judged: true });
  });
});
const zero = Object.fromEntries(CRITERIA.map((c) => [c, 0])) as Record<(typeof CRITERIA)[number], number>;

describe('prices', () => {
  it('buy a volume the cheapest way and say what is over', () => {
    const offers = [
      { packageId: 'alcohol-500' as const, price: 6 },
      { packageId: 'alcohol-1000' as const, price: 8 },
    ];
    expect(cheapestVolume(offers, 450)).toEqual({ price: 6, over: 50, assumed: false });
    expect(cheapestVolume(offers, 900)).toEqual({ price: 8, over: 100, assumed: false });
    expect(cheapestVolume(offers, 1400)).toEqual({ price: 14, over: 100, assumed: false });
    expect(
      cheapestVolume(
        EVERYTHING.filter((o) => o.packageId === 'alcohol-poured'),
        300,
      ),
    ).toEqual({ price: 3, over: 0, assumed: true });
    expect(cheapestVolume([], 300)).toBeUndefined();
  });

  it('spread pieces over their own life or the walker’s number of trips', () => {
    const own = measureKit({ ...DEMO_RACK, spreadTrips: 1 }, DEMO_TRIP, kitById(DEMO_RACK, 'cold-soak'));
    expect(own).toMatchObject({ price: { fuel: 0, pieces: 13, total: 13 } }); // a jar of 3 and a spoon of 10
  });
});

describe('the upgrade ladder', () => {
  const ladder = upgradeLadder(DEMO_RACK, DEMO_TRIP, DEMO_RACK.kits[0]);

  it('puts what costs nothing first, then the cheapest gram', () => {
    const steps = ladder.map(perGram);
    expect(steps).toEqual([...steps].sort((a, b) => a - b));
    expect(ladder[0].price).toBe(0);
  });

  it('saves on this trip what it says, planned again, and opens no gap', () => {
    const now = onTrip(DEMO_KIT_ID);
    const gaps = codes(hintsFor(DEMO_RACK, DEMO_TRIP, DEMO_RACK.kits[0]));
    for (const step of ladder.slice(0, 4)) {
      const then = measureKit(step.rack, DEMO_TRIP, kitById(step.rack, DEMO_KIT_ID));
      if (typeof then === 'string') throw new Error(then);
      expect((now.measures.carriedG ?? 0) - (then.measures.carriedG ?? 0)).toBeCloseTo(step.savedG, 6);
      for (const h of codes(hintsFor(step.rack, DEMO_TRIP, kitById(step.rack, DEMO_KIT_ID)))) expect(gaps).toContain(h);
    }
  });

  it('stays with what is owned under the switch', () => {
    const own = upgradeLadder({ ...DEMO_RACK, onlyOwned: true }, DEMO_TRIP, DEMO_RACK.kits[0]);
    expect(own.every((u) => u.price === 0)).toBe(true);
  });
});

describe('losing one', () => {
  const named = (kitId: string, name: string) =>
    loseOne(DEMO_RACK, DEMO_TRIP, kitById(DEMO_RACK, kitId), 0).find((l) => l.what.kind === 'piece' && l.what.piece.name === name);

  it('of burner or pot costs every hot meal of the carry; of one of two ignitions none', () => {
    expect(named(DEMO_KIT_ID, 'small gas burner')).toMatchObject({ hotMealsLost: 10, mend: { massG: 73 } });
    expect(named(DEMO_KIT_ID, 'small lighter')).toMatchObject({ hotMealsLost: 0 });
    const single = without(DEMO_RACK, DEMO_KIT_ID, 'book of matches');
    const lost = loseOne(single, DEMO_TRIP, single.kits[0], 0).find(
      (l) => l.what.kind === 'piece' && l.what.piece.name === 'small lighter',
    );
    expect(lost).toMatchObject({ hotMealsLost: 10, mend: { words: 'spare' } });
  });

  it('on snow leaves water that nothing melts or makes safe', () => {
    const onSnow = loseOne(DEMO_RACK, DEMO_TRIP, DEMO_RACK.kits[0], 4).find(
      (l) => l.what.kind === 'piece' && l.what.piece.role === 'burner',
    );
    expect(onSnow?.untreatedMl).toBeGreaterThan(2000);
  });

  it('is worst first, and a bottle of two costs only what was in it', () => {
    const losses = loseOne(DEMO_RACK, DEMO_TRIP, kitById(DEMO_RACK, 'alcohol-cone'), 0);
    const lost = losses.map((l) => l.hotMealsLost);
    expect(lost).toEqual([...lost].sort((a, b) => b - a));
    const bottles = losses.filter((l) => l.what.kind === 'container');
    expect(bottles.length).toBeGreaterThan(0);
    for (const b of bottles) expect(b.mend).toEqual({ words: 'split', massG: 20 });
  });
});

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
