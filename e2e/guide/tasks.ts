import { expect, type Page } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import { list, named, pick, turnTo, type, unfold } from '../tests/helpers';
import { settled } from '../tests/looks';

const goTo = async (page: Page, view: string, side?: string): Promise<void> => {
  await page.getByRole('link', { name: view, exact: true }).click();
  if (side) await turnTo(page, side);
};
const choose = (page: Page, group: string | RegExp, label: string) =>
  page.getByRole('radiogroup', { name: group }).getByText(named(label)).click();

/** Marks days on the ribbon of Trail by hand. */
export async function brush(page: Page, from: number, to: number): Promise<void> {
  const box = await page.locator('svg.ribbon').boundingBox();
  if (!box) throw new Error('no ribbon');
  const x = (day: number): number => box.x + (box.width * (day - 0.5)) / 23;
  await page.mouse.move(x(from), box.y + 120);
  await page.mouse.down();
  await page.mouse.move(x(to), box.y + 120, { steps: 4 });
  await page.mouse.up();
}

/** The steps of every task of docs/guide, by its id, from Carry of the demo; the tests follow them and the pictures are taken where they end. */
export const TASKS: Record<string, (page: Page) => Promise<void>> = {
  'a-trip-from-answers': async (page) => {
    await page.keyboard.press('n');
    await type(page, 'Nights', '4');
    await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('for 4 nights');
  },
  'along-a-track': async (page) => {
    await page.keyboard.press('m');
    const buffer = Buffer.from(await readFile('../docs/formats/examples/ridge.gpx', 'utf8'));
    await page.getByLabel('Track file').setInputFiles({ name: 'ridge.gpx', mimeType: 'application/gpx+xml', buffer });
    await expect(page.getByRole('button', { name: 'Create trip' })).toBeVisible();
  },
  'weigh-the-kit': async (page) => {
    await goTo(page, 'Kit', 'Build');
    await page.getByRole('button', { name: 'Paste weights' }).click();
    await page.getByLabel('Pieces with their weights').fill('tiny pot 2.1 oz\nlong spoon 14 g\nstring 4 g');
    await expect(page.locator('app-pieces-list')).toContainText('60 g');
    await page.getByLabel('Pieces with their weights').scrollIntoViewIfNeeded();
  },
  'find-a-kit': async (page) => {
    await page.keyboard.press('x');
    await page.getByRole('button', { name: 'Find', exact: true }).click();
    await expect(page.locator('app-finder-schools').getByRole('listitem').last()).toContainText('less than the best', { timeout: 60_000 });
  },
  'half-a-canister': async (page) => {
    await goTo(page, 'Shelf', 'Containers');
    await page.getByRole('button', { name: 'Add container' }).click();
    const said = page.getByRole('textbox', { name: /^put one on the shelf/i });
    await said.fill('230 g canister, weighs 293 g');
    await said.press('Enter');
    await expect(page.locator('app-container-card')).toContainText('left, ±');
  },
  'no-scale': async (page) => {
    await goTo(page, 'Shelf', 'Containers');
    await page.getByRole('button', { name: /^garden tests/i }).click();
    const guide = page.locator('app-look-guide');
    await pick(list(page, 'How the reading is taken'), 'Balance it on a pole');
    await type(page, 'from the cord to the canister', '500 mm');
    await type(page, 'from the cord to the bottle', '262 mm');
    await guide.getByRole('checkbox').uncheck();
    await expect(guide).toContainText('Then:');
  },
  'a-cold-night': async (page) => {
    await goTo(page, 'Trail', 'Days and stop');
    await brush(page, 18, 19);
    await unfold(page, 'Several days at once');
    await type(page, 'at breakfast, typed', '-14');
    await settled(page);
  },
  'snow-for-water': async (page) => {
    await choose(page, 'Water', 'Snow');
    await settled(page);
  },
  'a-windy-camp': async (page) => {
    await goTo(page, 'Menu', 'What habits cost');
    await expect(page.getByRole('button', { name: /no windscreen/ })).toBeVisible();
    await settled(page);
  },
  'a-ban': async (page) => {
    await goTo(page, 'Trail', 'Stops and legs');
    await page.getByLabel('Flame between Nettle Hut and Harrow Junction').selectOption('noFlame');
    await settled(page);
  },
  'alcohol-on-one-leg': async (page) => {
    await turnTo(page, 'All legs');
    await expect(page.getByRole('button', { name: /^carry .* on this leg/i }).first()).toBeVisible({ timeout: 30_000 });
    await settled(page);
    await page.getByRole('heading', { name: 'A different kit on some legs' }).scrollIntoViewIfNeeded();
  },
  'thin-spirit': async (page) => {
    await pick(list(page, 'Stove'), /^Open-jet alcohol stove/);
    await unfold(page, 'A closer look');
    await choose(page, 'Subject of the closer look', 'dose');
    await expect(page.locator('app-dose-panel svg').first()).toBeVisible();
    await settled(page);
    await page.locator('app-closer-look').scrollIntoViewIfNeeded();
  },
  'test-a-windscreen': async (page) => {
    await goTo(page, 'Bench', 'A or B');
    await expect(page.locator('app-answers-panel')).toContainText('g');
    await settled(page);
  },
  'a-stove-of-your-own': async (page) => {
    await goTo(page, 'Bench', 'Your stove');
    await expect(page.locator('app-reserve-panel')).toContainText('less reserve for the same run-out risk');
    await settled(page);
  },
  'what-a-habit-costs': async (page) => {
    await goTo(page, 'Menu', 'What habits cost');
    await page.getByRole('button', { name: 'The best together' }).scrollIntoViewIfNeeded();
    await settled(page);
  },
  'a-dish-of-your-own': async (page) => {
    await goTo(page, 'Menu', 'Dishes');
    await expect(page.locator('app-dish-card')).toContainText('Ways to done');
    await settled(page);
  },
  'a-tight-leg': async (page) => {
    await turnTo(page, 'Cases');
    await expect(page.locator('app-what-if-panel')).toContainText('Fuel need, all legs');
    await settled(page);
  },
  'spend-what-is-over': async (page) => {
    await turnTo(page, 'Shopping');
    await expect(page.getByText(/of fuel are spare on this leg/)).toBeVisible({ timeout: 30_000 });
    await settled(page);
  },
  'on-paper': async (page) => {
    await goTo(page, 'Pack', 'Stove card');
    await expect(page.locator('app-card-panel')).toContainText('Start saving fuel', { timeout: 30_000 });
    await settled(page);
  },
  tonight: async (page) => {
    await goTo(page, 'Walk', 'Today');
    await expect(page.locator('app-today-panel ol')).toBeVisible();
    await settled(page);
  },
};
