import { expect, loadout, open, test, turnTo, unfold } from './helpers';

test('a short word says what it means: under the pointer and with the focus, until Escape', async ({ page }) => {
  await open(page, '/carry');
  const word = loadout(page).locator('dt', { hasText: 'Fuel left on arrival' });
  const hint = page.getByRole('tooltip');
  await word.hover();
  await expect(hint).toContainText('What is over at the next stop');
  await hint.hover(); // the pointer may go to it
  await expect(hint).toBeVisible();
  await page.mouse.move(600, 20);
  await expect(hint).toBeHidden();
  await page.getByRole('slider', { name: 'Reserve', exact: true }).focus();
  await page.keyboard.press('Shift+Tab');
  await page.keyboard.press('Tab');
  await expect(hint).toContainText('safety margin');
  await expect(page.getByRole('slider', { name: 'Reserve', exact: true })).toHaveAttribute('aria-describedby', 'hint');
  await page.keyboard.press('Escape');
  await expect(hint).toBeHidden();
  // the words of a list are one stop of Tab, and the arrows go along them
  const words = loadout(page).locator('dl:has(dt.hinted)').first().locator('dt.hinted');
  await words.first().focus();
  await page.keyboard.press('ArrowDown');
  await expect(words.nth(1)).toBeFocused();
  await expect(hint).toBeVisible();
});

test.describe('by thumb', () => {
  test.use({ hasTouch: true, viewport: { width: 390, height: 844 } });

  test('a finger that rests on a word is told, one that passes is not', async ({ page }) => {
    await open(page, '/carry');
    await unfold(page, 'Average weight, stove time');
    const word = loadout(page).locator('dt', { hasText: 'Average carried weight' });
    await word.scrollIntoViewIfNeeded();
    const hint = page.getByRole('tooltip');
    await word.dispatchEvent('pointerdown', { pointerType: 'touch' });
    await word.dispatchEvent('pointerup', { pointerType: 'touch' });
    await word.dispatchEvent('pointerdown', { pointerType: 'touch' });
    await expect(hint).toContainText('averaged over the mornings');
    await word.dispatchEvent('pointerup', { pointerType: 'touch' });
    await expect(hint).toBeVisible();
    const box = await hint.boundingBox();
    expect(box && box.x >= 0 && box.x + box.width <= 390).toBe(true);
  });

  test('a cell that repeats the heading of its column says what that means', async ({ page }) => {
    await open(page, '/carry');
    await turnTo(page, 'All legs');
    const cell = page.locator('td[data-label="Leaves with"]').first();
    await cell.scrollIntoViewIfNeeded();
    await cell.dispatchEvent('pointerdown', { pointerType: 'touch' });
    await expect(page.getByRole('tooltip')).toContainText('The containers that leave the stop');
  });
});
