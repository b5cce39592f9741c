import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect, expectFits, list, open, pick, saved, test, turnTo, type, unfold, verdict } from './helpers';
import { ownServer } from './own-server';

const SIDES = ['Your stove', 'Test', 'A or B', 'Cooling', 'Claims'] as const;
const runner = (page: Page) => page.locator('app-runner');
const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).click();

/** Begins a burn in the simulated garden, its clock at sixty times ours, and weighs the can. */
async function lightInGarden(page: Page): Promise<void> {
  await turnTo(page, 'Test');
  await page.getByRole('radiogroup', { name: 'Burnt', exact: true }).getByText('in the simulated garden').click();
  await page.getByRole('radiogroup', { name: 'The garden’s clock goes' }).getByText('60 times').click();
  await press(page, 'Start');
  await press(page, 'Use this reading');
  await press(page, /start the watch/);
}

async function burnToTheEnd(page: Page): Promise<void> {
  await expect(runner(page)).toContainText('rolling', { timeout: 60_000 });
  await press(page, /it boils/);
  await press(page, 'Use this reading');
  await press(page, 'Save weight');
  await press(page, 'Save test');
}

test('every side of the bench answers without violations and fits', async ({ page }) => {
  await open(page, '/bench');
  for (const name of SIDES) {
    await turnTo(page, name);
    if (name === 'Test') await expect(page.locator('app-which-panel')).toContainText('in a wind of 3 m/s');
    if (name === 'Your stove') await expect(page.locator('app-reserve-panel')).toContainText('less reserve for the same run-out risk');
    if (name === 'Claims') await expect(page.locator('app-claims-panel')).toContainText('too small to see');
    await expectFits(page, name === 'Your stove' ? undefined : '#bench-side');
  }
});

test('a burn in the simulated garden becomes the stove that every plan runs on, and one undo takes it back', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await open(page, '/bench');
  await lightInGarden(page);
  await expect(runner(page)).toContainText('Simulated garden');
  await burnToTheEnd(page);
  await turnTo(page, 'Your stove');
  await pick(list(page, 'Stove and pot of'), /1 burn, simulated/);
  await expect(page.locator('app-burner-panel')).toContainText('yours, from 1 simulated burn');
  const before = await verdict(page).innerText();
  await press(page, 'Use your tests');
  await expect(verdict(page)).not.toHaveText(before);
  await expect(page.locator('app-burner-panel')).toContainText('In use: every plan, risk and card runs on it.');
  await page.getByText('Show what the simulated garden hid').click();
  await expect(page.locator('app-burner-panel')).toContainText(/truth [+−]\d+ %, found [+−]\d+ %/);
  await page.getByRole('link', { name: 'Carry', exact: true }).click();
  await expect(page.locator('app-kit-panel')).toContainText('The stove is yours, from 1 simulated burn');
  await page.keyboard.press('Control+z');
  await expect(page.locator('app-kit-panel')).not.toContainText('The stove is yours');
});

test('a burn goes on through a reload, is kept, and the other tab has it', async ({ page, context }) => {
  await open(page, '/bench');
  const other = await context.newPage();
  await open(other, '/bench');
  await unfold(other, 'While the canister empties');
  await turnTo(page, 'Test');
  await press(page, 'Start');
  await type(page, 'Weight before', '301');
  await press(page, /start the watch/);
  await page.reload();
  await expect(page.getByRole('timer')).toHaveText(/^0:\d[1-9]$/);
  await press(page, /it boils/);
  await type(page, 'Weight after', '305');
  await expect(page.getByRole('alert')).toContainText('It weighs more than before');
  await type(page, 'Weight after', '291.5');
  await press(page, 'Save weight');
  await press(page, 'Save test');
  await saved(page);
  await expect(other.getByRole('row', { name: /10\sg/ }).first()).toContainText('small canister stove');
  await turnTo(page, 'Your stove');
  await unfold(page, 'While the canister empties');
  await page.getByText('Files: the burns').click();
  const [file] = await Promise.all([page.waitForEvent('download'), press(page, 'Every burn, CSV')]);
  const lines = (await readFile(await file.path(), 'utf8')).trim().split('\r\n');
  expect(lines).toHaveLength(1 + 25);
  await other.close();
});

test('a logger’s file with commas for decimals is looked at, what is wrong is named by line, and it is taken', async ({ page }) => {
  await open(page, '/bench');
  await turnTo(page, 'Cooling');
  const choose = page.getByLabel('CSV file of a logger');
  await choose.setInputFiles({ name: 'one.csv', mimeType: 'text/csv', buffer: Buffer.from('12\n13\n') });
  await expect(page.getByRole('alert')).toContainText('only one column');
  const rows = Array.from({ length: 30 }, (_, i) => `${i * 60};${(12 + 82 * Math.exp(-i / 60)).toFixed(1).replace('.', ',')};3,1`);
  const text = ['Logger of mine', 'Time (s);Probe (°C);Batt (V)', ...rows, 'later;70,0;3,1'].join('\n');
  await choose.setInputFiles({ name: 'my pot.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  const intake = page.locator('app-logger-intake');
  await expect(intake.getByRole('status')).toContainText(/30 readings: 94\.0\s°C to \d+\.\d\s°C in 29\.0 min/);
  await expect(intake).toContainText('Line 33: “later” is no time.');
  await pick(list(page, 'Temperature'), 'Batt (V)');
  await expect(intake.getByRole('status')).toContainText(/3\.1\s°C to 3\.1\s°C/);
  await pick(list(page, 'Temperature'), 'Probe (°C)');
  await press(page, 'Take the curve');
  // by hand: 82 K fall by 1/e in 3,600 s; some 2,150 J/K of water and pot make 0.60 W/K
  await expect(page.getByRole('row', { name: /my pot/i })).toContainText('0.6');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('row', { name: /my pot/i })).toHaveCount(0);
});

test('the server goes in the middle of a burn, and the page goes on by itself', async ({ browser }) => {
  const { address, stop } = await ownServer(3112);
  const page = await browser.newPage({ serviceWorkers: 'block' });
  try {
    await page.goto(`${address}bench`);
    await expect(page.locator('app-burner-panel')).toBeVisible(); // its script is not kept for offline here
    await lightInGarden(page);
    await expect(runner(page)).toContainText(/\d\.\d\s°C/);
    await expect(runner(page)).not.toContainText('the server is gone');
  } finally {
    await stop();
  }
  await expect(runner(page)).toContainText('the server is gone, this page goes on by itself');
  await burnToTheEnd(page);
  await turnTo(page, 'Your stove');
  await unfold(page, 'While the canister empties');
  await expect(page.getByRole('row', { name: /simulated/i })).toHaveCount(1);
  await page.close();
});
