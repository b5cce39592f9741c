import { DEMO_RACK, DEMO_TRIP } from '../src/demo';
import { chanceOfRunningOut, found, withoutTrip } from '../src/studies/finder';
import { candidates } from '../src/studies/finder/candidates';
import { carried, carriedMix, takeOnRack, type FoundKit } from '../src/studies/found';
import { build } from '../src/domain/kit';
import { hasRole, rackSchema, tripSchema } from '../src/domain/model';
import { planTrip } from '../src/planning/plan';
import { NO_MISHAPS } from '../src/planning/risk';
import { planRisk } from '../src/studies/study';
import { OWN, plainTrip, rackOf } from './finder-case';
import { counter } from './rack-in-hand';

const TRIP = plainTrip(4);
const RACK = rackOf('small gas stove', '0.9 L titanium, wide', 'thin folding windscreen');
const KITS = [...candidates(DEMO_RACK, TRIP, OWN)].slice(0, 40).map((c, i) => withoutTrip(found(c, i)));
const [ONE] = KITS;
const OTHER: FoundKit = KITS.find((k) => k.school !== ONE.school) ?? KITS[KITS.length - 1];

describe('a kit that was found, put on the rack', () => {
  it('is there under a name of its own, with everything it is made of', () => {
    const newId = counter();
    const first = takeOnRack(DEMO_RACK, ONE, 'found', newId);
    const second = takeOnRack(first.rack, ONE, 'found', newId);
    expect(rackSchema.safeParse(second.rack).success).toBe(true);
    expect([first.kit.name, second.kit.name === first.kit.name]).toEqual(['found', false]);
    expect(second.rack.kits).toHaveLength(DEMO_RACK.kits.length + 2);
    const built = build(first.rack, first.kit);
    expect(built.pieces.map((p) => p.name).sort()).toEqual(ONE.pieces.map((p) => p.name).sort());
    // what is on the rack already is not put there twice
    const names = first.rack.pieces.map((p) => p.id);
    expect(new Set(names).size).toBe(names.length);
  });

  it('is carried and cooked as it was found: the plan of the trip is the plan that it was judged by', () => {
    for (const kit of [ONE, OTHER]) {
      const { rack, kit: taken } = takeOnRack(DEMO_RACK, kit, 'found', counter());
      const trip = carried(TRIP, rack, taken, OWN.ways, kit);
      expect(tripSchema.safeParse(trip).success).toBe(true);
      expect(trip.kit.burnerId).toBe(kit.kit.burnerId);
      expect(planTrip(trip).carries[0].demandG).toBeCloseTo(kit.measured.demandG, 6);
    }
  });

  it('leaves the trip as it is where it cannot be planned with', () => {
    const { rack, kit } = takeOnRack(DEMO_RACK, ONE, 'found', counter());
    const potAlone = rack.pieces.filter((p) => hasRole(p, 'pot')).slice(0, 1);
    expect(carried(TRIP, rack, { ...kit, pieceIds: potAlone.map((p) => p.id) }, OWN.ways, ONE)).toBe(TRIP);
  });
});

describe('different kits on different legs', () => {
  const mix = { base: ONE.number, legs: [{ leg: 2, number: OTHER.number }] };
  const name = (k: { school: string }): string => k.school;

  it('are carried where the mix says, and the base everywhere else', () => {
    const { rack, trip } = carriedMix({ rack: DEMO_RACK, trip: DEMO_TRIP }, mix, KITS, OWN.ways, name, counter());
    expect(rack.kits).toHaveLength(DEMO_RACK.kits.length + 2);
    expect(trip.kit.burnerId).toBe(ONE.kit.burnerId);
    expect(trip.legs.map((l) => l.kit?.kit.burnerId)).toEqual(trip.legs.map((_, i) => (i === 2 ? OTHER.kit.burnerId : undefined)));
    expect(planTrip(trip).days).toHaveLength(planTrip(DEMO_TRIP).days.length);
  });

  it('change nothing where one of them is not known any more', () => {
    const before = { rack: DEMO_RACK, trip: DEMO_TRIP };
    for (const gone of [
      { ...mix, base: -1 },
      { ...mix, legs: [{ leg: 2, number: -1 }] },
    ])
      expect(carriedMix(before, gone, KITS, OWN.ways, name, counter())).toEqual(before);
  });
});

describe('the chance that a kit runs out', () => {
  it('is that of its plan, with the same seed for all', () => {
    const [candidate] = candidates(RACK, TRIP, OWN);
    const chance = chanceOfRunningOut(candidate, NO_MISHAPS);
    expect(chance).toBe(chanceOfRunningOut(candidate, NO_MISHAPS));
    const plan = planTrip(candidate.trip);
    const [risk] = planRisk(candidate.trip, plan, NO_MISHAPS);
    // one carry: the same trips, only fewer of them (2,500 for 10,000)
    expect(Math.abs(chance - (risk?.runOut ?? 0))).toBeLessThan(4 * Math.sqrt(0.25 / 2500));
  });

  it('grows with mishaps, and is nothing where there is ten times as much as is needed', () => {
    const [candidate] = candidates(RACK, TRIP, OWN);
    const storms = { slowDay: 0.5, stormDay: 0.5, drinkMore: 0.5 };
    expect(chanceOfRunningOut(candidate, storms)).toBeGreaterThanOrEqual(chanceOfRunningOut(candidate, NO_MISHAPS));
    const plenty = { ...candidate, trip: { ...candidate.trip, reservePercent: 100 } };
    expect(chanceOfRunningOut(plenty, NO_MISHAPS)).toBeLessThanOrEqual(chanceOfRunningOut(candidate, NO_MISHAPS));
  });
});
