import type { Ranking, toBeat } from '@tinder/core/domain/kit';
import type { Criterion } from '@tinder/core/domain/model';
import type { KitOnTrip } from '@tinder/core/studies/study';
import { CRITERION_WORDS, differenceText, measureText } from './kit-words';
import { sentenceStart } from './sentence-start';
import type { Units } from './units';

type NameOf = (kitId: string) => string;

/** How firm the order of kits is: the lead, and which single weight would put another first. */
export function firmnessWords({ ranked, turns }: Ranking, nameOf: NameOf): string[] {
  if (ranked.length < 2) return [];
  const lead = ranked[0].total - ranked[1].total;
  const sentence = `${sentenceStart(nameOf(ranked[0].id))} leads by ${lead.toFixed(2)} of 5 points.`;
  if (!turns.length) return [sentence, 'No single weight between 0 and 100 puts another kit first: the order is firm.'];
  return [
    sentence,
    ...turns.slice(0, 3).map((t) => {
      return `If ${CRITERION_WORDS[t.criterion]} counted ${Math.round(t.to)} instead of ${t.from}, ${nameOf(t.first)} would be first.`;
    }),
  ];
}

/** What would bring the second kit level with the first. */
export function toWinWords(
  { ranked }: Ranking,
  ways: ReturnType<typeof toBeat>,
  nameOf: NameOf,
  units: Pick<Units, 'text' | 'unit'>,
): string[] {
  if (ranked.length < 2) return [];
  const [first, second] = ranked;
  const name = nameOf(second.id);
  if (!ways.length) return [`No single measure would bring ${name} level with ${nameOf(first.id)}.`];
  return ways
    .slice(0, 3)
    .map(
      (w) =>
        `${sentenceStart(name)} would be level if its ${CRITERION_WORDS[w.criterion]} were ${measureText(w.criterion, w.to, units)} (${differenceText(w.criterion, w.to - w.from, units)}).`,
    );
}

/** What a trip with the kit costs, fuel and wear. */
export function kitPriceWords({ name, price }: KitOnTrip, units: Pick<Units, 'text'>): string {
  const { fuel, pieces, leftBehindG, assumed } = price;
  const left = leftBehindG > 0.5 ? `, ${units.text(leftBehindG, 'mass')} of fuel left behind` : '';
  const usual = assumed ? ' (some at usual prices)' : '';
  return `${sentenceStart(name)}: fuel ${units.text(fuel, 'price')}${usual}, wear of gear ${units.text(pieces, 'price')}${left}.`;
}

/** The kit that comes first, and why another one is kept all the same. */
export function firstKitWords(first: string, kept: { name: string; because: string } | undefined): string {
  return `First by your weights: ${first}.${kept ? ` You keep ${kept.name} anyway, because ${kept.because}` : ''}`;
}

/** Hot meals that a kit leaves cold. */
export const missedWords = (missed: number): string => (missed ? `${missed} hot ${missed === 1 ? 'meal stays' : 'meals stay'} cold` : '');

/** A measure against that of the first kit of the row; empty where there is no difference worth the name. */
export function againstWords(c: Criterion, value: number, was: number, units: Pick<Units, 'text' | 'unit'>): string {
  const words = differenceText(c, value - was, units);
  return /[1-9]/.test(words) ? words : '';
}
