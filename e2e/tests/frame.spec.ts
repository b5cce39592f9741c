import type { Page } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import { expect, expectFits, open, saved, SIZES, standing, test, type, verdict } from './helpers';

const tripButton = (page: Page) => page.getByRole('button', { name: /^Trips, open/ });
const focused = (page: Page) => page.evaluate(() => document.activeElement?.textContent?.trim() ?? '');

test('the menu of trips is gone along by keys, says what it is, and gives the focus back', async ({ page }) => {
  await open(page);
  await tripButton(page).focus();
  await expect(tripButton(page)).toHaveAttribute('aria-haspopup', 'menu');
  await page.keyboard.press('Enter');
  const menu = page.getByRole('menu');
  await expect(menu).toHaveAccessibleName(/^Trips, open/);
  await expect(tripButton(page)).toHaveAttribute('aria-expanded', 'true');
  await expect.poll(() => focused(page)).toBe('New trip');
  await page.keyboard.press('End');
  await expect.poll(() => focused(page)).toBe('Back up every trip');
  await page.keyboard.press('ArrowDown');
  await expect.poll(() => focused(page)).toBe('New trip');
  await expectFits(page, '[role=menu]');
  await page.keyboard.press('Escape');
  await expect(menu).toBeHidden();
  await expect(tripButton(page)).toBeFocused();
  await expect(tripButton(page)).toHaveAttribute('aria-expanded', 'false');
});

test('another trip is opened from the menu, and only the sample is marked as such', async ({ page }) => {
  await open(page);
  await expect(page.getByText('Sample', { exact: true })).toBeVisible();
  await page.keyboard.press('n');
  await page.getByRole('button', { name: 'Create trip' }).click();
  await expect(verdict(page)).toContainText('Leave Start');
  await expect(page.getByText('Sample', { exact: true })).toBeHidden();
  await tripButton(page).click();
  await page.getByRole('menuitem', { name: 'Vesper Divide' }).click();
  await expect(verdict(page)).toContainText('Leave Nettle Hut');
});

test('undo and redo stand in the top bar, and the riskiest leg is one press away', async ({ page }) => {
  await open(page);
  await type(page, 'Days, typed', '8');
  await saved(page);
  await page.getByRole('button', { name: 'Undo: days' }).click();
  await expect(verdict(page)).toContainText('for 5 days');
  await page.getByRole('button', { name: 'Redo: days' }).click();
  await expect(verdict(page)).toContainText('for 8 days');
  await page.getByRole('button', { name: 'Undo: days' }).click();
  await verdict(page).getByRole('button', { name: 'Show riskiest leg' }).click();
  await expect(verdict(page)).toContainText('Leave Harrow Junction');
  await expect(verdict(page).getByRole('button', { name: 'Show riskiest leg' })).toBeHidden();
});

test('the focus is seen on links, buttons and words to choose from', async ({ page }) => {
  await open(page);
  const outline = (selector: string) =>
    page
      .locator(selector)
      .first()
      .evaluate((e: HTMLElement) => {
        e.focus();
        const { outlineStyle, outlineWidth } = getComputedStyle(e.closest('.ant-radio-button-wrapper') ?? e);
        return `${outlineStyle} ${outlineWidth}`;
      });
  await page.keyboard.press('Tab'); // from now on the focus is that of a keyboard
  for (const selector of [
    'nav a',
    'header button:not([disabled])',
    'main .ant-btn:not([disabled])',
    '.ant-slider-handle',
    '.ant-switch',
    '.ant-radio-button-wrapper input:checked',
  ])
    expect([selector, await outline(selector)]).toEqual([selector, 'solid 2px']);
});

test.describe('with a thumb', () => {
  test.use({ hasTouch: true, isMobile: true, viewport: { width: SIZES[1].width, height: SIZES[1].height } });

  test('the views are at the foot, four and “More”, of which the menu has the others', async ({ page }) => {
    await open(page);
    const nav = page.getByRole('navigation', { name: 'Views' });
    await expect(nav.getByRole('link')).toHaveText(['Trail', 'Kit', 'Menu', 'Carry']);
    const box = await nav.boundingBox();
    expect((box?.y ?? 0) + (box?.height ?? 0)).toBe(SIZES[1].height);
    for (const link of await nav.getByRole('link').all()) expect((await link.boundingBox())?.height).toBeGreaterThanOrEqual(48);
    await nav.getByRole('button', { name: 'More' }).tap();
    const shelf = page.getByRole('menuitem', { name: 'Shelf' });
    await expect(shelf).toBeVisible();
    await standing(page);
    expect((await shelf.boundingBox())?.height).toBeGreaterThanOrEqual(44);
    await page.getByRole('menuitem', { name: 'Shelf' }).tap();
    await expect(page.getByRole('heading', { name: 'Shelf', level: 1 })).toBeAttached();
  });
});

test('what was applied at one press is told, with a way back until the next edit', async ({ page }) => {
  await open(page);
  const saving = page.locator('app-savings li').first();
  const words = (await saving.locator('b').innerText()).trim();
  await saving.getByRole('button', { name: 'Apply' }).click();
  const message = page.locator('.ant-message-notice');
  await expect(message).toContainText('applied.');
  await message.getByRole('button', { name: 'Undo' }).click();
  await expect(message).toHaveCount(0);
  await expect(saving).toContainText(words);
  await page.locator('app-savings li').first().getByRole('button', { name: 'Apply' }).click();
  await expect(message).toHaveCount(1);
  await type(page, 'Days, typed', '7');
  await expect(message).toHaveCount(0); // undo would take back something else
});

test('a trip is imported by dropping its file on the page', async ({ page }) => {
  await open(page);
  const [download] = await Promise.all([page.waitForEvent('download'), page.keyboard.press('e')]);
  const text = await readFile(await download.path(), 'utf8');
  await page.locator('main').evaluate((main, trip) => {
    const dataTransfer = new DataTransfer();
    dataTransfer.items.add(new File([trip], 'dropped.json', { type: 'application/json' }));
    for (const type of ['dragover', 'drop']) main.dispatchEvent(new DragEvent(type, { dataTransfer, bubbles: true, cancelable: true }));
  }, text);
  await expect(page.getByRole('status').filter({ hasText: 'dropped.json' })).toBeVisible();
});
