import { Observable } from 'rxjs';

/** Goes along with a source, and keeps the screen lit for so long. Where the browser cannot, the phone does what it always does. */
export const awake = <T>(source: Observable<T>): Observable<T> =>
  new Observable((seen) => {
    const letGo = keepAwake();
    const going = source.subscribe(seen);
    return () => {
      going.unsubscribe();
      letGo();
    };
  });

/** Gives back how to let it go. */
function keepAwake(): () => void {
  if (typeof navigator === 'undefined' || !('wakeLock' in navigator)) return () => undefined;
  let lock: WakeLockSentinel | undefined;
  let over = false;
  const ask = (): void => {
    if (over || document.visibilityState !== 'visible') return;
    navigator.wakeLock.request('screen').then(
      (taken) => {
        lock = taken;
        if (over) void taken.release();
      },
      () => undefined, // a low battery may forbid it
    );
  };
  ask();
  // a page that was out of sight has lost it
  document.addEventListener('visibilitychange', ask);
  return () => {
    over = true;
    document.removeEventListener('visibilitychange', ask);
    void lock?.release();
  };
}
