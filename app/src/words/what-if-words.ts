import { RAREST_CHANCE } from '@tinder/core/planning/risk';
import type { WhatIfCarry, WhatIfColumn } from '@tinder/core/studies/study';
import { formatDuration } from '@tinder/core/foundation/units';
import type { WhatIf } from '@tinder/core/domain/model';
import { degrees, degreesUnit } from './measured';
import { oddsWords } from './risk-words';
import type { Units } from './units';

/** A change of conditions. */
export function whatIfWords(w: WhatIf, units: Pick<Units, 'unit'>): string {
  switch (w.kind) {
    case 'colder':
      return `colder by, ${degreesUnit(units).symbol}`;
    case 'windier':
      return 'wind one class up';
    case 'slower':
      return 'a day slower on every leg';
    case 'closed':
      return 'closed';
  }
}

/** The same in full, for where nothing is to be set: "8 K colder", "Quill Landing closed". */
export function whatIfSetWords(w: WhatIf, nameOf: (stopId: string) => string, units: Pick<Units, 'unit'>): string {
  if (w.kind === 'colder') return `${degrees(w.byK, units)} colder`;
  return w.kind === 'closed' ? `${nameOf(w.stopId)} closed` : whatIfWords(w, units);
}

/** Time at the stove against the trip as planned: a colder flame is no thriftier for being slower. */
export function slowerWords({ whatIf, slowerS }: Pick<WhatIfColumn, 'whatIf' | 'slowerS'>): string {
  if (!whatIf) return '–';
  if (Math.abs(slowerS) < 60) return 'as long';
  return `${formatDuration(Math.abs(slowerS))} ${slowerS > 0 ? 'longer' : 'less'}`;
}

/** How the fuel that is planned now would fare in that case; `asPlanned` for the column of the plan itself. */
export function fareWords({ runOutAsPlanned, demandG }: Pick<WhatIfCarry, 'runOutAsPlanned' | 'demandG'>, asPlanned: boolean): string {
  if (demandG <= 0) return '';
  if (runOutAsPlanned < RAREST_CHANCE) return asPlanned ? '' : 'planned fuel is enough';
  const chance = oddsWords(runOutAsPlanned);
  return asPlanned ? `${chance} chance of running out` : `planned fuel falls short: ${chance}`;
}
