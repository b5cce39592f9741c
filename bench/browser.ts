import type { Browser, Page } from '@playwright/test';
import { brotliCompressSync } from 'node:zlib';
import { readdirSync, readFileSync, statSync } from 'node:fs';
import path from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import type { Trip } from '@tinder/core/domain/model';
import { edited } from './edits';
import { halfAYear, heavyBackup } from './heavy-demo';
import { samples, WARMING_EDITS } from './samples';
import { until } from './until';

const APP = path.resolve(import.meta.dirname, '../dist/app/browser');

/** A worker like the one that plans for the page, which has planned `first` and edits of it; gives how long it takes for another trip, there and back, ms. */
export async function askedInWorker(page: Page, first: Trip): Promise<(trip: Trip) => Promise<number>> {
  // the first that the page starts is the one that plans
  const planner = page.workers().at(0) ?? (await page.waitForEvent('worker'));
  await page.evaluate(`(${START_WORKER})(${JSON.stringify(planner.url())})`);
  const askedMs = (trip: Trip): Promise<number> => page.evaluate<number>(`askedMs(${JSON.stringify(trip)})`);
  await askedMs(first);
  await samples(WARMING_EDITS, (run) => askedMs(edited(first, run)));
  return askedMs;
}
/** Edits of the heavy demo before any is measured. */
const WARMING_HEAVY_EDITS = 40;
/** In the page, as text, so that no build step rewrites it: asks the worker in comlink's own words, as the page does for what is new beside its last plan. */
const START_WORKER = `(url) => {
  globalThis.askedWorker?.terminate();
  const worker = (globalThis.askedWorker = new Worker(url, { type: 'module' }));
  let had, asked = 0;
  globalThis.askedMs = (trip) =>
    new Promise((resolve, reject) => {
      const id = String(asked++);
      const t0 = performance.now();
      const heard = ({ data }) => {
        if (data.id !== id) return;
        worker.removeEventListener('message', heard);
        if (data.type === 'RAW') {
          had = data.value.id;
          resolve(performance.now() - t0);
        }
        else reject(new Error(JSON.stringify(data)));
      };
      worker.addEventListener('message', heard);
      worker.postMessage({ id, type: 'APPLY', path: ['plan'], argumentList: [{ type: 'RAW', value: trip }, { type: 'RAW', value: had }] });
    });
}`;

/** Carry with the heavy demo in it, planned. */
async function heavyPage(browser: Browser, address: string): Promise<Page> {
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })).newPage();
  await page.goto(`${address}carry`);
  const file = { name: 'heavy-demo.json', mimeType: 'application/json', buffer: Buffer.from(heavyBackup()) };
  await page.getByLabel('Trip, rack or backup file to import').setInputFiles(file);
  // before that it is the other trip that is edited
  await page.locator('app-verdict-line[aria-busy=false]').getByText(`Leave ${halfAYear().stops[0].name} with`).waitFor();
  return page;
}

/** What edits the heavy demo. */
export interface HeavyEdits {
  /** From the key that takes another evening air on Carry, for the days of a carry, until its plan is painted, ms; no two are the same. */
  typedMs: (run: number) => Promise<number>;
  /** Turns to a view, and gives how long it takes there from the key that undoes that edit, or does it again, until the plan is painted, ms. */
  turnedTo: (view: string) => Promise<() => Promise<number>>;
  close: () => Promise<void>;
}

/** The page with the heavy demo, warm. */
export async function heavyEdits(browser: Browser, address: string): Promise<HeavyEdits> {
  const page = await heavyPage(browser, address);
  const air = page.getByRole('textbox', { name: 'Evenings, typed' });
  const paintedMs = async (key: string): Promise<number> => {
    await page.evaluate(WATCH_EDIT);
    await page.keyboard.press(key);
    return await page.evaluate<number>('globalThis.painted');
  };
  const typedMs = async (run: number): Promise<number> => {
    await air.fill((3.05 + (run % 150) / 10).toFixed(2)); // never what it is
    return await paintedMs('Enter');
  };
  let undone = false;
  await samples(WARMING_HEAVY_EDITS, typedMs);
  return {
    typedMs,
    turnedTo: async (view) => {
      await page.locator(`nav a[href$="/${view}"]`).click();
      await page.waitForLoadState('networkidle');
      return async () => {
        undone = !undone;
        return await paintedMs(undone ? 'Control+z' : 'Control+y');
      };
    },
    close: async () => page.context().close(),
  };
}
/** In the page, as text, so that no build step rewrites it: listens before the key is pressed. */
const WATCH_EDIT = `(() => {
  const verdict = document.querySelector('app-verdict-line');
  let since;
  const heard = new AbortController();
  addEventListener('keydown', (e) => { if (e.key !== 'Control') since ??= performance.now(); }, { capture: true, signal: heard.signal });
  globalThis.painted = new Promise((resolve, reject) => {
    setTimeout(() => reject(new Error('no plan came of the key')), 20_000);
    const watch = new MutationObserver(() => {
      if (since === undefined || verdict.getAttribute('aria-busy') !== 'false') return;
      watch.disconnect();
      heard.abort();
      requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - since)));
    });
    watch.observe(verdict, { attributeFilter: ['aria-busy'] });
  });
})()`;

/** Long enough for any answer that is still to come, ms. */
const SURELY_ANSWERED_MS = 6000;
/** In the page, as text, so that no build step rewrites it: notes when the trip was taken in, and when anything of the view has changed last. */
const WATCH_ANSWERS = `(() => {
  new MutationObserver(() => {
    const now = performance.now();
    if (/is open/.test(document.querySelector('app-notices')?.textContent ?? '')) globalThis.takenMs ??= now;
    globalThis.changedMs = now;
  }).observe(document.getElementById('view'), { subtree: true, childList: true, characterData: true });
})()`;

/** From the moment that half a year was taken in until the last panel of a view has its answer, ms. */
export async function answeredMs(browser: Browser, address: string, view: string): Promise<number> {
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })).newPage();
  await page.goto(`${address}${view}`);
  await page.locator('app-verdict-line[aria-busy=false]').getByText('Leave').waitFor();
  await sleep(SURELY_ANSWERED_MS); // the demo's own answers are there
  await page.evaluate(WATCH_ANSWERS);
  const file = { name: 'heavy-demo.json', mimeType: 'application/json', buffer: Buffer.from(heavyBackup()) };
  await page.getByLabel('Trip, rack or backup file to import').setInputFiles(file);
  await until(() => page.evaluate<number | undefined>('globalThis.takenMs'));
  await sleep(SURELY_ANSWERED_MS);
  const ms = await page.evaluate<number>('globalThis.changedMs - globalThis.takenMs');
  await page.context().close();
  return ms;
}

/** Heap of the page with the heavy demo, MB, after so many edits of the reserve, each planned. */
export async function heapOverEdits(browser: Browser, address: string, edits: readonly number[]): Promise<number[]> {
  const page = await heavyPage(browser, address);
  const cdp = await page.context().newCDPSession(page);
  await cdp.send('Performance.enable');
  const reserve = page.getByRole('textbox', { name: 'Reserve, typed' });
  const heaps: number[] = [];
  let done = 0;
  for (const until of edits) {
    for (; done < until; done++) {
      await reserve.fill(String(10 + (done % 7)));
      await reserve.press('Enter');
    }
    await page.getByText('Saved', { exact: true }).waitFor();
    await cdp.send('HeapProfiler.collectGarbage');
    const { metrics } = await cdp.send('Performance.getMetrics');
    heaps.push((metrics.find((m) => m.name === 'JSHeapUsedSize')?.value ?? 0) / 1e6);
  }
  await page.context().close();
  return heaps;
}

/** What the whole app weighs on the way to being kept for offline, kB (brotli, fonts as they are). */
export function offlineKB(): number {
  const files = readdirSync(APP, { recursive: true, withFileTypes: true })
    .filter((f) => f.isFile() && /\.(js|css|html|svg|woff2)$/.test(f.name))
    .map((f) => path.join(f.parentPath, f.name));
  const sent = (file: string): number => (file.endsWith('.woff2') ? statSync(file).size : brotliCompressSync(readFileSync(file)).length);
  return files.reduce((sum, file) => sum + sent(file), 0) / 1024;
}
