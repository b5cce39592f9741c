import { cheapestVolume, EVERYTHING } from '../src/domain/carry';
import { DEMO_KIT_ID, DEMO_RACK, DEMO_TRIP } from '../src/demo';
import { hintsFor, rank, toBeat } from '../src/domain/kit';
import { CRITERIA, scoreSchema, type Rack, type RackKit } from '../src/domain/model';
import { planTrip } from '../src/planning/plan';
import { loseOne, measureKit, measureKits, perGram, upgradeLadder, type KitOnTrip } from '../src/studies/study';
import { codes, kitById, without, zero } from './rack-in-hand';
import { valueOf } from './value-of';

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
    const own = valueOf(measureKit({ ...DEMO_RACK, spreadTrips: 1 }, DEMO_TRIP, kitById(DEMO_RACK, 'cold-soak')));
    expect(own).toMatchObject({ price: { fuel: 0, pieces: 13, total: 13 } }); // a jar of 3 and a spoon of 10
  });
});

describe('the upgrade ladder', () => {
  const ladder = valueOf(upgradeLadder(DEMO_RACK, DEMO_TRIP, DEMO_RACK.kits[0]));

  it('puts what costs nothing first, then the cheapest gram', () => {
    const steps = ladder.map(perGram);
    expect(steps).toEqual([...steps].sort((a, b) => a - b));
    expect(ladder[0].price).toBe(0);
  });

  it('saves on this trip what it says, planned again, and opens no gap', () => {
    const now = onTrip(DEMO_KIT_ID);
    const gaps = codes(hintsFor(DEMO_RACK, DEMO_TRIP, DEMO_RACK.kits[0]));
    for (const step of ladder.slice(0, 4)) {
      const then = valueOf(measureKit(step.rack, DEMO_TRIP, kitById(step.rack, DEMO_KIT_ID)));
      expect((now.measures.carriedG ?? 0) - (then.measures.carriedG ?? 0)).toBeCloseTo(step.savedG, 6);
      for (const h of codes(hintsFor(step.rack, DEMO_TRIP, kitById(step.rack, DEMO_KIT_ID)))) expect(gaps).toContain(h);
    }
  });

  it('stays with what is owned under the switch', () => {
    const own = valueOf(upgradeLadder({ ...DEMO_RACK, onlyOwned: true }, DEMO_TRIP, DEMO_RACK.kits[0]));
    expect(own.every((u) => u.price === 0)).toBe(true);
  });
});

describe('losing one', () => {
  const lossesOf = (rack: Rack, kit: RackKit, stop: number) => valueOf(loseOne(rack, DEMO_TRIP, kit, DEMO_TRIP.stops[stop].id));
  const named = (kitId: string, name: string) =>
    lossesOf(DEMO_RACK, kitById(DEMO_RACK, kitId), 0).find((l) => l.what.kind === 'piece' && l.what.piece.name === name);

  it('of burner or pot costs every hot meal of the carry; of one of two ignitions none', () => {
    expect(named(DEMO_KIT_ID, 'small gas stove')).toMatchObject({ hotMealsLost: 10, mend: { massG: 73 } });
    expect(named(DEMO_KIT_ID, 'small lighter')).toMatchObject({ hotMealsLost: 0 });
    const single = without(DEMO_RACK, DEMO_KIT_ID, 'book of matches');
    const lost = lossesOf(single, single.kits[0], 0).find((l) => l.what.kind === 'piece' && l.what.piece.name === 'small lighter');
    expect(lost).toMatchObject({ hotMealsLost: 10, mend: { words: 'spare' } });
  });

  it('on snow leaves water that nothing melts or makes safe', () => {
    const onSnow = lossesOf(DEMO_RACK, DEMO_RACK.kits[0], 4).find((l) => l.what.kind === 'piece' && l.what.piece.role === 'burner');
    expect(onSnow?.untreatedMl).toBeGreaterThan(2000);
  });

  it('is worst first, and a bottle of two costs only what was in it', () => {
    const losses = lossesOf(DEMO_RACK, kitById(DEMO_RACK, 'alcohol-cone'), 0);
    const lost = losses.map((l) => l.hotMealsLost);
    expect(lost).toEqual([...lost].sort((a, b) => b - a));
    const bottles = losses.filter((l) => l.what.kind === 'container');
    expect(bottles.length).toBeGreaterThan(0);
    for (const b of bottles) expect(b.mend).toEqual({ words: 'split', massG: 20 });
  });
});
