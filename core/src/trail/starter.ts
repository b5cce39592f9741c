import type { WindWord } from '../burn';
import { CLIMATE_KEYS, type Day, type Trip, unwalked } from '../model';
import { addDays } from './dates';
import { newStop } from './edit';
import { fillClimate } from './fill-climate';

/** How cold, in words: supper and breakfast air, °C (common practice of walkers' talk). */
export const COLD_WORDS = {
  warm: { supperAirC: 20, breakfastAirC: 13 },
  cool: { supperAirC: 12, breakfastAirC: 6 },
  frost: { supperAirC: 5, breakfastAirC: -2 },
  hardFrost: { supperAirC: -4, breakfastAirC: -12 },
} as const;
export type ColdWord = keyof typeof COLD_WORDS;

/** Middle day of a season in the north. */
const SEASON_STARTS = { spring: '-05-05', summer: '-08-01', autumn: '-10-05', winter: '-02-05' } as const;
export type Season = keyof typeof SEASON_STARTS;

/** The first meal cooked outside, and the last: what lies before and after is eaten at home or in a house. */
export type EndMeal = 'breakfast' | 'supper';

export interface StarterAnswers {
  /** Nights out; the days are one more. */
  nights: number;
  firstMeal: EndMeal;
  lastMeal: EndMeal;
  /** 0, 1 (supper) or 2. */
  hotMeals: number;
  /** In words, or by season and height from the simulated climate. */
  cold: ColdWord | 'bySeason';
  wind: WindWord;
  stops: number;
  season: Season;
  altitudeM: number;
  /** A coming year, for the dates. */
  year: number;
}

/** What a starter is asked before anything is known: a weekend in cool air. */
export const WEEKEND: Omit<StarterAnswers, 'year'> = {
  nights: 2,
  firstMeal: 'supper',
  lastMeal: 'breakfast',
  hotMeals: 2,
  cold: 'cool',
  wind: 'leaning',
  stops: 0,
  season: 'summer',
  altitudeM: 800,
};

/** A day's walk where nothing is known (common practice). */
export const USUAL_KM = 18;
export const USUAL_ASCENT_M = 500;

/** A full, sensible trip from a few answers. `base` lends kit, menu and latitude; `idOf` names trip (0) and stops. */
export function startTrip(base: Trip, a: StarterAnswers, idOf: (n: number) => string): Trip {
  const words = COLD_WORDS[a.cold === 'bySeason' ? 'cool' : a.cold];
  const day: Day = {
    km: USUAL_KM,
    ascentM: USUAL_ASCENT_M,
    altitudeM: a.altitudeM,
    ...words,
    spreadC: 4,
    waterC: Math.max(1, Math.min(18, Math.round((words.supperAirC + words.breakfastAirC) / 2))),
    wind: { kind: 'words', word: a.wind },
    gusty: false,
    source: 'stream',
    treatment: 'filter',
    eatsOut: { breakfast: false, supper: false },
    dishes: {},
    simulated: a.cold === 'bySeason' ? CLIMATE_KEYS.filter((k) => k !== 'wind') : [],
  };
  const dayCount = a.nights + 1;
  const days = Array.from({ length: dayCount }, (_, i): Day => {
    const breakfast = i === 0 && a.firstMeal === 'supper';
    const supper = i === dayCount - 1 && a.lastMeal === 'breakfast';
    return breakfast || supper ? { ...day, eatsOut: { breakfast, supper } } : day;
  });
  const legCount = Math.min(a.stops + 1, dayCount);
  const firstDay = (leg: number): number => Math.floor((leg * dayCount) / legCount);
  const legs = Array.from({ length: legCount }, (_, i) => ({
    days: days.slice(firstDay(i), firstDay(i + 1)),
    restriction: 'unknown' as const,
    restrictionNote: '',
  }));
  const stops = Array.from({ length: legCount + 1 }, (_, i) => {
    const kind = i === legCount ? 'trailEnd' : 'town';
    const name = i === 0 ? 'Start' : i === legCount ? 'End' : `Stop ${i}`;
    return newStop(idOf(i + 1), name, kind);
  });
  const half = base.latitudeDeg < 0 ? 182 : 0; // seasons turn around south of the equator
  const meal = (m: Trip['menu']['supper'], hot: boolean) => ({ ...m, hot });
  return fillClimate({
    ...unwalked(base),
    id: idOf(0),
    name: a.nights <= 2 ? 'A weekend' : `${a.nights} nights`,
    startDate: addDays(`${a.year}${SEASON_STARTS[a.season]}`, half),
    stops,
    legs,
    profile: [],
    menu: { ...base.menu, breakfast: meal(base.menu.breakfast, a.hotMeals >= 2), supper: meal(base.menu.supper, a.hotMeals >= 1) },
  });
}
