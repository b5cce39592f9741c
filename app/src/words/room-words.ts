import type { Counted, TooMany } from '@tinder/core/domain/model';
import { wholeNumber } from '@tinder/core/foundation/units';
import { cut } from './quoted';

const KEEPS: Record<Counted, [who: string, what: string]> = {
  trips: ['The library', 'trips'],
  stops: ['A trip', 'stops'],
  tripDays: ['A trip', 'days'],
  dishes: ['A trip', 'dishes'],
  rotation: ['One meal', 'dishes in turn'],
  ticks: ['A trip', 'ticks'],
  events: ['A trip', 'lines in its log'],
  added: ['One stop', 'containers taken on'],
  whatIfs: ['A trip', 'columns of what might come'],
  profilePoints: ['A trip', 'heights along the trail'],
  pieces: ['The rack', 'pieces'],
  kits: ['The rack', 'kits'],
  kitPieces: ['A kit', 'pieces'],
  diary: ['The diary', 'entries'],
  containers: ['The shelf', 'containers'],
  looks: ['A container', 'looks'],
  tests: ['The bench', 'burns'],
  series: ['The bench', 'questions'],
  coolings: ['The bench', 'cooling pots'],
  claims: ['The bench', 'sayings'],
  pairs: ['A question', 'pairs'],
  curvePoints: ['A curve', 'readings'],
};

/** Why an edit was not taken, and what to do: there is no room for so many, or the trip is only looked at. */
export const refusalWords = (refusal: TooMany | 'guest'): string =>
  refusal === 'guest'
    ? 'This trip is somebody else’s, to look at. Nothing has changed: keep a copy above to change it.'
    : tooManyWords(refusal);

/** That there is no room for so many, and what to do. */
export function tooManyWords({ what, found, most, of }: TooMany): string {
  const [who, things] = KEEPS[what];
  const here = of === undefined ? who : `${who} (${cut(of)})`;
  return `${here} keeps at most ${wholeNumber(most)} ${things}; this would make ${wholeNumber(found)}. Nothing has changed: take fewer, or take some out first.`;
}
