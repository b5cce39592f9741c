import type { IconName } from '../ui/icon';

export interface View {
  /** Its address, and the name of its icon. */
  path: IconName;
  name: string;
}
const TRAIL: View = { path: 'trail', name: 'Trail' };
const KIT: View = { path: 'kit', name: 'Kit' };
const MENU: View = { path: 'menu', name: 'Menu' };
const CARRY: View = { path: 'carry', name: 'Carry' };
const PACK: View = { path: 'pack', name: 'Pack' };
const WALK: View = { path: 'walk', name: 'Walk' };
const BENCH: View = { path: 'bench', name: 'Bench' };
const SHELF: View = { path: 'shelf', name: 'Shelf' };

/** The rail of a desk: what is planned, what is done on the way, what one knows. */
export const RAIL: readonly { name: string; views: readonly View[] }[] = [
  { name: 'Plan', views: [TRAIL, KIT, MENU, CARRY] },
  { name: 'Go', views: [PACK, WALK] },
  { name: 'Know', views: [BENCH, SHELF] },
];
/** Views that are built, in the order of the navigation; no other is shown or can be gone to. */
export const VIEWS: readonly View[] = RAIL.flatMap((group) => group.views);

/** What a thumb reaches on a phone, beside “More”: while a walk is under way what is needed on it, else what is planned. */
export const thumbViews = (isWalking: boolean): readonly View[] => (isWalking ? [WALK, MENU, CARRY, PACK] : [TRAIL, KIT, MENU, CARRY]);
