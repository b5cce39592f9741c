import { ambientPressurePa, forcedConvection } from '../src/physics/air';
import {
  canisterSource,
  openSource,
  screenedWind,
  simulateBurn,
  windBeforeMps,
  type Burn,
  type FlameKind,
  type WindscreenKind,
} from '../src/physics/burn';
import { fuelLhvKJPerG } from '../src/physics/fuel';
import { planTrip } from '../src/planning/plan';
import { DENATURED, DINNER_POT, gasBurn, INDOORS, KETTLE, MIXED_GAS, PLAIN } from './check-cases';
import { everyDay, SHORT_TRIP } from './short-trip';

// What a practitioner would dispute, with what practice says beside each check (docs/physics.md, Disputed cases). Common practice: ± 20 % is a pass.

const SEA_LEVEL = ambientPressurePa(0);
const TWO_CUPS_ML = 473.2;
const BAND = 0.2;
const isNear = (got: number, practice: number): void => expect(Math.abs(got / practice - 1)).toBeLessThanOrEqual(BAND);

/** Two cups from 15 °C to the boil on alcohol, in mL. */
function twoCupsMl(screen: WindscreenKind, flame: FlameKind, ratedW: number, unscreenedMps: number): number {
  const wind = screenedWind(unscreenedMps, screen);
  const burn = simulateBurn({
    ...PLAIN,
    ...INDOORS,
    waterMl: TWO_CUPS_ML,
    flameWindMps: wind.flameMps,
    potWindMps: wind.potMps,
    flame,
    source: openSource(ratedW, fuelLhvKJPerG(DENATURED), true),
  });
  expect(burn.outcome.kind).toBe('done');
  return burn.fuelG / DENATURED.densityGPerMl;
}

describe('alcohol', () => {
  it.each([4, 7])('in a fitted cone stands %i m/s better than behind foil: a cone is its own full windscreen', (mps) => {
    const [cone, foil] = [twoCupsMl('cone', 'cone', 1500, mps), twoCupsMl('foil', 'openAlcohol', 1500, mps)];
    expect(cone).toBeLessThan(foil);
    expect(cone).toBeLessThan(1.25 * twoCupsMl('cone', 'cone', 1500, 0));
  });

  it('under a simmer ring boils two cups on 20 to 25 mL behind a windscreen', () => {
    const ml = twoCupsMl('foil', 'ringAlcohol', 1200, 0.5);
    expect(ml).toBeGreaterThan(20);
    expect(ml).toBeLessThan(25);
  });

  it('burns more slowly at 3,500 m than at the sea: the flame draws thin air', () => {
    const kit = { ...SHORT_TRIP.kit, burnerId: 'alcohol-open', fuelId: 'alcohol-denatured', windscreen: 'cone' as const };
    const [sea, high] = [0, 3500].map((altitudeM) => {
      const meal = planTrip(everyDay({ ...SHORT_TRIP, kit }, { altitudeM })).days[0].meals.supper;
      return meal?.burn.meanPowerW ?? 0;
    });
    // ISA: 65.8 kPa at 3,500 m
    expect(high / sea).toBeGreaterThan(0.6);
    expect(high / sea).toBeLessThan(0.7);
  });
});

describe('a can out of the cold', () => {
  const out = (canC: number, airC: number): Burn =>
    simulateBurn({
      ...PLAIN,
      ...INDOORS,
      waterMl: TWO_CUPS_ML,
      airC,
      pot: { ...DINNER_POT, base: 'finned' },
      flame: 'tall',
      source: canisterSource({
        feed: 'vapour',
        ratedW: 1900,
        lowestW: 350,
        setting: 1,
        can: { netG: 230, tareG: 150, fuelLeftG: 115 },
        blend: MIXED_GAS.blend,
        canC,
        warmingW: 0,
        walledIn: false,
        airC,
        pressurePa: SEA_LEVEL,
        windMps: 0,
        lhvKJPerG: fuelLhvKJPerG(MIXED_GAS),
      }),
    });

  it('at −18 °C, half full, revives in 15 °C air and boils two cups in a finned pot in about 8 min', () => {
    const burn = out(-18, 15);
    expect(burn.outcome.kind).toBe('done');
    isNear(burn.durationS / 60, 8);
  });

  it('stays dead where the air is as cold', () => {
    expect(out(-30, -30).outcome.kind).toBe('wontRun');
  });
});

describe('a compact burner of 2.4 kW', () => {
  const boilS = (waterMl: number, pot: typeof KETTLE): number =>
    gasBurn({ canC: 20, airC: 20, waterMl, waterC: 20, target: { kind: 'boil' }, pot, ratedW: 2400 }).durationS;

  it('boils two cups in an 850 mL pot in 2.5 min, and a mug of 300 mL in 105 to 117 s', () => {
    isNear(boilS(TWO_CUPS_ML, { ...KETTLE, diameterMm: 120, heightMm: 76, massG: 110 }), 150);
    isNear(boilS(300, KETTLE), 111);
  });
});

describe('wind', () => {
  it('gets round any windscreen once it is strong, and more of it never less', () => {
    const behind = [4, 8, 10, 14, 20].map((mps) => screenedWind(mps, 'foil').flameMps);
    expect(behind[1]).toBeCloseTo(0.8, 9);
    expect(behind[4]).toBeGreaterThan(6); // a gale is a gale, foil or not
    behind.slice(1).forEach((mps, i) => expect(mps).toBeGreaterThan(behind[i]));
    for (const screen of ['none', 'plate', 'folded', 'foil', 'cone'] as const)
      for (const mps of [0.5, 6, 9, 15]) expect(windBeforeMps(screenedWind(mps, screen).flameMps, screen)).toBeCloseTo(mps, 9);
  });

  it('cools a pipe and a rod as the textbooks reckon it, at the film temperature', () => {
    // Ø 100 mm at 110 °C in 10 °C air of 8 m/s: 34.8 W/m²K (Çengel, Heat Transfer, external flow over cylinders; from memory)
    expect(Math.abs(forcedConvection(8, 0.1, 60, SEA_LEVEL) / 34.8 - 1)).toBeLessThan(0.02);
    // Ø 12.7 mm at 128.4 °C in 26.2 °C air of 10 m/s: 96 W/m²K (Incropera & DeWitt, cylinder in cross flow; from memory)
    expect(Math.abs(forcedConvection(10, 0.0127, 77, SEA_LEVEL) / 96 - 1)).toBeLessThan(0.02);
  });
});
