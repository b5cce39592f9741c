import type { WindWord } from '../../physics/burn';
import { CLIMATE_KEYS, type Day, type Trip, unwalked } from '../model';
import { addDays } from './dates';
import { newStop } from './edit';
import { fillClimate } from './fill-climate';

/** The first meal cooked outside, and the last: what lies before and after is eaten at home or in a house. */
export type EndMeal = 'breakfast' | 'supper';

/** What is asked of a walker who wants a first plan. */
export interface StarterAnswers {
  /** Nights out; the days are one more. */
  nights: number;
  /** First day, year-month-day. */
  startDate: string;
  firstMeal: EndMeal;
  lastMeal: EndMeal;
  /** Air while dinner and breakfast are cooked, °C; where `fromClimate` is set the simulated climate says it day by day. */
  supperAirC: number;
  breakfastAirC: number;
  fromClimate: boolean;
  source: 'stream' | 'snow' | 'snowDry';
  wind: WindWord;
  /** Water heated for each meal, mL; 0 where it is cold. */
  breakfastMl: number;
  dinnerMl: number;
  drinkMl: number;
  reservePercent: number;
  riskLimitPercent: number;
  /** Resupply stops on the way. */
  stops: number;
  kmADay: number;
  ascentM: number;
  /** Height of the camps. */
  altitudeM: number;
}

/** A day's walk where nothing is known (common practice). */
export const USUAL_KM = 18;
export const USUAL_ASCENT_M = 500;

/** Cool air in the middle of summer, °C and day of the year (common practice of walkers' talk). */
const COOL = { supperAirC: 12, breakfastAirC: 6 };
const SUMMER = '-08-01';
/** Seasons turn around south of the equator: so many days later. */
const HALF_A_YEAR = 182;
const USUAL_CAMP_M = 800;

/** What is assumed before anything is answered: a weekend in cool summer air of that year; meals, reserve and limit as in the trip that lends them. */
export function starterAnswers(base: Trip, year: number): StarterAnswers {
  const heated = ({ hot, waterMl }: Trip['menu']['supper']): number => (hot ? waterMl : 0);
  return {
    nights: 2,
    startDate: addDays(`${year}${SUMMER}`, base.latitudeDeg < 0 ? HALF_A_YEAR : 0),
    firstMeal: 'supper',
    lastMeal: 'breakfast',
    ...COOL,
    fromClimate: false,
    source: 'stream',
    wind: 'leaning',
    breakfastMl: heated(base.menu.breakfast),
    dinnerMl: heated(base.menu.supper),
    drinkMl: heated(base.menu.drink),
    reservePercent: base.reservePercent,
    riskLimitPercent: base.loadOut.riskLimitPercent,
    stops: 0,
    kmADay: USUAL_KM,
    ascentM: USUAL_ASCENT_M,
    altitudeM: USUAL_CAMP_M,
  };
}

/** A full, sensible trip from a few answers. `base` lends kit, dishes and latitude; `idOf` names trip (0) and stops. */
export function startTrip(base: Trip, a: StarterAnswers, idOf: (n: number) => string): Trip {
  const { supperAirC, breakfastAirC, source } = a;
  const day: Day = {
    km: a.kmADay,
    ascentM: a.ascentM,
    altitudeM: a.altitudeM,
    supperAirC,
    breakfastAirC,
    spreadC: 4,
    waterC: Math.max(1, Math.min(18, Math.round((supperAirC + breakfastAirC) / 2))),
    wind: { kind: 'words', word: a.wind },
    gusty: false,
    source,
    treatment: 'filter',
    eatsOut: { breakfast: false, supper: false },
    dishes: {},
    simulated: a.fromClimate ? CLIMATE_KEYS.filter((k) => k !== 'wind') : [],
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
  const meal = (m: Trip['menu']['supper'], waterMl: number) => ({ ...m, hot: waterMl > 0, waterMl: waterMl || m.waterMl });
  const { breakfast, supper, drink } = base.menu;
  return fillClimate({
    ...unwalked(base),
    id: idOf(0),
    name: a.nights <= 2 ? 'A weekend' : `${a.nights} nights`,
    startDate: a.startDate,
    stops,
    legs,
    profile: [],
    reservePercent: a.reservePercent,
    loadOut: { ...base.loadOut, riskLimitPercent: a.riskLimitPercent },
    menu: {
      ...base.menu,
      breakfast: meal(breakfast, a.breakfastMl),
      supper: meal(supper, a.dinnerMl),
      drink: meal(drink, a.drinkMl),
    },
  });
}
