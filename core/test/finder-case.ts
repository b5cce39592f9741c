import { planCache } from '../src/planning/plan';
import { everyMeal } from '../src/domain/menu';
import { candidates } from '../src/studies/finder/candidates';
import { found, type Found } from '../src/studies/finder';
import { FIRST_WISH, type Wish } from '../src/studies/found';
import { PLAIN_RACK, type Day, type Piece, type Rack, type Trip } from '../src/domain/model';
import { ofDays, everyDay } from './short-trip';
import { generic } from './rack-in-hand';

/** What tests of the finder take in hand: small racks, and plain trips of one leg. */

export const own = (name: string): Piece => ({ ...generic(name), id: generic(name).id.replace('generic-', ''), have: 'own' });
/** Lights, stands, measures: what every kit needs and nothing turns on. */
const HANDY = [
  'foil lid',
  'small lighter',
  'storm matches in a tube',
  'book of matches',
  'fire steel, short',
  'measure cap, 5 mL',
  'soft bottle, 250 mL, marked for alcohol',
  'wire stand for alcohol or tablets',
  'folding cross stand',
  'folding foot for a canister',
  'long titanium spoon',
];
export const rackOf = (...names: string[]): Rack => ({ ...PLAIN_RACK, pieces: [...HANDY, ...names].map(own) });
export const OWN: Wish = { ...FIRST_WISH, from: { kind: 'own' } };

/** Air 12 °C in the evening, 10 °C in the morning, water 12 °C, nearly calm. */
const MILD: Partial<Day> = { wind: { kind: 'flame', mps: 0.5 }, gusty: false, supperAirC: 12, breakfastAirC: 10, waterC: 12 };

/** So many days on one leg, breakfast and supper of `waterMl` brought to the boil, no reserve. */
export function plainTrip(days: number, weather: Partial<Day> = {}, waterMl = 450): Trip {
  const bare = { ...ofDays(days), rotation: {}, dishes: [], reservePercent: 0 };
  const boiled = everyMeal(bare, (m) => (m.hot ? { ...m, waterMl, target: { kind: 'boil' }, simmerMin: 0, method: 'boilPour' } : m));
  return everyDay(boiled, { ...MILD, ...weather });
}

/** Every kit planned, none left out by a bound: what the search must come to. */
export function everyKit(rack: Rack, trip: Trip, wish: Wish): Found[] {
  const cache = planCache();
  return [...candidates(rack, trip, wish)].map((candidate, number) => found(candidate, number, cache));
}
