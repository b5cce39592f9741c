import type { Observable } from 'rxjs';
import {
  asapScheduler,
  concatMap,
  defer,
  finalize,
  subscribeOn,
  Subject,
  throttle,
  type ObservableInput,
  type OperatorFunction,
} from 'rxjs';

/**
 * Runs `project` for one value at a time. While one runs, only the newest of the values that come waits, and runs next: what follows a drag is
 * answered all the way, and nothing queues up. (`switchMap` would answer nothing until the drag ends, `exhaustMap` would lose its end.)
 */
export function oneAtATime<T, R>(project: (value: T) => ObservableInput<R>): OperatorFunction<T, R> {
  return (source) =>
    defer((): Observable<R> => {
      const free$ = new Subject<void>();
      return source.pipe(
        throttle(() => free$, { leading: true, trailing: true }),
        // subscribed to later, so that one which ends at once does not free the way before it is taken
        concatMap((value) =>
          defer(() => project(value)).pipe(
            subscribeOn(asapScheduler),
            finalize(() => free$.next()),
          ),
        ),
      );
    });
}
