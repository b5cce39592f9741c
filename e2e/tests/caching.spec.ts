import { expect, test } from '@playwright/test';
import { createHash } from 'node:crypto';
import { readdirSync } from 'node:fs';
import path from 'node:path';

const APP = path.resolve(import.meta.dirname, '../../dist/app/browser');
/** Files that the builder names by what is in them. */
const BY_CONTENT = /^(main|chunk|worker|styles)-[\w-]{8}\.(js|css)$/;

test('every built file that is named by its content is kept for a year, and every other is asked for again', async ({ request }) => {
  const files = readdirSync(APP, { recursive: true, withFileTypes: true })
    .filter((f) => f.isFile() && !/\.(br|gz)$/.test(f.name))
    .map((f) => path.relative(APP, path.join(f.parentPath, f.name)).replaceAll(path.sep, '/'));
  expect(files.filter((f) => BY_CONTENT.test(f)).length).toBeGreaterThan(20);
  for (const file of files) {
    const header = (await request.get(`/${file}`)).headers()['cache-control'];
    expect([file, header]).toEqual([file, BY_CONTENT.test(file) ? 'public, max-age=31536000, immutable' : 'no-cache']);
  }
});

test('what is served is what the builder wrote: every file has the hash that it noted for the service worker', async ({ request }) => {
  const { hashTable } = (await (await request.get('/ngsw.json')).json()) as { hashTable: Record<string, string> };
  expect(Object.keys(hashTable).length).toBeGreaterThan(20);
  for (const [file, hash] of Object.entries(hashTable)) {
    const body = await (await request.get(file)).body();
    expect([file, createHash('sha1').update(body).digest('hex')]).toEqual([file, hash]);
  }
});
