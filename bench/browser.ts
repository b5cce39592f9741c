import type { Browser, Page } from '@playwright/test';
import { brotliCompressSync } from 'node:zlib';
import { readdirSync, readFileSync, statSync } from 'node:fs';
import path from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import type { Trip } from '@tinder/core/model';
import { QUIET_MS } from '../app/src/workers/warming';
import { halfAYear, heavyBackup } from './heavy-demo';

const APP = path.resolve(import.meta.dirname, '../dist/app/browser');

/** A worker like the one that plans for the page, which has planned `first` and warmed itself; gives how long it takes for another trip, there and back, ms. */
export async function askedInWorker(page: Page, first: Trip): Promise<(trip: Trip) => Promise<number>> {
  // the first that the page starts is the one that plans
  const planner = page.workers().at(0) ?? (await page.waitForEvent('worker'));
  await page.evaluate(`(${START_WORKER})(${JSON.stringify(planner.url())})`);
  const askedMs = (trip: Trip): Promise<number> => page.evaluate<number>(`askedMs(${JSON.stringify(trip)})`);
  await askedMs(first);
  // as long as the page has been there by the time that the walker edits
  await sleep(WARM_MS);
  return askedMs;
}
/** What a worker waits before it warms itself, the time that takes, and half a second, ms. */
const WARM_MS = QUIET_MS + 4500;
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

export interface FirstVisit {
  paintMs: number;
  verdictMs: number;
  /** Beyond 50 ms a task holds the page: so long in all, ms. */
  heldMs: number;
  /** The longest task of a visit. */
  longestMs: number;
  kB: number;
}
const KINDS = {
  desk: { viewport: { width: 1280, height: 800 }, slower: 1, line: undefined },
  phone: { viewport: { width: 390, height: 844 }, slower: 6, line: { bitsPerS: 1.6e6, latencyMs: 150 } },
} as const;

/** A first visit, on a desk or on a phone slowed six times behind 1.6 Mbit/s and 150 ms. */
export async function firstVisit(browser: Browser, address: string, kind: keyof typeof KINDS): Promise<FirstVisit> {
  const { viewport, slower, line } = KINDS[kind];
  const context = await browser.newContext({ viewport, serviceWorkers: 'block' });
  const page = await context.newPage();
  const cdp = await context.newCDPSession(page);
  let bytes = 0;
  await cdp.send('Network.enable');
  cdp.on('Network.loadingFinished', (e) => (bytes += e.encodedDataLength));
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: slower });
  if (line) {
    const throughput = line.bitsPerS / 8;
    await cdp.send('Network.emulateNetworkConditions', {
      offline: false,
      latency: line.latencyMs,
      downloadThroughput: throughput,
      uploadThroughput: throughput / 2,
    });
  }
  await page.addInitScript(WATCH);
  // the page says so itself: to be asked again and again would hold it
  const whole = page.waitForEvent('console', (line) => line.text() === WHOLE);
  await page.goto(`${address}carry`);
  await whole;
  await page.waitForLoadState('networkidle');
  const seen = await page.evaluate<Omit<FirstVisit, 'kB'>>(SEEN);
  await context.close();
  return { ...seen, kB: bytes / 1024 };
}
const WHOLE = 'what is seen last is there';
/** In the page, as text, so that no build step rewrites it. */
const WATCH = `(() => {
  globalThis.tasks = [];
  new PerformanceObserver((l) => l.getEntries().forEach((e) => globalThis.tasks.push(e.duration))).observe({ type: 'longtask', buffered: true });
  const look = () => {
    if (/Leave .* with/.test(document.querySelector('app-verdict-line')?.textContent ?? '')) globalThis.verdictMs ??= performance.now();
    if (globalThis.verdictMs !== undefined && document.querySelector('app-closer-look svg')) console.info('${WHOLE}');
    else requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
})()`;
const SEEN = `({
  paintMs: performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? 0,
  verdictMs: globalThis.verdictMs,
  heldMs: globalThis.tasks.reduce((sum, ms) => sum + Math.max(0, ms - 50), 0),
  longestMs: Math.max(0, ...globalThis.tasks),
})`;

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
  /** From the key that takes another air at supper on Carry, for the days of a carry, until its plan is painted, ms; no two are the same. */
  typedMs: (run: number) => Promise<number>;
  /** Turns to a view, and gives how long it takes there from the key that undoes that edit, or does it again, until the plan is painted, ms. */
  turnedTo: (view: string) => Promise<() => Promise<number>>;
  close: () => Promise<void>;
}

/** The page with the heavy demo, warm. */
export async function heavyEdits(browser: Browser, address: string): Promise<HeavyEdits> {
  const page = await heavyPage(browser, address);
  const air = page.getByRole('textbox', { name: 'air at supper, typed' });
  const paintedMs = async (key: string): Promise<number> => {
    await page.evaluate(WATCH_EDIT);
    await page.keyboard.press(key);
    return await page.evaluate<number>('globalThis.painted');
  };
  let undone = false;
  await sleep(WARM_MS);
  return {
    typedMs: async (run) => {
      await air.fill((3.05 + (run % 150) / 10).toFixed(2)); // never what it is
      return await paintedMs('Enter');
    },
    turnedTo: async (view) => {
      await page.locator(`nav a[href$="/${view}"]`).click();
      await sleep(WARM_MS);
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

/** Heap of the page with the heavy demo, MB, after so many edits of the reserve, each planned. */
export async function heapOverEdits(browser: Browser, address: string, edits: readonly number[]): Promise<number[]> {
  const page = await heavyPage(browser, address);
  const cdp = await page.context().newCDPSession(page);
  await cdp.send('Performance.enable');
  const reserve = page.getByRole('textbox', { name: 'reserve, typed' });
  const heaps: number[] = [];
  let done = 0;
  for (const until of edits) {
    for (; done < until; done++) {
      await reserve.fill(String(10 + (done % 7)));
      await reserve.press('Enter');
    }
    await page.getByText('saved', { exact: true }).waitFor();
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
