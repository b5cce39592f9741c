import type { ValueProblem } from '@tinder/core/domain/model';
import type { Aside } from '../platform/database/schema';
import { cut } from './quoted';
import { valueProblemWords } from './value-problem-words';

/** What saving can run into, as far as the walker can do something about it. */
export type SaveFault =
  | { code: 'noRoom' }
  | { code: 'unsavable'; what: string; problem: ValueProblem }
  | { code: 'newerVersion' }
  | { code: 'noStorage' }
  | { code: 'silentStorage' }
  | { code: 'closed' }
  | { code: 'blocked' }
  | { code: 'handedOver' }
  | { code: 'other'; why: string };

/** How long until it is tried again. */
const againWords = (retryS: number | undefined): string =>
  retryS === undefined ? '' : ` It is tried again ${retryS < 60 ? `in ${retryS} s` : 'in a minute'}.`;

/** What is wrong with saving, and what to do. */
export function saveFaultWords(fault: SaveFault, retryS: number | undefined): string {
  switch (fault.code) {
    case 'noRoom':
      return `The browser has no room left to save. Export the trip and free some space.${againWords(retryS)}`;
    case 'unsavable':
      return `${cut(fault.what)} cannot be saved as it is (${valueProblemWords(fault.problem)}): it could not be read again. Undo the last change, or export it.`;
    case 'newerVersion':
      return 'A newer Restless Tinder has been here: this one cannot read what it saved, and saves nothing over it. Reload the page to get the newer one.';
    case 'noStorage':
      return 'This browser does not let the page store anything (a private window?). Export the trip before you close it.';
    case 'silentStorage':
      return 'The browser’s storage does not answer. What is saved cannot be shown, and nothing is saved over it. Close other tabs of Restless Tinder, then reload the page.';
    case 'closed':
      return `The browser closed its storage. Export the trip to be safe.${againWords(retryS)}`;
    case 'blocked':
      return 'Another tab holds an older Restless Tinder open. Close it: this one then goes on by itself.';
    case 'handedOver':
      return 'A newer Restless Tinder is open in another tab and has taken over what is saved. Everything up to now is in it; reload this tab to go on here.';
    case 'other':
      return `The last change could not be saved (${cut(fault.why)}). Export the trip to keep it.${againWords(retryS)}`;
  }
}

/** That something saved could not be read. */
export const asideWords = (n: number): string =>
  `${n === 1 ? 'Something saved' : `${n} things saved`} could not be read. What was saved is kept aside untouched: see it under trips.`;

const ASIDE_WORDS = { trip: 'a trip', rack: 'the rack', preferences: 'units and theme' };

/** What was kept aside, by the name that can still be read in it. */
export function asideName({ kind, value }: Pick<Aside, 'kind' | 'value'>): string {
  const name = (value as { trip?: { name?: unknown } } | undefined)?.trip?.name;
  return typeof name === 'string' && name ? cut(name) : ASIDE_WORDS[kind];
}
export const asideFileName = ({ kind, id }: Pick<Aside, 'kind' | 'id'>): string => `kept-aside-${kind}-${id.replace(/[^\w-]/g, '')}.json`;
/** Why something kept aside was not put back. */
export const asideProblemWords = (problem: ValueProblem | undefined): string =>
  problem ? `${valueProblemWords(problem)}.` : 'It can be read, but another of its name stands in its place.';
export const stillUnreadableWords = (name: string): string => `${name} still cannot be read, or one of the same name stands in its place.`;

/** That two tabs changed the same thing. */
export const clashWords = (name: string): string => `Another tab changed the same thing in ${cut(name)}: yours stands here.`;
