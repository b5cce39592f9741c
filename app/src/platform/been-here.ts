const MARK = 'been-here';

/** Has anything ever been saved by this browser? A hint that is at hand at once; the database knows better, later. */
export function beenHere(): boolean {
  try {
    return localStorage.getItem(MARK) !== null;
  } catch {
    return false;
  }
}

/** Notes that something is saved here. */
export function noteBeenHere(): void {
  try {
    localStorage.setItem(MARK, 'yes');
  } catch {
    // forbidden: the next visit plans the demo once for nothing
  }
}
