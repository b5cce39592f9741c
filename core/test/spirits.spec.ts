import fc from 'fast-check';
import { leftInBurner } from '../src/physics/burn';
import {
  alcoholMixDensity,
  dilute,
  ETHANOL_G_PER_ML,
  ethanolWaterDensity,
  FUELS,
  heatKJPerMl,
  massShareOf,
  spiritHeatKJPerMl,
  volumeShareOf,
} from '../src/physics/fuel';

describe('ethanol and water', () => {
  // OIML R 22 (1975), alcoholic strength by volume at 20 °C → density, kg/m³
  it.each([
    [10, 984.71],
    [20, 973.56],
    [30, 962.21],
    [40, 948.05],
    [50, 930.14],
    [60, 909.11],
    [70, 885.51],
    [80, 859.27],
    [90, 829.26],
    [95, 811.38],
  ])('%d %% by volume weighs %d g/L within 0.2 %%', (percent, density) => {
    expect(Math.abs((ethanolWaterDensity(massShareOf(percent / 100)) * 1000) / density - 1)).toBeLessThan(0.002);
  });

  it('40 % by volume is 33.3 % by mass (OIML), and strength converts both ways', () => {
    expect(massShareOf(0.4)).toBeCloseTo(0.333, 3);
    fc.assert(fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (v) => expect(volumeShareOf(massShareOf(v))).toBeCloseTo(v, 6)));
  });
});

describe('dilution', () => {
  it('95 % down to 70 %: a litre takes about 391 mL of water and makes 1,357 mL (pharmacy tables: 100 mL + 39.1 mL)', () => {
    const d = dilute(1000, 0.95, 0.7);
    expect(d.waterMl).toBeGreaterThan(385);
    expect(d.waterMl).toBeLessThan(397);
    expect(d.resultMl).toBeCloseTo((1000 * 0.95) / 0.7, 0);
    expect(d.contractionMl).toBeGreaterThan(20);
  });

  it('keeps the ethanol, contracts from strong spirit (weak ones hardly do), always lowers the heat per mL', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.6, max: 1, noNaN: true }), fc.double({ min: 0.5, max: 0.99, noNaN: true }), (from, part) => {
        const to = from * part;
        const d = dilute(100, from, to);
        expect(d.resultMl * to).toBeCloseTo(100 * from, 3);
        expect(d.contractionMl).toBeGreaterThan(-0.05);
        expect(d.dilutedKJPerMl).toBeLessThanOrEqual(d.strongKJPerMl + 1e-9);
      }),
    );
  });

  it('refuses to dilute upwards', () => {
    expect(() => dilute(100, 0.5, 0.6)).toThrow('toShare');
    expect(spiritHeatKJPerMl(1)).toBeCloseTo(26.81 * ETHANOL_G_PER_ML, 6);
  });
});

describe('mixtures of alcohols', () => {
  const alcohols = FUELS.filter((f) => f.kind === 'alcohol');

  it.each(alcohols.map((f) => [f.name, f] as const))(
    '%s: the density it is sold with is that of its mixture within 1.5 %% (2-propanol 3.5 %%)',
    (_name, f) => {
      expect(Math.abs(alcoholMixDensity(f.mix) / f.densityGPerMl - 1)).toBeLessThan(f.mix.isopropanol > 0 ? 0.035 : 0.015);
    },
  );

  it('gives strong spirit about 20 kJ a mL and methanol a quarter less and more', () => {
    const perMl = Object.fromEntries(alcohols.map((f) => [f.id, heatKJPerMl(f)]));
    expect(perMl['alcohol-strong']).toBeCloseTo(20, 0);
    expect(perMl['alcohol-methanol'] / perMl['alcohol-strong']).toBeLessThan(0.8);
  });
});

describe('alcohol left in a burner', () => {
  it('is gone by morning from an open one, half gone under a cap, all there under a gasket', () => {
    expect(leftInBurner('open', 10)).toBeLessThan(0.02);
    expect(leftInBurner('cap', 12)).toBeCloseTo(0.5, 9);
    expect(leftInBurner('gasket', 72)).toBe(1);
  });
});
