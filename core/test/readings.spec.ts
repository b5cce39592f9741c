import fc from 'fast-check';
import { CANISTER_SIZES, fullCan, holding, type Container } from '../src/domain/carry';
import { DEMO_TRIP } from '../src/demo';
import { fuelById } from '../src/physics/fuel';
import { withBurner } from '../src/domain/kit';
import { asRead, READ_SD_G, readingUnits } from '../src/output/walk';

const GAS = DEMO_TRIP.kit;
const SPIRIT = withBurner(GAS, 'alcohol-open');
const TABLETS = withBurner(GAS, 'tablet-double');
const cans = fc.array(fc.constantFrom(...CANISTER_SIZES), { minLength: 1, maxLength: 3 }).map((list) => list.map(fullCan));
const fuel = fc.double({ min: 0.01, max: 600, noNaN: true });

describe('fuel as a walker reads it', () => {
  it('asks for as much or more, never less, by whatever it is read', () => {
    fc.assert(
      fc.property(cans, fuel, (containers, g) => {
        const read = asRead(g, containers, GAS);
        const tareG = containers.reduce((sum, c) => sum + c.tareG, 0);
        expect(read.grossG).toBeGreaterThanOrEqual(g + tareG - 1e-6);
        expect(read.grossG).toBeLessThan(g + tareG + 1);
        const { floatMmG } = readingUnits(containers, GAS);
        if (floatMmG === undefined) return expect(read.floatMm).toBeUndefined();
        expect((read.floatMm ?? 0) * floatMmG).toBeGreaterThanOrEqual(g - 1e-6);
        expect(((read.floatMm ?? 0) - 1) * floatMmG).toBeLessThan(g);
      }),
    );
  });

  it('floats a single can that stands upright in water, and no two', () => {
    const [small] = CANISTER_SIZES;
    const upright = CANISTER_SIZES.filter((s) => asRead(10, [fullCan(s)], GAS).floatMm !== undefined);
    expect(upright.length).toBeGreaterThan(0);
    expect(asRead(10, [fullCan(small), fullCan(small)], GAS).floatMm).toBeUndefined();
    // a cylinder sinks by what it weighs more over its own area (Archimedes): a can 110 mm across by 1 mm for every 9.5 g
    const middle = fullCan(CANISTER_SIZES[1]);
    const { floatMmG = Number.NaN } = readingUnits([middle], GAS);
    expect(floatMmG).toBeCloseTo((Math.PI / 4) * 11 ** 2 * 0.1, 2);
  });

  it('counts spirit by the measure and tablets by the piece', () => {
    const spirit = fuelById(SPIRIT.fuelId);
    if (spirit.kind !== 'alcohol') throw new Error('the usual fuel of an open burner is a spirit');
    const measureG = SPIRIT.measureMl * spirit.densityGPerMl;
    const bottle: Container[] = holding(spirit, 100);
    expect(asRead(3 * measureG, bottle, SPIRIT).doses).toEqual({ count: 3, measureMl: SPIRIT.measureMl });
    expect(asRead(3 * measureG + 0.1, bottle, SPIRIT).doses?.count).toBe(4);
    expect(asRead(50, bottle, SPIRIT).tablets).toBeUndefined();

    const tablet = fuelById(TABLETS.fuelId);
    if (tablet.kind !== 'tablet') throw new Error('the usual fuel of a tablet stove is a tablet');
    const box = holding(tablet, 10 * tablet.tabletG);
    expect(asRead(2.5 * tablet.tabletG, box, TABLETS).tablets).toBe(3);
    expect(asRead(2.5 * tablet.tabletG, box, TABLETS).doses).toBeUndefined();
  });

  it('tells best on a scale and worst with a pole in a pot', () => {
    const ways = Object.values(READ_SD_G);
    expect(Math.min(...ways)).toBe(READ_SD_G.scale);
    expect(Math.max(...ways)).toBe(READ_SD_G.pole);
  });
});
