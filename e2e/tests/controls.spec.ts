import { expect, expectFits, list, options, pick, standing, test } from './helpers';

// The controls by themselves, on the page for developers: what they are to those who listen, their keys, and that a refused value is taken back.
const PAGE = `http://127.0.0.1:${Number(process.env['E2E_PORT'] ?? 3110) + 9}/`;
const refuse = 'Refuse every change';

test.beforeEach(async ({ page }) => {
  await page.goto(PAGE);
  await expect(page.getByRole('heading', { name: 'Controls' })).toBeVisible();
});

for (const width of [320, 390, 1280])
  test(`have no violations in both lights at ${width} px, lists and menus open`, async ({ page }) => {
    await page.setViewportSize({ width, height: 800 });
    for (const theme of ['day', 'headlamp']) {
      await expect(page.locator('html')).toHaveAttribute('data-theme', theme);
      await expectFits(page);
      await list(page, 'Stove').press('Enter');
      await expect(options(page).first()).toBeVisible();
      await standing(page);
      await expectFits(page, '[role=listbox]');
      await page.keyboard.press('Escape');
      await page.getByRole('button', { name: 'Exports' }).click();
      await expect(page.getByRole('menu', { name: 'Exports' })).toBeVisible();
      await standing(page);
      await expectFits(page, '[role=menu]');
      await page.keyboard.press('Escape');
      await page.getByRole('button', { name: 'Turn the light' }).click();
    }
  });

test('a list is a combobox: opened, gone along and closed by keys, the focus stays, and it shows what is kept', async ({ page }) => {
  const stove = list(page, 'Stove');
  await expect(stove).toHaveValue('Canister stove');
  await stove.focus();
  await page.keyboard.press('Enter');
  await expect(stove).toHaveAttribute('aria-expanded', 'true');
  const option = options(page).filter({ hasText: /^\s*Canister stove\s*$/ });
  await expect(option).toHaveAttribute('aria-selected', 'true');
  await expect(option).toHaveAttribute('aria-setsize', '5');
  const active = async () => page.locator(`#${(await stove.getAttribute('aria-activedescendant')) ?? 'none'}`).textContent();
  await page.keyboard.press('End');
  await expect.poll(active).toContain('Wood box');
  await page.keyboard.press('a');
  await expect.poll(active).toContain('Alcohol stove');
  await page.keyboard.press('Enter');
  await expect(stove).toHaveValue('Alcohol stove');
  await expect(stove).toHaveAttribute('aria-expanded', 'false');
  await expect(stove).toBeFocused();
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Escape');
  await expect(stove).toHaveValue('Alcohol stove');
  await expect(stove).toBeFocused();
  await page.keyboard.press('Control+z'); // a command of the app, not of the list
  await expect(stove).toHaveAttribute('aria-expanded', 'false');
  await page.getByRole('switch', { name: refuse }).click();
  await pick(stove, 'Wood box');
  await expect(stove).toHaveValue('Alcohol stove');
});

test('a long list is searched by typing', async ({ page }) => {
  const dish = list(page, 'Dish');
  await dish.focus();
  await page.keyboard.press('Enter');
  await page.keyboard.type('17');
  await expect(options(page)).toHaveCount(1);
  await page.keyboard.press('Enter');
  await expect(page.locator('nz-select', { has: dish })).toContainText('Dish 17');
});

test('a list in a table takes back what was refused', async ({ page }) => {
  await page.getByRole('switch', { name: refuse }).click();
  const row = page.getByRole('combobox', { name: 'Stove of a row' });
  await row.selectOption('Wood box');
  await expect(row).toHaveValue('Canister stove');
});

test('few words are one group of radio buttons, gone along by the arrows', async ({ page }) => {
  const group = page.getByRole('radiogroup', { name: 'Water' });
  await group.getByRole('radio', { name: 'Stream' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(group.getByRole('radio', { name: 'Snow' })).toBeChecked();
  await page.getByRole('switch', { name: refuse }).click();
  await group.getByText('Stream').click();
  await expect(group.getByRole('radio', { name: 'Snow' })).toBeChecked();
});

test('tabs name their panel and are turned by keys, the focus with them', async ({ page }) => {
  const tab = (name: string) => page.getByRole('tab', { name });
  const panel = page.getByRole('tabpanel');
  await expect(page.getByRole('tablist', { name: 'What to look at' }).getByRole('tab')).toHaveCount(3);
  await expect(panel).toHaveCount(1);
  await tab('This leg').focus();
  for (const [key, name] of [
    ['ArrowRight', 'All legs'],
    ['End', 'Shopping'],
    ['Home', 'This leg'],
    ['End', 'Shopping'],
    ['ArrowLeft', 'All legs'],
  ]) {
    await page.keyboard.press(key);
    await expect(tab(name)).toBeFocused();
    await expect(tab(name)).toHaveAttribute('aria-selected', 'true');
    await expect(tab(name)).toHaveAttribute('aria-controls', 'side');
    await expect(panel).toHaveAccessibleName(name);
  }
  await expect(page.getByRole('tab', { selected: true })).toHaveCount(1);
  await tab('Shopping').click();
  await expect(panel).toHaveText(/of shop/);
});

test('a word says what it means with the focus and under the pointer, and Escape takes that away', async ({ page }) => {
  const word = page.getByText('Reserve', { exact: true });
  const bubble = page.getByRole('tooltip');
  await word.focus();
  await expect(bubble).toContainText('safety margin');
  await expect(word).toHaveAccessibleDescription(/safety margin/);
  await page.keyboard.press('Escape');
  await expect(bubble).toBeHidden();
  await page.getByRole('heading', { name: 'Controls' }).hover();
  await word.hover();
  await expect(bubble).toBeVisible();
});

test('a switch says whether it is on, turns by Space and by its name, and back where it is refused', async ({ page }) => {
  const lid = page.getByRole('switch', { name: 'Lid on' });
  await expect(lid).toBeChecked();
  await lid.press('Space');
  await expect(lid).not.toBeChecked();
  await page.getByText('Lid on').click();
  await expect(lid).toBeChecked();
  await page.getByRole('switch', { name: refuse }).click();
  await lid.click();
  await expect(lid).toBeChecked();
});

test('a box to tick shows what was taken', async ({ page }) => {
  const bottle = page.getByRole('checkbox', { name: 'Carry a bottle' });
  await bottle.check();
  await page.getByRole('switch', { name: refuse }).click();
  await bottle.click();
  await expect(bottle).toBeChecked();
});

test('a scale is a slider with its words, and goes by arrows, pages and ends; what is refused goes back', async ({ page }) => {
  const air = page.getByRole('slider', { name: 'Evenings' });
  await expect(air).toHaveAttribute('aria-valuetext', /^8\s°C$/);
  await air.focus();
  for (const [key, now] of [
    ['ArrowRight', '9'],
    ['PageDown', '-1'],
    ['Home', '-20'],
    ['End', '30'],
  ]) {
    await page.keyboard.press(key);
    await expect(air).toHaveAttribute('aria-valuenow', now);
    await expect(page.getByRole('textbox', { name: 'Evenings, typed' })).toHaveValue(now.replace('-', '−'));
  }
  await page.getByRole('switch', { name: refuse }).click();
  await air.press('Home');
  await expect(air).toHaveAttribute('aria-valuenow', '30');
  await expect(page.getByRole('textbox', { name: 'Evenings, typed' })).toHaveValue('30');
});

test('a number is read in any unit; what cannot be is said beside it, and what is refused goes back', async ({ page }) => {
  const water = page.getByRole('textbox', { name: 'Water for dinner' });
  await water.fill('2 cups');
  await water.press('Enter');
  await expect(water).toHaveValue('473');
  await water.fill('a lot');
  await water.press('Enter');
  await expect(water).toHaveAttribute('aria-invalid', 'true');
  await expect(page.getByRole('alert').filter({ hasText: 'Type a volume' })).toBeVisible();
  await expect(water).toHaveAccessibleDescription(/Type a volume/);
  await water.press('Escape');
  await expect(water).toHaveValue('473');
  await page.getByRole('switch', { name: refuse }).click();
  await water.fill('700');
  await water.press('Enter');
  await expect(water).toHaveValue('473');
});

test('a day is typed; what is none is named, and the last one kept', async ({ page }) => {
  const day = page.getByRole('textbox', { name: 'First day' });
  await day.fill('2027-02-30');
  await day.press('Enter');
  const noDay = page.getByRole('alert').filter({ hasText: '“2027-02-30” is no day' });
  await expect(noDay).toBeVisible();
  await day.fill('2028-02-29');
  await day.press('Enter');
  await expect(noDay).toBeHidden();
  await expect(day).toHaveValue('2028-02-29');
});

test('a menu is gone along by keys, chosen from by Enter, and gives the focus back', async ({ page }) => {
  const button = page.getByRole('button', { name: 'Exports' });
  await button.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('menuitem', { name: 'Export drawing' })).toBeFocused();
  await page.keyboard.press('End');
  await expect(page.getByRole('menuitemradio', { name: 'Melt snow' })).toBeFocused();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Enter');
  await expect(page.locator('output')).toHaveText('table');
  await expect(button).toBeFocused();
  await expect(page.getByRole('menu')).toBeHidden();
  await page.keyboard.press('Enter'); // at once
  await expect(page.getByRole('menu')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(button).toBeFocused();
});

test('what cannot be undone is asked about: the careful answer has the focus, and Escape is that answer', async ({ page }) => {
  const button = page.getByRole('button', { name: 'Remove', exact: true });
  const question = page.getByRole('alertdialog', { name: 'Remove it? Nothing brings it back.' });
  await button.focus();
  await page.keyboard.press('Enter');
  await expect(question.getByRole('button', { name: 'Keep' })).toBeFocused();
  await standing(page);
  await page.keyboard.press('Escape');
  await expect(question).toBeHidden();
  await expect(button).toBeFocused();
  await expect(page.locator('output')).toHaveText('nothing yet');
  await page.keyboard.press('Enter');
  await question.getByRole('button', { name: 'Remove for good' }).click();
  await expect(page.locator('output')).toHaveText('removed');
  await expect(button).toBeFocused();
});

test('a file comes in by its button, by key too, or dropped on it', async ({ page }) => {
  for (const key of ['Enter', 'Space']) {
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Read CSV' }).press(key);
    await (await chooser).setFiles({ name: `${key}.csv`, mimeType: 'text/csv', buffer: Buffer.from('a') });
    await expect(page.locator('output')).toHaveText(`${key}.csv`);
  }
  await page.getByLabel('CSV file of gear').setInputFiles({ name: 'chosen.csv', mimeType: 'text/csv', buffer: Buffer.from('a') });
  await expect(page.locator('output')).toHaveText('chosen.csv');
  await page
    .locator('app-file-field')
    .getByRole('button', { name: 'Read CSV' })
    .evaluate((place) => {
      const dataTransfer = new DataTransfer();
      dataTransfer.items.add(new File(['b'], 'dropped.txt'));
      for (const type of ['dragover', 'drop']) place.dispatchEvent(new DragEvent(type, { dataTransfer, bubbles: true, cancelable: true }));
    });
  await expect(page.locator('output')).toHaveText('dropped.txt');
});

test('progress, steps and notices say what they are', async ({ page }) => {
  await expect(page.getByRole('progressbar', { name: 'Trips drawn' })).toHaveAttribute('aria-valuenow', '42');
  const steps = page.getByRole('list', { name: 'Steps of a burn' });
  await expect(steps.getByRole('listitem')).toHaveCount(3);
  await expect(steps.locator('[aria-current=step]')).toContainText('Burn');
  await expect(page.getByRole('alert').filter({ hasText: 'was not taken' })).toBeVisible();
  await expect(page.getByRole('status').filter({ hasText: 'A new version' })).toBeVisible();
});
