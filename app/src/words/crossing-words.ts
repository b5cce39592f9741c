import { TIE_G, type Crossing, type LightestRun } from '@tinder/core/planning/load-out';
import type { KitLine, LightestOnCarry } from '@tinder/core/studies/study';

/** "1 to 6 days", "9 days". */
export const spanWords = (from: number, to: number): string =>
  from === to ? `${from} ${from === 1 ? 'day' : 'days'}` : `${from} to ${to} days`;

/** Who is lightest for which lengths, among the kits that cook. */
export function lightestWords(runs: readonly LightestRun[], nameOf: (id: string) => string): string {
  const last = runs.length - 1;
  const lengths = ({ from, to }: LightestRun, i: number): string => {
    if (last === 0) return 'at any length';
    if (i === 0) return `to ${spanWords(to, to)}`;
    return i === last ? `from ${from} days on` : `for ${spanWords(from, to)}`;
  };
  const parts = runs.map((r, i) => `${namesWords(r, nameOf)} ${lengths(r, i)}`);
  return `Lightest on an average day, of the kits that cook:  ${parts.join(', then ')}.`;
}

/** The same on the trip's own carries, days, weather and shops as they are. */
export function onCarriesWords(carries: readonly LightestOnCarry[], nameOf: (id: string) => string): string {
  const names = carries.map((c) => namesWords(c, nameOf));
  if (new Set(names).size === 1) return `On every leg of this trip:  ${names[0]}.`;
  return `On the legs of this trip:  ${carries.map((c, i) => `${names[i]} from day ${c.firstDay} (${spanWords(c.days, c.days)})`).join(', ')}.`;
}

/** "alcohol", "alcohol and tablets (a tie within 10 g)". */
function namesWords({ id, ties }: { id: string; ties: readonly string[] }, nameOf: (id: string) => string): string {
  if (!ties.length) return nameOf(id);
  return `${[id, ...ties].map(nameOf).join(' and ')} (a tie within ${TIE_G} g)`;
}

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
