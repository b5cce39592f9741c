import fc from 'fast-check';
import psychrolib from 'psychrolib';
import { ambientPressurePa, boilingPointC } from '../src/physics/air';
import { OutOfRangeError } from '../src/foundation/errors';
import { iceSaturationPressurePa, saturationPressurePa, saturationTemperatureK, waterVapourPressurePa } from '../src/physics/water';

describe('IAPWS-IF97 region 4', () => {
  // IAPWS R7-97(2012), table 35
  it.each([
    [300, 3.53658941e-3],
    [500, 2.63889776],
    [600, 12.3443146],
  ])('p_sat(%d K) is the published %d MPa', (k, mpa) => {
    expect(saturationPressurePa(k) / 1e6).toBeCloseTo(mpa, mpa < 1 ? 10 : 7);
  });

  // IAPWS R7-97(2012), table 36
  it.each([
    [0.1, 372.755919],
    [1, 453.035632],
    [10, 584.149488],
  ])('T_sat(%d MPa) is the published %d K', (mpa, k) => {
    expect(saturationTemperatureK(mpa * 1e6)).toBeCloseTo(k, 6);
  });

  it('is its own inverse', () => {
    fc.assert(
      fc.property(fc.double({ min: 274, max: 640, noNaN: true }), (k) => {
        expect(saturationTemperatureK(saturationPressurePa(k))).toBeCloseTo(k, 5);
      }),
    );
  });

  it('refuses what the formulation does not cover, naming the quantity', () => {
    expect(() => saturationPressurePa(200)).toThrow(OutOfRangeError);
    expect(() => saturationPressurePa(Number.NaN)).toThrow('temperatureK');
    expect(() => saturationTemperatureK(100)).toThrow('pressurePa');
  });
});

describe('standard atmosphere and vapour, against psychrolib', () => {
  beforeAll(() => psychrolib.SetUnitSystem(psychrolib.SI));

  it.each([0, 500, 1524, 2660, 4000, 5500])('pressure at %d m within 0.1 %%', (m) => {
    expect(ambientPressurePa(m) / psychrolib.GetStandardAtmPressure(m)).toBeCloseTo(1, 3);
  });

  it.each([-40, -20, -5, 1, 20, 60, 95])('vapour pressure at %d °C within 0.1 %%', (c) => {
    expect(Math.abs(waterVapourPressurePa(c) / psychrolib.GetSatVapPres(c) - 1)).toBeLessThan(0.001);
  });

  it('meets at the triple point from both sides', () => {
    expect(iceSaturationPressurePa(273.15) / saturationPressurePa(273.15)).toBeCloseTo(1, 3);
  });
});

describe('boiling point', () => {
  it('is 94.9 °C at 1,524 m (standard atmosphere + IF97)', () => {
    expect(boilingPointC(ambientPressurePa(1524))).toBeCloseTo(94.9, 1);
  });

  it('falls with altitude', () => {
    fc.assert(
      fc.property(fc.double({ min: -400, max: 6000, noNaN: true }), fc.double({ min: 1, max: 500, noNaN: true }), (m, up) => {
        expect(boilingPointC(ambientPressurePa(m + up))).toBeLessThan(boilingPointC(ambientPressurePa(m)));
      }),
    );
  });
});
