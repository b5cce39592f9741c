import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { containers, expect, expectFits, list, loadout, open, pick, saved, test, turnTo, type, unfold, verdict } from './helpers';

const SIDES = ['Containers', 'For this trip', 'Combine leftovers', 'Later trips'] as const;
const PANELS = [undefined, 'app-for-trip-panel', 'app-join-panel', 'app-season-panel'] as const;

const card = (page: Page) => page.locator('app-container-card');
const can = (page: Page, name: RegExp) => page.getByRole('button', { name });
const shown = (page: Page) => card(page).locator('.big');
const way = (page: Page) => list(page, 'How the reading is taken');
const onTrip = (page: Page, name: string) => page.getByRole('combobox', { name: `${name} on this trip` });
async function say(page: Page, words: string): Promise<void> {
  const field = page.getByRole('textbox', { name: /Put one on the shelf/ });
  const add = page.getByRole('button', { name: 'Add container' });
  if ((await add.getAttribute('aria-expanded')) === 'false') await add.click();
  await field.fill(words);
  await field.press('Enter');
}

test('every side of the shelf answers without violations and fits', async ({ page }) => {
  await open(page, '/shelf');
  for (const name of SIDES) {
    await turnTo(page, name);
    if (name === 'Containers') await unfold(page, 'How it is done');
    if (name === 'For this trip') await expect(page.locator('app-for-trip-panel')).toContainText('lighter on average');
    if (name === 'Combine leftovers') await page.getByRole('button', { name: /I have read this/ }).click();
    if (name === 'Later trips') await expect(page.locator('app-season-panel')).toContainText('if the shelf were empty');
    await expectFits(page, PANELS[SIDES.indexOf(name)]);
  }
});

test('a canister is put there as it is said, bad words say what to do, and it is there after a reload', async ({ page }) => {
  await open(page, '/shelf');
  await say(page, '230 g canister, weighs 293 stone');
  await expect(page.getByRole('alert')).toContainText('“293 stone” was not read');
  await say(page, '230 g canister, weighs 93 g');
  await expect(page.getByRole('alert')).toContainText('less than the empty container');
  await say(page, '100 g canister, empty 99 g, weighs 139 g');
  await expect(card(page)).toContainText('left, ± 1 g, 40 % full');
  await expect(page.getByRole('alert')).toHaveCount(0);
  // drawn to two fifths: the fuel begins below the middle of the can
  const [fuel, outline] = [card(page).locator('rect.fuel'), card(page).locator('path.outline')];
  const [top, whole] = [await fuel.getAttribute('y'), await outline.boundingBox()];
  expect(Number(top)).toBeGreaterThan(60);
  expect(whole?.height).toBeGreaterThan(40);
  await saved(page);
  await page.reload();
  await expect(can(page, /^100 g canister, canister: 40 g left/)).toBeVisible();
  await page.keyboard.press('Control+z'); // nothing to undo after a reload: it stays
  await expect(can(page, /^100 g canister, canister/)).toBeVisible();
});

test('looks are guided, tried before they are written down, fused, and asked about where they disagree', async ({ page }) => {
  await open(page, '/shelf');
  await can(page, /^the one from the ridge/i).click();
  const guide = page.locator('app-look-guide');
  await guide.getByRole('button', { name: 'Read the scale (simulated)' }).click();
  await expect(guide).toContainText('Then: 90 g left');
  await type(page, 'The scale shows', '140 g');
  await expect(guide.getByRole('alert')).toContainText('less than the empty container');
  await expect(guide.getByRole('button', { name: 'Save reading' })).toBeEnabled();
  await guide.getByRole('button', { name: 'Save reading' }).click();
  await expect(shown(page)).toHaveText('90 g'); // nothing was lost, nothing taken
  // a pole that says 30 g less, though nobody used it
  await pick(way(page), 'Balance it on a pole');
  await type(page, 'from the cord to the canister', '500 mm');
  await type(page, 'from the cord to the bottle', '205 mm');
  await guide.getByRole('checkbox', { name: /Used since the last/ }).uncheck();
  await expect(guide).toContainText('you will be asked');
  await guide.getByRole('button', { name: 'Save reading' }).click();
  await expect(card(page).getByRole('alert')).toContainText('less than the ones before it');
  await card(page).getByRole('button', { name: 'It was used or leaked' }).click();
  await expect(card(page).getByRole('alert')).toHaveCount(0);
  await expect(shown(page)).toHaveText('55 g'); // 500 · 205 / 500 less 150
  await page.keyboard.press('Control+z');
  await expect(card(page).getByRole('alert')).toContainText('less than the ones before it');
  await card(page).getByRole('button', { name: 'Leave that reading out' }).click();
  await expect(shown(page)).toHaveText('90 g');
});

test('a half can goes along, the verdict names it, and after the trip it is back as it is', async ({ page }) => {
  await open(page, '/shelf');
  await turnTo(page, 'For this trip');
  await pick(onTrip(page, 'the one from the ridge'), 'from Nettle Hut on');
  await expect(verdict(page)).toContainText('the 230 g canister with 90 g left and one 100 g canister');
  await expect(page.locator('app-for-trip-panel')).toContainText(/230 g canister, 90\sg in it \(the one from the ridge\) on day/);
  await page.getByRole('link', { name: 'Carry', exact: true }).click();
  await expect(containers(page)).toHaveCount(2);
  await unfold(page, 'Average weight, stove time');
  await expect(loadout(page)).toContainText('From the shelf: 230 g canister');
  await page.getByRole('link', { name: 'Trail', exact: true }).click();
  await expect(page.getByRole('tab', { name: 'Days and stop' })).toBeVisible();
  await unfold(page, 'Average weight, stove time');
  await expect(loadout(page)).toContainText('From the shelf: 230 g canister');
  // weighed again, the trip knows it at once
  await page.getByRole('link', { name: 'Shelf', exact: true }).click();
  await can(page, /^the one from the ridge/i).click();
  await type(page, 'The scale shows', '230 g');
  await page.getByRole('button', { name: 'Save reading' }).click();
  await expect(verdict(page)).toContainText('the 230 g canister with 80 g left');
  await turnTo(page, 'For this trip');
  await page.getByRole('button', { name: 'The trip is done: put back what is left' }).click();
  await expect(verdict(page)).toContainText('two 100 g canisters');
  await turnTo(page, 'Containers');
  await expect(can(page, /^canister from Vesper Divide/i)).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(can(page, /^canister from Vesper Divide/i)).toHaveCount(0);
  await expect(can(page, /^the one from the ridge, canister: 80 g left/i)).toBeVisible();
});

test('a size that a look speaks against is refused in the card, with the look', async ({ page }) => {
  await open(page, '/shelf');
  await can(page, /^the one from the ridge/i).click();
  await card(page).getByText('Size, price, where it was used').click();
  await type(page, 'The empty container', '300 g');
  await expect(card(page).getByRole('alert')).toContainText('does not fit the reading of Aug 9, 2026');
  await expect(shown(page)).toHaveText('90 g');
});

test('another tab follows, and the shelf goes out and in as CSV and JSON', async ({ context, page }) => {
  await open(page, '/shelf');
  const other = await context.newPage();
  await open(other, '/shelf');
  await say(page, '9 tablets of 14 g');
  await expect(can(other, /^9 tablets of 14 g, tablets: 126 g left/)).toBeVisible();
  await page.getByText('Files: the shelf as CSV and JSON').click();
  const file = async (name: string): Promise<string> => {
    const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name }).click()]);
    return await download.path();
  };
  const [csv, json] = [await file('The shelf, CSV'), await file('The shelf, JSON')];
  expect(await readFile(csv, 'utf8')).toContain('9 tablets of 14 g');
  await can(page, /^9 tablets of 14 g/).click();
  await card(page).getByRole('button', { name: 'Remove from the shelf' }).click();
  await expect(can(page, /^9 tablets of 14 g/)).toHaveCount(0);
  await page.getByLabel('CSV file of containers').setInputFiles(csv);
  await page.getByRole('button', { name: 'Take the 10 good containers' }).click();
  await expect(can(page, /^9 tablets of 14 g/)).toHaveCount(1);
  await page.keyboard.press('Control+z');
  await expect(can(page, /^9 tablets of 14 g/)).toHaveCount(0);
  await page.getByLabel('Trip, rack or backup file to import').setInputFiles(json);
  await expect(can(page, /^9 tablets of 14 g/)).toHaveCount(1);
  await expect(page.getByText(/its containers stand on the shelf/)).toBeVisible();
});

test('at the cupboard with a phone: a water line is marked and read by thumb', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await open(page, '/shelf');
  await can(page, /^new, for the winter/i).click();
  await expect(card(page).getByRole('textbox', { name: 'What it is called' })).toBeInViewport();
  const guide = page.locator('app-look-guide');
  await pick(way(page), 'Mark its water line');
  await guide.getByRole('button', { name: 'Save reading' }).click();
  await pick(way(page), 'Read its mark');
  await type(page, 'the mark has risen by', '10 mm');
  await guide.getByRole('checkbox', { name: /Used since the last/ }).check();
  await guide.getByRole('button', { name: 'Save reading' }).click();
  // 10 mm of a can of 110 mm are 95.0 g
  await expect(card(page)).toContainText(/13[3-5]\sgleft, ± 10\sg/);
});
