import { RAREST_CHANCE, type WhatIfCarry } from '@tinder/core/study';
import type { WhatIf } from '@tinder/core/model';
import { oddsWords } from './risk-words';

/** What comes otherwise. */
export function whatIfWords(w: WhatIf): string {
  switch (w.kind) {
    case 'colder':
      return 'colder by, K';
    case 'windier':
      return 'a wind class up';
    case 'slower':
      return 'a day slower on every leg';
    case 'closed':
      return 'closed';
  }
}

/** How what is planned now would fare if it came so; `asPlanned` for the column of the plan itself. */
export function fareWords({ runOutAsPlanned, demandG }: Pick<WhatIfCarry, 'runOutAsPlanned' | 'demandG'>, asPlanned: boolean): string {
  if (demandG <= 0) return '';
  if (runOutAsPlanned < RAREST_CHANCE) return asPlanned ? '' : 'what is planned would do';
  const chance = runOutAsPlanned > 0.995 ? 'always' : oddsWords(runOutAsPlanned, RAREST_CHANCE);
  return asPlanned ? `runs out ${chance}` : `what is planned runs out ${chance}`;
}
