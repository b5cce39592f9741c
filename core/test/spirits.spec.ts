import fc from 'fast-check';
import { dilute, spiritHeatKJPerMl } from '../src/fuel/dilution';
import { ETHANOL_G_PER_ML, ethanolWaterDensity, massShareOf, volumeShareOf, volumeShareOfProof } from '../src/fuel/ethanol-water';

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
    expect(volumeShareOfProof(190)).toBe(0.95);
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
