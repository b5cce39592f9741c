import fc from 'fast-check';
import {
  cookedMin,
  FRYING_PAN_C,
  fry,
  ledgerFuelG,
  openSource,
  mixedC,
  potHeightFactor,
  restForDonenessS,
  restStretch,
  screenGapFactor,
  totalHeatJ,
} from '../src/physics/burn';
import type { Trip } from '../src/domain/model';
import { planTrip } from '../src/planning/plan';
import { inferBlend } from '../src/studies/study';
import { everyDay, firstCarry, SHORT_TRIP } from './short-trip';
import { problemOf, valueOf } from './value-of';

describe('how pot, burner and windscreen stand', () => {
  it('is best at 40 to 50 mm and a 6 mm gap, and worse on both sides (common practice)', () => {
    expect([40, 45, 50].map(potHeightFactor)).toEqual([1, 1, 1]);
    expect(screenGapFactor(6)).toBe(1);
    fc.assert(
      fc.property(fc.double({ min: 1, max: 100, noNaN: true }), fc.double({ min: 1, max: 60, noNaN: true }), (mm, gap) => {
        for (const f of [potHeightFactor(mm), screenGapFactor(gap)]) expect(f).toBeGreaterThanOrEqual(0.6);
        expect(potHeightFactor(mm)).toBeLessThanOrEqual(1);
        expect(screenGapFactor(gap)).toBeLessThanOrEqual(1);
      }),
    );
  });

  it('costs alcohol, and leaves a can on its burner alone', () => {
    const alcohol = { ...SHORT_TRIP.kit, burnerId: 'alcohol-open', fuelId: 'alcohol-denatured', windscreen: 'cone' as const, measureMl: 1 };
    const demand = (kit: Trip['kit']) => firstCarry({ ...SHORT_TRIP, kit }).demandG;
    expect(demand({ ...alcohol, potHeightMm: 25 })).toBeGreaterThan(demand(alcohol) * 1.05);
    expect(demand({ ...alcohol, screenGapMm: 25 })).toBeGreaterThan(demand(alcohol) * 1.05);
    expect(demand({ ...SHORT_TRIP.kit, potHeightMm: 25, screenGapMm: 25 })).toBe(demand(SHORT_TRIP.kit));
    expect(demand({ ...SHORT_TRIP.kit, headFactor: 0.8 })).toBeGreaterThan(demand(SHORT_TRIP.kit) * 1.1);
  });
});

describe('doneness', () => {
  it('counts minutes at 90 °C as they are, ten times as fast 20 K above', () => {
    expect(cookedMin(() => 90, 600)).toBeCloseTo(10, 9);
    expect(cookedMin(() => 110, 600)).toBeCloseTo(100, 6);
    // by hand, T = 100 − t/60: ∫ 10^((10−m)/20) dm from 0 to 10 = 20/ln10·(10^0.5 − 1) = 18.78
    expect(cookedMin((s) => 100 - s / 60, 600)).toBeCloseTo(18.78, 2);
  });

  it('finds the rest that cooks as far, or says that there is none', () => {
    const cooling = (s: number) => 10 + 85 * Math.exp(-s / 3000);
    const needS = restForDonenessS(cooling, 5);
    expect(needS).toBeDefined();
    expect(cookedMin(cooling, needS ?? 0)).toBeCloseTo(5, 3);
    expect(restForDonenessS(cooling, 500)).toBeUndefined();
  });

  it('mixes dry food in by heat, and stretches a rest by both rules', () => {
    // 400 g × 4.187 at 100 °C with 120 g × 1.7 at 20 °C
    expect(mixedC(400, 100, 120, 20)).toBeCloseTo((400 * 4.187 * 100 + 120 * 1.7 * 20) / (400 * 4.187 + 120 * 1.7), 6);
    expect(restStretch(1500)).toEqual({ packetRule: 2, chemistry: 1.4 });
  });
});

describe('frying', () => {
  const fried = (minutes: number, flameSetting = 0.7) => {
    const supper = { ...SHORT_TRIP.menu.supper, target: { kind: 'fry', minutes } as const };
    return planTrip({ ...SHORT_TRIP, kit: { ...SHORT_TRIP.kit, flameSetting }, menu: { ...SHORT_TRIP.menu, supper } }).days[0].meals.supper
      ?.burn;
  };

  it('burns the flame for its minutes: 1.9 kW at 70 % for 6 min is 10.5 g', () => {
    // 1.33 kW × 360 s ÷ 45.7 kJ/g = 10.5 g, and 0.3 g at the joint; a cooling can gives a little less
    expect(fried(6)?.fuelG).toBeGreaterThan(9.5);
    expect(fried(6)?.fuelG).toBeLessThan(10.8);
    const b = fried(6);
    if (!b) throw new Error('not fried');
    expect(ledgerFuelG(b.ledger)).toBeCloseTo(b.fuelG, 9);
    expect(totalHeatJ(b.ledger.heatJ)).toBeGreaterThan(b.ledger.heatJ.held.food);
  });

  it('a flame too small never browns and says where the pan stays: by hand, where gain meets loss', () => {
    // 1 W for each kelvin above 20 °C, a third of the flame useful: 90 W hold 50 °C, 390 W hold 150 °C
    const pan = (powerW: number) =>
      fry({
        minutes: 5,
        source: openSource(powerW, 45, false),
        loss: { airW: (c) => c - 20, evaporationW: () => 0 },
        eta: () => 1 / 3,
      });
    expect(problemOf(pan(90)).atC).toBeCloseTo(50, 6);
    expect(problemOf(pan(389)).atC).toBeLessThan(FRYING_PAN_C);
    const browned = valueOf(pan(600));
    expect(browned.heatJ.held.food).toBeCloseTo((200 - 130) * 300, 0);
    expect(browned.releasedJ).toBeCloseTo(600 * 300, 0);
  });

  it('stalls in a plan where the flame is too small, without grams', () => {
    const kit = { ...SHORT_TRIP.kit, burnerId: 'gel-tin', fuelId: 'gel', windscreen: 'none' as const };
    const supper = { ...SHORT_TRIP.menu.supper, target: { kind: 'fry', minutes: 5 } as const };
    const cold = everyDay(SHORT_TRIP, { wind: { kind: 'words', word: 'leaning' }, supperAirC: -30 });
    const burn = planTrip({ ...cold, kit, menu: { ...cold.menu, supper } }).days[0].meals.supper?.burn;
    expect(burn?.outcome).toMatchObject({ kind: 'stalls' });
    expect(burn?.fuelG).toBe(0);
  });
});

describe('a can known by what it did', () => {
  const seen = { airC: -5, fractionLeft: 0.5, waterMl: 500 };

  it('gives back the blend whose time it is told', () => {
    const found = inferBlend(SHORT_TRIP, { ...seen, minutes: 14 });
    if (found?.kind !== 'found') throw new Error(`${found?.kind}`);
    const { blend, poorer, richer } = found;
    const richness = (b: typeof blend) => 2 * b.propane + b.isobutane - b.nButane;
    expect(richness(poorer)).toBeLessThanOrEqual(richness(blend));
    expect(richness(richer)).toBeGreaterThanOrEqual(richness(blend));
    expect(blend.propane + blend.isobutane + blend.nButane).toBeCloseTo(1, 12);
    // told the time of what it found, it finds it again
    const again = inferBlend({ ...SHORT_TRIP, kit: { ...SHORT_TRIP.kit, ownBlend: blend } }, { ...seen, minutes: 14 });
    if (again?.kind !== 'found') throw new Error(`${again?.kind}`);
    expect(richness(again.blend)).toBeCloseTo(richness(blend), 1);
  });

  it('says when the boil tells nothing, or no blend explains it', () => {
    const regulated = { ...SHORT_TRIP, kit: { ...SHORT_TRIP.kit, burnerId: 'gas-regulated' } };
    expect(inferBlend(regulated, { ...seen, airC: 28, fractionLeft: 1, minutes: 3.5 })?.kind).toBe('tellsNothing');
    expect(inferBlend(SHORT_TRIP, { ...seen, airC: -12, minutes: 7 })?.kind).toBe('tooQuick');
    expect(inferBlend(SHORT_TRIP, { ...seen, airC: 20, minutes: 60 })?.kind).toBe('tooSlow');
    const alcohol = { ...SHORT_TRIP.kit, burnerId: 'alcohol-open', fuelId: 'alcohol-denatured', windscreen: 'cone' as const };
    expect(inferBlend({ ...SHORT_TRIP, kit: alcohol }, { ...seen, minutes: 7 })).toBeUndefined();
  });

  it('reads the boil with the kit’s own lid, whatever the supper of the day is', () => {
    const open = { ...SHORT_TRIP, menu: { ...SHORT_TRIP.menu, supper: { ...SHORT_TRIP.menu.supper, lidOff: true } } };
    expect(inferBlend(open, { ...seen, minutes: 14 })).toEqual(inferBlend(SHORT_TRIP, { ...seen, minutes: 14 }));
  });

  it('overrules the label: a poorer can makes a slower supper in the cold', () => {
    const cold = everyDay(SHORT_TRIP, { supperAirC: -2 });
    const own = { ...cold, kit: { ...cold.kit, ownBlend: { propane: 0, isobutane: 1, nButane: 0 } } };
    const seconds = (t: Trip) => planTrip(t).days[0].meals.supper?.burn.durationS ?? 0;
    expect(seconds(own)).toBeGreaterThan(seconds(cold));
  });
});
