// What is asked of the built app, in a browser.
import type { Browser } from '@playwright/test';
import { DEMO_TRIP } from '@tinder/core/demo';
import { answeredMs, askedInWorker, heapOverEdits, heavyEdits } from './browser';
import { edited, fresh } from './edits';
import { halfAYear } from './heavy-demo';
import { quantile } from './numbers';
import { told, under, type Row } from './rows';
import { medianOf, samples } from './samples';

const EDITS = 15;
const VIEWS = ['carry', 'trail', 'kit', 'menu', 'pack', 'walk', 'bench', 'shelf'];
/** A plan asked for by the page, in the worker that it would ask. */
export async function planWorkerRows(browser: Browser, address: string): Promise<Row[]> {
  const page = await browser.newPage();
  await page.goto(address);
  const long = halfAYear();
  const demoMs = await askedInWorker(page, DEMO_TRIP);
  const demo = await samples(200, (i) => demoMs(edited(DEMO_TRIP, i)));
  const longMs = await askedInWorker(page, long);
  const anew = await medianOf(20, (i) => longMs(fresh(long, i)));
  await longMs(long);
  const edit = await medianOf(20, (i) => longMs(edited(long, i)));
  await page.close();
  return [
    under('demo plan, edit of one day, to the browser’s worker and back, median', quantile(demo, 0.5), 4, 'ms', 1),
    under('the same, 95th percentile', quantile(demo, 0.95), 8, 'ms', 1),
    under('200 days, 60 stops, planned from nothing, to the browser’s worker and back, median', anew, 120, 'ms'),
    under('200 days, edit of one day, to the browser’s worker and back, median', edit, 50, 'ms'),
  ];
}

/** What the walker waits for: from the key until the plan is painted. */
export async function paintedRows(browser: Browser, address: string): Promise<Row[]> {
  const edits = await heavyEdits(browser, address);
  const typedMs = await medianOf(EDITS, edits.typedMs);
  const inViews: number[] = [];
  for (const view of VIEWS) inViews.push(await medianOf(EDITS, await edits.turnedTo(view)));
  await edits.close();
  return [
    under('200 days, air typed for the days of a carry on Carry, until the plan is painted, median', typedMs, 50, 'ms'),
    under('the same undone and done again, in the slowest view, median', Math.max(...inViews), 50, 'ms'),
    told('… view by view', VIEWS.map((view, i) => `${view} ${inViews[i].toFixed(0)} ms`).join(', ')),
  ];
}

/** What a walker waits for after half a year was imported. */
export async function answeredRows(browser: Browser, address: string): Promise<Row[]> {
  const rows: Row[] = [];
  for (const view of VIEWS) {
    const ms = await answeredMs(browser, address, view);
    rows.push(under(`200 days imported, until the last panel of ${view} has its answer`, ms / 1000, 3, 's', 1));
  }
  return rows;
}

export async function heapRows(browser: Browser, address: string): Promise<Row[]> {
  const [first, last] = await heapOverEdits(browser, address, [60, 600]);
  return [
    under('heap of the page after 600 edits of the heavy demo', last, 60, 'MB'),
    under('… grown since the 60th', last - first, 10, 'MB'),
  ];
}
