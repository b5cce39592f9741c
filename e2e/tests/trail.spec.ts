import type { Page } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import { DIALOG, expect, expectFits, list, open, pick, standing, test, turnTo, type, unfold, verdict } from './helpers';

const ribbon = (page: Page) => page.locator('svg.ribbon');
const legs = (page: Page) => page.getByRole('table', { name: 'Stops and legs' });
const daysOf = (page: Page, from: string, to: string) => page.getByRole('textbox', { name: `days from ${from} to ${to}` });
/** Where a day's boundary lies on screen. */
async function boundary(page: Page, day: number, days: number): Promise<{ x: number; y: number }> {
  const box = await ribbon(page).boundingBox();
  if (!box) throw new Error('no ribbon');
  return { x: box.x + (box.width * day) / days, y: box.y };
}

test('the trail, its drawers and its tables have no violations and fit', async ({ page }) => {
  await open(page, '/trail');
  await expectFits(page);
  for (const side of ['Stops and legs', 'Day by day', 'Trip']) {
    await turnTo(page, side);
    await expectFits(page, '#trail-side');
  }
  for (const key of ['m', 'l']) {
    await page.keyboard.press(key);
    await expect(page.getByRole('dialog')).toBeVisible();
    await standing(page);
    await expectFits(page, DIALOG);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
  }
});

test('a weekend from nothing: four answers to a first plan', async ({ page }) => {
  await open(page);
  await page.keyboard.press('n');
  await type(page, 'Nights', '1');
  await type(page, 'Water for breakfast', '0');
  await type(page, 'Mornings', '-2');
  await page.getByRole('radiogroup', { name: 'Wind where you cook' }).getByText('Moderate').click();
  await expect(verdict(page)).toContainText(/Take one 100 g canister: \d+\sg for 1 night/);
  await expectFits(page);
  await page.getByRole('button', { name: 'Create trip' }).click();
  await expect(verdict(page)).toContainText(/Leave Start with.*for 2 days/);
  await page.keyboard.press('Control+z');
  await expect(verdict(page)).toContainText('Leave Nettle Hut');
});

test('a stop is dragged or typed, and both give the same plan', async ({ page }) => {
  await open(page, '/trail');
  await turnTo(page, 'Stops and legs');
  const from = await boundary(page, 5, 23);
  const to = await boundary(page, 7, 23);
  await page.mouse.move(from.x, from.y + 44);
  await page.mouse.down();
  await page.mouse.move((from.x + to.x) / 2, from.y + 44, { steps: 4 });
  await page.mouse.move(to.x, to.y + 44, { steps: 4 });
  await page.mouse.up();
  await expect(daysOf(page, 'Nettle Hut', 'Harrow Junction')).toHaveValue('7');
  await expect(daysOf(page, 'Harrow Junction', 'Quill Landing')).toHaveValue('2');
  await expect(verdict(page)).toHaveAttribute('aria-busy', 'false');
  const dragged = await legs(page).innerText();
  await page.keyboard.press('Control+z');
  await expect(daysOf(page, 'Nettle Hut', 'Harrow Junction')).toHaveValue('5');

  const grip = page.getByRole('slider', { name: /^Harrow Junction, reached on day/ });
  await grip.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(daysOf(page, 'Nettle Hut', 'Harrow Junction')).toHaveValue('7');
  await expect.poll(() => legs(page).innerText()).toBe(dragged);

  await grip.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(daysOf(page, 'Nettle Hut', 'Harrow Junction')).toHaveValue('8');
  await turnTo(page, 'Trip');
  await expect(page.locator('app-trip-panel')).toContainText('24 days');
});

test('days are brushed and painted by hand and by key, and the verdict follows across views', async ({ page }) => {
  await open(page, '/trail');
  const a = await boundary(page, 5.5, 23);
  const b = await boundary(page, 8.5, 23);
  await page.mouse.move(a.x, a.y + 130);
  await page.mouse.down();
  await page.mouse.move(b.x, b.y + 130, { steps: 6 });
  await page.mouse.up();
  await unfold(page, 'Several days at once');
  await expect(page.getByRole('heading', { name: /^days 6 to 9/i })).toBeVisible();
  await type(page, 'at breakfast, typed', '-6');
  await turnTo(page, 'Stops and legs');
  await expect(legs(page).getByRole('row').nth(2)).toContainText('−8 °C'); // each keeps its own ups and downs about the mean
  await page.getByRole('link', { name: 'Carry', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Carry', level: 1 })).toBeAttached();
  await expect(verdict(page)).toContainText('Leave Harrow Junction');
  await page.keyboard.press('Control+z');
  await page.getByRole('link', { name: 'Trail', exact: true }).click();
  await expect(page.getByRole('tab', { name: 'Days and stop' })).toHaveAttribute('aria-selected', 'true');
  await page.keyboard.press(']');
  await expect(legs(page).getByRole('row').nth(2)).toContainText('5 °C');
  await page.keyboard.press('[');
  await expect(page.getByRole('tab', { name: 'Days and stop' })).toHaveAttribute('aria-selected', 'true');

  await page.getByRole('slider', { name: 'Day marker' }).focus();
  await page.keyboard.press('Home');
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('Shift+ArrowRight');
  await unfold(page, 'Several days at once');
  await expect(page.getByRole('heading', { name: /^days 1 to 3/i })).toBeVisible();
  await page.getByRole('button', { name: 'Use the simulated climate' }).click();
  await expect(page.locator('app-brush-panel')).toContainText('A simulated climate');
  await turnTo(page, 'Day by day');
  await expect(page.getByRole('table', { name: 'Days from Nettle Hut' })).toContainText('simulated climate');
});

test('stops are put in, described and taken out; a rule on flames shows in the plan', async ({ page }) => {
  await open(page, '/trail');
  await unfold(page, 'Several days at once');
  await page.getByRole('button', { name: 'Add a stop here' }).click();
  await turnTo(page, 'Stops and legs');
  await expect(legs(page).getByRole('row')).toHaveCount(8);
  await turnTo(page, 'Days and stop');
  const stop = page.locator('app-stop-panel');
  await pick(list(stop, 'Which'), 'Stop after day 1');
  await unfold(page, 'Name, kind, opening hours');
  await stop.getByLabel('Name', { exact: true }).fill('Slate Bridge');
  await stop.getByLabel('Name', { exact: true }).press('Enter');
  await turnTo(page, 'Stops and legs');
  await expect(legs(page)).toContainText('Slate Bridge');
  await turnTo(page, 'Days and stop');
  await unfold(page, 'Sells');
  await stop.getByLabel('100 g canister').check();
  await type(page, 'Price of 100 g canister', '7,50');
  await expect(page.getByRole('textbox', { name: 'Price of 100 g canister' })).toHaveValue('7.50');
  await stop.getByRole('button', { name: 'Remove this stop' }).click();
  await turnTo(page, 'Stops and legs');
  await expect(legs(page).getByRole('row')).toHaveCount(7);
  await page.getByLabel('Flame between Nettle Hut and Harrow Junction').selectOption('noFlame');
  await expect(verdict(page)).toContainText('no flame is allowed');
  await type(page, 'Days from Nettle Hut to Harrow Junction', '900');
  await expect(page.getByRole('alert')).toContainText('1 days to 60 days');
});

/** A made-up track over a ridge with waypoints beside it. */
const gpx = (points: number): string => {
  const at = (i: number) =>
    `lat="${(45.2 + (i * 0.9) / points).toFixed(6)}" lon="${(6.4 + 0.05 * Math.sin((222 * i) / points)).toFixed(6)}"`;
  const ele = (i: number) => (1200 + 900 * Math.sin((i * Math.PI) / points)).toFixed(1);
  const track = Array.from({ length: points }, (_, i) => `<trkpt ${at(i)}><ele>${ele(i)}</ele></trkpt>`).join('\n');
  const stop = (i: number, name: string) => `<wpt ${at(i)}><name>${name}</name></wpt>`;
  const waypoints = stop(Math.round(points / 3), 'Thistle Ford') + stop(Math.round((2 * points) / 3), 'Ash Gate');
  return `<?xml version="1.0"?><gpx version="1.1" creator="t" xmlns="http://www.topografix.com/GPX/1/1">${waypoints}<trk><name>Ridge Way</name><trkseg>${track}</trkseg></trk></gpx>`;
};
const file = (name: string, text: string) => ({ name, mimeType: 'application/gpx+xml', buffer: Buffer.from(text) });

test('a track becomes a trip with stops, camps and a profile; its waypoints go out again', async ({ page }) => {
  await open(page, '/trail');
  await page.keyboard.press('m');
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Track file').setInputFiles(file('broken.gpx', gpx(50).replace('</trkseg>', '')));
  await expect(dialog.getByRole('alert')).toContainText(/broken\.gpx was not taken: it stops being XML at line \d+/);
  await dialog.getByLabel('Track file').setInputFiles(file('odd.gpx', gpx(50).replace('lat="45.200000"', 'lat="north"')));
  await expect(dialog.getByRole('alert')).toContainText('has lat="north", which is no place on earth');
  await dialog.getByLabel('Track file').setInputFiles(file('ridge.gpx', gpx(2000)));
  await expect(dialog).toContainText('2,000 points');
  await expect(dialog.getByRole('alert')).toBeHidden();
  await expect(dialog.getByLabel('Thistle Ford')).toBeChecked();
  await dialog.getByLabel('Ash Gate').uncheck();
  await dialog.getByText('So many hours').click();
  await dialog.getByRole('button', { name: 'Create trip' }).click();
  await turnTo(page, 'Stops and legs');
  await expect(legs(page).getByRole('row')).toHaveCount(3);
  await expect(legs(page)).toContainText('Thistle Ford');
  await expect(verdict(page)).toContainText(/Leave Start with.*for \d+ days/);
  await turnTo(page, 'Trip');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export stops and camps (GPX)' }).click(),
  ]);
  expect(await readFile(await download.path(), 'utf8')).toContain('<name>Thistle Ford</name><type>stop</type>');
  const [calendar] = await Promise.all([page.waitForEvent('download'), page.keyboard.press('c')]);
  expect(await readFile(await calendar.path(), 'utf8')).toContain('SUMMARY:Resupply at Thistle Ford');
});

test('a hundred thousand points are read with progress while the page stays awake', async ({ page }) => {
  const big = gpx(100_000);
  expect(big.length).toBeGreaterThan(5_000_000);
  await open(page, '/trail');
  await page.keyboard.press('m');
  const dialog = page.getByRole('dialog');
  await page.evaluate(() => {
    const seen = { longestMs: 0, shares: [] as string[] };
    Object.assign(globalThis, { seen });
    let last = performance.now();
    const tick = () => {
      seen.longestMs = Math.max(seen.longestMs, performance.now() - last);
      last = performance.now();
      const text = document.querySelector('[role=dialog] [role=progressbar]')?.parentElement?.textContent;
      if (text) seen.shares.push(text);
      requestAnimationFrame(tick);
    };
    requestAnimationFrame(tick);
  });
  await dialog.getByLabel('Track file').setInputFiles(file('long.gpx', big));
  await expect(dialog).toContainText('100,000 points');
  const seen = await page.evaluate(() => (globalThis as unknown as { seen: { longestMs: number; shares: string[] } }).seen);
  expect(new Set(seen.shares).size).toBeGreaterThan(2);
  test.info().annotations.push({ type: 'longest gap between frames, ms', description: seen.longestMs.toFixed(0) });
  await dialog.getByRole('button', { name: 'Create trip' }).click();
  await turnTo(page, 'Stops and legs');
  await expect(legs(page).getByRole('row')).toHaveCount(4);
});
