import fc from 'fast-check';
import { CANISTER_SIZES, PACKAGE_IDS, packageById, USUAL_SALES, type PackageId } from '../src/domain/carry';
import { lightestCans } from '../src/planning/load-out';
import { DEMO_TRIP } from '../src/demo';
import { FUELS, type Fuel } from '../src/physics/fuel';
import type { Sale, Stop } from '../src/domain/model';
import { planTrip } from '../src/planning/plan';
import { supplyAt } from '../src/domain/trail';

const stop = (...ids: PackageId[]): Stop => ({
  ...DEMO_TRIP.stops[1],
  box: null,
  sells: ids.map((packageId): Sale => ({ packageId, price: null })),
});
const fuel = (id: string): Fuel => {
  const found = FUELS.find((f) => f.id === id);
  if (!found) throw new Error(id);
  return found;
};

describe('what a stop can fill up', () => {
  it('is anything from home or out of a box, and what is on sale elsewhere', () => {
    const gas = fuel('gas-20-80');
    expect(supplyAt(stop(), 0, gas)).toBe('home');
    expect(supplyAt(stop(), 2, gas)).toBeUndefined();
    expect(supplyAt({ ...stop(), box: { postBy: null, note: '' } }, 2, gas)).toBe('box');
    expect(supplyAt(stop('can-100'), 2, gas)).toBe('shop');
    expect(supplyAt(stop('alcohol-500'), 2, gas)).toBeUndefined();
    expect(supplyAt(stop('alcohol-500'), 2, fuel('alcohol-denatured'))).toBe('shop');
    expect(supplyAt(stop('tablets-4'), 2, fuel('tablet-14'))).toBeUndefined();
    expect(supplyAt(stop('tablets-14'), 2, fuel('tablet-14'))).toBe('shop');
    expect(supplyAt(stop('gel-200'), 2, fuel('gel'))).toBe('shop');
  });

  it('knows a kind of fuel for every package, and usual sales only of packages there are', () => {
    for (const id of PACKAGE_IDS) expect(FUELS.some((f) => f.kind === packageById(id).fuelKind)).toBe(true);
    for (const ids of Object.values(USUAL_SALES)) for (const id of ids) expect(PACKAGE_IDS).toContain(id);
  });
});

describe('cans of the sizes on sale', () => {
  it('cover the need with the least weight, as brute force finds it', () => {
    const sizes = fc.subarray([...CANISTER_SIZES], { minLength: 1 });
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1200 }), sizes, (needG, onSale) => {
        const chosen = lightestCans(needG, onSale);
        const gross = (list: typeof chosen) => list.reduce((sum, s) => sum + s.netG + s.tareG, 0);
        const net = (list: typeof chosen) => list.reduce((sum, s) => sum + s.netG, 0);
        expect(net(chosen)).toBeGreaterThanOrEqual(needG);
        let best = Number.POSITIVE_INFINITY;
        const search = (left: number, from: number, weight: number): void => {
          if (left <= 0) best = Math.min(best, weight);
          else for (let i = from; i < onSale.length; i++) search(left - onSale[i].netG, i, weight + onSale[i].netG + onSale[i].tareG);
        };
        search(needG, 0, 0);
        expect(gross(chosen)).toBe(best);
      }),
      { numRuns: 60 },
    );
  });

  it('are all a plan ever buys', () => {
    const stops = DEMO_TRIP.stops.map((s, i) => (i === 0 ? s : stop('can-100')));
    const { carries } = planTrip({ ...DEMO_TRIP, stops });
    expect(carries).toHaveLength(6);
    for (const c of carries.slice(1)) expect(c.containers.every((x) => x.kind === 'canister' && x.netG === 100)).toBe(true);
  });
});
