import type { Meal } from './meal-schema';
import { USUAL_WEIGHTS } from './rack-choices';
import type { Piece, Rack } from './rack-schema';
import type { Trip } from './trip-schema';

// What stands where nothing else is said, as the schemas fill it in (tests hold them to each other): a page that starts has no time to make
// schemas, and needs none.

export const PLAIN_PIECE: Piece = {
  id: 'plain',
  name: 'plain',
  role: 'spoon',
  alsoRoles: [],
  massG: 1,
  ownMassG: null,
  shape: { kind: 'soft', volumeMl: 20 },
  shapeAssumed: false,
  material: 'other',
  price: null,
  have: 'own',
  note: '',
  quirk: null,
  life: null,
  coated: false,
};

export const PLAIN_MEAL: Meal = {
  name: 'plain',
  hot: true,
  waterMl: 500,
  target: { kind: 'boil' },
  simmerMin: 0,
  makeSafe: 'none',
  dryG: 0,
  method: 'boilPour',
  lidOff: false,
  restMin: 10,
  vessel: 'pot',
  foams: false,
  drainedMl: 0,
  fatG: 0,
  packagingG: 0,
  kcal: 0,
  price: null,
  homeMin: 0,
  portion: 1,
  welcome: false,
  doneMin: 5,
  packet: null,
};
/** A part of the day for which nothing is cooked. */
export const COLD_MEAL = { hot: false, method: 'noCook', waterMl: 200, target: { kind: 'stopAt', targetC: 80 } } as const;

export const PLAIN_RACK: Rack = {
  pieces: [],
  kits: [],
  score: { weights: USUAL_WEIGHTS, judged: {}, inPoints: false, compared: [] },
  shelf: [],
  bench: { tests: [], series: [], coolings: [], claims: [] },
  diary: [],
  ignites: {},
  onlyOwned: false,
  spreadTrips: 10,
};

export const USUAL_CUT: Trip['cut'] = {
  gapMm: 6,
  potGapMm: 45,
  burnerHeightMm: 40,
  flareMm: 30,
  foamMm: 6,
  vessel: { footMm: 45, topMm: 45, heightMm: 120 },
};
