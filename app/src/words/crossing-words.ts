import type { Crossing } from '@tinder/core/carry';
import type { KitLine } from '@tinder/core/study';

/** "1 to 6 days", "9 days". */
export const spanWords = (from: number, to: number): string =>
  from === to ? `${from} ${from === 1 ? 'day' : 'days'}` : `${from} to ${to} days`;

/** Who is lightest for which lengths, among the kits that cook. */
export const lightestWords = (runs: readonly { id: string; from: number; to: number }[], nameOf: (id: string) => string): string =>
  `Lightest of those that cook: ${runs.map((r) => `${nameOf(r.id)} for ${spanWords(r.from, r.to)}`).join(', ')}.`;

/** Where one kit crosses another, every crossing by its day, and why in one sentence. */
export function crossingsWords(own: KitLine, other: KitLine, crossings: readonly Crossing[]): { turns: string; why: string } {
  const turns = crossings.map((c) => `${c.lighter === other.id ? 'lighter' : 'heavier'} from day ${c.days}`).join(', ');
  const starts = crossings[0]?.lighter === other.id ? 'heavier' : 'lighter';
  return { turns: `${starts} at first, ${turns}`, why: whyWords(own, other, crossings) };
}

function whyWords(own: KitLine, other: KitLine, crossings: readonly Crossing[]): string {
  const daysOf = (why: Crossing['why'], whose: string): number[] =>
    crossings.filter((c) => c.why === why && c.whose === whose).map((c) => c.days);
  const list = (days: readonly number[]): string =>
    days.length > 1 ? `${days.slice(0, -1).join(', ')} and ${days[days.length - 1]}` : `${days[0]}`;
  const parts = [other, own].flatMap((k) => {
    const steps = daysOf('container', k.id);
    const slopes = daysOf('fuel', k.id);
    return [
      ...(steps.length ? [`at ${list(steps)} ${k.name} takes other containers`] : []),
      ...(slopes.length ? [`at ${list(slopes)} the fuel of ${k.name} has added up`] : []),
    ];
  });
  const sentence = parts.join('; ');
  return sentence ? `${sentence[0].toUpperCase()}${sentence.slice(1)}.` : '';
}
