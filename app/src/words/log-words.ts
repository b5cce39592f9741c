import type { WalkEvent } from '@tinder/core/model';
import { formatDuration } from '@tinder/core/units';
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

/** One event in a line. */
export function eventWords(e: WalkEvent, stopName: (id: string) => string, units: Pick<Units, 'text' | 'mealMass'>): string {
  switch (e.kind) {
    case 'filled': {
      const added = e.added.map((a) => `${a.name}, ${units.text(a.fuelG, 'mass')} in it`).join(', ');
      const rest = e.keepsRest ? 'what was left' : '';
      return `left ${stopName(e.stopId)} with ${[rest, added].filter(Boolean).join(' and ') || 'nothing'}`;
    }
    case 'cooked': {
      const time = e.clockS === undefined ? '' : `, ${formatDuration(e.clockS)}`;
      const felt = e.feltS === undefined ? '' : ` (felt ${formatDuration(e.feltS)})`;
      const taste = e.taste ? `, ${TASTE_WORDS[e.taste]}` : '';
      return `${PART_WORDS[e.meal]}: ${e.dish}, ${units.mealMass(e.modelG)} by the model${time}${felt}${taste}`;
    }
    case 'skipped':
      return `${PART_WORDS[e.meal]}: ${SKIP_WORDS[e.how]}`;
    case 'extra':
      return `${e.what === 'drink' ? 'one more hot drink' : 'lit again'}, ${units.mealMass(e.modelG)} by the model`;
    case 'spilt':
      return `spilt about ${units.text(e.fuelG, 'mass')} (± ${units.text(e.sdG, 'mass')})`;
    case 'weighed':
      return `${WEIGHED_WORDS[e.how]}: ${units.text(e.fuelG, 'mass')} left (± ${units.text(e.sdG, 'mass', 1)})`;
  }
}

/** What a burner really takes, over the model. */
export function factorWords({ mean, sd }: { mean: number; sd: number }): string {
  const more = Math.round(100 * (mean - 1));
  const than = more === 0 ? 'as much as planned' : `${Math.abs(more)} % ${more > 0 ? 'more' : 'less'} than planned`;
  return `You burn ${than}, give or take ${Math.round(100 * sd)} %.`;
}
