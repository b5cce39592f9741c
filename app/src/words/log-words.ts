import { wordsOf, type WordsByCode } from './by-code';
import type { WalkEvent } from '@tinder/core/domain/model';
import { formatDuration } from '@tinder/core/foundation/units';
import { PART_WORDS } from './part-words';
import type { Units } from './units';

type WeighedHow = Extract<WalkEvent, { kind: 'weighed' }>['how'];
export const WEIGHED_WORDS: Record<WeighedHow, string> = {
  scale: 'by scale',
  float: 'by float strip',
  pole: 'by pole',
  doses: 'by doses',
  mark: 'by bottle mark',
  emptied: 'it is empty',
};

const SKIP_WORDS = { skipped: 'skipped', cold: 'eaten cold', eatenOut: 'town meal' } as const;
const TASTE_WORDS = { hard: 'still hard', good: 'good', mush: 'mush' } as const;

const EVENT_WORDS: WordsByCode<'kind', WalkEvent, [stopName: (id: string) => string, units: Pick<Units, 'text' | 'mealMass'>]> = {
  filled: (e, stopName, units) => {
    const added = e.added.map((a) => `${a.name}, ${units.text(a.fuelG, 'mass')} in it`).join(', ');
    const rest = e.keepsRest ? 'what was left' : '';
    return `left ${stopName(e.stopId)} with ${[rest, added].filter(Boolean).join(' and ') || 'nothing'}`;
  },
  cooked: (e, stopName, units) => {
    const time = e.clockS === undefined ? '' : `, ${formatDuration(e.clockS)}`;
    const felt = e.feltS === undefined ? '' : ` (felt ${formatDuration(e.feltS)})`;
    const taste = e.taste ? `, ${TASTE_WORDS[e.taste]}` : '';
    return `${PART_WORDS[e.meal]}: ${e.dish}, ${units.mealMass(e.modelG)} by the model${time}${felt}${taste}`;
  },
  skipped: (e) => `${PART_WORDS[e.meal]}: ${SKIP_WORDS[e.how]}`,
  extra: (e, _stopName, units) => `${e.what === 'drink' ? 'one more hot drink' : 'lit again'}, ${units.mealMass(e.modelG)} by the model`,
  spilt: (e, _stopName, units) => `spilt about ${units.text(e.fuelG, 'mass')} (± ${units.text(e.sdG, 'mass')})`,
  weighed: (e, _stopName, units) => `${WEIGHED_WORDS[e.how]}: ${units.text(e.fuelG, 'mass')} left (± ${units.text(e.sdG, 'mass', 1)})`,
};

/** One event in a line. */
export function eventWords(e: WalkEvent, stopName: (id: string) => string, units: Pick<Units, 'text' | 'mealMass'>): string {
  return wordsOf(EVENT_WORDS, 'kind', e, stopName, units);
}

/** What a burner really takes, over the model. */
export function factorWords({ mean, sd }: { mean: number; sd: number }): string {
  const more = Math.round(100 * (mean - 1));
  const than = more === 0 ? 'as much as planned' : `${Math.abs(more)} % ${more > 0 ? 'more' : 'less'} than planned`;
  return `You burn ${than}, give or take ${Math.round(100 * sd)} %.`;
}
