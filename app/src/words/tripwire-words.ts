import type { AsRead, CardCamp } from '@tinder/core/output/walk';
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

/** When to start saving what, camp by camp: a column for every saving that some camp asks for, with the reading below which it is taken. */
export interface CampTable {
  savings: string[];
  rows: { day: string; planned: string; below: string[] }[];
}

export function campTable(camps: readonly CardCamp[], units: Pick<Units, 'text'>): CampTable {
  const ways = new Map<string, (camp: CardCamp) => AsRead | undefined>();
  for (const { annoyances } of camps.flatMap((c) => c.savings)) {
    const words = annoyancesWords(annoyances);
    ways.set(words, (c) => c.savings.find((s) => annoyancesWords(s.annoyances) === words)?.below);
  }
  if (camps.some((c) => c.tooLittle)) ways.set('nothing is enough: eat cold', (c) => c.tooLittle);
  return {
    savings: [...ways.keys()],
    rows: camps.map((camp) => ({
      day: `${camp.day}`,
      planned: asReadWords(camp.plannedLeft, units),
      below: [...ways.values()].map((belowOf) => {
        const below = belowOf(camp);
        return below ? asReadWords(below, units) : '–';
      }),
    })),
  };
}

/** How they are read, said once. */
export function tripwireNote([first]: readonly CardCamp[], units: Pick<Units, 'text'>): string {
  const read = first?.plannedLeft;
  const doses = read?.doses && `Doses of ${units.text(read.doses.measureMl, 'volume')} that are left, before dinner.`;
  const scale = `Everything that holds fuel together on a scale, before dinner${read?.floatMm === undefined ? '' : '; in brackets how much deeper than empty the canister floats'}.`;
  return `${doses ?? (read?.tablets === undefined ? scale : 'Tablets that are left, before dinner.')} Rounded to the safe side.`;
}
