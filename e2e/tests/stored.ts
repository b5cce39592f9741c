import type { Page } from '@playwright/test';

/** A trip as it lies in the browser's storage. */
export interface StoredTrip {
  trip: { id: string; name: string; reservePercent: unknown; legs: { days: { supperAirC: number }[] }[] };
  revision: number;
}
interface Access {
  store: 'trips' | 'aside';
  put?: { key: string; value: unknown };
}

/** Runs in the page, beside the app: puts a value into a store where there is one, and gives back all that is in it then. */
async function access({ store, put }: Access): Promise<unknown[]> {
  const answered = <T>(request: IDBRequest<T>) =>
    new Promise<T>((done, failed) => {
      request.onsuccess = () => done(request.result);
      request.onerror = () => failed(new Error('storage refused'));
    });
  const db = await answered(indexedDB.open('restless-tinder'));
  const kept = db.transaction(store, 'readwrite').objectStore(store);
  if (put) await answered(kept.put(put.value, put.key));
  const all: unknown[] = await answered(kept.getAll());
  db.close();
  return all;
}

export const storedAside = (page: Page): Promise<unknown[]> => page.evaluate(access, { store: 'aside' } as Access);
export const storedTrips = async (page: Page): Promise<StoredTrip[]> =>
  (await page.evaluate(access, { store: 'trips' } as Access)) as StoredTrip[];
/** Puts a trip into it, behind the app's back. */
export const putTrip = (page: Page, key: string, value: unknown): Promise<unknown[]> =>
  page.evaluate(access, { store: 'trips', put: { key, value } } as Access);
