import type { Plan } from '@tinder/core/planned';
import type { Units } from './units';

/** The weight chart in a sentence: from the first morning to the last evening, and the most between them. */
export function carriedWords({ carries }: Pick<Plan, 'carries'>, units: Pick<Units, 'text'>): string {
  const days = carries.flatMap((c) => c.profile.days);
  const most = days.reduce((a, b) => (b.totalG > a.totalG ? b : a));
  const [first, last, at] = [days[0], days[days.length - 1], most].map((d) => units.text(d.totalG, 'mass'));
  return `Carried weight for cooking: ${first} on the first morning, at most ${at} on day ${most.day}, ${last} at the end. Every morning in figures: leg by leg.`;
}
