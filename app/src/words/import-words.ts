import type { ImportProblem, LogProblem } from '@tinder/core/output/archive';
import { wholeNumber } from '@tinder/core/foundation/units';
import { quoted } from './quoted';
import { megabytes } from './file-words';
import { valueProblemWords } from './value-problem-words';

/** Places of a file named before the rest is only counted. */
const MOST_ISSUES = 6;

const BEYOND_WORDS = { depth: 'is nested deeper', list: 'holds a longer list', text: 'holds a longer text' };

/** Why a file was refused and what to do, in sentences. Nothing on screen has changed when these are shown. */
export function importProblemWords(problem: ImportProblem): string[] {
  switch (problem.code) {
    case 'tooLarge':
      return [
        `The file is ${megabytes(problem.bytes)}; a library is never above ${megabytes(problem.limitBytes)}. Choose a file exported from here.`,
      ];
    case 'notJson':
      return [`The file stops being JSON at line ${problem.line}, column ${problem.column}. Mend that place, or export the trip again.`];
    case 'beyondBounds':
      return [
        `At line ${problem.line}, column ${problem.column} the file ${BEYOND_WORDS[problem.what]} than anything exported from here. Choose a file exported from here.`,
      ];
    case 'otherFormat':
      return ['The file is JSON, but neither a trip nor a rack: its "format" is not "restless-tinder". Choose a file exported from here.'];
    case 'otherVersion':
      return [
        `The file says version ${quoted(problem.found)}; this program reads up to version ${problem.expected}. Open it with the program that wrote it.`,
      ];
    case 'badValues': {
      const named = problem.issues.slice(0, MOST_ISSUES).map((i) => `${valueProblemWords(i)}.`);
      const more = problem.issues.length - named.length;
      return more > 0 ? [...named, `And ${wholeNumber(more)} more.`] : named;
    }
  }
}

/** The same of a log. */
export const logProblemWords = (problem: LogProblem): string[] =>
  problem.code === 'otherTrip'
    ? [`The file is the log of ${quoted(problem.name)}, another trip: open that one and read it there.`]
    : problem.code === 'otherFormat'
      ? ['The file is JSON, but no log: its "format" is not "restless-tinder-log". Choose a log exported under “walk”.']
      : importProblemWords(problem);

/** What a file brought. */
export const addedWords = ([first, ...more]: readonly string[]): string =>
  `${first} is open${more.length ? ` and ${more.length} more were added` : ''}. Undo takes it out again.`;
export const RACK_ADDED_WORDS = 'its pieces and kits are on the rack beside those that were there. Undo takes them off again.';
export const BENCH_ADDED_WORDS = 'its burns lie on the bench beside those that were there. Undo takes them off again.';
export const SHELF_ADDED_WORDS = 'its containers stand on the shelf beside those that were there. Undo takes them off again.';
export const RESTORED_WORDS = 'everything is as it was backed up. Undo brings back what was here.';

/** That a trip is only looked at. */
export const guestWords = (name: string): string =>
  `${name} is somebody else’s trip, to look at: it is not kept here, and nothing in it can be changed. Yours are as they were.`;

/** When everything was last backed up, as an advice. */
export function backupWords(days: number | undefined, remindAfterDays: number): string {
  if (days === undefined) return 'Nothing was ever backed up. Everything lives in this browser alone until you do.';
  const ago = days <= 0 ? 'today' : days === 1 ? 'yesterday' : `${days} days ago`;
  return days > remindAfterDays ? `The last backup was ${ago}: time for another.` : `Last backed up ${ago}.`;
}
