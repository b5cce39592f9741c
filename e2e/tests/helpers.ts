import type { AxeResults, RunOptions } from 'axe-core';
import { DEMO_TRIP } from '@tinder/core/demo';
import { planTrip } from '@tinder/core/planning/plan';
import { carryOfDay } from '@tinder/core/planning/planned';
import { expect, test as base, type Locator, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';

/**
 * What the browser says of things the tests themselves hold back (service workers, and files that are not to come), and of a machine that is
 * too busy to draw with a font for some seconds: `first-visit.spec.ts` sees to it that every font asked for early is used.
 */
const ON_PURPOSE = ['Service Worker registration blocked', 'Failed to load resource: net::ERR_FAILED', 'was preloaded using link preload'];

/** A page that fails its test on anything written to the console. */
export const test = base.extend<{ page: Page }>({
  page: async ({ page }, use) => {
    const said: string[] = [];
    page.on('console', (m) => {
      if (!ON_PURPOSE.some((words) => m.text().includes(words))) said.push(`${m.type()}: ${m.text()}`);
    });
    page.on('pageerror', (e) => said.push(`error: ${e.message}`));
    // who tests has been here before; the start has tests of its own
    await page.addInitScript(() => localStorage.setItem('has-started', 'true'));
    await use(page);
    expect(said, 'the console stays silent').toEqual([]);
  },
});
export { expect };

/** The demo's first carry as the core has it, and its expected demand in whole grams. */
export const FIRST_CARRY = carryOfDay(planTrip(DEMO_TRIP), 1);
export const DEMAND_G = Math.round(FIRST_CARRY.demandG);
export const demandFigure = new RegExp(`^${DEMAND_G} g`);

export const SIZES = [
  { name: 'desk', width: 1280, height: 800 },
  { name: 'phone', width: 390, height: 844 },
] as const;

/** The one rule that asks for colours. */
const CONTRAST = 'color-contrast';
const ONLY_CONTRAST: RunOptions = { runOnly: [CONTRAST] };
const BUT_CONTRAST: RunOptions = { rules: { [CONTRAST]: { enabled: false } } };
/** A wide desk, where more stands side by side. */
const WIDE = { name: 'wide desk', width: 1920, height: 1080 } as const;

export async function open(page: Page, path = '/carry'): Promise<void> {
  await page.goto(path);
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText(/Leave Nettle Hut|Day \d+: /); // on Walk it speaks of the walk
  await expect(page.locator('main h1')).toBeAttached();
  // what stands below the fold comes when the page is idle
  await expect(page.locator('.coming')).toHaveCount(0);
}

/** Chooses something in the menu under a button; the menu before has to be gone first. */
export async function fromMenu(page: Page, button: string, item: string): Promise<void> {
  await expect(page.getByRole('menu')).toHaveCount(0);
  await page.getByRole('button', { name: button, exact: true }).click();
  await page.getByRole('menuitem', { name: item, exact: true }).click();
}

/** Chooses something in the menu of the trip that is open. */
export async function fromTripMenu(page: Page, item: string): Promise<void> {
  await page.getByRole('button', { name: /^Trips, open/ }).click();
  await page.getByRole('menuitem', { name: item, exact: true }).click();
}
export const verdict = (page: Page) => page.getByRole('region', { name: 'Verdict' });
/** Waits for the word beside the dot of the side bar, once it has had a frame to tell of the last edit. */
export async function saved(page: Page): Promise<void> {
  await page.evaluate(() => new Promise((told) => requestAnimationFrame(() => setTimeout(told))));
  await expect(page.locator('.saved')).toHaveText('Saved');
}
export const loadout = (page: Page) => page.locator('app-answer-column');
/** What leaves the stop, as it is drawn: the column has other lists as well. */
export const containers = (page: Page) => loadout(page).getByRole('list', { name: 'Containers' }).getByRole('listitem');

/** What stands under “What if”, in tabs of its own. */
const STUDIES = ['Cases', 'Other lengths', 'Weight and risk'];

/** Turns to a side of the view. */
export async function turnTo(page: Page, side: string): Promise<void> {
  if (STUDIES.includes(side)) await page.getByRole('tab', { name: 'What if', exact: true }).click();
  await page.getByRole('tab', { name: side, exact: true }).click();
  // another side comes when it is turned to
  await expect(page.getByRole('tabpanel').last().locator('> *').first()).toBeAttached();
}

/** All of a name, whether or not it begins with a capital: screens write it so where data begin it. */
export const named = (words: string): RegExp => new RegExp(`^\\s*${words.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}\\s*$`, 'i');

/** The list to pick from that is named so. */
export const list = (within: Page | Locator, name: string) => within.getByRole('combobox', { name: named(name) });

/** The options of the list that is open. */
export const options = (page: Page) => page.locator('.cdk-overlay-container').getByRole('option');

/** The box that such a list is in, for a pointer: it lies over the field. */
export const box = (of: Locator) => of.locator('xpath=ancestor::nz-select');

/** Picks in a list by the words of an option; a long list draws only what is seen of it. */
export async function pick(of: Locator, words: string | RegExp): Promise<void> {
  await box(of).click();
  const option = options(of.page()).and(of.page().getByRole('option', { name: words, exact: true }));
  await expect(of).toHaveAttribute('aria-expanded', 'true');
  for (let i = 0; i < 60 && !(await option.isVisible()); i++) await of.press('ArrowDown');
  await option.click();
}

/** Opens the finer points under these words. */
export const unfold = (page: Page, words: string) => page.locator('summary', { hasText: words }).click();

/** The number in "122 g" beside a term of the load-out. */
export async function grams(page: Page, term: string): Promise<number> {
  const text = await loadout(page).locator('dt', { hasText: term }).locator('xpath=following-sibling::dd[1]').innerText();
  return Number(/[\d,]+/.exec(text)?.[0].replace(',', ''));
}

/** Brings a trip in from a file and waits until it is planned. */
export async function importTrip(page: Page, text: string): Promise<void> {
  await page
    .getByLabel('Trip, rack or backup file to import')
    .setInputFiles({ name: 'trip.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  await expect(page.getByText(/trip\.json: .* is open/)).toBeVisible();
}

/** Types into a quantity field and takes it with Enter. */
export async function type(page: Page, label: string, text: string): Promise<void> {
  const field = page.getByRole('textbox', { name: named(label) });
  await field.fill(text);
  await field.press('Enter');
}

declare const axe: { run: (within: Document | string, options: RunOptions) => Promise<AxeResults> };
const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/** The whole page, or only the part of it that has changed since it was looked at as a whole; once it stands. */
async function expectNoViolations(page: Page, within?: string, options: RunOptions = {}): Promise<void> {
  if (within) await expect(page.locator(within).first()).toBeAttached();
  await standing(page);
  // read once a page: reading takes as long as all rules but that of colours
  if (!(await page.evaluate(() => 'axe' in globalThis))) await page.evaluate(AXE);
  const violations = await page.evaluate(async ([on, how]) => (await axe.run(on ?? document, how)).violations, [
    within,
    { ...options, resultTypes: ['violations'] },
  ] as [string | undefined, RunOptions]);
  expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)).toEqual([]);
}

/** No violations and nothing beyond the edge, on a desk, a phone and a wide desk, and no faint words by headlamp: one page is resized, what it has worked out stays. */
export async function expectFits(page: Page, within?: string): Promise<void> {
  for (const { name, width, height } of [...SIZES, WIDE]) {
    await page.setViewportSize({ width, height });
    // colours are the same at every size, and take the longest to judge
    await expectNoViolations(page, within, name === 'desk' ? {} : BUT_CONTRAST);
    expect(await page.evaluate(() => document.documentElement.scrollWidth <= innerWidth), `fits the ${name}`).toBe(true);
  }
  await byHeadlamp(page, () => expectNoViolations(page, within, ONLY_CONTRAST));
}

/** Looks at the page in the other theme, which changes nothing but colours, without an edit. */
async function byHeadlamp(page: Page, look: () => Promise<void>): Promise<void> {
  const set = (theme: string) => page.evaluate((t) => (document.documentElement.dataset['theme'] = t), theme);
  const was = await page.evaluate(() => document.documentElement.dataset['theme'] ?? 'day');
  await set('headlamp');
  await look();
  await set(was);
}

/** Another theme changes nothing but colours. */
export const expectContrast = (page: Page): Promise<void> => expectNoViolations(page, undefined, ONLY_CONTRAST);

/** An open drawer. */
export const DIALOG = '[role=dialog]';

/** Waits until nothing on the page moves: contrast is judged when a drawer stands. */
export async function standing(page: Page): Promise<void> {
  await page.waitForFunction(() => document.getAnimations().every((a) => a.playState !== 'running'));
}

interface Shift {
  value: number;
  of: string[];
}
/** Notes what moves on the page without being asked to, from its first moment on. */
export const watchShifts = (page: Page): Promise<unknown> =>
  page.addInitScript(() => {
    const shifts: Shift[] = [];
    Object.assign(globalThis, { shifts });
    new PerformanceObserver((list) => {
      for (const e of list.getEntries() as (PerformanceEntry & { value: number; hadRecentInput: boolean; sources: { node?: Node }[] })[])
        if (!e.hadRecentInput)
          shifts.push({
            value: e.value,
            of: e.sources.map(({ node }) => (node instanceof Element ? node.tagName + '.' + node.className : (node?.textContent ?? ''))),
          });
    }).observe({ type: 'layout-shift', buffered: true });
  });

/** Nothing to speak of has moved. */
export async function expectStill(page: Page, what: string, most = 0.01): Promise<void> {
  const shifts = await page.evaluate(() => (globalThis as unknown as { shifts: Shift[] }).shifts);
  expect(
    shifts.reduce((sum, e) => sum + e.value, 0),
    `${what}: ${JSON.stringify(shifts)}`,
  ).toBeLessThanOrEqual(most);
}
