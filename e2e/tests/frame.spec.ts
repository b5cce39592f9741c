import type { Page } from '@playwright/test';
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
  await page.getByRole('button', { name: 'undo days' }).click();
  await expect(verdict(page)).toContainText('for 5 days');
  await page.getByRole('button', { name: 'redo days' }).click();
  await expect(verdict(page)).toContainText('for 8 days');
  await page.getByRole('button', { name: 'undo days' }).click();
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
