import { emptyG, type ShelfItem } from '../model';
import { hashed } from '../../foundation/numeric';

/** What the simulated scale shows for a container nobody has weighed: somewhere between empty and full, always the same for one name, to the gram. */
export const simulatedGrossG = ({ name, kind, netG, tareG }: Pick<ShelfItem, 'name' | 'kind' | 'netG' | 'tareG'>): number =>
  Math.round((tareG ?? emptyG(kind, netG)) + netG * hashed(name));
