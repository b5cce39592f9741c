import fc from 'fast-check';
import { DEMO_TRIP } from '../src/demo';
import { MEALS, tripSchema, type Trip } from '../src/domain/model';
import { planTrip } from '../src/planning/plan';
import { unfinishedMeals } from '../src/planning/planned';
import { bestChanges, cookingTimeS } from '../src/studies/study';
import { dayCount } from '../src/domain/trail';
import { anyTrip } from './any-trip';
import { everyDay, firstCarry, ofDays, SHORT_TRIP } from './short-trip';

const numbersIn = (x: unknown): number[] =>
  typeof x === 'number' ? [x] : typeof x === 'object' && x !== null ? Object.values(x).flatMap(numbersIn) : [];

describe('planTrip', () => {
  const plan = firstCarry(DEMO_TRIP);

  it('makes a plan of the demo that a hand can follow', () => {
    // supper of day 1: 600 mL 7 °C → boil at 1,940 m (93.5 °C) = 217 kJ in the water, 4.75 g of gas; η 0.36 → 14 to 15 g in all
    const supper = plan.days[0].meals.supper;
    expect(supper?.burn.boilC).toBeCloseTo(93.5, 1);
    expect(supper && supper.burn.ledger.heatJ.heating.water / 1000).toBeCloseTo(217.3, 0);
    expect(supper?.burn.fuelG).toBeGreaterThan(13.5);
    expect(supper?.burn.fuelG).toBeLessThan(15.5);
    expect(plan.hardwareG).toBe(73 + 92 + 18 + 60 + 46);
    // 119 g and 15 %: two cans of 100 g, of which one is left at the first bin, are lighter over the days than one of 230 g
    const small = { kind: 'canister', netG: 100, tareG: 95, fuelG: 100 };
    expect(plan.containers).toEqual([small, small]);
    expect(plan.profile.startG).toBe(289 + 390);
    expect(plan.problems).toEqual([]);
  });

  it('adds up: days to demand, demand and reserve to containers, burnt to arrival', () => {
    const meals = plan.days.flatMap((d) => MEALS.map((m) => d.meals[m]?.burn.fuelG ?? 0));
    expect(meals.reduce((a, b) => a + b, 0)).toBeCloseTo(plan.demandG, 9);
    expect(plan.fuelG).toBeGreaterThanOrEqual(plan.demandG + plan.reserveG);
    expect(plan.profile.days.at(-1)?.fuelG).toBeCloseTo(plan.fuelG - plan.demandG, 9);
  });

  it('is the same for the same trip, and can be sent to another thread', () => {
    const whole = planTrip(DEMO_TRIP);
    expect(planTrip(DEMO_TRIP)).toEqual(whole);
    expect(structuredClone(whole)).toEqual(whole);
  });

  it('never answers with NaN or infinity, and always carries what the plan burns, over everything that can be typed', () => {
    fc.assert(
      fc.property(anyTrip, (trip) => {
        expect(tripSchema.safeParse(trip).success).toBe(true);
        const p = planTrip(trip);
        for (const n of numbersIn(p)) expect(Number.isFinite(n)).toBe(true);
        expect(p.days.map((d) => d.day)).toEqual(Array.from({ length: dayCount(trip) }, (_, i) => i + 1));
        for (const c of p.carries) {
          expect(c.fuelG + 1e-6).toBeGreaterThanOrEqual(c.demandG);
          expect(c.profile.days.every((d) => d.fuelG >= -1e-6)).toBe(true);
          expect(c.problems.some((q) => 'days' in q)).toBe(unfinishedMeals(c) > 0);
        }
      }),
      { numRuns: 150 },
    );
  });

  it('more days never need less fuel', () => {
    const demand = Array.from({ length: 10 }, (_, i) => firstCarry(ofDays(i + 1)).demandG);
    demand.slice(1).forEach((g, i) => expect(g).toBeGreaterThan(demand[i]));
  });

  it('says that a meal cannot be cooked instead of giving it a figure', () => {
    const stormy = everyDay(SHORT_TRIP, { wind: { kind: 'words', word: 'out' } });
    const p = firstCarry({ ...stormy, kit: { ...stormy.kit, windscreen: 'none' } });
    expect(p.problems).toContainEqual(expect.objectContaining({ code: 'mayBlowOut', meal: 'supper' }));
    expect(p.days[2].meals.supper?.burn.fuelG).toBe(0);
  });

  it('says where a target lies above the boil instead of quietly lowering it', () => {
    const menu = { ...DEMO_TRIP.menu, breakfast: { ...DEMO_TRIP.menu.breakfast, target: { kind: 'stopAt', targetC: 95 } as const } };
    const p = firstCarry({ ...SHORT_TRIP, menu });
    expect(p.problems).toContainEqual(
      expect.objectContaining({ code: 'boilsFirst', meal: 'breakfast', onDays: [1, 2, 3, 4, 5], targetC: 95 }),
    );
    expect(plan.problems).toEqual([]);
  });

  it('raises a flame the valve cannot hold and says so', () => {
    const p = firstCarry({ ...SHORT_TRIP, kit: { ...DEMO_TRIP.kit, flameSetting: 0.1 } });
    expect(p.problems).toContainEqual({ code: 'flameRaised', setting: 350 / 1900 });
  });

  it('warns of foil around a burner on its can, and of a pot too small', () => {
    const p = firstCarry({
      ...SHORT_TRIP,
      kit: { ...DEMO_TRIP.kit, windscreen: 'foil' },
      menu: { ...DEMO_TRIP.menu, supper: { ...DEMO_TRIP.menu.supper, waterMl: 900 } },
    });
    expect(p.cautions.map((q) => q.code)).toEqual(expect.arrayContaining(['screenAroundCan', 'overfull']));
  });
});

describe('changes', () => {
  it('are measured by planning again, best first, and none is worse', () => {
    const plan = firstCarry(SHORT_TRIP);
    const changes = bestChanges(SHORT_TRIP, plan);
    expect(changes.length).toBeGreaterThan(2);
    for (const c of changes) {
      const then = firstCarry(c.trip);
      expect(then.demandG - plan.demandG).toBeCloseTo(c.fuelG, 6);
      expect(cookingTimeS(then) - cookingTimeS(plan)).toBeCloseTo(c.timeS, 3);
      expect(c.fuelG).toBeLessThan(1);
      expect(Math.min(c.fuelG, c.startG)).toBeLessThan(-1);
    }
    // what costs no comfort first, the most weight off the back first within
    const rank = changes.map((c) => Number(c.comfort) * 10_000 + c.startG);
    expect(rank).toEqual([...rank].sort((a, b) => a - b));
    expect(changes.filter((c) => c.comfort).map((c) => c.kind.code)).toEqual(['coldBreakfast']);
  });

  it('leave a burner out where no flame is allowed, on those legs alone', () => {
    const banned = { ...DEMO_TRIP, legs: DEMO_TRIP.legs.map((l, i) => (i === 0 ? { ...l, restriction: 'noFlame' as const } : l)) };
    const [change] = bestChanges(banned, firstCarry(banned));
    expect(change).toMatchObject({ kind: { code: 'noBurner' }, mealsMended: 0, startG: -(73 + 60) });
    expect(change.trip.kit).toEqual(DEMO_TRIP.kit);
    expect(change.trip.legs.map((l) => l.kit?.kit.burnerId)).toEqual(['none', ...Array.from({ length: 5 }, () => undefined)]);
    expect(tripSchema.safeParse(change.trip).success).toBe(true);
  });

  it('mend first: shelter for a flame that would blow out', () => {
    const windy: Trip = {
      ...everyDay(SHORT_TRIP, { wind: { kind: 'words', word: 'out' } }),
      kit: { ...DEMO_TRIP.kit, burnerId: 'alcohol-open', fuelId: 'alcohol-denatured', windscreen: 'none' },
    };
    const plan = firstCarry(windy);
    const [best] = bestChanges(windy, plan);
    expect(best.kind.code).toBe('windscreen');
    expect(best.mealsMended).toBeGreaterThan(0);
  });
});

describe('a plan under way', () => {
  it('reports every day once a round, in order, and comes out the same', () => {
    const heard: { round: number; day: number }[] = [];
    expect(planTrip(DEMO_TRIP, { report: ({ round, day }) => heard.push({ round, day }) })).toEqual(planTrip(DEMO_TRIP));
    const rounds = [...new Set(heard.map((h) => h.round))];
    expect(rounds).toEqual(rounds.map((_, n) => n + 1)); // none is left out
    expect(rounds.length).toBeGreaterThan(1);
    const first = heard.filter((h) => h.round === 1).map((h) => h.day);
    expect(first.at(-1)).toBe(23);
    expect(first).toEqual([...first].sort((a, b) => a - b));
    expect(heard.length).toBeGreaterThan(first.length);
  });
});
