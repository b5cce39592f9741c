import fc from 'fast-check';
import { drawnDown, fuelOfG } from '../src/domain/carry';
import { DEMO_RACK, DEMO_TRIP } from '../src/demo';
import { build, tripWithKit } from '../src/domain/kit';
import type { Trip } from '../src/domain/model';
import { planTrip, weightSums } from '../src/planning/plan';
import type { Plan } from '../src/planning/planned';
import { chanceOfMoreThan, fuelForRisk, NO_MISHAPS, runOutRisk } from '../src/planning/risk';
import { balanceOf, paretoFront, shopOf, spendSlack, tripWithChange, uncertainCarry, whatIfColumn } from '../src/studies/study';
import { dayCount, editKitOnLeg, kitRuns, tripOnLeg, withKitOnLeg, withoutLegKits } from '../src/domain/trail';
import { valueOf } from './value-of';

const plan = planTrip(DEMO_TRIP);
const demandOf = (trip: Trip, p: Plan, carry: number) => runOutRisk([uncertainCarry(trip, p.carries[carry])], 500, 1)[0];
const withKit = (id: string): Trip => {
  const kit = DEMO_RACK.kits.find((k) => k.id === id);
  return valueOf(kit && tripWithKit(DEMO_TRIP, build(DEMO_RACK, kit)));
};

describe('the balance of weight and risk', () => {
  it('has a front that nothing beats, of points that are there', () => {
    const point = fc.record({ averageG: fc.integer({ min: 100, max: 900 }), worst: fc.double({ min: 0, max: 1, noNaN: true }) });
    fc.assert(
      fc.property(fc.array(point, { minLength: 1 }), (points) => {
        const front = paretoFront(points);
        for (const p of points)
          if (!front.includes(p)) expect(front.some((f) => f.averageG <= p.averageG && f.worst <= p.worst)).toBe(true);
        for (const f of front) expect(points.some((p) => p !== f && p.averageG < f.averageG && p.worst < f.worst)).toBe(false);
      }),
    );
  });

  it('goes from bare to safe: more reserve never raises the risk, and the present one is on it', () => {
    const points = balanceOf(DEMO_TRIP, NO_MISHAPS);
    const presentG = plan.carries.reduce((s, c) => s + c.profile.gramDays, 0) / plan.days.length;
    expect(Math.min(...points.map((p) => Math.abs(p.averageG - presentG)))).toBeLessThan(1e-6);
    for (let i = 1; i < points.length; i++) expect(points[i].worst).toBeLessThanOrEqual(points[i - 1].worst);
    for (const p of points) expect(p.any).toBeGreaterThanOrEqual(p.worst - 1e-12);
  });
});

describe('a shop', () => {
  const carry = plan.carries.findIndex((c) => c.from === 'Quill Landing');
  const risk = demandOf(DEMO_TRIP, plan, carry);
  const shop = shopOf(DEMO_TRIP, plan.carries[carry], risk, 0.02);

  it('has the plan’s own purchase on top, what keeps to the limit by weight, the rest by risk, nothing last', () => {
    expect(shop.choices[0].packages).toEqual([{ packageId: 'can-230', count: 1 }]);
    const safe = shop.choices.filter((c) => c.runOut <= 0.02);
    expect(safe.map((c) => c.massG)).toEqual(safe.map((c) => c.massG).toSorted((a, b) => a - b));
    expect(shop.choices.at(-1)).toMatchObject({ packages: [], massG: 0, price: 0, hotMeals: 0, runOut: 1 });
  });

  it('sells only what is on sale there, at its prices', () => {
    expect(shop.choices[0]).toMatchObject({ price: 9, massG: 380, priceAssumed: false, hotMeals: shop.hotMealsWanted });
    const ferry = plan.carries.findIndex((c) => c.from === 'Lantern Ferry');
    const there = shopOf(DEMO_TRIP, plan.carries[ferry], demandOf(DEMO_TRIP, plan, ferry), 0.02);
    for (const c of there.choices) expect(c.packages.every((p) => p.packageId === 'can-100')).toBe(true);
  });

  it('counts the hot meals that what is carried on lasts for when the shelf is empty', () => {
    const junction = plan.carries.findIndex((c) => c.from === 'Harrow Junction');
    const there = shopOf(DEMO_TRIP, plan.carries[junction], demandOf(DEMO_TRIP, plan, junction), 0.02);
    expect(there.carriedOnG).toBeCloseTo(fuelOfG(plan.carries[junction].arrivedWith), 6);
    expect(there.choices.at(-1)?.hotMeals).toBe(there.hotMealsWanted);
  });

  it('pours alcohol to the need first, and offers the packs whole', () => {
    const trip = withKit('alcohol-cone');
    const p = planTrip(trip);
    const { choices } = shopOf(trip, p.carries[1], demandOf(trip, p, 1), 0.02);
    expect(choices[0].pouredMl).toBeGreaterThan(0);
    expect(choices.some((c) => c.packages[0]?.packageId.startsWith('alcohol'))).toBe(true);
    expect(choices.at(-1)?.pouredMl).toBeUndefined();
  });
});

describe('spending the slack', () => {
  it('fits into the containers: the trip planned with it weighs no more', () => {
    plan.carries.forEach((carry, i) => {
      const forLimitG = fuelForRisk(demandOf(DEMO_TRIP, plan, i), 0.02);
      const { slackG, spent, trip, leftG } = spendSlack(DEMO_TRIP, plan, carry, forLimitG);
      const spentG = spent.reduce((s, c) => s + c.fuelG, 0);
      expect(spentG + leftG).toBeCloseTo(slackG, 6);
      const then = planTrip(trip);
      expect(then.carries[i].demandG).toBeGreaterThanOrEqual(carry.demandG + spentG - 1);
      expect(weightSums(then).averageG).toBeLessThanOrEqual(weightSums(plan).averageG + 1);
    });
  });

  it('goes by the walker’s order, and gives nothing where nothing is over', () => {
    const tarn = plan.carries[3];
    const first = (trip: Trip) => spendSlack(trip, plan, tarn, fuelForRisk(demandOf(DEMO_TRIP, plan, 3), 0.02)).spent[0];
    expect(first(DEMO_TRIP).comfort).toBe('drink');
    const washer: Trip = { ...DEMO_TRIP, comforts: ['wash', 'drink', 'boil'] };
    expect(first(washer)).toMatchObject({ comfort: 'wash', days: [19, 20] });
    const dry = spendSlack(DEMO_TRIP, plan, tarn, tarn.fuelG + 10);
    expect([dry.slackG, dry.trip]).toEqual([0, DEMO_TRIP]);
  });
});

describe('what if', () => {
  const column = (kind: 'colder' | 'windier' | 'slower') =>
    whatIfColumn(DEMO_TRIP, plan, kind === 'colder' ? { kind, byK: 8 } : { kind }, NO_MISHAPS);

  it('it is a day slower on every leg: that many days more, and what was planned may not do', () => {
    const slower = column('slower');
    expect(slower.carries.reduce((n, c) => n + c.days, 0)).toBe(dayCount(DEMO_TRIP) + DEMO_TRIP.legs.length);
    expect(Math.max(...slower.carries.map((c) => c.runOutAsPlanned))).toBeGreaterThan(0.5);
    for (const [i, c] of slower.carries.entries())
      if (c.fuelG >= plan.carries[i].fuelG) expect(c.runOut).toBeLessThanOrEqual(c.runOutAsPlanned + 1e-9);
  });

  it('a shop is closed: its carry joins the one before, which must last through both', () => {
    const closed = whatIfColumn(DEMO_TRIP, plan, { kind: 'closed', stopId: 'quill-landing' }, NO_MISHAPS);
    expect(closed.carries).toHaveLength(plan.carries.length - 1);
    const joined = closed.carries.find((c) => c.from === 'Harrow Junction');
    expect(joined?.to).toBe('Tarn House');
    expect(joined?.runOutAsPlanned).toBeCloseTo(1, 3);
    expect(joined?.runOut).toBeLessThan(0.02);
  });

  it('it is colder: every supper and breakfast by so much, water by half of it, nothing past the limits', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 25, noNaN: true }), (byK) => {
        const days = (t: Trip) => t.legs.flatMap((l) => l.days);
        const colder = days(tripWithChange(DEMO_TRIP, { kind: 'colder', byK }));
        days(DEMO_TRIP).forEach((d, i) => {
          expect(colder[i].supperAirC).toBeCloseTo(Math.max(-40, d.supperAirC - byK), 9);
          expect(colder[i].breakfastAirC).toBeCloseTo(Math.max(-40, d.breakfastAirC - byK), 9);
          expect(colder[i].waterC).toBeCloseTo(Math.max(0, d.waterC - byK / 2), 9);
        });
      }),
      { numRuns: 20 },
    );
  });

  it('it is windier: more is burnt; without an if the column is the plan', () => {
    const more = column('windier').carries.map((c) => c.demandG);
    const now = whatIfColumn(DEMO_TRIP, plan, undefined, NO_MISHAPS).carries.map((c) => c.demandG);
    expect(now).toEqual(plan.carries.map((c) => c.demandG));
    more.forEach((g, i) => expect(g).toBeGreaterThan(now[i]));
    expect(tripWithChange(DEMO_TRIP, { kind: 'closed', stopId: 'gone' })).toBe(DEMO_TRIP);
  });
});

describe('another kit on some legs', () => {
  const alcohol = withKit('alcohol-cone').kit;
  const PASS = 4; // from Tarn House over the snow
  const below = [0, 1, 2].reduce((t, leg) => withKitOnLeg(t, leg, { rackKitId: 'alcohol-cone', kit: alcohol }), DEMO_TRIP);
  const mixed = planTrip(below);

  it('is planned with its own fuel and weight where it is carried, and the trip’s own elsewhere', () => {
    expect(kitRuns(below).map((r) => [r.fromLeg, r.toLeg])).toEqual([
      [0, 3],
      [3, 6],
    ]);
    expect(mixed.days).toHaveLength(dayCount(below));
    for (const c of mixed.carries) {
      const kinds = new Set(c.containers.map((x) => x.kind));
      expect([...kinds]).toEqual([c.fromStop < 3 ? 'bottle' : 'canister']);
    }
    expect(mixed.carries.find((c) => c.fromStop === PASS)?.hardwareG).toBeCloseTo(plan.carries[0].hardwareG, 6);
    expect(mixed.carries[0].hardwareG).toBeCloseTo(planTrip(withKit('alcohol-cone')).carries[0].hardwareG, 6);
  });

  it('brings its fuel by post where the stop sells none, and takes no can of the other along', () => {
    const takesOver = mixed.carries.find((c) => c.fromStop === 3);
    expect(takesOver).toMatchObject({ supply: 'box', arrivedWith: [] });
    expect(fuelOfG(drawnDown(mixed.carries[2].containers, mixed.carries[2].demandG))).toBeGreaterThan(0);
  });

  it('is edited where it is carried, and given back', () => {
    const dimmed = editKitOnLeg(below, 1, (k) => ({ ...k, lidOn: false }));
    expect([0, 1, 2, 3].map((leg) => tripOnLeg(dimmed, leg).kit.lidOn)).toEqual([false, false, false, true]);
    expect(withoutLegKits(below)).toEqual(DEMO_TRIP);
    expect([0, 1, 2].reduce((t, leg) => withKitOnLeg(t, leg, undefined), below)).toEqual(DEMO_TRIP);
  });
});

describe('chances', () => {
  it('are shares of the trips tried', () => {
    const demandsG = Float64Array.from([1, 2, 3, 4]);
    expect([0.5, 1, 2.5, 4].map((g) => chanceOfMoreThan({ demandsG }, g))).toEqual([1, 0.75, 0.5, 0]);
  });
});
