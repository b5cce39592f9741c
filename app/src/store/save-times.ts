import { auditTime, EMPTY, merge, switchMap, timer, type Observable } from 'rxjs';

/** An edit is written so soon after it was made, and a burst of edits as often: less than a second is ever unwritten. */
export const SAVE_WITHIN_MS = 400;
const FIRST_RETRY_MS = 1000;
const LONGEST_RETRY_MS = 60_000;

/** The pause before the next try after so many failed ones, ms: 1, 2, 4 … 60 s. */
export const retryPauseMs = (failures: number): number => Math.min(LONGEST_RETRY_MS, FIRST_RETRY_MS * 2 ** (failures - 1));

/**
 * When to write: soon after an edit, as often while edits go on, and by itself after a failure. `failures$` tells how many writes have failed in a
 * row; 0 ends the tries.
 */
export function saveTimes(edits$: Observable<unknown>, failures$: Observable<number>): Observable<unknown> {
  const retries$ = failures$.pipe(switchMap((failures) => (failures > 0 ? timer(retryPauseMs(failures)) : EMPTY)));
  return merge(edits$.pipe(auditTime(SAVE_WITHIN_MS)), retries$);
}
