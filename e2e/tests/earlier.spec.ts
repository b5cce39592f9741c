import { readFileSync } from 'node:fs';
import path from 'node:path';
import { expect, test } from './helpers';

/** What version 0.1.0 left in a browser, and a backup that it wrote: both are opened by every later version, with nothing lost. */
const FIXTURES = path.resolve(import.meta.dirname, '../../core/test/fixtures');
interface Database {
  version: number;
  stores: Record<string, { autoIncrement: boolean; entries: [IDBValidKey, unknown][] }>;
}
interface Left {
  database: Database;
  localStorage: Record<string, string>;
}

/** In the page: puts a database there as it was. */
async function restore(text: string): Promise<void> {
  const { database, localStorage: kept } = JSON.parse(text) as Left;
  for (const [key, value] of Object.entries(kept)) localStorage.setItem(key, value);
  const db = await new Promise<IDBDatabase>((done, failed) => {
    const opening = indexedDB.open('restless-tinder', database.version);
    opening.onupgradeneeded = () => {
      for (const [name, { autoIncrement }] of Object.entries(database.stores)) opening.result.createObjectStore(name, { autoIncrement });
    };
    opening.onsuccess = () => done(opening.result);
    opening.onerror = () => failed(new Error('storage refused'));
  });
  const tx = db.transaction(Object.keys(database.stores), 'readwrite');
  for (const [name, { entries }] of Object.entries(database.stores))
    for (const [key, value] of entries) tx.objectStore(name).put(value, key);
  await new Promise((done) => (tx.oncomplete = done));
  db.close();
}

test('a database of 0.1.0 opens with the trip that was open, in its theme, and nothing put aside', async ({ page }) => {
  const left = readFileSync(path.join(FIXTURES, 'database-of-0.1.0.json'), 'utf8');
  await page.goto('/api/health'); // of the app's origin, without the app
  await page.evaluate(restore, left);
  await page.goto('/carry');
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('for 4 days');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'headlamp');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await page.keyboard.press('l');
  const names = page.getByRole('dialog').getByRole('textbox');
  await expect(names).toHaveCount(2);
  expect(await names.evaluateAll((all) => all.map((e) => (e as HTMLInputElement).value))).toEqual([
    'Vesper Divide',
    'Three Nights of My Own',
  ]);
});

test('a backup of 0.1.0 is put back as it was', async ({ page }) => {
  await page.goto('/carry');
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('Leave Nettle Hut');
  await page.getByLabel('Trip, rack or backup file to import').setInputFiles(path.join(FIXTURES, 'backup-of-0.1.0.json'));
  await page.getByRole('button', { name: 'Replace everything with the backup' }).click();
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('for 6 days');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'headlamp');
});
