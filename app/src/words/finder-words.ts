import type { Flip, LegMix, Told } from '@tinder/core/studies/finder';
import type { Axis, FoundKit, School } from '@tinder/core/studies/found';
import { burnerById, hasValve } from '@tinder/core/domain/catalogue';
import { REST_TARGET_C } from '@tinder/core/domain/menu';
import type { Trip } from '@tinder/core/domain/model';
import { WINDSCREEN_WORDS } from './choice-words';
import { degrees } from './measured';
import type { Units } from './units';

/** The finder's words. */
export const SCHOOL_WORDS: Record<School, string> = {
  canister: 'canister stove, plain valve',
  regulated: 'canister stove, regulated',
  remote: 'remote canister stove',
  alcohol: 'alcohol',
  tablets: 'tablets',
  liquid: 'liquid fuel',
  gel: 'gel',
  wood: 'gathered wood',
  cold: 'no flame',
};
/** What weight is set against: what every kit is measured by, and the chance that it runs out. */
export type FrontAxis = Axis | 'runsOut';
export const AXIS_WORDS: Record<FrontAxis, string> = {
  minutesADay: 'stove time a day',
  price: 'still to buy',
  runsOut: 'chance of running out',
};

/** The same on a button. */
export const AXIS_LABELS: Record<FrontAxis, string> = { minutesADay: 'Stove time', price: 'Still to buy', runsOut: 'Run-out risk' };
/** A kind of kit in a word or two, under its drawing. */
export const FAMILY_WORDS: Record<School, string> = {
  canister: 'Canister',
  regulated: 'Regulated',
  remote: 'Remote',
  alcohol: 'Alcohol',
  tablets: 'Tablets',
  liquid: 'Liquid fuel',
  gel: 'Gel',
  wood: 'Wood',
  cold: 'No flame',
};

/** "open-jet alcohol stove, 0.9 L titanium, wide, fitted cone, 88 °C". */
export function foundName({ kit, school, way }: FoundKit, stopsAt88: boolean, units: Pick<Units, 'text'>): string {
  if (school === 'cold') return 'no flame, everything cold';
  const burner = burnerById(kit.burnerId);
  const parts = [
    burner.name,
    kit.pot.name,
    kit.windscreen === 'none' ? 'no windscreen' : WINDSCREEN_WORDS[kit.windscreen],
    ...(hasValve(burner) ? [`flame at ${units.text(100 * kit.flameSetting, 'percent')}`] : []),
    ...(stopsAt88 ? [units.text(REST_TARGET_C, 'temperature')] : []),
    ...(way.cozy ? ['cozy instead of simmering'] : []),
    ...(way.coldBreakfast ? ['cold breakfast'] : []),
  ];
  return parts.join(', ');
}

/** A kit against the one that is carried: "36 g lighter than your kit, 3 min more a day". */
export function againstOwnWords(
  { averageG, minutesADay }: Pick<FoundKit['measured'], 'averageG' | 'minutesADay'>,
  own: { averageG: number; minutesADay: number },
  units: Pick<Units, 'text'>,
): string {
  const [overG, overMin] = [averageG - own.averageG, minutesADay - own.minutesADay];
  const weight =
    Math.abs(overG) < 0.5
      ? 'As heavy as your kit'
      : `${units.text(Math.abs(overG), 'mass')} ${overG < 0 ? 'lighter' : 'heavier'} than your kit`;
  const time =
    Math.abs(overMin) < 0.5
      ? 'as long at the stove'
      : `${units.text(Math.abs(overMin), 'minutes', 0)} ${overMin < 0 ? 'less' : 'more'} stove time a day`;
  return `${weight}, ${time}.`;
}

/** Where an answer differs from the best in grams, part by part, the largest difference first. */
export function whyWords(best: FoundKit, other: FoundKit, units: Pick<Units, 'signed'>): string {
  const parts: [string, number][] = [
    ['base kit weight', other.measured.hardwareG - best.measured.hardwareG],
    ['containers', other.measured.containersG - best.measured.containersG],
    ['fuel on hand', other.measured.fuelG - best.measured.fuelG],
  ];
  return parts
    .filter(([, g]) => Math.abs(g) >= 1)
    .sort((a, b) => Math.abs(b[1]) - Math.abs(a[1]))
    .map(([what, g]) => `${what} ${units.signed(g, 'mass')}`)
    .join(', ');
}

/** Why a school has no answer on this trip. */
export function failsWords({ fails }: Pick<FoundKit, 'fails'>): string {
  if (!fails) return '';
  const cold = `${fails.meals} wanted hot ${fails.meals === 1 ? 'meal stays' : 'meals stay'} cold`;
  if (!fails.bannedDays) return `no answer here: ${cold}`;
  return `no answer here: ${cold}; its flame is forbidden on ${fails.bannedDays} ${fails.bannedDays === 1 ? 'day' : 'days'}`;
}

/** Hot meals a day, as a walker says it. */
export const hotWords = (hotADay: number): string => (hotADay < 0.005 ? 'none hot' : `${hotADay.toFixed(1)} hot a day`);

/** The nearest change that turns a verdict. */
export function flipWords({ kind, by }: Flip, units: Pick<Units, 'unit'>): string {
  switch (kind) {
    case 'cold':
      return `${degrees(by, units)} ${by > 0 ? 'colder' : 'warmer'}`;
    case 'wind':
      return by < 0.05 ? 'no wind' : by < 1 ? `the wind ${by.toFixed(1)} times as strong` : `${by.toFixed(1)} times the wind`;
    case 'water':
      return `${by.toFixed(1)} times the water`;
    case 'days':
      return `legs ${by.toFixed(1)} times as long`;
  }
}

/** What a gram has to be worth for a dearer and lighter kit to be the better one; empty where the other is dearer too, or no heavier. */
export function gramWords(best: FoundKit, other: FoundKit, units: Pick<Units, 'text'>): string {
  const [overG, saved] = [other.measured.averageG - best.measured.averageG, best.price - other.price];
  return overG >= 1 && saved > 0 ? ` Would win for whoever pays less than ${units.text(saved / overG, 'price')} for a gram.` : '';
}

/** Where another answer would win, and whether the two are told apart now. */
export function againstWords(
  flips: readonly Flip[],
  told: Told | undefined,
  names: [string, string],
  units: Pick<Units, 'text' | 'unit'>,
): string {
  const where = flips.length
    ? `Would win with ${flips.map((f) => flipWords(f, units)).join('; or ')}.`
    : 'No change tried makes it win: not cold, wind, water or longer legs.';
  if (!told) return where;
  const apart = `${units.text(Math.abs(told.differenceG), 'mass')} ± ${units.text(told.sdG, 'mass')}`;
  if (told.isSure) return `${where} Told apart: ${apart}.`;
  const test = told.test === 'first' ? names[0] : names[1];
  return `${where} Not told apart by the model (${apart}): a test of the ${test} on the Bench would say most.`;
}

/** What is lit in it, in short. */
export const litWords = ({ school, kit }: Pick<FoundKit, 'school' | 'kit'>): string =>
  school === 'cold' ? 'no flame' : burnerById(kit.burnerId).name;

/** "small gas stove all the way, open-jet alcohol stove out of Nettle Hut and Quill Landing". */
export function mixWords(mix: Omit<LegMix, 'trip'>, kits: readonly FoundKit[], trip: Pick<Trip, 'stops'>): string {
  const nameOf = (number: number): string => {
    const found = kits.find((k) => k.number === number);
    return found ? litWords(found) : '';
  };
  const numbers = [...new Set(mix.legs.map((l) => l.number))];
  const others = numbers.map((number) => {
    const stops = mix.legs.filter((l) => l.number === number).map((l) => trip.stops[l.leg].name);
    return `${nameOf(number)} out of ${stops.join(', ')}`;
  });
  return `${nameOf(mix.base)}; ${others.join('; ')}`;
}
