import fc from 'fast-check';
import { burntAlong, CANISTER_SIZES, fuelOfG, type CanStage, type Container } from '../src/domain/carry';
import { bestCans, type OwnCan } from '../src/planning/load-out';
import { DEMO_TRIP } from '../src/demo';
import { fuelById, type GasFuel } from '../src/physics/fuel';
import type { OwnContainer, Trip } from '../src/domain/model';
import { kitInUse, planTrip } from '../src/planning/plan';
import { doneMeals, type CarryPlan, type Plan } from '../src/planning/planned';
import { NO_MISHAPS } from '../src/planning/risk';
import { planRisk } from '../src/studies/study';
import { anyTrip } from './any-trip';
import { everyDay, ofDays, SHORT_TRIP } from './short-trip';
import { valueOf } from './value-of';

const blendOf = (fuelId: string) => (fuelById(fuelId) as GasFuel).blend;
const can = (id: string, fuelG: number, more: Partial<OwnContainer> = {}): OwnContainer => ({
  id,
  name: `can ${id}`,
  kind: 'canister',
  fuelId: 'gas-20-80',
  netG: 230,
  tareG: 150,
  fuelG,
  sdG: 2,
  blend: blendOf('gas-20-80'),
  place: 'best',
  ...more,
});
const withOwn = (trip: Trip, ...own: OwnContainer[]): Trip => ({ ...trip, own });
const ids = (list: readonly Container[]): (string | undefined)[] => list.map((c) => c.own?.id);
const carriedG = (plan: Plan): number => plan.carries.reduce((sum, c) => sum + c.profile.gramDays, 0);
const first = (plan: Plan): CarryPlan => plan.carries[0];

describe('cans of one’s own on a trip', () => {
  it('are accounted for to the gram and taken once, over random trips and shelves', () => {
    let taken = 0;
    const anyOwn = fc.array(
      fc.record({
        fuelG: fc.integer({ min: 5, max: 230 }),
        place: fc.constantFrom<OwnContainer['place']>('best', 'home'),
        tareG: fc.constantFrom(90, 150),
      }),
      { minLength: 1, maxLength: 3 },
    );
    fc.assert(
      fc.property(anyTrip, anyOwn, (trip, list) => {
        const own = list.map((c, i) => can(`own-${i}`, c.fuelG, c));
        const plan = planTrip(withOwn({ ...trip, kit: SHORT_TRIP.kit }, ...own));
        plan.carries.forEach((c) => {
          taken += c.taken.length;
          // what is home stays there, and nothing is taken twice
          c.taken.forEach((t) => expect(own.find((o) => o.id === t.own?.id)?.place).toBe('best'));
          if (c.gatheredG === 0)
            expect(c.fuelG).toBeCloseTo(fuelOfG(c.arrivedWith) - fuelOfG(c.left) + fuelOfG(c.bought) + fuelOfG(c.taken), 3);
        });
        const all = plan.carries.flatMap((c) => ids(c.taken));
        expect(new Set(all).size).toBe(all.length);
      }),
      { numRuns: 30, endOnFailure: true },
    );
    expect(taken).toBeGreaterThan(3);
  });

  it('are taken where they are lighter than what is bought, and left at home where a new small one is', () => {
    const gas = ofDays(2);
    const bare = planTrip(gas);
    const demandG = first(bare).demandG;
    // just enough in a small can of one’s own, against a new one of the same size
    const half = can('half', Math.ceil(demandG * 1.2), { netG: 100, tareG: 95 });
    const light = planTrip(withOwn(gas, half));
    expect([ids(first(light).taken), first(light).bought]).toEqual([['half'], []]);
    expect(carriedG(light)).toBeLessThan(carriedG(bare));
    // the same grams in a can of 450 g weigh more than a new small one
    const heavy = planTrip(withOwn(gas, { ...half, netG: 450, tareG: 210 }));
    expect(first(heavy).taken).toEqual([]);
    const ordered = planTrip(withOwn(gas, { ...half, netG: 450, tareG: 210, place: { stopId: gas.stops[0].id } }));
    expect(ids(first(ordered).taken)).toEqual(['half']);
    expect(carriedG(ordered)).toBeGreaterThan(carriedG(heavy));
  });

  it('keep their own fill, tare and liquid to the end of the carry', () => {
    const own = can('half', 90, { tareG: 143, place: { stopId: SHORT_TRIP.stops[0].id } });
    const c = first(planTrip(withOwn(SHORT_TRIP, own)));
    const there = c.containers.find((x) => x.own?.id === 'half');
    expect(there).toMatchObject({ fuelG: 90, tareG: 143, own: { sdG: 2, liquid: { whenG: 90 } } });
    const back = c.after.find((x) => x.own?.id === 'half');
    expect(back?.fuelG).toBeLessThan(90);
    expect(c.after.reduce((sum, x) => sum + x.fuelG, 0)).toBeCloseTo(c.fuelG - c.demandG, 3);
  });

  it('that are too weak for the cold are not alone on it: they cook the mild evenings, the strong one the cold', () => {
    // all n-butane gives nothing below about 0 °C; three mild days, then three cold ones
    const mild = everyDay(ofDays(6), { supperAirC: 16, breakfastAirC: 12, waterC: 12 });
    const [leg] = mild.legs;
    const cold: Trip = {
      ...mild,
      legs: [{ ...leg, days: leg.days.map((d, i) => (i < 3 ? d : { ...d, supperAirC: -4, breakfastAirC: -8 })) }],
    };
    const weak = can('weak', 200, { fuelId: 'gas-butane', blend: blendOf('gas-butane') });
    const plan = planTrip(withOwn(cold, weak));
    expect(doneMeals(plan)).toBe(doneMeals(planTrip(cold)));
    const { containers, days } = first(plan);
    const cookedOn = (d: (typeof days)[number]): (string | undefined)[] =>
      Object.values(d.meals).flatMap((m) => (m.canAt === undefined ? [] : [containers.at(m.canAt)?.own?.id]));
    days.slice(3).forEach((d) => expect(cookedOn(d)).not.toContain('weak'));
    // on mild evenings throughout it is used up first
    expect(ids(first(planTrip(withOwn(mild, weak))).taken)).toEqual(['weak']);
  });

  it('come out of a box where they are sent to one, and only there', () => {
    const box = DEMO_TRIP.stops.find((s) => s.box);
    const own = can('sent', 200, { place: { stopId: box?.id ?? '' } });
    const plan = planTrip(withOwn(DEMO_TRIP, own));
    expect(plan.carries.filter((c) => c.taken.length > 0).map((c) => [c.fromStopId, ids(c.taken)])).toEqual([[box?.id, ['sent']]]);
  });

  it('of another fuel stay at home', () => {
    const spirit = can('spirit', 200, { kind: 'bottle', fuelId: 'alcohol-denatured' });
    expect(planTrip(withOwn(SHORT_TRIP, spirit)).carries.flatMap((c) => c.taken)).toEqual([]);
  });

  it('are as doubtful in the risk as they were known', () => {
    const sure = withOwn(SHORT_TRIP, can('half', 200, { sdG: 0.5, place: { stopId: SHORT_TRIP.stops[0].id } }));
    const doubtful = withOwn(SHORT_TRIP, can('half', 200, { sdG: 40, place: { stopId: SHORT_TRIP.stops[0].id } }));
    const sd = (trip: Trip): number => planRisk(trip, planTrip(trip), NO_MISHAPS, { trips: 4000 })[0]?.sdG ?? 0;
    // independent of what is burnt: variances add
    expect(sd(doubtful)).toBeCloseTo(Math.hypot(sd(sure), 40), -0.5);
    expect(sd(doubtful)).toBeGreaterThan(sd(sure) + 20);
  });

  it('of spirit are poured out before any is bought', () => {
    const kit = { ...SHORT_TRIP.kit, burnerId: 'alcohol-open', fuelId: 'alcohol-denatured', windscreen: 'cone' as const };
    const trip: Trip = { ...SHORT_TRIP, kit };
    expect(kitInUse(kit).fuel.kind).toBe('alcohol');
    const bottle = can('bottle', 60, { kind: 'bottle', fuelId: 'alcohol-denatured', netG: 400, tareG: 20 });
    const c = first(planTrip(withOwn(trip, bottle)));
    expect([ids(c.taken)[0], fuelOfG(c.taken) > 55, fuelOfG(c.taken) <= 60]).toEqual(['bottle', true, true]);
    expect(fuelOfG(c.taken) + fuelOfG(c.bought)).toBeCloseTo(c.fuelG, 6);
    expect(c.fuelG).toBeCloseTo(first(planTrip(trip)).fuelG, 6);
  });
});

describe('of two plans that weigh the same', () => {
  it('the one that uses up one’s own first is taken', () => {
    // 60 g, then the bin and a shop: whichever of the two is begun stays behind with what is left in it
    const day: CanStage = { ...burntAlong([60], [1]), needG: 80, bin: true, prices: [6, 9, 14] };
    const own: OwnCan[] = [{ size: 0, fuelG: 40, stages: [0], must: true }];
    const plan = bestCans(CANISTER_SIZES, [day, { ...day, needG: 60 }], 0, [], undefined, own);
    const [first] = valueOf(plan).steps;
    expect(first.taken).toHaveLength(1);
    expect(first.after.find((c) => c.own === 0)?.fuelG).toBe(0);
  });
});
