import { EMPTY, type Observable } from 'rxjs';
import { TestScheduler } from 'rxjs/testing';
import { oneAtATime } from './one-at-a-time';

function inMarbles(test: Parameters<TestScheduler['run']>[0]): void {
  new TestScheduler((actual, expected) => expect(actual).toEqual(expected)).run(test);
}

describe('one at a time', () => {
  it('answers the first at once, and while it runs keeps only the newest: a drag is followed all the way', () => {
    inMarbles(({ hot, cold, expectObservable }) => {
      const drag$ = hot('  abcdefg----|');
      const answers = '    ---a--d--g-|';
      const run = (of: string) => cold('---(o|)', { o: of });
      expectObservable(drag$.pipe(oneAtATime(run))).toBe(answers);
    });
  });

  it('is not held up by one that ends without an answer', () => {
    inMarbles(({ hot, cold, expectObservable }) => {
      const asked$ = hot('  a-b-c-|');
      const answers = '     ----c-|';
      expectObservable(asked$.pipe(oneAtATime((of: string): Observable<string> => (of === 'c' ? cold('(c|)') : EMPTY)))).toBe(answers);
    });
  });
});
