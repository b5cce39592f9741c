import { expect, open, standing, test } from './helpers';

// How much there is to take in at first sight of each view, and how far the keyboard has to go.

/** At most so many controls and words (ours to hold; the aim is 45 and 300), and no smaller type, px. */
const MOST = { controls: 60, words: 400 };
const SMALLEST_PX = 13;

/** In the page: visible controls; words outside drawings; the smallest type, with where it is. Of all the page, or of what is in sight without scrolling. */
function counted(inSight: boolean): { controls: number; words: number; smallestPx: number; smallest: string } {
  const footPx = document.querySelector('.foot')?.getBoundingClientRect().top ?? innerHeight;
  const isInSight = (e: Element) => e.getBoundingClientRect().top < (e.closest('main') ? footPx : innerHeight);
  const isSeen = (e: Element) =>
    e.checkVisibility({ visibilityProperty: true, opacityProperty: true, contentVisibilityAuto: inSight }) && (!inSight || isInSight(e));
  const wanted = 'button, a[href], input:not([type=file]), select, textarea, summary, [role=slider], [role=switch]';
  const controls = [...document.querySelectorAll(wanted)].filter(
    (e) => isSeen(e) && e.getBoundingClientRect().width > 1 && !e.matches('.skip, [disabled]'),
  ).length;
  let [words, smallestPx, smallest] = [0, 99, ''];
  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  for (let n = walker.nextNode(); n; n = walker.nextNode()) {
    const of = n.parentElement;
    const text = n.textContent?.trim();
    if (!of || !text || !isSeen(of) || of.closest('.hidden-text, script, style, noscript, .skip') || of.getBoundingClientRect().width < 2)
      continue;
    const px = parseFloat(getComputedStyle(of).fontSize) * (of instanceof SVGGraphicsElement ? (of.getScreenCTM()?.a ?? 1) : 1);
    if (px < smallestPx) [smallestPx, smallest] = [Math.round(100 * px) / 100, text];
    if (!of.closest('svg')) words += text.split(/\s+/).length;
  }
  return { controls, words, smallestPx, smallest };
}

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

/** Each view, and what is there when it is ready. */
const VIEWS = {
  trail: 'app-leg-days',
  kit: 'app-nest-drawing',
  menu: 'app-dish-card',
  pack: 'app-weight-column',
  walk: 'app-today-panel',
  bench: 'app-reserve-panel .big',
  shelf: 'app-cupboard',
} as const;

for (const [view, ready] of Object.entries(VIEWS))
  test(`${view} shows no more at first sight than can be taken in, in type that can be read, on any screen`, async ({ page }) => {
    for (const [width, height] of [
      [1280, 800],
      [390, 844],
      [1920, 1080],
    ]) {
      await page.setViewportSize({ width, height });
      await open(page, `/${view}`);
      await expect(page.locator(ready).first()).toBeAttached();
      await standing(page);
      const { controls, words, smallestPx, smallest } = await page.evaluate(counted, true);
      test.info().annotations.push({ type: 'counted', description: `${width}: ${controls} controls, ${words} words, ${smallestPx} px` });
      expect(smallestPx, `${width}: ${smallest}`).toBeGreaterThanOrEqual(SMALLEST_PX);
      if (width > 1280) continue;
      expect(controls, `${width}`).toBeLessThanOrEqual(MOST.controls);
      expect(words, `${width}`).toBeLessThanOrEqual(MOST.words);
    }
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
