/** Limits of what may be typed. Wide enough for any walk, narrow enough for the physics to hold. */
export const LIMITS = {
  airC: { min: -40, max: 45 },
  waterC: { min: 0, max: 60 },
  altitudeM: { min: -430, max: 6500 },
  /** Of a place on a track: from the lowest shore on land to above the highest peak. */
  heightM: { min: -430, max: 9000 },
  tenMetreMps: { min: 0, max: 40 },
  flameMps: { min: 0, max: 30 },
  waterMl: { min: 50, max: 5000 },
  targetC: { min: 40, max: 100 },
  /** Days of one leg. */
  dayCount: { min: 1, max: 60 },
  tripDays: { min: 1, max: 200 },
  stops: { min: 2, max: 62 },
  ascentM: { min: 0, max: 6000 },
  price: { min: 0, max: 10_000 },
  latitudeDeg: { min: -90, max: 90 },
  longitudeDeg: { min: -180, max: 180 },
  spreadC: { min: 0, max: 20 },
  flameSetting: { min: 0.1, max: 1 },
  massG: { min: 0, max: 20_000 },
  diameterMm: { min: 50, max: 400 },
  heightMm: { min: 20, max: 400 },
  km: { min: 0, max: 150 },
  reservePercent: { min: 0, max: 200 },
  simmerMin: { min: 0, max: 60 },
  headFactor: { min: 0.5, max: 1.5 },
  measureMl: { min: 1, max: 60 },
  potHeightMm: { min: 10, max: 100 },
  screenGapMm: { min: 1, max: 60 },
  dryG: { min: 0, max: 1000 },
  restMin: { min: 0, max: 24 * 60 },
  drainedMl: { min: 0, max: 5000 },
  kcal: { min: 0, max: 10_000 },
  homeMin: { min: 0, max: 600 },
  doneMin: { min: 0.5, max: 200 },
  appetite: { min: 0.3, max: 3 },
  sizeMm: { min: 1, max: 1000 },
  thicknessMm: { min: 0.01, max: 20 },
  holdsMl: { min: 1, max: 5000 },
  lifeTrips: { min: 1, max: 1000 },
  points: { min: 0, max: 5 },
  weight: { min: 0, max: 100 },
  gramsPerPrice: { min: 0, max: 10_000 },
  riskLimitPercent: { min: 0.1, max: 50 },
  colderK: { min: 1, max: 25 },
  /** Bought at one stop, decided by the walker. */
  pinnedCans: { min: 0, max: 20 },
  pinnedUnits: { min: 0, max: 2000 },
  fryMin: { min: 1, max: 60 },
  /** A container with what is in it, and what it holds when full. */
  grossG: { min: 0, max: 5000 },
  netG: { min: 1, max: 3000 },
  scaleSdG: { min: 0.05, max: 50 },
  waterLineMm: { min: 0, max: 300 },
  armMm: { min: 10, max: 3000 },
  burntMin: { min: 0.1, max: 3000 },
  gPerMin: { min: 0.05, max: 20 },
  tabletCount: { min: 0, max: 2000 },
  fuelMl: { min: 0, max: 5000 },
  /** What burn tests may make of a catalogue value. */
  calibratedFactor: { min: 0.1, max: 10 },
  /** At the bench: a scale's last digit, a burn, a curve. */
  scaleResolutionG: { min: 0.01, max: 20 },
  burntG: { min: 0.1, max: 2000 },
  testS: { min: 1, max: 7200 },
  curveS: { min: 0, max: 86_400 },
  curveC: { min: -60, max: 400 },
  /** On the way: one burn by the model, its own spread, and how far something is known or read. */
  burntG0: { min: 0, max: 2000 },
  shareSd: { min: 0, max: 1 },
  knownSdG: { min: 0, max: 500 },
  readSdG: { min: 0.05, max: 500 },
  cutMm: { min: 1, max: 300 },
  cupMarkMl: { min: 10, max: 1000 },
} as const;

/** How many of a thing are kept: more than any walker's, few enough that all of it is planned and drawn. */
export const MOST = {
  trips: 500,
  /** In one trip. */
  stops: LIMITS.stops.max,
  tripDays: LIMITS.tripDays.max,
  dishes: 300,
  /** Taking turns at one meal. */
  rotation: 60,
  whatIfs: 5,
  ticks: 3000,
  profilePoints: 2000,
  /** On the rack. */
  pieces: 500,
  kits: 100,
  /** In one kit. */
  kitPieces: 60,
  diary: 2000,
  /** On the shelf. */
  containers: 200,
  /** At one container. */
  looks: 300,
  /** At the bench. */
  tests: 500,
  series: 100,
  coolings: 100,
  claims: 50,
  /** Of one question. */
  pairs: 20,
  /** Of one walk, and taken on at one stop. */
  events: 4000,
  added: 40,
  /** Of one curve: a reading every five seconds of half an hour. */
  curvePoints: 400,
} as const;

/** `x` kept between limits. */
export const clamp = (x: number, { min, max }: { min: number; max: number }): number => Math.min(max, Math.max(min, x));
