import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect, expectFits, list, open, pick, test, turnTo, type, verdict } from './helpers';

/** Whatever side of Carry is open, below ribbon and chart. */
const SIDE_PANELS = '#carry-side';

/** What the kit in use comes to in the demo. */
const OWN_590 = 'small canister stove, average weight: 590 g';

/** The row of a table that begins with these words. */
const row = (page: Page, words: string) => page.getByRole('row').filter({ has: page.getByRole('rowheader', { name: words, exact: true }) });
/** The row of what leaves a stop: the conditions of the leg have one of that name too. */
const loads = (page: Page, words: string) => row(page, words).filter({ hasNot: page.getByRole('textbox') });

test('every side of Carry answers without violations and fits', async ({ page }) => {
  await open(page, '/carry');
  const answered: [string, RegExp][] = [
    ['All legs', /\d+\sg heavier/],
    ['Shopping', /With nothing bought here/],
    ['Other lengths', /Lightest on an average day/],
    ['Weight and risk', /From light to safe/],
    ['Cases', /planned fuel falls short/],
  ];
  for (const [name, words] of answered) {
    await turnTo(page, name);
    await expect(page.locator('app-carry-view').getByText(words).first()).toBeVisible({ timeout: 20_000 });
    await expectFits(page, SIDE_PANELS); // ribbon, chart and frame are the same on every side
  }
});

test('a box posted to a stop that sells nothing shortens the carry, and the walker sees what it saves', async ({ page }) => {
  await open(page, '/carry');
  await turnTo(page, 'All legs');
  await expect(loads(page, 'Quill Landing to Tarn House')).toContainText('Marl Cross sells no fuel for this stove');
  await pick(list(page, 'Compare with'), /^Alcohol in a cone/);
  const sums = page.getByRole('group', { name: 'Carried weight compared' });
  await expect(sums).toContainText(OWN_590);
  await page.getByRole('link', { name: 'Trail', exact: true }).click();
  const stop = page.locator('app-stop-panel');
  await pick(list(stop, 'Which'), 'Marl Cross');
  await expect(stop.getByRole('combobox', { name: 'Which' })).toHaveValue('Marl Cross');
  await page.getByRole('radiogroup', { name: 'Box posted ahead' }).getByText('Posted here').click();
  await page.getByRole('link', { name: 'Carry', exact: true }).click();
  await turnTo(page, 'All legs');
  await expect(loads(page, 'Quill Landing to Marl Cross')).toContainText('bought there');
  await expect(loads(page, 'Marl Cross to Tarn House')).toBeVisible();
  await pick(list(page, 'Compare with'), /^Alcohol in a cone/);
  await expect(sums).not.toContainText(OWN_590);
  await page.keyboard.press('Control+z');
  await expect(loads(page, 'Quill Landing to Tarn House')).toBeVisible();
});

test('a ban on open flames forces another kit on its leg, and gives the hot meals back', async ({ page }) => {
  await open(page, '/kit');
  await pick(list(page, 'Kit'), /^Alcohol in a cone/);
  await page.getByRole('button', { name: 'Carry it on Vesper Divide', exact: true }).click();
  await page.getByRole('link', { name: 'Carry', exact: true }).click();
  await turnTo(page, 'All legs');
  await expect(page.locator('app-legs-panel')).toContainText('No open flame on days 13–17');
  await page.getByRole('button', { name: /^Marl Cross to Tarn House/ }).click();
  await expect(row(page, 'small canister stove')).toContainText('mends 10 hot meals');
  await page.getByRole('button', { name: 'Carry small canister stove on this leg' }).click();
  await expect(page.locator('app-legs-panel')).not.toContainText('No open flame');
  await expect(loads(page, 'Marl Cross to Tarn House')).toContainText(/can/);
  await expect(page.getByRole('button', { name: /^Marl Cross to Tarn House small canister stove/ })).toBeVisible();
});

test('load-outs go out as CSV, the charts as SVG', async ({ page }) => {
  await open(page, '/carry');
  const save = async (name: string) => {
    const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name, exact: true }).click()]);
    return readFile(await download.path(), 'utf8');
  };
  const exported = async (name: string) => {
    await page.getByRole('button', { name: 'Chart options and exports' }).click();
    const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('menuitem', { name, exact: true }).click()]);
    await expect(page.getByRole('menu')).toBeHidden();
    return readFile(await download.path(), 'utf8');
  };
  await pick(list(page, 'Compare with'), /^Alcohol in a cone/);
  const chart = await exported('Export drawing (SVG)');
  expect(chart).toMatch(/^<svg[\s\S]*alcohol in a cone[\s\S]*679\sg/);
  const csv = await exported('Export load-outs (CSV)');
  const lines = csv.trim().split('\r\n');
  expect(lines).toHaveLength(6);
  expect(lines[1]).toMatch(/^Nettle Hut,Harrow Junction,1,5,home,canister 100 g with 100 g \+ canister 100 g with 100 g,/);
  await turnTo(page, 'Other lengths');
  expect(await save('Drawing as SVG')).toContain('regulated, finned pot');
});

test('a reserve given up is seen at once: the chance, the glow, and the way back along the front', async ({ page }) => {
  await open(page, '/carry');
  await type(page, 'Reserve, typed', '0');
  await expect(verdict(page)).toContainText('Riskiest leg: Tarn House to Lantern Ferry', { timeout: 15_000 });
  await type(page, 'Reserve, typed', '0');
  await page.locator('app-risk-panel').getByRole('button', { name: '1 in 50' }).click();
  await type(page, 'Your limit: chance of running out on one leg', '0.5');
  await expect(page.locator('.glow')).not.toHaveCount(0, { timeout: 15_000 });
  await verdict(page)
    .getByRole('button', { name: /^1 in \d+/ })
    .click();
  await expect(page.getByRole('dialog')).toContainText('Run-out risk, Tarn House to Lantern Ferry');
  await page.keyboard.press('Escape');
  await turnTo(page, 'Weight and risk');
  const front = page.getByRole('slider', { name: 'Along the front, from light to safe' });
  await expect(page.getByRole('table', { name: 'From light to safe' })).toBeVisible();
  await expect(page.getByRole('progressbar')).toHaveCount(0, { timeout: 30_000 });
  await front.press('End');
  await expect(page.locator('.glow')).toHaveCount(0, { timeout: 15_000 });
});

test('a leg made longer moves load-outs, sums and risk with it', async ({ page }) => {
  await open(page, '/carry');
  await pick(list(page, 'Compare with'), /^Alcohol in a cone/);
  const sums = page.getByRole('group', { name: 'Carried weight compared' });
  await expect(sums).toContainText(OWN_590);
  await page.getByRole('slider', { name: 'Days', exact: true }).focus();
  for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowRight');
  await expect(sums).not.toContainText(OWN_590);
  await expect(sums).toHaveAttribute('aria-busy', 'false');
  await expect(page.locator('app-risk-panel')).toContainText('Run-out risk before');
});

test('the trail runs by kilometre where that is asked for, ribbon and chart alike', async ({ page }) => {
  await open(page, '/carry');
  const shapes = () =>
    Promise.all(['app-weight-chart path.total.here', 'app-ribbon path.hill-line'].map((p) => page.locator(p).getAttribute('d')));
  const byDay = await shapes();
  const runBy = async (name: string) => {
    await page.getByRole('button', { name: 'Chart options and exports' }).click();
    await page.getByRole('menuitemradio', { name }).click();
    await expect(page.getByRole('menu')).toBeHidden();
  };
  await runBy('Axis by distance');
  await expect.poll(async () => (await shapes()).some((d, i) => d === byDay[i])).toBe(false);
  await runBy('Axis by day');
  await expect.poll(shapes).toEqual(byDay);
});
