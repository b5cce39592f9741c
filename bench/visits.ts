// How long a visit takes until its first verdict, beside an empty Angular page that was built the same way, in turns.
import type { Browser, BrowserContext } from '@playwright/test';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { quantile } from './numbers';
import { told, under, type Row } from './rows';
import { served } from './served';
import { until } from './until';

/** Where each is built, and served. */
export const PLACES = {
  ours: { dir: 'dist/app/browser', port: 3113 },
  empty: { dir: 'dist/empty-page/browser', port: 3114 },
} as const;
type Place = keyof typeof PLACES;

const DEVICES = {
  desk: { on: 'a desk', viewport: { width: 1280, height: 800 }, slower: 1, line: undefined },
  phone: {
    on: 'a phone, slowed six times, 1.6 Mbit/s and 150 ms',
    viewport: { width: 390, height: 844 },
    slower: 6,
    line: { bitsPerS: 1.6e6, latencyMs: 150 },
  },
} as const;
type Device = keyof typeof DEVICES;

const ROUNDS = 5;
/** Ratios are held within so much of what was recorded. */
const HELD_WITHIN = 1.15;
const RECORDED = JSON.parse(readFileSync(path.join(import.meta.dirname, 'recorded-visits.json'), 'utf8')) as Record<string, number>;

/** In the page, as text, so that no build step rewrites it: notes when the verdict, or all that the empty page has, is painted. */
const WATCH = `(() => {
  const isThere = () =>
    /Leave .* with/.test(document.querySelector('app-verdict-line')?.textContent ?? '') || document.querySelector('.there') !== null;
  const look = () => {
    if (isThere()) globalThis.thereMs = performance.now();
    else requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
})()`;

/** In the page: has the service worker all that it keeps? */
const IS_KEPT = `(async () => {
  const { assetGroups } = await (await fetch('ngsw.json')).json();
  const wanted = assetGroups.filter((g) => g.installMode === 'prefetch').flatMap((g) => g.urls).length;
  const caches = await Promise.all((await globalThis.caches.keys()).map((key) => globalThis.caches.open(key)));
  const kept = (await Promise.all(caches.map((c) => c.keys()))).flat().filter((r) => !new URL(r.url).pathname.includes('ngsw'));
  return kept.length >= wanted;
})()`;

/** From the address until what is waited for is painted, ms. */
async function visitMs(context: BrowserContext, address: string, device: Device): Promise<number> {
  const { slower, line } = DEVICES[device];
  const page = await context.newPage();
  const cdp = await context.newCDPSession(page);
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: slower });
  if (line) {
    const bytesPerS = line.bitsPerS / 8;
    await cdp.send('Network.enable');
    const throughput = { downloadThroughput: bytesPerS, uploadThroughput: bytesPerS / 2 };
    await cdp.send('Network.emulateNetworkConditions', { offline: false, latency: line.latencyMs, ...throughput });
  }
  await page.addInitScript(WATCH);
  await page.goto(address);
  const ms = await until(() => page.evaluate<number | undefined>('globalThis.thereMs'));
  await page.close();
  return ms;
}

/** Visits once, and stays until the service worker has all that it keeps. */
async function install(context: BrowserContext, address: string): Promise<void> {
  const page = await context.newPage();
  await page.goto(address);
  await until(() => page.evaluate<boolean>(IS_KEPT));
  await page.close();
}

interface Times {
  first: number[];
  second: number[];
}

/** A first visit and a second one out of the service worker, in turns with those of the empty page. */
async function measured(browser: Browser, device: Device, addresses: Record<Place, string>): Promise<Record<Place, Times>> {
  const times: Record<Place, Times> = { ours: { first: [], second: [] }, empty: { first: [], second: [] } };
  for (let round = 0; round < ROUNDS; round++)
    for (const place of ['ours', 'empty'] as const) {
      const { viewport } = DEVICES[device];
      const fresh = await browser.newContext({ viewport, serviceWorkers: 'block' });
      times[place].first.push(await visitMs(fresh, addresses[place], device));
      await fresh.close();
      const returning = await browser.newContext({ viewport });
      await install(returning, addresses[place]);
      times[place].second.push(await visitMs(returning, addresses[place], device));
      await returning.close();
    }
  return times;
}

const spread = (list: readonly number[]): string =>
  `${quantile(list, 0.5).toFixed(0)} ms (${quantile(list, 0).toFixed(0)} to ${quantile(list, 1).toFixed(0)})`;

/** Our first verdict as multiples of the empty page, and both with their spread over the rounds: how noisy it was. */
export async function visitRows(browser: Browser): Promise<Row[]> {
  return served(PLACES.ours.port, PLACES.ours.dir, (ours) =>
    served(PLACES.empty.port, PLACES.empty.dir, async (empty) => {
      const rows: Row[] = [];
      for (const device of Object.keys(DEVICES) as Device[]) {
        const times = await measured(browser, device, { ours: `${ours}carry`, empty });
        for (const visit of ['first', 'second'] as const) {
          const [own, other] = [times.ours[visit], times.empty[visit]];
          const what = `${visit} visit on ${DEVICES[device].on}${visit === 'second' ? ', from the service worker' : ''}`;
          const ratio = quantile(own, 0.5) / quantile(other, 0.5);
          const recorded = RECORDED[`${device} ${visit}`];
          rows.push(
            under(`${what}: first verdict over an empty Angular page`, ratio, +(recorded * HELD_WITHIN).toFixed(2), 'times', 2),
            told(`… first verdict; the empty page; each the median of ${ROUNDS} in turns`, `${spread(own)}; ${spread(other)}`),
          );
        }
      }
      return rows;
    }),
  );
}
