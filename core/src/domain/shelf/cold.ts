import { lowestAirC, STRENGTHS, type GasFeed } from '../../physics/canister';
import type { BlendByMass } from '../../physics/fuel';

/** How cold a can is taken to have been drawn down where nothing was logged, °C (docs/physics.md, The can). */
export const WITHDRAWN_C = 5;
/** A flame that still cooks: the second of the named strengths. */
const LEAST_SHARE = STRENGTHS[1].least;

/** The coldest air in which what is left in a can still gives a usable flame, °C; undefined where it does so nowhere up to 30 °C. */
export const coldestAirC = (blend: BlendByMass, feed: GasFeed, pressurePa: number): number | undefined =>
  lowestAirC({ feed, blend, pressurePa, warming: 'none', withdrawalC: WITHDRAWN_C }, 1, LEAST_SHARE);

/** What a can is still good for. */
export const SEASONS = ['deepCold', 'threeSeasons', 'summer', 'stoveTest'] as const;
export type Season = (typeof SEASONS)[number];

/** Coldest air that still leaves a can its rating, °C (common practice). */
const COLDEST_FOR: readonly { season: Season; airC: number }[] = [
  { season: 'deepCold', airC: -10 },
  { season: 'threeSeasons', airC: 0 },
  { season: 'summer', airC: 8 },
];

/** The rating by the coldest air, °C. */
export const seasonOf = (coldestC: number | undefined): Season =>
  COLDEST_FOR.find((s) => coldestC !== undefined && coldestC <= s.airC)?.season ?? 'stoveTest';
