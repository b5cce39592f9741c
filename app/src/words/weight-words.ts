import type { WeightSums } from '@tinder/core/planning/plan';
import type { Plan } from '@tinder/core/planning/planned';
import type { Units } from './units';

/** The weight chart in a sentence: from the first morning to the last evening, and the most between them. */
export function carriedWords({ carries }: Pick<Plan, 'carries'>, units: Pick<Units, 'text'>): string {
  const days = carries.flatMap((c) => c.profile.days);
  const most = days.reduce((a, b) => (b.totalG > a.totalG ? b : a));
  const [first, last, at] = [days[0], days[days.length - 1], most].map((d) => units.text(d.totalG, 'mass'));
  return `Carried weight for cooking: ${first} on the first morning, at most ${at} on day ${most.day}, ${last} at the end. Every morning in figures: All legs.`;
}

/** How carried weight can be counted. */
export const COUNTED_WORDS: Record<keyof WeightSums, string> = {
  averageG: 'average weight',
  leavingG: 'weight on leaving stops',
  gramDays: 'weight × days',
  gramKm: 'weight × distance',
  gramClimb: 'weight × distance and ascent',
};

/** Such a sum: grams as they are; products of weight and way by the kilogram, in the walker's unit of distance. */
export function sumWords(sum: number, by: keyof WeightSums, units: Pick<Units, 'text' | 'unit'>): string {
  switch (by) {
    case 'averageG':
    case 'leavingG':
      return units.text(sum, 'mass');
    case 'gramDays':
      return `${(sum / 1000).toFixed(1)} kg·days`;
    case 'gramKm':
    case 'gramClimb': {
      const distance = units.unit('distance');
      return `${(sum / 1000 / distance.factor).toFixed(0)} kg·${distance.symbol}`;
    }
  }
}
