import type { Page } from '@playwright/test';

/** A trip as it lies in the browser's storage. */
export interface StoredTrip {
  trip: { id: string; name: string; reservePercent: unknown; legs: { days: { supperAirC: number }[] }[]; dishes: unknown[] };
  revision: number;
}

/** Everything in one store of the saved library, read beside the app. */
export const readStored = (page: Page, store: 'trips' | 'aside'): Promise<unknown[]> =>
  page.evaluate(async (name) => {
    const answered = <T>(request: IDBRequest<T>) =>
      new Promise<T>((done, failed) => {
        request.onsuccess = () => done(request.result);
        request.onerror = () => failed(new Error('storage refused'));
      });
    const db = await answered(indexedDB.open('restless-tinder'));
    const all: unknown[] = await answered(db.transaction(name).objectStore(name).getAll());
    db.close();
    return all;
  }, store);
export const storedTrips = async (page: Page): Promise<StoredTrip[]> => (await readStored(page, 'trips')) as StoredTrip[];

/** Puts a value into it, behind the app's back. */
export const putStored = (page: Page, key: string, value: unknown): Promise<void> =>
  page.evaluate(
    async ([id, stored]) => {
      const answered = <T>(request: IDBRequest<T>) =>
        new Promise<T>((done, failed) => {
          request.onsuccess = () => done(request.result);
          request.onerror = () => failed(new Error('storage refused'));
        });
      const db = await answered(indexedDB.open('restless-tinder'));
      await answered(db.transaction('trips', 'readwrite').objectStore('trips').put(stored, id));
      db.close();
    },
    [key, value] as const,
  );
