/** Views that are built, in the order of the navigation; no other is shown or can be gone to. */
export const VIEWS = [
  { path: 'trail', name: 'Trail' },
  { path: 'kit', name: 'Kit' },
  { path: 'menu', name: 'Menu' },
  { path: 'carry', name: 'Carry' },
  { path: 'pack', name: 'Pack' },
  { path: 'walk', name: 'Walk' },
  { path: 'bench', name: 'Bench' },
  { path: 'shelf', name: 'Shelf' },
] as const;
