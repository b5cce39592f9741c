import type { Locator, Page } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import { box, expect, expectStill, list, open, options, test, verdict, watchShifts } from './helpers';

// The whole story, from a new trip to the file that leaves: once by keyboard alone, once by thumb alone.

/** Presses Tab until the wanted thing has the focus. */
async function tabTo(page: Page, wanted: Locator, key: 'Tab' | 'Shift+Tab' = 'Tab'): Promise<void> {
  await expect(wanted).toBeVisible();
  for (let i = 0; i < 160; i++) {
    if (await wanted.evaluate((e) => e === document.activeElement)) return;
    await page.keyboard.press(key);
  }
  throw new Error('the focus does not come there');
}

/** Finds a command in the palette and runs it. */
async function say(page: Page, words: string): Promise<void> {
  await page.keyboard.press('Control+k');
  await expect(page.getByRole('combobox', { name: 'Find a command' })).toBeFocused();
  await page.keyboard.type(words);
  await page.keyboard.press('Enter');
}

test('a trip is made, a kit built, a dish chosen, a load-out read and the trip exported by keyboard alone', async ({ page }) => {
  await open(page);
  await page.keyboard.press('n');
  await tabTo(page, page.getByRole('textbox', { name: 'Nights' }));
  await page.keyboard.press('Control+a');
  await page.keyboard.type('2');
  await tabTo(page, page.getByRole('button', { name: 'Create trip' }));
  await page.keyboard.press('Enter');
  await expect(verdict(page)).toContainText(/for 3 days/);

  await say(page, 'Kit');
  await expect(page.getByRole('heading', { name: 'Kit', level: 1 })).toBeAttached();
  await tabTo(page, page.getByRole('button', { name: 'New kit' }));
  await page.keyboard.press('Enter');
  await tabTo(page, page.getByRole('button', { name: 'Paste weights' }));
  await page.keyboard.press('Enter');
  await tabTo(page, page.getByRole('textbox', { name: 'Pieces with their weights' }));
  await page.keyboard.type('burner 75 g, pot 95 g, lighter 11 g, spoon 12 g');
  await tabTo(page, page.getByRole('button', { name: 'Beside what is in it' }));
  await page.keyboard.press('Enter');
  await expect(page.getByRole('list', { name: 'Pieces of the kit' }).getByRole('listitem')).toHaveCount(4);
  await tabTo(page, page.getByRole('button', { name: /^carry it on/i }));
  await page.keyboard.press('Enter');
  await expect(page.locator('app-kit-answer')).toContainText('edits here move its plan');

  await say(page, 'Menu');
  const supper = page.getByRole('region', { name: 'dinner' });
  await tabTo(page, supper.getByRole('combobox', { name: 'dinner', exact: true }));
  await page.keyboard.type('home'); // a long list is searched
  await page.keyboard.press('Enter');
  await expect(supper).toContainText(/home/);

  await say(page, 'Carry');
  await expect(page.getByRole('tab', { name: 'This leg' })).toHaveAttribute('aria-selected', 'true');
  await tabTo(page, page.getByRole('tab', { name: 'This leg' }));
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('tab', { name: 'All legs' })).toBeFocused();
  await expect(page.getByRole('table', { name: 'What leaves every stop' })).toBeVisible();
  const [download] = await Promise.all([page.waitForEvent('download'), page.keyboard.press('e')]);
  expect(await readFile(await download.path(), 'utf8')).toContain('"burnerMassG": 75');
});

test('a day is changed, a thing packed, a meal logged, the bench read and a canister shelved by keyboard alone', async ({ page }) => {
  await open(page);
  await page.keyboard.press('1'); // Trail
  const evening = page.locator('app-leg-days').getByRole('textbox').first();
  await tabTo(page, evening);
  const before = await evening.inputValue();
  await page.keyboard.press('ArrowUp');
  await expect(evening).not.toHaveValue(before);
  await page.keyboard.press('Control+z');
  await expect(evening).toHaveValue(before);

  await say(page, 'Go to Pack');
  const thing = page.getByRole('checkbox', { name: 'small lighter' });
  await tabTo(page, thing);
  await page.keyboard.press('Space');
  await expect(thing).toBeChecked();

  await say(page, 'Go to Walk');
  await tabTo(page, page.getByRole('button', { name: 'Cooked as planned' }));
  await page.keyboard.press('Enter');
  await expect(page.locator('app-today-panel').getByRole('heading').first()).toContainText('inner');

  await say(page, 'Go to Bench');
  await expect(page.getByRole('tab', { name: 'Your stove' })).toHaveAttribute('aria-selected', 'true');
  await page.keyboard.press(']');
  await expect(page.getByRole('tab', { name: 'Test', exact: true })).toHaveAttribute('aria-selected', 'true');

  await say(page, 'Go to Shelf');
  await tabTo(page, page.getByRole('button', { name: 'Add container' }));
  await page.keyboard.press('Enter');
  await tabTo(page, page.getByRole('textbox', { name: /Put one on the shelf/ }));
  await page.keyboard.type('230 g canister, weighs 293 g');
  await page.keyboard.press('Enter');
  await expect(page.locator('app-container-card .big')).toHaveText(/^143.g$/);
});

test.describe('with a thumb', () => {
  test.use({ hasTouch: true, isMobile: true, viewport: { width: 390, height: 844 } });

  test('the same story on the phone, by taps alone', async ({ page }) => {
    await open(page);
    await page.getByRole('button', { name: 'Search or run a command' }).tap();
    await page.getByRole('dialog').getByRole('option', { name: 'New trip n', exact: true }).tap();
    await page.getByRole('radiogroup', { name: 'Water from' }).getByText('Snow', { exact: true }).tap();
    await page.getByRole('button', { name: 'Create trip' }).tap();
    await expect(verdict(page)).toContainText('Leave Start with');

    await page.getByRole('link', { name: 'Kit', exact: true }).tap();
    await box(list(page, 'Kit')).tap();
    await options(page).filter({ hasText: 'Tablets under a mug' }).tap();
    await expect(page.getByRole('textbox', { name: 'Name of the kit' })).toHaveValue('tablets under a mug');
    await page.getByRole('button', { name: /^carry it on/i }).tap();
    await expect(verdict(page)).toContainText('tablets');

    await page.getByRole('link', { name: 'Menu', exact: true }).tap();
    const supper = page.getByRole('region', { name: 'dinner' });
    await box(list(supper, 'dinner')).tap();
    await options(page).nth(1).tap();
    await page.getByRole('tab', { name: 'Food by stop' }).tap();
    await expect(page.locator('app-food-tables')).toBeVisible();

    await page.getByRole('link', { name: 'Carry', exact: true }).tap();
    await page.locator('summary', { hasText: 'Cook kit' }).tap();
    await page.locator('summary', { hasText: 'Lid, windscreen' }).tap();
    await page.getByRole('switch', { name: 'Lid on' }).tap();
    await page.getByRole('button', { name: 'undo' }).tap();
    await expect(page.getByRole('switch', { name: 'Lid on' })).toBeChecked();
    await page.getByRole('button', { name: 'Search or run a command' }).tap();
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('dialog').getByRole('option', { name: 'Export trip e', exact: true }).tap(),
    ]);
    expect(await readFile(await download.path(), 'utf8')).toContain('"tablet');
  });

  test('a day is changed, a thing packed, a meal logged, the bench read and a canister shelved by taps alone', async ({ page }) => {
    await open(page, '/trail');
    const wind = page.getByRole('combobox', { name: 'Wind of day 1' }).filter({ visible: true });
    await wind.selectOption('Strong');
    await expect(wind.locator('option:checked')).toHaveText('Strong');
    await page.getByRole('button', { name: 'undo' }).tap();
    const go = async (name: string) => {
      await page.getByRole('button', { name: 'More', exact: true }).tap();
      await page.getByRole('menuitem', { name, exact: true }).tap();
    };
    await go('Pack');
    await page.getByText('Small lighter', { exact: true }).tap();
    await expect(page.getByRole('checkbox', { name: 'small lighter' })).toBeChecked();

    await go('Walk');
    await page.getByRole('button', { name: 'Cooked as planned' }).tap();
    await expect(page.locator('app-today-panel').getByRole('heading').first()).toContainText('inner');

    await go('Bench');
    await page.getByRole('tab', { name: 'Cooling' }).tap();
    await expect(page.locator('app-cooling-panel')).toBeVisible();

    await go('Shelf');
    await page.locator('app-cupboard button').first().tap();
    await expect(page.locator('app-container-card .big')).toBeVisible();
  });
});

test('nothing jumps while the views come in, on a page slowed six times', async ({ page }) => {
  const cdp = await page.context().newCDPSession(page);
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: 6 });
  await watchShifts(page);
  for (const view of ['carry', 'trail', 'kit', 'menu', 'pack', 'walk', 'bench', 'shelf']) {
    await page.goto(`/${view}`);
    await expect(verdict(page)).toContainText('Leave Nettle Hut');
    await expect(verdict(page)).toHaveAttribute('aria-busy', 'false');
    await expect(page.locator('.stale, [role=progressbar]')).toHaveCount(0, { timeout: 60_000 });
    await expectStill(page, view, view === 'walk' ? 0.02 : 0.01); // on a walk the verdict is said once more
  }
});
