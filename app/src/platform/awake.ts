/** Keeps the screen lit while something is timed; where the browser cannot, the phone does what it always does. Gives back how to let it go. */
export function keepAwake(): () => void {
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
