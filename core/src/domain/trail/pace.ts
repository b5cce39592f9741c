/** How far a day goes: by distance, or by hours with ascent counted. */
export type Pace = { kind: 'km'; kmPerDay: number } | { kind: 'hours'; hoursPerDay: number };

/** W. W. Naismith, Scottish Mountaineering Club Journal 2 (1892) 136: an hour for every 3 miles, and one for every 2,000 ft of ascent. */
const NAISMITH = { kmPerHour: 3 * 1.609344, ascentMPerHour: 2000 * 0.3048 };

/** Walking time in hours by Naismith's rule. */
export const naismithHours = (km: number, ascentM: number): number => km / NAISMITH.kmPerHour + ascentM / NAISMITH.ascentMPerHour;

/** What a stretch takes of a day's measure: km, or hours. */
export const effortOf = (pace: Pace, km: number, ascentM: number): number => (pace.kind === 'km' ? km : naismithHours(km, ascentM));

/** A day's measure. */
export const effortPerDay = (pace: Pace): number => (pace.kind === 'km' ? pace.kmPerDay : pace.hoursPerDay);
