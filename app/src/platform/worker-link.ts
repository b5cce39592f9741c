import { wrap, type Remote } from 'comlink';
import {
  BehaviorSubject,
  distinctUntilChanged,
  firstValueFrom,
  from,
  fromEvent,
  map,
  merge,
  NEVER,
  ReplaySubject,
  share,
  startWith,
  Subject,
  switchMap,
  take,
  timer,
  type Observable,
} from 'rxjs';

/** A worker that can be called, is heard when it breaks, and can be ended in the middle of its work. */
export interface WorkerLink<T> {
  /** Calls into the worker; rejects as well when the worker breaks, or is ended, before it has answered. */
  call<A>(work: (remote: Remote<T>) => Promise<A>): Promise<A>;
  end(): void;
}

/** What a call to a worker that cannot answer any more is rejected with. */
export class WorkerBroken extends Error {
  constructor(
    why: string,
    /** It was there once: another one may be, too. */
    readonly wasAlive: boolean,
  ) {
    super(why);
    this.name = 'WorkerBroken';
  }
}

/** How long a worker may say nothing at all: far more than any needs. */
export interface Patience {
  /** From a first question until it shows that it is there: it may have to be fetched over a slow line, ms. */
  untilAliveMs: number;
  /** While it works; long studies report, or are done within, ms. */
  whileWorkingMs: number;
}
export const USUAL_PATIENCE: Patience = { untilAliveMs: 30_000, whileWorkingMs: 180_000 };

/**
 * Puts comlink between the page and a worker, and listens for what comlink does not: a worker that never starts, throws by itself, or
 * falls silent.
 */
export function linkWorker<T>(worker: Worker, patience = USUAL_PATIENCE): WorkerLink<T> {
  const remote = wrap<T>(worker);
  /** How many calls wait for an answer. */
  const waiting$ = new BehaviorSubject(0);
  const ended$ = new Subject<string>();
  const heard$ = fromEvent(worker, 'message').pipe(share());
  let isAlive = false;
  heard$.subscribe(() => (isAlive = true));
  // a worker that is busy with one call shows itself to the others when that one ends
  const silent$ = waiting$.pipe(
    map((calls) => calls > 0),
    distinctUntilChanged(),
    switchMap((isWaitedFor) => (isWaitedFor ? silence(heard$, patience) : NEVER)),
  );
  const broken$ = new ReplaySubject<WorkerBroken>(1);
  merge(
    fromEvent<ErrorEvent>(worker, 'error').pipe(map((e) => e.message || 'the worker could not be started')),
    fromEvent(worker, 'messageerror').pipe(map(() => 'the worker said something that cannot be read')),
    silent$,
    ended$,
  )
    .pipe(
      take(1),
      map((why) => new WorkerBroken(why, isAlive)),
    )
    .subscribe(broken$);
  const breaks$ = broken$.pipe(
    map((broken) => {
      throw broken;
    }),
  );
  return {
    call: async (work) => {
      waiting$.next(waiting$.value + 1);
      try {
        return await firstValueFrom(merge(from(work(remote)), breaks$));
      } finally {
        waiting$.next(waiting$.value - 1);
      }
    },
    end: () => {
      worker.terminate();
      ended$.next('the worker was ended');
    },
  };
}

/** Says so when nothing was heard for too long. */
const silence = (heard$: Observable<unknown>, { untilAliveMs, whileWorkingMs }: Patience): Observable<string> =>
  heard$.pipe(
    map(() => ({ ms: whileWorkingMs, why: 'the worker has stopped answering' })),
    startWith({ ms: untilAliveMs, why: 'the worker does not answer' }),
    switchMap(({ ms, why }) => timer(ms).pipe(map(() => why))),
  );
