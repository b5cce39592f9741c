import type { AsRead, CardCamp } from '@tinder/core/walk';
import { annoyancesWords } from './annoyance-words';
import type { Units } from './units';

/** An amount as it is read: "210 g (16 mm)" on a scale and a float strip, doses or tablets. It is rounded up already: too early is safe. */
export function asReadWords({ grossG, floatMm, doses, tablets }: AsRead, units: Pick<Units, 'text'>): string {
  if (tablets !== undefined) return `${tablets} ${tablets === 1 ? 'tablet' : 'tablets'}`;
  if (doses) return `${doses.count} doses`;
  return `${units.text(grossG, 'mass')}${floatMm === undefined ? '' : `\u00a0(${units.text(floatMm, 'length')})`}`;
}

/** That less is left than that: "the scale shows less than 307 g (16 mm of float)". */
export function readsLessWords(read: AsRead, units: Pick<Units, 'text'>): string {
  const amount = asReadWords(read, units);
  return read.tablets === undefined && !read.doses ? `the scale shows less than ${amount}` : `fewer than ${amount} are left`;
}

/** What is left as it is seen: "320 g on the scale, 18 mm of float". */
export function asSeenWords(read: AsRead, units: Pick<Units, 'text'>): string {
  if (read.tablets !== undefined || read.doses) return asReadWords(read, units);
  return `${units.text(read.grossG, 'mass')} on the scale${read.floatMm === undefined ? '' : `, ${units.text(read.floatMm, 'length')} of float`}`;
}

/** A camp's tripwires as cells of a table: the day, where it should stand, and what to save below which reading. */
export function campCells({ day, savings, tooLittle, plannedLeft }: CardCamp, units: Pick<Units, 'text'>): string[] {
  const steps = savings.map((s) => `under ${asReadWords(s.below, units)}: ${annoyancesWords(s.annoyances)}`);
  const end = tooLittle ? [`under ${asReadWords(tooLittle, units)}: nothing is enough, eat cold`] : [];
  return [`${day}`, asReadWords(plannedLeft, units), [...steps, ...end].join('; ') || 'nothing has to be saved'];
}

/** How they are read, said once. */
export function tripwireNote([first]: readonly CardCamp[], units: Pick<Units, 'text'>): string {
  const read = first?.plannedLeft;
  const doses = read?.doses && `Doses of ${units.text(read.doses.measureMl, 'volume')} that are left, before dinner.`;
  const scale = `Everything that holds fuel together on a scale, before dinner${read?.floatMm === undefined ? '' : '; in brackets how much deeper than empty the canister floats'}.`;
  return `${doses ?? (read?.tablets === undefined ? scale : 'Tablets that are left, before dinner.')} Rounded to the safe side.`;
}
