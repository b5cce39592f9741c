// How long a visit takes until its first verdict, and the way from “Look at the sample” to its verdict, beside pages that were built the same way:
// an empty one, and one with a button of NG-ZORRO. In turns.
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
  button: { dir: 'dist/button-page/browser', port: 3115 },
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

const ROUNDS = 7;
/** Ratios of the quickest visits, for what else the machine does only ever adds, are held within so much of what was recorded. */
const HELD_WITHIN = 1.15;
const RECORDED = JSON.parse(readFileSync(path.join(import.meta.dirname, 'recorded-visits.json'), 'utf8')) as Record<string, number>;

/** What is timed: from the address, or from the first button of the start page on, until the verdict, or all that a page to compare with has, is painted. */
const TIMED = {
  carry: { place: 'ours', path: 'carry', presses: false },
  sample: { place: 'ours', path: '', presses: true },
  empty: { place: 'empty', path: '', presses: false },
  button: { place: 'button', path: '', presses: false },
} as const satisfies Record<string, { place: Place; path: string; presses: boolean }>;
type Timed = keyof typeof TIMED;
/** Ours, what it is compared with, and how that is told. */
const COMPARED = [
  ['carry', 'empty', 'first verdict over an empty Angular page'],
  ['sample', 'button', 'from “Look at the sample” to its verdict over a page with one button of NG-ZORRO'],
] as const satisfies readonly (readonly [Timed, Timed, string])[];

/** In the page, as text, so that no build step rewrites it: presses where that is timed, and notes when what is waited for is painted. */
const watch = (presses: boolean): string => `(() => {
  let sinceMs = ${presses ? 'undefined' : '0'};
  const isThere = () =>
    /Leave .* with/.test(document.querySelector('app-verdict-line')?.textContent ?? '') || document.querySelector('.there') !== null;
  const look = () => {
    if (sinceMs === undefined) {
      const button = document.querySelector('app-start-view button');
      if (button) {
        sinceMs = performance.now();
        button.click();
      }
    } else if (isThere()) {
      globalThis.thereMs = performance.now() - sinceMs;
      return;
    }
    requestAnimationFrame(look);
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

/** What is timed of one visit, ms. */
async function visitMs(context: BrowserContext, address: string, presses: boolean, device: Device): Promise<number> {
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
  await page.addInitScript(watch(presses));
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

/** First visits and second ones out of the service worker, each in turns with all others. */
async function measured(browser: Browser, device: Device, addresses: Record<Place, string>): Promise<Record<Timed, Times>> {
  const all = Object.keys(TIMED) as Timed[];
  const times = Object.fromEntries(all.map((of): [string, Times] => [of, { first: [], second: [] }])) as Record<Timed, Times>;
  for (let round = 0; round < ROUNDS; round++)
    for (const of of all) {
      const { viewport } = DEVICES[device];
      const { place, path, presses } = TIMED[of];
      const address = addresses[place] + path;
      const fresh = await browser.newContext({ viewport, serviceWorkers: 'block' });
      times[of].first.push(await visitMs(fresh, address, presses, device));
      await fresh.close();
      const returning = await browser.newContext({ viewport });
      await install(returning, address);
      times[of].second.push(await visitMs(returning, address, presses, device));
      await returning.close();
    }
  return times;
}

const spread = (list: readonly number[]): string =>
  `${quantile(list, 0.5).toFixed(0)} ms (${quantile(list, 0).toFixed(0)} to ${quantile(list, 1).toFixed(0)})`;

/** Each place served on a port of its own while `work` runs. */
const allServed = <T>(work: (addresses: Record<Place, string>) => Promise<T>): Promise<T> =>
  served(PLACES.ours.port, PLACES.ours.dir, (ours) =>
    served(PLACES.empty.port, PLACES.empty.dir, (empty) =>
      served(PLACES.button.port, PLACES.button.dir, (button) => work({ ours, empty, button })),
    ),
  );

/** Ours as multiples of the pages to compare with, and all with their spread over the rounds: how noisy it was. */
export async function visitRows(browser: Browser): Promise<Row[]> {
  return allServed(async (addresses) => {
    const rows: Row[] = [];
    for (const device of Object.keys(DEVICES) as Device[]) {
      const times = await measured(browser, device, addresses);
      for (const visit of ['first', 'second'] as const)
        for (const [ours, other, words] of COMPARED) {
          const [own, compared] = [times[ours][visit], times[other][visit]];
          const what = `${visit} visit on ${DEVICES[device].on}${visit === 'second' ? ', from the service worker' : ''}`;
          const ratio = quantile(own, 0) / quantile(compared, 0);
          const recorded = RECORDED[`${ours} ${device} ${visit}`];
          rows.push(
            under(`${what}: ${words}`, ratio, +(recorded * HELD_WITHIN).toFixed(2), 'times', 2),
            told(
              `… ours; the page compared with; medians of ${ROUNDS} in turns (the quickest is compared)`,
              `${spread(own)}; ${spread(compared)}`,
            ),
          );
        }
    }
    return rows;
  });
}
