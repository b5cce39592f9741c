import { fuelOfG, tareOfG } from '../src/domain/carry';
import { DEMO_RACK } from '../src/demo';
import { fuelById, FUELS } from '../src/physics/fuel';
import type { ShelfItem } from '../src/domain/model';
import { asContainer, densityOf, stockOf } from '../src/domain/shelf';

const ITEMS = DEMO_RACK.shelf;
const [ANY] = ITEMS;
const stock = (massG: number) => ({ left: { massG, sdG: 2 }, tare: { massG: 30, sdG: 1 } });
const idOf = (kind: (typeof FUELS)[number]['kind']): string => FUELS.find((f) => f.kind === kind)?.id ?? '';
const item = (kind: ShelfItem['kind'], change: Partial<ShelfItem> = {}): ShelfItem => ({ ...ANY, kind, ...change });

describe('a container of the shelf as one that is carried', () => {
  it('weighs what the shelf says, and is still the walker’s own', () => {
    for (const i of ITEMS) {
      const known = stockOf(i);
      const c = asContainer(i, known);
      expect(fuelOfG([c])).toBeCloseTo(known.left.massG, 6);
      expect(tareOfG([c])).toBeCloseTo(known.tare.massG, 6);
      expect(c.own).toEqual({ id: i.id, name: i.name, sdG: known.left.sdG });
      expect(c.kind).toBe(i.kind);
    }
  });

  it('keeps the size of a can, turns grams of what is poured into millilitres, and counts tablets', () => {
    expect(asContainer(item('canister', { netG: 230 }), stock(101))).toMatchObject({ kind: 'canister', netG: 230, fuelG: 101 });
    const bottle = item('bottle', { netG: 400, fuelId: idOf('alcohol') });
    const poured = asContainer(bottle, stock(158));
    expect(poured).toMatchObject({ kind: 'bottle', fuelG: 158 });
    expect('fillMl' in poured && poured.fillMl).toBeCloseTo(158 / densityOf(bottle), 9);
    expect('sizeMl' in poured && poured.sizeMl).toBeCloseTo(400 / densityOf(bottle), 9);
    const tablet = fuelById(idOf('tablet'));
    if (tablet.kind !== 'tablet') throw new Error('a tablet is a tablet');
    const box = asContainer(item('tablets', { fuelId: tablet.id }), stock(5.2 * tablet.tabletG));
    expect(box).toMatchObject({ kind: 'tablets', tabletG: tablet.tabletG, count: 5 });
  });
});
