import fc from 'fast-check';
import { ambientPressurePa } from '../src/physics/air';
import {
  BEAUFORT,
  beaufortOf,
  boilTimeS,
  COZIES,
  heatPath,
  HOT_C,
  ledgerFuelG,
  openSource,
  phaseHeatJ,
  rest,
  simulateBurn,
  type BurnInput,
  type RestSetup,
} from '../src/physics/burn';
import { flameStrength, lowestAirC, WARMING, type ColdSetup, type Warming } from '../src/physics/canister';
import { snowMeltJ, snowPotfuls } from '../src/physics/water';
import { KETTLE, MIXED_GAS, PLAIN } from './check-cases';

const SEA = ambientPressurePa(0);
const steady = (change: Partial<BurnInput> = {}, powerW = 1200, lowestW = 300): BurnInput => ({
  ...PLAIN,
  waterMl: 500,
  start: { kind: 'water', waterC: 10 },
  target: { kind: 'boil' },
  airC: 10,
  pressurePa: SEA,
  flameWindMps: 0,
  potWindMps: 0,
  pot: KETTLE,
  lidOn: true,
  flame: 'tall',
  source: openSource(powerW, 45, false, powerW, lowestW),
  ...change,
});
const heat = (b: ReturnType<typeof simulateBurn>) => b.ledger.heatJ;

describe('snow', () => {
  it('takes 355 kJ a litre from −10 °C to the melt (by hand: 2.11·10 + 333.55)', () => {
    expect(snowMeltJ(1000, -10) / 1000).toBeCloseTo(354.65, 2);
    expect(() => snowMeltJ(1000, 3)).toThrow('snowC');
  });

  it('makes 1 L in about ten 0.5 L potfuls of snow at 0.2', () => {
    expect(snowPotfuls(1000, 0.2, 500)).toBeCloseTo(10, 9);
  });

  it('is the largest bill there is: melting and boiling costs nearly twice the boil from 0 °C', () => {
    const water = simulateBurn(steady({ start: { kind: 'water', waterC: 0 } }));
    const wet = simulateBurn(steady({ start: { kind: 'snow', snowC: 0, starterWater: true } }));
    const dry = simulateBurn(steady({ start: { kind: 'snow', snowC: 0, starterWater: false } }));
    // (333.55 + 418.7) / 418.7 = 1.80 in heat taken up
    expect(heat(wet).heating.water / heat(water).heating.water).toBeCloseTo(1.8, 1);
    expect(heat(dry).heating.water - heat(wet).heating.water).toBeCloseTo(0.15 * snowMeltJ(500, 0), -2);
    expect(dry.durationS).toBeGreaterThan(wet.durationS);
  });

  it('stands at 0 °C while it melts', () => {
    const path = heatPath(500, 50, { kind: 'snow', snowC: -8, starterWater: true });
    const meltEnd = path.thetaAt(0);
    expect(path.potC(0)).toBe(-8);
    expect(path.potC(meltEnd * 0.6)).toBe(0);
    expect(path.potC(path.thetaAt(40))).toBeCloseTo(40, 9);
  });
});

describe('holding', () => {
  it('a simmer with the burner turned down costs about what the pot loses', () => {
    const b = simulateBurn(steady({ target: { kind: 'stopAt', targetC: 95 }, holdS: 600 }, 1200, 20));
    const held = heat(b).held;
    expect(held.steam).toBe(0);
    // lid on, calm: 10 W/m²K · 0.0325 m² · 85 K ≈ 28 W and about 4 W of vapour, for 600 s
    expect(held.air / 600).toBeCloseTo(27.6, 0);
    expect(phaseHeatJ(held)).toBeLessThan(600 * 32 * 2.4);
  });

  it('a burner that cannot be turned down boils its surplus away: watts over 2,257 kJ/kg', () => {
    const b = simulateBurn(steady({ holdS: 60 }, 1200, 1200));
    const steamG = (heat(b).held.steam / 2_257_000) * 1000;
    expect(steamG).toBeGreaterThan(9);
    expect(steamG).toBeLessThan(14);
  });

  it('one minute makes water safe, three in the mountains, by either rule', () => {
    expect([1000, 1524, 1525, 1981, 1982].map((m) => boilTimeS(m, 'epa'))).toEqual([60, 60, 180, 180, 180]);
    expect([1525, 1981, 1982].map((m) => boilTimeS(m, 'cdc'))).toEqual([60, 60, 180]);
    const plain = simulateBurn(steady());
    const safe = simulateBurn(steady({ holdS: 60, rolling: true }));
    expect(safe.fuelG).toBeGreaterThan(plain.fuelG);
  });

  it('has a ledger of phases and sinks that sums to the fuel, primed and held', () => {
    const b = simulateBurn(steady({ holdS: 120, rolling: true, primingG: 4, foodJPerK: 0, jointLossG: 0.3 }));
    expect(ledgerFuelG(b.ledger)).toBeCloseTo(b.fuelG, 9);
    expect(phaseHeatJ(heat(b).priming)).toBeCloseTo(4 * 45_000, 6);
  });
});

describe('wind of two levels, sleeve, head factor', () => {
  it('gusts of the same mean cost about the same, and blow out sooner', () => {
    const mean = { flameWindMps: 2, potWindMps: 2 };
    const ratio = simulateBurn(steady({ ...mean, gusty: true })).fuelG / simulateBurn(steady(mean)).fuelG;
    expect(ratio).toBeGreaterThan(0.93);
    expect(ratio).toBeLessThan(1.07);
    expect(simulateBurn(steady({ flameWindMps: 5, potWindMps: 5 })).outcome.kind).toBe('done');
    expect(simulateBurn(steady({ flameWindMps: 5, potWindMps: 5, gusty: true })).outcome.kind).toBe('mayBlowOut');
  });

  it('a sleeve on the pot while heating saves little', () => {
    const bare = simulateBurn(steady()).fuelG;
    const sleeved = simulateBurn(steady({ sleeveOn: true })).fuelG;
    expect(sleeved).toBeLessThan(bare);
    expect(1 - sleeved / bare).toBeLessThan(0.06);
  });

  it('a low flame blows out in a wind that a full one stands', () => {
    const wind = { flameWindMps: 4, potWindMps: 4 };
    expect(simulateBurn(steady({ ...wind, source: openSource(300, 45, false, 1200, 300) })).outcome.kind).toBe('mayBlowOut');
    expect(simulateBurn(steady(wind)).outcome.kind).not.toBe('mayBlowOut');
  });

  it('a better head is never worse', () => {
    expect(simulateBurn(steady({ headFactor: 1.1 })).fuelG).toBeLessThan(simulateBurn(steady()).fuelG);
  });

  it('knows the Beaufort classes (WMO: v = 0.836·B^1.5)', () => {
    for (const b of BEAUFORT) {
      expect(b.tenMetreMps).toBeCloseTo(0.836 * b.force ** 1.5, 1);
      expect(beaufortOf(b.tenMetreMps).force).toBe(b.force);
    }
  });
});

describe('flame strength in the cold', () => {
  const setup = (change: Partial<ColdSetup> = {}): ColdSetup => ({
    feed: 'vapour',
    blend: MIXED_GAS.blend,
    pressurePa: SEA,
    warming: 'none',
    withdrawalC: 5,
    ...change,
  });
  const cold = fc.double({ min: -35, max: 30, noNaN: true });
  const left = fc.double({ min: 0.02, max: 1, noNaN: true });

  it('falls with the cold and with the can’s emptying', () => {
    fc.assert(
      fc.property(cold, left, fc.double({ min: 0, max: 10, noNaN: true }), (c, f, more) => {
        expect(flameStrength(setup(), c - more, f)).toBeLessThanOrEqual(flameStrength(setup(), c, f) + 1e-9);
        expect(flameStrength(setup(), c, f * 0.6)).toBeLessThanOrEqual(flameStrength(setup(), c, f) + 1e-9);
      }),
    );
  });

  it('is never weakened by warming the can', () => {
    fc.assert(
      fc.property(
        cold,
        left,
        fc.constantFrom(...(Object.keys(WARMING) as Warming[])),
        fc.constantFrom('vapour', 'regulated', 'liquid'),
        (c, f, warming, feed) => {
          expect(flameStrength(setup({ warming, feed }), c, f)).toBeGreaterThanOrEqual(flameStrength(setup({ feed }), c, f) - 1e-12);
        },
      ),
    );
  });

  it('a regulator keeps its flame further down, and fails with the others', () => {
    const at = (feed: ColdSetup['feed'], least: number) => lowestAirC(setup({ feed }), 1, least) ?? Number.NaN;
    expect(at('regulated', 0.6)).toBeLessThan(at('vapour', 0.6));
    expect(Math.abs(at('regulated', 0.05) - at('vapour', 0.05))).toBeLessThan(3);
  });

  it('liquid feed does not age: a nearly empty can runs as a full one does', () => {
    const s = setup({ feed: 'liquid' });
    expect(flameStrength(s, -15, 0.05)).toBe(flameStrength(s, -15, 1));
  });

  it('plain butane at sea level: −1 °C ± 1.5 K (common practice)', () => {
    const limit = lowestAirC(setup({ blend: { propane: 0, isobutane: 0, nButane: 1 } }), 1, 0.05);
    expect(limit).toBeGreaterThan(-2.5);
    expect(limit).toBeLessThan(0.5);
  });
});

describe('resting', () => {
  const setup = (change: Partial<RestSetup> = {}): RestSetup => ({
    waterMl: 500,
    dryG: 0,
    startC: 95,
    airC: 5,
    pressurePa: SEA,
    windMps: 0,
    pot: KETTLE,
    vessel: 'pot',
    cozyM2KPerW: COZIES.none,
    padUnder: true,
    ...change,
  });

  it('cools as a hand computes it', () => {
    // skin 10 W/m²K on 0.0325 m² + pad 4 on 0.0071 → 0.353 W/K over 2,147 J/K: 6,080 s; after 10 min 5 + 90·e^(−600/6080) = 86.5 °C
    expect(rest(setup()).atS(600)).toBeCloseTo(86.5, 0);
  });

  it('keeps longer in better wraps, and the outside can be held', () => {
    const kinds = [COZIES.none, COZIES.reflective, COZIES.foam, COZIES.down].map((cozyM2KPerW) => rest(setup({ cozyM2KPerW })));
    kinds.slice(1).forEach((r, i) => expect(r.untilC(HOT_C)).toBeGreaterThan(kinds[i].untilC(HOT_C)));
    expect(kinds[0].surfaceAtS(60)).toBeGreaterThan(90);
    expect(kinds[2].surfaceAtS(60)).toBeLessThan(48);
  });

  it('loses to wind, and answers without NaN for food that is already cold', () => {
    expect(rest(setup({ windMps: 5 })).atS(600)).toBeLessThan(rest(setup()).atS(600));
    expect(rest(setup({ startC: 40 })).untilC(HOT_C)).toBe(0);
    expect(rest(setup({ airC: 30 })).untilC(20)).toBe(Number.POSITIVE_INFINITY);
  });
});
