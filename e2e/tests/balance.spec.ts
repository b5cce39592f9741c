import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect, expectFits, open, test, turnTo, type, verdict } from './helpers';

/** Whatever side of Carry is open, below ribbon and chart. */
const SIDE_PANELS = '#carry-side';

/** The row of a table that begins with these words. */
const row = (page: Page, words: string) => page.getByRole('row').filter({ has: page.getByRole('rowheader', { name: words, exact: true }) });

test('every side of Carry answers without violations and fits', async ({ page }) => {
  await open(page, '/carry');
  const answered: [string, RegExp][] = [
    ['leg by leg', /\d+\sg heavier/],
    ['at the shop', /With nothing bought here/],
    ['other lengths', /Lightest of those that cook/],
    ['weight and risk', /the front, from light to safe/],
    ['what if', /what is planned runs out/],
  ];
  for (const [name, words] of answered) {
    await turnTo(page, name);
    await expect(page.locator('app-carry-view').getByText(words).first()).toBeVisible({ timeout: 20_000 });
    await expectFits(page, SIDE_PANELS); // ribbon, chart and frame are the same on every side
  }
});

test('a box posted to a stop that sells nothing shortens the carry, and the walker sees what it saves', async ({ page }) => {
  await open(page, '/carry');
  await turnTo(page, 'leg by leg');
  await expect(row(page, 'Quill Landing to Tarn House')).toContainText('Marl Cross cannot fill up this fuel');
  const sums = page.getByRole('group', { name: 'carried weight of every kit' });
  await expect(sums).toContainText('small can burner 590 g');
  await page.getByRole('link', { name: 'Trail', exact: true }).click();
  const stop = page.locator('app-stop-panel');
  await stop.getByLabel('which').selectOption({ label: 'Marl Cross' });
  await expect(stop.getByLabel('name')).toHaveValue('Marl Cross');
  await page.getByRole('radiogroup', { name: 'Box posted ahead' }).getByText('posted here').click();
  await page.getByRole('link', { name: 'Carry', exact: true }).click();
  await turnTo(page, 'leg by leg');
  await expect(row(page, 'Quill Landing to Marl Cross')).toContainText('bought there');
  await expect(row(page, 'Marl Cross to Tarn House')).toBeVisible();
  await expect(sums).not.toContainText('small can burner 590 g');
  await page.keyboard.press('Control+z');
  await expect(row(page, 'Quill Landing to Tarn House')).toBeVisible();
});

test('a ban on open flames forces another kit on its leg, and gives the hot meals back', async ({ page }) => {
  await open(page, '/kit');
  await page.getByRole('button', { name: 'alcohol in a cone', exact: true }).click();
  await page.getByRole('button', { name: 'carry it on Vesper Divide', exact: true }).click();
  await page.getByRole('link', { name: 'Carry', exact: true }).click();
  await turnTo(page, 'leg by leg');
  await expect(page.locator('app-legs-panel')).toContainText('No open flame on days 13–17');
  await page.getByRole('button', { name: /^Marl Cross to Tarn House/ }).click();
  await expect(row(page, 'small can burner')).toContainText('mends 10 hot meals');
  await page.getByRole('button', { name: 'carry small can burner on this leg' }).click();
  await expect(page.locator('app-legs-panel')).not.toContainText('No open flame');
  await expect(row(page, 'Marl Cross to Tarn House')).toContainText(/can/);
  await expect(page.getByRole('button', { name: /^Marl Cross to Tarn House small can burner/ })).toBeVisible();
});

test('load-outs go out as CSV, the charts as SVG', async ({ page }) => {
  await open(page, '/carry');
  const save = async (name: string) => {
    const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name, exact: true }).click()]);
    return readFile(await download.path(), 'utf8');
  };
  await expect(page.getByRole('group', { name: 'carried weight of every kit' })).toContainText('alcohol in a cone');
  const chart = await save('as SVG');
  expect(chart).toMatch(/^<svg[\s\S]*alcohol in a cone[\s\S]*679\sg/);
  await turnTo(page, 'leg by leg');
  const csv = await save('load-outs as CSV');
  const lines = csv.trim().split('\r\n');
  expect(lines).toHaveLength(6);
  expect(lines[1]).toMatch(/^Nettle Hut,Harrow Junction,1,5,home,can 100 g with 100 g \+ can 100 g with 100 g,/);
  await turnTo(page, 'other lengths');
  expect(await save('drawing as SVG')).toContain('regulated, finned pot');
});

test('a reserve given up is seen at once: the chance, the glow, and the way back along the front', async ({ page }) => {
  await open(page, '/carry');
  await type(page, 'reserve, typed', '0');
  await expect(verdict(page)).toContainText('Tightest is Tarn House to Lantern Ferry', { timeout: 15_000 });
  await type(page, 'reserve, typed', '0');
  await page.getByText('what else might happen, and what I live with').click();
  await type(page, 'chance of running out on one carry that I live with', '0.5');
  await expect(page.locator('.glow')).not.toHaveCount(0, { timeout: 15_000 });
  await verdict(page)
    .getByRole('button', { name: /^1 in \d+/ })
    .click();
  await expect(page.getByRole('dialog')).toContainText('how likely it runs out, Tarn House to Lantern Ferry');
  await page.keyboard.press('Escape');
  await turnTo(page, 'weight and risk');
  const front = page.getByRole('slider', { name: 'Along the front, from light to safe' });
  await expect(page.getByRole('table', { name: 'the front, from light to safe' })).toBeVisible();
  await expect(page.locator('progress')).toHaveCount(0, { timeout: 30_000 });
  await front.press('End');
  await expect(page.locator('.glow')).toHaveCount(0, { timeout: 15_000 });
});

test('a leg made longer moves load-outs, sums and risk with it', async ({ page }) => {
  await open(page, '/carry');
  const sums = page.getByRole('group', { name: 'carried weight of every kit' });
  await expect(sums).toContainText('small can burner 590 g');
  await page.getByRole('slider', { name: 'days', exact: true }).focus();
  for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowRight');
  await expect(sums).not.toContainText('small can burner 590 g');
  await expect(sums).toHaveAttribute('aria-busy', 'false');
  await expect(page.locator('app-risk-panel')).toContainText('Chance of running out: ');
});

test('the trail runs by kilometre where that is asked for, ribbon and chart alike', async ({ page }) => {
  await open(page, '/carry');
  await expect(page.getByRole('group', { name: 'carried weight of every kit' })).toContainText('cold soak');
  const shapes = () =>
    Promise.all(['app-weight-chart path.total', 'app-ribbon path.hill-line'].map((p) => page.locator(p).getAttribute('d')));
  const byDay = await shapes();
  await page.getByRole('radiogroup', { name: 'What the trail runs by' }).getByText('by km').click();
  await expect.poll(async () => (await shapes()).some((d, i) => d === byDay[i])).toBe(false);
  await page.getByRole('radiogroup', { name: 'What the trail runs by' }).getByText('by day').click();
  await expect.poll(shapes).toEqual(byDay);
});
