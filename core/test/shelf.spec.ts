import fc from 'fast-check';
import { blendAfterWithdrawal } from '../src/physics/canister';
import { normals, seededRandom } from '../src/planning/risk';
import {
  balancedGross,
  driftedBlend,
  floatedGross,
  gasMassG,
  goneSinceMark,
  gramsPerMm,
  joined,
  lastVapourG,
  type JoinedCan,
} from '../src/domain/shelf';

// Check values: docs/physics.md, Shelf. Hand calculations stand beside each.

describe('a floating can', () => {
  it('is worth 6.36 g a millimetre at 90 mm across and 9.50 g at 110', () => {
    expect(gramsPerMm(90)).toBeCloseTo(6.36, 2); // π/4 · 9.0² cm² a cm of depth
    expect(gramsPerMm(110)).toBeCloseTo(9.5, 2);
  });

  it('stands 40.0 mm deep with 380 g and 15.8 mm with 150 g, as a plain cylinder of 110 mm', () => {
    expect(380 / gramsPerMm(110)).toBeCloseTo(40.0, 1);
    expect(150 / gramsPerMm(110)).toBeCloseTo(15.8, 1);
  });

  it('has lost what its mark has risen by, with tare and foot cancelled', () => {
    expect(goneSinceMark(90, 5)).toEqual({ massG: 5 * gramsPerMm(90), sdG: 7 });
    expect(goneSinceMark(110, 3).sdG).toBe(10);
  });

  it('is read by the mean of its two sides where it leans, less the hollow of its foot', () => {
    const level = floatedGross({ diameterMm: 110, heightMm: 90, lowMm: 40, highMm: 40 });
    const leaning = floatedGross({ diameterMm: 110, heightMm: 90, lowMm: 46, highMm: 34 });
    expect(level).toEqual(leaning);
    if (!level.ok) throw new Error('it floats');
    expect(level.value.massG).toBeCloseTo(40 * 9.503 - 30, 1);
    expect(level.value.sdG).toBeCloseTo(Math.hypot(10, 12), 6);
  });

  it('that is tall lies over and is not read', () => {
    expect(floatedGross({ diameterMm: 110, heightMm: 152, lowMm: 40, highMm: 40 })).toEqual({
      ok: false,
      problem: { code: 'liesOver', heightMm: 152, diameterMm: 110 },
    });
  });
});

describe('a pole over a cord', () => {
  const pole = { waterG: 500, canArmMm: 500, waterArmMm: 380 };

  it('weighs a can to 380 ± 8.5 g against half a litre', () => {
    const can = balancedGross(pole);
    expect(can.massG).toBeCloseTo(380, 6); // 500 · 380 / 500
    expect(can.sdG).toBeCloseTo(8.5, 1); // √(7.6² + 3.0² + 2.3²)
  });

  it('is as doubtful as drawing its water and arms says', () => {
    const z = normals(seededRandom(7));
    const drawn = Array.from(
      { length: 20_000 },
      () => ((pole.waterG + 10 * z()) * (pole.waterArmMm + 3 * z())) / (pole.canArmMm + 3 * z()),
    );
    const mean = drawn.reduce((s, x) => s + x, 0) / drawn.length;
    const sd = Math.sqrt(drawn.reduce((s, x) => s + (x - mean) ** 2, 0) / drawn.length);
    expect(Math.abs(sd / balancedGross(pole).sdG - 1)).toBeLessThan(0.03);
  });
});

describe('the last vapour of a can', () => {
  it('is 2.68 g in 0.45 L of butanes at 2.5 bar and 20 °C', () => {
    // 250,000 Pa · 0.00045 m³ · 58.12 g/mol / (8.314 J/(mol K) · 293.15 K)
    expect(gasMassG(450, 250_000, 20, 58.12)).toBeCloseTo(2.68, 2);
  });

  it('is more in the warm, and at the pressure of its blend', () => {
    const isobutane = { propane: 0, isobutane: 1, nButane: 0 };
    expect(lastVapourG(450, isobutane, 20)).toBeGreaterThan(lastVapourG(450, isobutane, 0));
    expect(lastVapourG(450, isobutane, 20)).toBeCloseTo(gasMassG(450, 302_000, 20, 58.12), 1); // 3.02 bar: isobutane at 20 °C, handbook
  });
});

describe('the blend of a can that was burnt from', () => {
  const fresh = { propane: 0.2, isobutane: 0.8, nButane: 0 };

  it('is that of one withdrawal where every burn was as cold, in however many parts', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 1, max: 40, noNaN: true }), { minLength: 1, maxLength: 5 }),
        fc.integer({ min: -15, max: 25 }),
        (parts, canC) => {
          const sum = parts.reduce((a, b) => a + b, 0);
          const drifted = driftedBlend(
            fresh,
            230,
            parts.map((fuelG) => ({ fuelG, canC })),
          );
          expect(drifted.propane).toBeCloseTo(blendAfterWithdrawal(fresh, 1 - sum / 230, canC).propane, 6);
        },
      ),
    );
  });

  it('has lost more propane the colder it was burnt from, and is not thrown by more than there was', () => {
    const cold = driftedBlend(fresh, 230, [{ fuelG: 120, canC: -10 }]);
    const warm = driftedBlend(fresh, 230, [{ fuelG: 120, canC: 20 }]);
    expect(cold.propane).toBeLessThan(warm.propane);
    expect(warm.propane).toBeLessThan(fresh.propane);
    const past = driftedBlend(fresh, 100, [
      { fuelG: 400, canC: 5 },
      { fuelG: 10, canC: 5 },
    ]);
    expect(past.propane + past.isobutane + past.nButane).toBeCloseTo(1, 9);
  });
});

describe('two leftovers joined', () => {
  const can = (netG: number, fuelG: number, more: Partial<JoinedCan> = {}): JoinedCan => ({
    netG,
    fuelG,
    volumeMl: 2 * netG,
    soldAs: 'gas-20-80',
    blend: { propane: 0.1, isobutane: 0.9, nButane: 0 },
    ...more,
  });

  it('lose nothing, never fill a can above what it is rated for, and leave the last vapour behind', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 230, noNaN: true }), fc.double({ min: 0, max: 99, noNaN: true }), (from, to) => {
        const [sender, receiver] = [can(230, from), can(100, to)];
        const pass = joined(sender, receiver, 20);
        if (!pass.ok) return expect(pass.problem.code).toBe('onlyVapour');
        const { movedG, senderG, receiverG, blend } = pass.value;
        expect(senderG + receiverG).toBeCloseTo(from + to, 9);
        expect(receiverG).toBeLessThanOrEqual(100 + 1e-9);
        expect(senderG).toBeGreaterThanOrEqual(lastVapourG(460, sender.blend, 20) - 1e-9);
        expect(movedG).toBeGreaterThan(0);
        expect(blend.propane + blend.isobutane + blend.nButane).toBeCloseTo(1, 9);
      }),
    );
  });

  it('are of one blend, and go into a can that has room', () => {
    expect(joined(can(230, 90, { soldAs: 'gas-butane' }), can(100, 10), 20)).toEqual({ ok: false, problem: { code: 'otherBlend' } });
    expect(joined(can(230, 90), can(100, 100), 20)).toEqual({ ok: false, problem: { code: 'full' } });
    expect(joined(can(230, 2), can(100, 10), 20)).toEqual({ ok: false, problem: { code: 'onlyVapour', fuelG: 2 } });
  });
});
