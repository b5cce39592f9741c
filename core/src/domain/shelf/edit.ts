import { GEL_TIN } from '../carry';
import { done, refused, type Result } from '../../foundation/errors';
import { lookProblem, type Look, type LookProblem, type ShelfItem, type ShelfKind } from '../model';

/** What each kind holds when new where nothing else is said, g; and the fuel that most of them hold. */
export const USUAL: Record<ShelfKind, { netG: number; fuelId: string }> = {
  canister: { netG: 230, fuelId: 'gas-20-80' },
  gelTin: { netG: GEL_TIN.netG, fuelId: 'gel' },
  bottle: { netG: 400, fuelId: 'alcohol-denatured' },
  liquidBottle: { netG: 400, fuelId: 'liquid-white' },
  tablets: { netG: 84, fuelId: 'tablet-14' },
};

/** A new, unopened container of a kind. */
export const newContainer = (id: string, kind: ShelfKind, name: string): ShelfItem => ({
  id,
  name,
  kind,
  ...USUAL[kind],
  tareG: null,
  price: null,
  boughtAt: '',
  openedOn: null,
  story: '',
  looks: [],
});

/** A container with one look more. What draws from it opens it, and so does a first look that says it was used. */
export function withLook(item: ShelfItem, look: Look): Result<ShelfItem, LookProblem> {
  const problem = lookProblem(item, look);
  if (problem) return refused(problem);
  const opens = look.how === 'burnt' || look.how === 'walked' || ('used' in look && look.used);
  return done({ ...item, openedOn: item.openedOn ?? (opens ? look.on : null), looks: [...item.looks, look] });
}

export const withoutLook = (item: ShelfItem, at: number): ShelfItem => ({ ...item, looks: item.looks.filter((_, i) => i !== at) });

/** A look that disagreed counts from now on: the container was used, or leaked, without anything being logged. */
export const usedBefore = (item: ShelfItem, at: number): ShelfItem => ({
  ...item,
  openedOn: item.openedOn ?? item.looks[at]!.on,
  looks: item.looks.map((l, i) => (i === at && 'used' in l ? { ...l, used: true } : l)),
});

/** A shelf with one container changed. */
export const withItem = (shelf: readonly ShelfItem[], id: string, change: (item: ShelfItem) => ShelfItem): ShelfItem[] =>
  shelf.map((c) => (c.id === id ? change(c) : c));
