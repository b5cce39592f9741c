import fc from 'fast-check';
import { ambientPressurePa, forcedConvection } from '../src/physics/air';
import {
  ledgerFuelG,
  openSource,
  phaseHeatJ,
  simulateBurn,
  SNUFFED_SHARE,
  totalHeatJ,
  unscreenedWindMps,
  usedOfDoseG,
  withSurplus,
  type BurnInput,
  type DoseRule,
} from '../src/physics/burn';
import { FUELS, type TabletFuel } from '../src/physics/fuel';
import { alcoholBurn, CHECK_CASES, gasBurn, KETTLE, PLAIN } from './check-cases';

describe('common practice, one parameter set', () => {
  it.each(CHECK_CASES)('$name', ({ burn, expectedG, bandG, expectedS }) => {
    const b = burn();
    expect(b.outcome.kind).toBe('done');
    expect(Math.abs(b.fuelG - expectedG)).toBeLessThanOrEqual(bandG);
    if (expectedS) expect(Math.abs(b.durationS / expectedS - 1)).toBeLessThanOrEqual(0.2);
  });
});

/** A steady burner whose cold numbers are easy to think about. */
const steady = (change: Partial<BurnInput> = {}, powerW = 1000): BurnInput => ({
  waterMl: 500,
  start: { kind: 'water', waterC: 10 },
  target: { kind: 'boil' },
  airC: 10,
  pressurePa: ambientPressurePa(0),
  flameWindMps: 0.5,
  potWindMps: 0.5,
  pot: KETTLE,
  lidOn: true,
  flame: 'tall',
  ...PLAIN,
  foodJPerK: 0,
  jointLossG: 0.3,
  source: openSource(powerW, 45, false),
  ...change,
});

const anyBurn = fc
  .record({
    waterMl: fc.double({ min: 100, max: 2000, noNaN: true }),
    waterC: fc.double({ min: 0, max: 40, noNaN: true }),
    airC: fc.double({ min: -30, max: 35, noNaN: true }),
    altitudeM: fc.double({ min: 0, max: 5000, noNaN: true }),
    windMps: fc.double({ min: 0, max: 6, noNaN: true }),
    powerW: fc.double({ min: 600, max: 3000, noNaN: true }),
    lidOn: fc.boolean(),
    targetC: fc.double({ min: 60, max: 80, noNaN: true }),
  })
  .map(({ altitudeM, windMps, powerW, targetC, waterC, ...rest }) =>
    steady(
      {
        ...rest,
        start: { kind: 'water', waterC },
        pressurePa: ambientPressurePa(altitudeM),
        flameWindMps: windMps,
        potWindMps: windMps,
        target: { kind: 'stopAt', targetC },
      },
      powerW,
    ),
  );

const waterCOf = (i: BurnInput): number => (i.start.kind === 'water' ? i.start.waterC : 0);

/** Fuel of a burn; a stall or worse counts as endless. */
const fuelOf = (i: BurnInput): number => {
  const b = simulateBurn(i);
  return b.outcome.kind === 'done' ? b.fuelG : Number.POSITIVE_INFINITY;
};
const TOLERANCE = 1 + 2e-4;

describe('burn, by hand', () => {
  it('500 mL 10 → 100 °C in the kettle at a steady kilowatt', () => {
    const b = simulateBurn(steady({ flameWindMps: 0, potWindMps: 0 }));
    // η = 0.58/(1 + 1000/(480000·0.007088)) = 0.4482; heat = (2093.5 + 54) J/K · 90 K·(372.78−10)/… ≈ 193 kJ
    // mean loss ≈ 10 W/m²K · 0.03246 m² · 45 K ≈ 15 W and a few W of vapour → about 193.2/(448 − 19) ≈ 450 s
    expect(b.efficiency).toBeCloseTo(0.4482, 3);
    expect(b.durationS).toBeGreaterThan(438);
    expect(b.durationS).toBeLessThan(462);
    expect(b.fuelG - 0.3).toBeCloseTo((1000 * b.durationS) / 45_000, 3);
  });

  it('puts Churchill & Bernstein at Nu ≈ 100 for Re 38,000', () => {
    // D 95 mm, 6 m/s, 12 °C: Re ≈ 39,000; the 1977 correlation gives Nu ≈ 115, h ≈ 30 W/m²K
    expect(forcedConvection(6, 0.095, 12, 101_325)).toBeGreaterThan(27);
    expect(forcedConvection(6, 0.095, 12, 101_325)).toBeLessThan(34);
    expect(forcedConvection(0, 0.095, 12, 101_325)).toBe(0);
  });

  it('turns a forecast into wind at the flame', () => {
    expect(unscreenedWindMps({ kind: 'forecast', tenMetreMps: 10, site: 'ridge' })).toBeCloseTo(4.5, 9);
    expect(unscreenedWindMps({ kind: 'words', word: 'leaning' })).toBe(2);
  });

  it('caps a target above the local boiling point at the boil', () => {
    const b = simulateBurn(steady({ pressurePa: ambientPressurePa(4500), target: { kind: 'stopAt', targetC: 95 } }));
    expect(b.targetC).toBe(b.boilC);
    expect(b.boilC).toBeLessThan(86);
  });
});

describe('burn, invariants', () => {
  it('has a ledger that sums to the fuel', () => {
    fc.assert(
      fc.property(anyBurn, (i) => {
        const b = simulateBurn(i);
        if (b.outcome.kind !== 'done' || b.durationS === 0) return;
        expect(ledgerFuelG(b.ledger)).toBeCloseTo(b.fuelG, 9);
        const released = b.meanPowerW * b.durationS;
        expect(Math.abs(totalHeatJ(b.ledger.heatJ) / released - 1)).toBeLessThan(1e-3);
      }),
    );
  });

  it.each([
    ['more water', (i: BurnInput) => ({ ...i, waterMl: i.waterMl * 1.2 })],
    ['colder water', (i: BurnInput) => ({ ...i, start: { kind: 'water', waterC: waterCOf(i) / 2 } as const })],
    ['colder air', (i: BurnInput) => ({ ...i, airC: i.airC - 5 })],
    ['more wind', (i: BurnInput) => ({ ...i, flameWindMps: i.flameWindMps + 1, potWindMps: i.potWindMps + 1 })],
    ['no lid', (i: BurnInput) => ({ ...i, lidOn: false })],
    ['a hotter target', (i: BurnInput) => ({ ...i, target: { kind: 'stopAt', targetC: 81 } as const })],
  ])('%s never needs less fuel', (_name, harder) => {
    fc.assert(
      fc.property(anyBurn, (i) => {
        expect(fuelOf(harder(i)) * TOLERANCE).toBeGreaterThanOrEqual(fuelOf(i));
      }),
    );
  });

  it('lower ambient pressure never needs more fuel to boil, the boil being cooler', () => {
    fc.assert(
      fc.property(anyBurn, (i) => {
        const boil = { ...i, target: { kind: 'boil' } as const, lidOn: true };
        const higher = { ...boil, pressurePa: boil.pressurePa * 0.9 };
        expect(fuelOf(higher)).toBeLessThanOrEqual(fuelOf(boil) * 1.02); // thinner air carries a little more vapour off
      }),
    );
  });

  it('never answers with NaN or a negative number, whatever is asked', () => {
    fc.assert(
      fc.property(
        anyBurn,
        fc.double({ min: 0, max: 60, noNaN: true }),
        fc.double({ min: 0, max: 5000, noNaN: true }),
        (i, wind, powerW) => {
          const b = simulateBurn({ ...i, flameWindMps: wind, potWindMps: wind, source: openSource(powerW, 25, true) });
          for (const n of [b.durationS, b.fuelG, b.efficiency, b.meanPowerW, totalHeatJ(b.ledger.heatJ)]) {
            expect(Number.isFinite(n)).toBe(true);
            expect(n).toBeGreaterThanOrEqual(0);
          }
        },
      ),
    );
  });
});

describe('burns that do not finish', () => {
  it('stall below the target and say where, with no time and no fuel', () => {
    const b = simulateBurn(steady({ lidOn: false, flameWindMps: 6, potWindMps: 6, airC: -10 }, 400));
    expect(b.outcome.kind).toBe('stalls');
    if (b.outcome.kind !== 'stalls') return;
    expect(b.outcome.atC).toBeGreaterThan(10);
    expect(b.outcome.atC).toBeLessThan(100);
    expect([b.durationS, b.fuelG]).toEqual([0, 0]);
  });

  it('name the wind that may blow them out', () => {
    const { outcome } = simulateBurn(steady({ flame: 'openAlcohol', flameWindMps: 4.5 }));
    expect(outcome).toEqual({ kind: 'mayBlowOut', flameWindMps: 4.5, limitMps: 4 });
  });

  it('will not run on a can without pressure', () => {
    expect(gasBurn({ canC: -35, airC: -35 }).outcome.kind).toBe('wontRun');
  });
});

describe('a can under the burner', () => {
  it('cools as it feeds the flame, and a cold can is slower on less fuel', () => {
    const warm = gasBurn({ canC: 22 });
    const cold = gasBurn({ canC: 2 });
    expect(warm.canEndC).toBeLessThan(22);
    expect(cold.durationS).toBeGreaterThan(warm.durationS);
    expect(cold.fuelG).toBeLessThan(warm.fuelG);
  });

  it('a lower flame saves fuel in still air', () => {
    expect(gasBurn({ canC: 22, setting: 0.5 }).fuelG).toBeLessThan(gasBurn({ canC: 22, setting: 1 }).fuelG);
  });
});

describe('doses', () => {
  const OPEN: DoseRule = { stepG: 4, capacityG: 48, kept: 0 };

  it('burn on past the pot with what is over, or boil a little of it off under the snuffer', () => {
    const need = alcoholBurn(473);
    // about 22.8 g of 24 g: 1.2 g are over
    const surplusG = usedOfDoseG(OPEN, 24, need.fuelG, 1) - need.fuelG;
    expect(surplusG).toBeCloseTo(24 - need.fuelG, 9);
    const burnt = withSurplus(need, surplusG, false);
    expect(burnt.fuelG).toBeCloseTo(24, 9);
    expect(phaseHeatJ(burnt.ledger.heatJ.afterDone)).toBeGreaterThan(0);
    const snuffed = withSurplus(need, usedOfDoseG({ ...OPEN, kept: SNUFFED_SHARE }, 24, need.fuelG, 1) - need.fuelG, true);
    expect(snuffed.fuelG).toBeCloseTo(need.fuelG + 0.1 * surplusG, 9);
    for (const b of [burnt, snuffed]) expect(ledgerFuelG(b.ledger)).toBeCloseTo(b.fuelG, 9);
  });

  it('keep the rest of a large tablet, burn small ones to the end', () => {
    expect(usedOfDoseG({ stepG: 14, capacityG: Number.POSITIVE_INFINITY, kept: 1 }, 28, 17, 1)).toBe(17);
    expect(usedOfDoseG({ stepG: 4, capacityG: Number.POSITIVE_INFINITY, kept: 0 }, 20, 17, 1)).toBe(20);
  });

  it('are filled again, cold, where one filling is too little: whole measures, and the relight each time', () => {
    expect(usedOfDoseG(OPEN, 24, 30, 3)).toBe(24 + 12); // 6 short + 3 → 9 → three measures
    // 100 g out of 48 g fillings: 52 + 3 short, one whole filling, then 7 + 3 → 10 → 12
    expect(usedOfDoseG(OPEN, 48, 100, 3)).toBe(48 + 48 + 12);
  });

  it('never take less for a greater need', () => {
    const g = fc.double({ min: 0, max: 200, noNaN: true });
    fc.assert(
      fc.property(g, g, fc.integer({ min: 1, max: 12 }), fc.constantFrom(0, SNUFFED_SHARE, 1), (needG, moreG, measures, kept) => {
        const rule = { ...OPEN, kept };
        const of = (x: number): number => usedOfDoseG(rule, measures * rule.stepG, x, 3);
        expect(of(needG + moreG)).toBeGreaterThanOrEqual(of(needG) - 1e-9);
        expect(of(needG)).toBeGreaterThanOrEqual(needG - 1e-9);
      }),
    );
  });

  it('last about 12 minutes a 14 g tablet and 5 minutes a 4 g one (common practice)', () => {
    for (const [id, minutes] of [
      ['tablet-14', 12],
      ['tablet-4', 5],
    ] as const) {
      const f = FUELS.find((x) => x.id === id) as TabletFuel;
      expect((f.tabletG * 28_080) / f.powerW / 60).toBeCloseTo(minutes, 0);
    }
  });
});
