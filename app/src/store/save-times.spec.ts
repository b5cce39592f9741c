import { map } from 'rxjs';
import { TestScheduler } from 'rxjs/testing';
import { retryPauseMs, saveTimes } from './save-times';

/** When it is written, in marbles of 1 ms, given when edits are made, and how many writes have failed in a row (0: none). */
function expectWrites(writes: string, edits: string, failures = '-', counts: Record<string, number> = {}): void {
  const scheduler = new TestScheduler((actual, expected) => expect(actual).toEqual(expected));
  scheduler.run(({ hot, expectObservable }) => {
    expectObservable(saveTimes(hot(edits), hot(failures, counts)).pipe(map(() => 'w')), '200s !').toBe(writes);
  });
}

describe('when to write', () => {
  it('is soon after an edit, once', () => {
    expectWrites('400ms w', 'e');
  });

  it('is again and again in a burst that never rests: no second of edits is ever unwritten', () => {
    const everyTenthOfASecond = 'e 99ms '.repeat(10);
    expectWrites('400ms w 499ms w', everyTenthOfASecond);
  });

  it('is by itself after a failure, with growing pauses, until it has worked', () => {
    expectWrites('1s w 2999ms w 5999ms w', '-', 'a 1999ms b 3999ms c 9s z', { a: 1, b: 2, c: 3, z: 0 });
    expect([1, 2, 3, 6, 7, 20].map(retryPauseMs)).toEqual([1000, 2000, 4000, 32_000, 60_000, 60_000]);
  });
});
