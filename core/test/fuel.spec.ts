import { fuelLhvKJPerG, FUELS, LHV_KJ_PER_G, lowerHeatingValueKJPerG, MOLECULES } from '../src/physics/fuel';

describe('heats of combustion', () => {
  // standard enthalpies of formation, NIST WebBook / CRC Handbook
  it.each(Object.keys(MOLECULES) as (keyof typeof MOLECULES)[])('%s follows from formation enthalpies within 0.5 %%', (name) => {
    expect(Math.abs(LHV_KJ_PER_G[name] / lowerHeatingValueKJPerG(MOLECULES[name]) - 1)).toBeLessThan(0.005);
  });

  it('mixes by mass, and water in a spirit costs heat', () => {
    const denatured = FUELS.find((f) => f.id === 'alcohol-denatured');
    // 0.9·26.81 + 0.05·19.9 − 0.05·2.442, by hand
    expect(denatured && fuelLhvKJPerG(denatured)).toBeCloseTo(25.002, 3);
  });

  it('gives methanol about a third less heat per mL than strong spirit', () => {
    const perMl = (id: string) => {
      const f = FUELS.find((x) => x.id === id);
      return f?.kind === 'alcohol' ? fuelLhvKJPerG(f) * f.densityGPerMl : Number.NaN;
    };
    expect(perMl('alcohol-methanol') / perMl('alcohol-strong')).toBeLessThan(0.82);
  });

  it('has shares that sum to one in every blend and spirit', () => {
    for (const f of FUELS) {
      const shares = f.kind === 'gas' ? Object.values<number>({ ...f.blend }) : f.kind === 'alcohol' ? Object.values<number>(f.mix) : [1];
      expect(shares.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
    }
  });
});
