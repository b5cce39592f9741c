/** How food is cooked on a trail (docs/physics.md, Dishes). */
export const METHODS = [
  'boilPour',
  'heatRest',
  'boilCozy',
  'simmer',
  'pastaPot',
  'homeDried',
  'coldSoak',
  'noCook',
  'hotDrink',
  'meltSnow',
  'makeSafe',
  'doseForget',
  'fry',
] as const;
export type Method = (typeof METHODS)[number];

/** Parts of a day's food in the order they are cooked; wash-up water counts as one. */
export const MEALS = ['breakfast', 'lunch', 'supper', 'drink', 'washUp'] as const;
export type MealName = (typeof MEALS)[number];
