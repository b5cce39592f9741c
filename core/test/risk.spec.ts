import fc from 'fast-check';
import { simulateBurn } from '../src/physics/burn';
import { DEMO_TRIP } from '../src/demo';
import { FRESH_CAN, kitInUse, onEvening, planTrip, sourceFor } from '../src/planning/plan';
import {
  chanceOfAny,
  fuelForRisk,
  NO_MISHAPS,
  normals,
  runOutRisk,
  seededRandom,
  SPREADS,
  UNCALIBRATED_SD,
  type UncertainBurn,
  type UncertainCarry,
} from '../src/planning/risk';
import { planRisk, uncertainBurn, uncertainCarry } from '../src/studies/study';

/** Probability that a normal number is above `z` (Abramowitz and Stegun 26.2.17, error below 7.5e-8). */
function above(z: number): number {
  if (z < 0) return 1 - above(-z);
  const t = 1 / (1 + 0.2316419 * z);
  const poly = t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) * poly;
}
const still: UncertainBurn = { needG: 10, perWaterK: 0, perAirK: 0, windDown: 1, windUp: 1, airSdK: 0 };
const carry = (burn: UncertainBurn, days: number, fuelG: number, place = 0): UncertainCarry => ({
  place,
  fuelG,
  days: Array.from({ length: days }, () => ({ leg: 0, burns: [burn, burn] })),
});
/** Nothing but what is drawn burn by burn and leg by leg. */
const KNOWN = 0;

describe('seeded numbers', () => {
  it('are the same for the same seed, even, and normal', () => {
    const draw = (seed: number, n: number) => {
      const random = seededRandom(seed);
      return Array.from({ length: n }, random);
    };
    expect(draw(7, 5)).toEqual(draw(7, 5));
    expect(draw(7, 5)).not.toEqual(draw(8, 5));
    const even = draw(3, 20_000);
    expect(even.every((x) => x >= 0 && x < 1)).toBe(true);
    expect(even.reduce((a, b) => a + b, 0) / even.length).toBeCloseTo(0.5, 2);
    const normal = normals(seededRandom(3));
    const bell = Array.from({ length: 20_000 }, normal);
    expect(bell.reduce((a, b) => a + b, 0) / bell.length).toBeCloseTo(0, 1);
    expect(bell.reduce((a, b) => a + b * b, 0) / bell.length).toBeCloseTo(1, 1);
  });
});

describe('the risk of running out', () => {
  it('agrees with sums of normal numbers where those are exact', () => {
    // 20 burns of 10 g, 5 % each: mean 200, sd 0.5·√20
    const sd = 10 * SPREADS.quantityShare * Math.sqrt(20);
    for (const z of [0, 1, 2]) {
      const [risk] = runOutRisk([carry(still, 10, 200 + z * sd)], 8000, 11, NO_MISHAPS, KNOWN);
      expect(Math.abs(risk.runOut - above(z))).toBeLessThan(4 * risk.standardError);
      expect(Math.abs(risk.sdG / sd - 1)).toBeLessThan(0.03);
      expect(risk.meanG).toBeCloseTo(200, 0);
    }
  });

  it('has the mean and the spread of the closed form: one factor for all, the weather of each leg, the quantity of each burn', () => {
    const burn: UncertainBurn = { ...still, perWaterK: -0.2, perAirK: -0.1, windDown: 0.9, windUp: 1.4, airSdK: 5 };
    const [days, legs] = [4, 3];
    const whole: UncertainCarry = {
      place: 0,
      fuelG: 1000,
      days: Array.from({ length: legs * days }, (_, d) => ({ leg: Math.floor(d / days), burns: [burn, burn] })),
    };
    const n = 2 * days;
    const { waterK, windDown, windUp, quantityShare } = SPREADS;
    const weather = (burn.perWaterK * waterK) ** 2 + (burn.perAirK * burn.airSdK) ** 2;
    // given its wind w, a leg of n burns has mean 10·n·w, and (n·w)²·weather + n·w²·share²·(10² + weather) of variance
    const winds = [
      [windDown, burn.windDown],
      [1 - windDown - windUp, 1],
      [windUp, burn.windUp],
    ];
    const over = (of: (w: number) => number): number => winds.reduce((sum, [p, w]) => sum + p * of(w), 0);
    const legMean = over((w) => burn.needG * n * w);
    const legSquare = over(
      (w) => (burn.needG * n * w) ** 2 + (n * w) ** 2 * weather + n * w ** 2 * quantityShare ** 2 * (burn.needG ** 2 + weather),
    );
    const mean = legs * legMean;
    const variance = legs * (legSquare - legMean ** 2);
    for (const factorSd of [0, UNCALIBRATED_SD, 0.3]) {
      const [risk] = runOutRisk([whole], 40_000, 5, NO_MISHAPS, factorSd);
      // a factor of mean 1 that holds for all: Var(f·S) = (1 + σ²)·Var S + σ²·mean²
      const sd = Math.sqrt((1 + factorSd ** 2) * variance + factorSd ** 2 * mean ** 2);
      expect(Math.abs(risk.meanG / mean - 1)).toBeLessThan(0.01);
      expect(Math.abs(risk.sdG / sd - 1)).toBeLessThan(0.02);
    }
  });

  it('costs reserve for not knowing the burner: a narrower factor needs less', () => {
    const needed = [0.12, 0.06, 0].map((sd) => fuelForRisk(runOutRisk([carry(still, 8, 0)], 4000, 9, NO_MISHAPS, sd)[0], 0.02));
    expect(needed[0]).toBeGreaterThan(needed[1] + 5);
    expect(needed[1]).toBeGreaterThan(needed[2] + 5);
  });

  it('pours a dose before the evening is known: what is over burns on, what is short is filled again', () => {
    const rule = { stepG: 4, capacityG: 48, kept: 0 };
    const dosed = { ...still, dose: { rule, doseG: 12, relightG: 1 } };
    const [even] = runOutRisk([carry(dosed, 5, 1000)], 500, 3, NO_MISHAPS, KNOWN);
    expect(even.meanG).toBeGreaterThanOrEqual(120); // never under ten doses of 12 g, though the need is 100 g
    const [short] = runOutRisk([carry({ ...dosed, needG: 14 }, 5, 1000)], 500, 3, NO_MISHAPS, KNOWN);
    expect(short.meanG).toBeGreaterThan(150); // 12 g and a measure or two
  });

  it('never rises with more fuel, never falls with mishaps, and repeats itself with its seed', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 6 }), fc.integer({ min: 30, max: 260 }), fc.nat(1000), (days, fuelG, seed) => {
        const burn = { ...still, windUp: 1.3, windDown: 0.9, perWaterK: -0.15 };
        const at = (g: number, mishaps = NO_MISHAPS) => runOutRisk([carry(burn, days, g)], 100, seed, mishaps)[0];
        expect(at(fuelG + 20).runOut).toBeLessThanOrEqual(at(fuelG).runOut);
        expect(at(fuelG)).toEqual(at(fuelG));
        const worse = at(fuelG, { slowDay: 1, stormDay: 1, drinkMore: 1 });
        expect(worse.meanG).toBeGreaterThan(at(fuelG).meanG);
        expect(worse.runOut).toBeGreaterThanOrEqual(at(fuelG).runOut - 1e-9);
      }),
      { numRuns: 40 },
    );
  });

  it('names the fuel for a limit: with it that share runs out, no more', () => {
    const [risk] = runOutRisk([carry({ ...still, windUp: 1.4 }, 5, 0)], 2000, 2);
    for (const limit of [0.02, 0.1, 0.5]) {
      const [with_] = runOutRisk([carry({ ...still, windUp: 1.4 }, 5, fuelForRisk(risk, limit))], 2000, 2);
      expect(with_.runOut).toBeLessThanOrEqual(limit);
      expect(with_.runOut).toBeGreaterThan(limit - 0.002);
    }
  });

  it('tells how sure it is: the error shrinks with the root of the trips', () => {
    const at = (trips: number) => runOutRisk([carry(still, 5, 100)], trips, 4)[0].standardError;
    expect(at(4000) / at(1000)).toBeCloseTo(0.5, 1);
  });
});

describe('the day by which it has run out', () => {
  const windy = { ...still, windUp: 1.6, windDown: 0.8 };

  it('comes ever more often as the days go by, and by the last one as often as the carry runs out', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9 }), fc.double({ min: 20, max: 120, noNaN: true }), (days, fuelG) => {
        const [risk] = runOutRisk([carry(windy, days, fuelG)], 300, 3);
        expect(risk.outByDay).toHaveLength(days);
        risk.outByDay.slice(1).forEach((p, i) => expect(p).toBeGreaterThanOrEqual(risk.outByDay[i]));
        expect(risk.outByDay[days - 1]).toBeCloseTo(risk.runOut, 9);
      }),
      { numRuns: 30 },
    );
  });

  it('is passed by a slow day: that one comes after the last', () => {
    const [risk] = runOutRisk([carry(windy, 4, 95)], 1500, 3, { ...NO_MISHAPS, slowDay: 1 });
    expect(risk.runOut).toBeGreaterThan(risk.outByDay[3]);
  });

  it('of several carries is at least that of the worst and at most their sum, and their burners are off together', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 60, max: 140 }), { minLength: 1, maxLength: 5 }), (fuels) => {
        const carries = fuels.map((g, i) => carry(windy, 4, g, i));
        const risks = runOutRisk(carries, 200, 1);
        const any = chanceOfAny(risks.map((risk, i) => ({ risk, fuelG: fuels[i] })));
        expect(any).toBeGreaterThanOrEqual(Math.max(...risks.map((r) => r.runOut)) - 1e-12);
        expect(any).toBeLessThanOrEqual(risks.reduce((x, r) => x + r.runOut, 0) + 1e-12);
      }),
      { numRuns: 30 },
    );
    const twice = runOutRisk([carry(still, 10, 220, 0), carry(still, 10, 220, 1)], 4000, 2);
    const independent = 1 - (1 - twice[0].runOut) * (1 - twice[1].runOut);
    expect(chanceOfAny(twice.map((risk) => ({ risk, fuelG: 220 })))).toBeLessThan(0.9 * independent);
  });

  it('is the same for a carry wherever it is asked for', () => {
    const [both, alone] = [[carry(windy, 4, 95, 0), carry(windy, 4, 95, 3)], [carry(windy, 4, 95, 3)]].map((c) => runOutRisk(c, 300, 1));
    expect(both[1]).toEqual(alone[0]);
  });
});

describe('the risk of the demo', () => {
  const plan = planTrip(DEMO_TRIP);

  it('has one answer a carry, about the plan’s own demand, higher where less is spare', () => {
    const risks = planRisk(DEMO_TRIP, plan, NO_MISHAPS, { trips: 1500 });
    expect(risks).toHaveLength(plan.carries.length);
    risks.forEach((r, i) => {
      if (!r) throw new Error('no risk');
      expect(Math.abs(r.meanG / plan.carries[i].demandG - 1)).toBeLessThan(0.12);
      expect(r.quantilesG[5]).toBeLessThan(r.quantilesG[95]);
      expect(r.runOut).toBeGreaterThanOrEqual(0);
    });
    const tight = planRisk(
      { ...DEMO_TRIP, reservePercent: 0 },
      { ...plan, carries: plan.carries.map((c) => ({ ...c, fuelG: c.demandG })) },
      NO_MISHAPS,
      { trips: 1500 },
    );
    tight.forEach((r, i) => expect(r && r.runOut).toBeGreaterThanOrEqual((risks[i]?.runOut ?? 0) - 0.01));
  });

  it('cannot run out of wood, nor of nothing', () => {
    const wood = { ...DEMO_TRIP, kit: { ...DEMO_TRIP.kit, burnerId: 'wood-box', fuelId: 'wood' } };
    expect(planRisk(wood, planTrip(wood), NO_MISHAPS).every((r) => r === undefined)).toBe(true);
  });

  it('stands on straight lines that stay close to the full burn model over the usual spreads', () => {
    const use = kitInUse(DEMO_TRIP.kit);
    const meals = plan.days.slice(0, 6).flatMap((d) => Object.values(d.meals));
    let worst = 0;
    for (const meal of meals) {
      const line = uncertainBurn(use, meal, 0);
      for (const [waterK, airK] of [
        [3, 4],
        [-3, -4],
        [3, -4],
      ]) {
        const facts = { ...onEvening(meal.facts, waterK, 1), airC: meal.facts.airC + airK };
        const can = { ...FRESH_CAN, fuelLeftG: (meal.canFraction ?? 1) * FRESH_CAN.netG };
        const full = simulateBurn({ ...facts, source: sourceFor(use, facts, can) });
        if (full.outcome.kind !== 'done') continue;
        worst = Math.max(worst, Math.abs(line.needG + line.perWaterK * waterK + line.perAirK * airK - full.fuelG) / full.fuelG);
      }
    }
    expect(worst).toBeLessThan(0.04);
  });

  it('holds a burn for every hot meal of the carry', () => {
    const [first] = plan.carries;
    const meals = first.days.reduce((n, d) => n + Object.keys(d.meals).length, 0);
    expect(uncertainCarry(DEMO_TRIP, first).days.flatMap((d) => d.burns)).toHaveLength(meals);
  });
});
