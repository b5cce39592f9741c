import { formatQuantity, unitBySymbol, type Quantity, type UnitPreferences } from '@tinder/core/foundation/units';
import type { Units } from '../words/units';

/** Numbers in these units, with plain spaces: for tests of words. */
export const unitsOf = (preferred: UnitPreferences): Pick<Units, 'text' | 'unit'> => ({
  text: (value: number, quantity: Quantity, decimals?: number) => formatQuantity(value, quantity, preferred[quantity], decimals),
  unit: (quantity: Quantity) => unitBySymbol(quantity, preferred[quantity]),
});
