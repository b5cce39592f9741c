/** Which trip is open is the tab's own affair, so that two tabs can hold two trips. */
const OPEN_HERE = 'open-trip';

/** What a tab remembers over a reload. Where the browser forbids it nothing is remembered, and nothing breaks. */
export const tabMemory = {
  openTrip(): string | null {
    try {
      return sessionStorage.getItem(OPEN_HERE);
    } catch {
      return null;
    }
  },
  keepOpenTrip(id: string): void {
    try {
      sessionStorage.setItem(OPEN_HERE, id);
    } catch {
      // not remembered: the next visit opens the last one of any tab
    }
  },
};
