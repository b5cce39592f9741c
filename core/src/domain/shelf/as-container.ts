import type { Container } from '../carry';
import { fuelById } from '../../physics/fuel';
import type { ShelfItem } from '../model';
import { densityOf, type Stock } from './stock';

/** A container of the shelf as one that is carried is drawn and named. */
export function asContainer(item: ShelfItem, { left, tare }: Pick<Stock, 'left' | 'tare'>): Container {
  const { kind, netG } = item;
  const common = { tareG: tare.massG, fuelG: left.massG, own: { id: item.id, name: item.name, sdG: left.sdG } };
  switch (kind) {
    case 'canister':
    case 'gelTin':
      return { kind, netG, ...common };
    case 'bottle':
    case 'liquidBottle':
      return { kind, sizeMl: netG / densityOf(item), fillMl: left.massG / densityOf(item), ...common };
    case 'tablets': {
      const fuel = fuelById(item.fuelId);
      const tabletG = fuel.kind === 'tablet' ? fuel.tabletG : 1;
      return { kind, tabletG, count: Math.round(left.massG / tabletG), ...common };
    }
  }
}
