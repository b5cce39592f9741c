import fc from 'fast-check';
import {
  blendAfterWithdrawal,
  blendPressure,
  CRITICAL,
  GASES,
  jetFlow,
  moleFractions,
  pureVapourPressurePa,
  unregulatedSupply,
} from '../src/physics/canister';

const blends = fc
  .tuple(
    fc.double({ min: 0.01, max: 1, noNaN: true }),
    fc.double({ min: 0.01, max: 1, noNaN: true }),
    fc.double({ min: 0.01, max: 1, noNaN: true }),
  )
  .map(([a, b, c]) => ({ propane: a / (a + b + c), isobutane: b / (a + b + c), nButane: c / (a + b + c) }));

describe('vapour pressure of canister gases', () => {
  // normal boiling points, NIST WebBook: p must be one atmosphere there
  it.each([
    ['propane', -42.1],
    ['isobutane', -11.7],
    ['nButane', -0.5],
  ] as const)('%s boils at %d °C under one atmosphere, within 4 %%', (gas, c) => {
    expect(Math.abs(pureVapourPressurePa(gas, c) / 101_325 - 1)).toBeLessThan(0.04);
  });

  // Antoine fits of the NIST WebBook, log10(p/bar) = A − B/(T + C): propane (Helgeson & Sage 1967),
  // isobutane (Aston et al. 1940; Das, Reed & Eubank 1973), n-butane (Aston & Messerly 1940; Das et al. 1973): together −40 to 40 °C
  it.each([
    ['propane', 3.98292, 819.296, -24.417, 230, 313],
    ['isobutane', 3.94417, 912.141, -29.808, 233, 261],
    ['isobutane', 4.3281, 1132.108, 0.918, 262, 313],
    ['nButane', 3.85002, 909.65, -36.146, 233, 272],
    ['nButane', 4.35576, 1175.581, -2.071, 273, 313],
  ] as const)('%s agrees with its Antoine fit within 4 %%', (gas, a, b, c, fromK, toK) => {
    for (let k = fromK; k <= toK; k += 10) {
      const antoinePa = 10 ** (a - b / (k + c)) * 1e5;
      expect(Math.abs(pureVapourPressurePa(gas, k - 273.15) / antoinePa - 1)).toBeLessThan(0.04);
    }
  });

  it('agrees with Lee & Kesler (AIChE J. 21 (1975) 510) within 6 % from −40 to 40 °C', () => {
    for (const gas of GASES)
      for (let c = -40; c <= 40; c += 5) {
        const { criticalK, criticalPa, acentric } = CRITICAL[gas];
        const tr = (c + 273.15) / criticalK;
        const f0 = 5.92714 - 6.09648 / tr - 1.28862 * Math.log(tr) + 0.169347 * tr ** 6;
        const f1 = 15.2518 - 15.6875 / tr - 13.4721 * Math.log(tr) + 0.43577 * tr ** 6;
        expect(Math.abs(pureVapourPressurePa(gas, c) / (criticalPa * Math.exp(f0 + acentric * f1)) - 1)).toBeLessThan(0.06);
      }
  });

  it('turns mass into mole fractions: 20/80 by mass is about 25/75 by mole', () => {
    // (0.2/44.10) / (0.2/44.10 + 0.8/58.12), by hand
    expect(moleFractions({ propane: 0.2, isobutane: 0.8, nButane: 0 })[0]).toBeCloseTo(0.2478, 3);
  });
});

describe('drawing vapour', () => {
  it('never raises the pressure at a fixed temperature', () => {
    fc.assert(
      fc.property(
        blends,
        fc.double({ min: 0.02, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (fresh, left, further) => {
          const before = blendPressure(blendAfterWithdrawal(fresh, left, 5))(0);
          const after = blendPressure(blendAfterWithdrawal(fresh, left * (1 - 0.9 * further), 5))(0);
          expect(after).toBeLessThanOrEqual(before * (1 + 1e-9));
        },
      ),
    );
  });

  it('keeps the shares summing to one and leaves a pure gas alone', () => {
    fc.assert(
      fc.property(blends, fc.double({ min: 0, max: 1, noNaN: true }), (fresh, left) => {
        const b = blendAfterWithdrawal(fresh, left, 5);
        expect(b.propane + b.isobutane + b.nButane).toBeCloseTo(1, 9);
      }),
    );
    expect(blendAfterWithdrawal({ propane: 0, isobutane: 1, nButane: 0 }, 0.3, 5).isobutane).toBeCloseTo(1, 12);
  });

  it('matches a fine step-by-step Rayleigh integration', () => {
    let n = [0.2, 0.8];
    const p = [pureVapourPressurePa('propane', 5), pureVapourPressurePa('isobutane', 5)];
    while (n[0] + n[1] > 0.4) {
      const flow = n.map((m, i) => m * p[i]); // mass drawn ∝ mass in the liquid × pure pressure
      const sum = flow[0] + flow[1];
      n = n.map((m, i) => m - (1e-5 * flow[i]) / sum);
    }
    const left = blendAfterWithdrawal({ propane: 0.2, isobutane: 0.8, nButane: 0 }, n[0] + n[1], 5);
    expect(left.propane).toBeCloseTo(n[0] / (n[0] + n[1]), 4);
  });
});

describe('flow through the jet', () => {
  it('is one at the rated pressure and proportional to it while choked', () => {
    expect(unregulatedSupply(430_000, 101_325)).toBeCloseTo(1, 9);
    expect(jetFlow(400_000, 101_325) / jetFlow(200_000, 101_325)).toBeCloseTo(2, 9);
  });

  it('joins smoothly where the jet stops being choked, and ends at ambient pressure', () => {
    const p = 101_325 / 0.5847;
    expect(jetFlow(p * 1.0005, 101_325) / jetFlow(p * 0.9995, 101_325)).toBeCloseTo(1, 2);
    expect(jetFlow(101_325, 101_325)).toBe(0);
  });

  it('a plain butane can does not run at sea level below −1 °C ± 1.5 K (common practice)', () => {
    const butane = blendPressure({ propane: 0, isobutane: 0, nButane: 1 });
    const runs = (c: number) => unregulatedSupply(butane(c), 101_325) >= 0.05;
    expect(runs(-2.5)).toBe(false);
    expect(runs(0.5)).toBe(true);
  });
});
