import { expect, open, test } from './helpers';
import { counted, MOST, SMALLEST_PX } from './looks';

// How much there is to take in on Carry, and how far the keyboard has to go; looks.spec counts every side of every view.

test('Carry shows no more at first sight than can be taken in, in type that can be read', async ({ page }) => {
  await open(page, '/carry');
  await expect(page.locator('app-savings li')).toHaveCount(3);
  await expect(page.locator('app-risk-state')).toBeVisible();
  const { controls, words, smallestPx, smallest } = await page.evaluate(counted, false);
  test.info().annotations.push({ type: 'counted', description: `${controls} controls, ${words} words, ${smallestPx} px` });
  expect(controls).toBeLessThanOrEqual(MOST.controls);
  expect(words).toBeLessThanOrEqual(MOST.words);
  expect(smallestPx, smallest).toBeGreaterThanOrEqual(SMALLEST_PX);
});

test('on a phone Carry is less than two and a half screens long', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await open(page, '/carry');
  await expect(page.locator('app-savings li')).toHaveCount(3);
  expect(await page.locator('main').evaluate((e) => e.scrollHeight)).toBeLessThan(2000);
  expect((await page.evaluate(counted, false)).smallestPx).toBeGreaterThanOrEqual(SMALLEST_PX);
});

test('type and drawings grow with the window, and nothing runs over', async ({ page }) => {
  for (const [width, height, atLeastPx] of [
    [1280, 720, 13],
    [1920, 1080, 16],
    [2560, 1440, 20],
  ]) {
    await page.setViewportSize({ width, height });
    await open(page, '/carry');
    await expect(page.locator('app-savings li')).toHaveCount(3);
    const { smallestPx, smallest } = await page.evaluate(counted, false);
    expect(smallestPx, `${width}: ${smallest}`).toBeGreaterThanOrEqual(atLeastPx);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(width);
    const [drawn, box] = await page
      .locator('app-weight-chart svg')
      .evaluate((svg) => [svg.querySelector('.leg')?.getBoundingClientRect().height, svg.getBoundingClientRect().height]);
    expect(drawn! / box).toBeGreaterThan(0.9);
  }
});

test('a drawing that has grown is dragged where it is seen', async ({ page }) => {
  await page.setViewportSize({ width: 1920, height: 1080 });
  await open(page, '/carry');
  const day = page.locator('app-ribbon').getByText('12', { exact: true });
  const { x, y, width } = (await day.boundingBox())!;
  await page.mouse.click(x + width / 2, y + 4);
  await expect(page.locator('app-ribbon text.marked')).toHaveText('12');
});

test('the number of days is a dozen keys away from the top of Carry', async ({ page }) => {
  await open(page, '/carry');
  const days = page.getByRole('textbox', { name: 'Days, typed' });
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter'); // over the frame to the view
  let keys = 2;
  while (keys < 20 && !(await days.evaluate((e) => e === document.activeElement))) {
    await page.keyboard.press('Tab');
    keys++;
  }
  await expect(days).toBeFocused();
  expect(keys).toBeLessThanOrEqual(12);
});

test('undo keeps the focus where it is', async ({ page }) => {
  await open(page, '/carry');
  const days = page.getByRole('textbox', { name: 'Days, typed' });
  await days.fill('7');
  await days.press('Enter');
  await page.keyboard.press('Control+z');
  await expect(days).toHaveValue('5');
  await expect(days).toBeFocused();
  const evenings = page.getByRole('slider', { name: 'Evenings' });
  const before = (await evenings.getAttribute('aria-valuenow')) ?? '';
  await evenings.press('ArrowRight');
  await expect(evenings).not.toHaveAttribute('aria-valuenow', before);
  await page.keyboard.press('Control+z');
  await expect(evenings).toHaveAttribute('aria-valuenow', before);
  await expect(evenings).toBeFocused();
});
