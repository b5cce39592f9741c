// What is asked of the built app, in a browser.
import type { Browser } from '@playwright/test';
import { DEMO_TRIP } from '@tinder/core/demo';
import { askedInWorker, firstVisit, heapOverEdits, heavyEdits, type FirstVisit } from './browser';
import type { Calm } from './calm';
import { edited, fresh } from './edits';
import { halfAYear } from './heavy-demo';
import { quantile } from './numbers';
import { told, under, type Row } from './rows';

const VISITS = 5;
const EDITS = 15;
const VIEWS = ['carry', 'trail', 'kit', 'menu', 'pack', 'walk', 'bench', 'shelf'];
const WANTED = {
  desk: { on: 'a desk', verdictMs: 800, heldMs: 150 },
  phone: { on: 'a phone, slowed six times, 1.6 Mbit/s and 150 ms', verdictMs: 3000, heldMs: 800 },
} as const;

/** A plan asked for by the page, in the worker that it would ask. */
export async function planWorkerRows(browser: Browser, address: string, calm: Calm): Promise<Row[]> {
  const page = await browser.newPage();
  await page.goto(address);
  const long = halfAYear();
  const demoMs = await askedInWorker(page, DEMO_TRIP);
  const demo = await calm.samples(200, (i) => demoMs(edited(DEMO_TRIP, i)));
  const longMs = await askedInWorker(page, long);
  const anew = await calm.medianMs(20, (i) => longMs(fresh(long, i)));
  await longMs(long);
  const edit = await calm.medianMs(20, (i) => longMs(edited(long, i)));
  await page.close();
  return [
    under('demo plan, edit of one day, to the browser’s worker and back, median', quantile(demo, 0.5), 4, 'ms', 1),
    under('the same, 95th percentile', quantile(demo, 0.95), 8, 'ms', 1),
    under('200 days, 60 stops, planned from nothing, to the browser’s worker and back, median', anew, 120, 'ms'),
    under('200 days, edit of one day, to the browser’s worker and back, median', edit, 50, 'ms'),
  ];
}

/** What the walker waits for: from the key until the plan is painted. */
export async function paintedRows(browser: Browser, address: string, calm: Calm): Promise<Row[]> {
  const edits = await heavyEdits(browser, address);
  const typedMs = await calm.medianMs(EDITS, edits.typedMs);
  const inViews: number[] = [];
  for (const view of VIEWS) inViews.push(await calm.medianMs(EDITS, await edits.turnedTo(view)));
  await edits.close();
  return [
    under('200 days, air typed for the days of a carry on Carry, until the plan is painted, median', typedMs, 50, 'ms'),
    under('the same undone and done again, in the slowest view, median', Math.max(...inViews), 50, 'ms'),
    told('… view by view', VIEWS.map((view, i) => `${view} ${inViews[i].toFixed(0)} ms`).join(', ')),
  ];
}

/** The median of some first visits. */
export async function visitRows(browser: Browser, address: string, kind: keyof typeof WANTED, calm: Calm): Promise<Row[]> {
  const visits = await calm.samples(VISITS, () => firstVisit(browser, address, kind));
  const median = (what: keyof FirstVisit): number =>
    quantile(
      visits.map((v) => v[what]),
      0.5,
    );
  const { on, verdictMs, heldMs } = WANTED[kind];
  return [
    under(`first visit on ${on}: first verdict`, median('verdictMs'), verdictMs, 'ms'),
    under('… the page held', median('heldMs'), heldMs, 'ms'),
    under(`… longest task, in the middle one of ${VISITS} visits`, median('longestMs'), 100, 'ms'),
    told('… first paint; loaded in all', `${median('paintMs').toFixed(0)} ms; ${median('kB').toFixed(0)} kB`),
  ];
}

export async function heapRows(browser: Browser, address: string): Promise<Row[]> {
  const [first, last] = await heapOverEdits(browser, address, [60, 600]);
  return [
    under('heap of the page after 600 edits of the heavy demo', last, 60, 'MB'),
    under('… grown since the 60th', last - first, 10, 'MB'),
  ];
}
