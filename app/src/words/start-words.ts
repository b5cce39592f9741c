/** A station of the look around: where it is, and what to see there. */
export interface Station {
  path: string;
  says: string;
}

/** The look around the demo, in the order in which a walk is planned. */
export const STATIONS: readonly Station[] = [
  {
    path: '/carry',
    says: 'An invented walk of 23 days. The dark band is the answer: what to carry out of each stop. Change the cold, the pot or the meals, and it answers at once. Press an underlined number to see where it comes from.',
  },
  {
    path: '/trail',
    says: 'Drag across days on the ribbon and make them colder or windier, snow or dry. Stops move too: what they sell decides what is carried out of them.',
  },
  {
    path: '/menu',
    says: 'Dishes, how each is cooked, and what every habit costs over the whole trip: the boil, the lid, the second drink.',
  },
  {
    path: '/kit',
    says: 'Weighed pieces become kits. “Find the best” tries everything there is for this trip. Bench and Shelf weigh tests and canisters, and the plan uses your own figures.',
  },
  {
    path: '/walk',
    says: 'On the way: what to do now, what is left, and the mildest way to make it last. It works without a network.',
  },
];

export const OWNED_SAYS =
  'Paste a list of weights under Gear here, or add gear by name. Weigh canisters and bottles on Shelf: it works out what is left in each.';
