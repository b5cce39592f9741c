import type { Browser, Page } from '@playwright/test';
import { brotliCompressSync } from 'node:zlib';
import { readdirSync, readFileSync, statSync } from 'node:fs';
import path from 'node:path';
import type { Trip } from '@tinder/core/model';
import { heavyBackup } from './heavy-demo';
import { quantile } from './numbers';

const APP = path.resolve(import.meta.dirname, '../dist/app/browser');

/** How long the plan worker of the page takes for one trip after the other, ms, the first of them left out. */
export async function inPlanWorker(page: Page, trips: readonly Trip[]): Promise<number[]> {
  // the first that the page starts is the one that plans
  const planner = page.workers().at(0) ?? (await page.waitForEvent('worker'));
  return page.evaluate<number[]>(`(${ASK_WORKER})(${JSON.stringify({ url: planner.url(), asked: trips })})`);
}
/** What a worker waits before it warms itself, the time that takes, and half a second, ms (app/src/workers/warming). */
const WARM_MS = 6000;
/** In the page, as text, so that no build step rewrites it: asks the worker in comlink's own words, as the page does for what is new beside its last plan. */
const ASK_WORKER = `async ({ url, asked }) => {
  const worker = new Worker(url, { type: 'module' });
  let had;
  const answer = (id, trip) =>
    new Promise((resolve, reject) => {
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
  const times = [];
  for (let i = 0; i < asked.length; i++) {
    times.push(await answer(String(i), asked[i]));
    // as long as the page has been there by the time that the walker edits: the worker has warmed itself
    if (i === 0) await new Promise((done) => setTimeout(done, ${WARM_MS}));
  }
  worker.terminate();
  return times.slice(1);
}`;

export interface FirstVisit {
  paintMs: number;
  verdictMs: number;
  /** Beyond 50 ms a task holds the page: so long in all, ms. */
  blockedMs: number;
  /** The longest task of a visit. */
  longestMs: number;
  kB: number;
}
const KINDS = {
  desk: { viewport: { width: 1280, height: 800 }, slower: 1, line: undefined },
  phone: { viewport: { width: 390, height: 844 }, slower: 6, line: { bitsPerS: 1.6e6, latencyMs: 150 } },
} as const;

/** A first visit, on a desk or on a phone slowed six times behind 1.6 Mbit/s and 150 ms; the median of so many. */
export async function firstVisit(browser: Browser, address: string, kind: keyof typeof KINDS, runs: number): Promise<FirstVisit> {
  const { viewport, slower, line } = KINDS[kind];
  const visits: FirstVisit[] = [];
  for (let i = 0; i < runs; i++) {
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
    visits.push({ ...seen, kB: bytes / 1024 });
    await context.close();
  }
  const median = (of: (v: FirstVisit) => number): number => quantile(visits.map(of), 0.5);
  return {
    paintMs: median((v) => v.paintMs),
    verdictMs: median((v) => v.verdictMs),
    blockedMs: median((v) => v.blockedMs),
    longestMs: median((v) => v.longestMs),
    kB: median((v) => v.kB),
  };
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
  blockedMs: globalThis.tasks.reduce((sum, ms) => sum + Math.max(0, ms - 50), 0),
  longestMs: Math.max(0, ...globalThis.tasks),
})`;

/** Heap of the page with the heavy demo, MB, after so many edits of the reserve, each planned. */
export async function heapOverEdits(browser: Browser, address: string, edits: readonly number[]): Promise<number[]> {
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })).newPage();
  const cdp = await page.context().newCDPSession(page);
  await cdp.send('Performance.enable');
  await page.goto(`${address}carry`);
  const file = { name: 'heavy-demo.json', mimeType: 'application/json', buffer: Buffer.from(heavyBackup()) };
  await page.getByLabel('Trip, rack or backup file to import').setInputFiles(file);
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
  await page.close();
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
