import type { Saving, StretchPlan, WalkHere } from '@tinder/core/output/walk';
import { annoyancesWords } from '../../words/annoyance-words';
import { oddsWords } from '../../words/risk-words';
import { sentenceStart } from '../../words/sentence-start';
import type { Units } from '../../words/units';

/** What can be done about the fuel that is left: a heading, what it does, and the saving that can be applied, where there is one. */
export interface WayOut {
  heading: string;
  words: string;
  saving?: Saving;
}

/** Ways to keep the limit, mildest first; where nothing is enough what comes nearest, and where it lasts what may be burnt besides. `drinkG` is what a hot drink takes. */
export function waysOut(plan: StretchPlan, here: WalkHere, drinkG: number | undefined, units: Pick<Units, 'text'>): WayOut[] {
  const of = (heading: string, saving: Saving): WayOut => ({
    heading,
    saving,
    words: `${sentenceStart(annoyancesWords(saving.annoyances))}: ${saving.spareG >= 0 ? `${units.text(saving.spareG, 'mass')} to spare, ` : ''}chance of running out ${oddsWords(saving.runOut)}${saving.failing ? `; ${saving.failing} hot ${saving.failing === 1 ? 'meal fails' : 'meals fail'}` : ''}.`,
  });
  if (plan.least) return [of('The mildest way', plan.least), ...(plan.fewest ? [of('With the fewest changes', plan.fewest)] : [])];
  if (plan.most)
    return [
      { heading: 'Nothing is enough', words: 'What comes nearest is below. Plan for cold food, or for a shop.' },
      of('What comes nearest', plan.most),
    ];
  const spareG = Math.max(0, plan.now.spareG);
  const count = drinkG && here.factor.mean > 0 ? Math.floor(spareG / (drinkG * here.factor.mean)) : 0;
  const drinks = count > 0 ? `: some ${count} more hot ${count === 1 ? 'drink' : 'drinks'}` : '';
  return [{ heading: 'It lasts', words: `${units.text(spareG, 'mass')} may be burnt besides, within your limit${drinks}.` }];
}
