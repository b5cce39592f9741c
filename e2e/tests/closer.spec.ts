import type { Page } from '@playwright/test';
import { box, expect, expectFits, list, open, options, pick, test, type, unfold } from './helpers';

/** Opens the closer look, where it is not open yet, on a subject. */
const subject = async (page: Page, name: string) => {
  if (!(await page.locator('app-closer-look').isVisible())) await unfold(page, 'A closer look');
  await page.getByRole('radiogroup', { name: 'Subject of the closer look' }).getByText(name, { exact: true }).click();
};

test('every subject of the closer look answers without violations', async ({ page }) => {
  await open(page);
  for (const [name, words] of [
    ['Flame', /Least fuel for dinner on day 1/],
    ['Cold', /hot meals find less than a quarter/],
    ['Rest', /after 10 min/],
    ['Dose', /is not dosed/],
  ] as const) {
    await subject(page, name);
    await expect(page.locator('app-closer-look')).toContainText(words);
    await expectFits(page, 'app-closer-look');
  }
});

test('the flame is set on its curve, by hand and by key, as one step', async ({ page }) => {
  await open(page);
  await unfold(page, 'Lid, windscreen');
  await unfold(page, 'A closer look');
  const curve = page.getByRole('slider', { name: 'Flame setting on the fuel curve' });
  await curve.focus();
  await page.keyboard.press('Home');
  await expect(page.getByRole('textbox', { name: 'Flame, typed' })).toHaveValue('18');
  await page.keyboard.press('End');
  await expect(page.getByRole('textbox', { name: 'Flame, typed' })).toHaveValue('100');
  const box = await curve.boundingBox();
  if (!box) throw new Error('no curve');
  await page.mouse.move(box.x + box.width * 0.9, box.y + 40);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width * 0.6, box.y + 40, { steps: 6 });
  await page.mouse.move(box.x + box.width * 0.4, box.y + 40, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByRole('textbox', { name: 'Flame, typed' })).toHaveValue(/^(4|5)\d$/);
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('textbox', { name: 'Flame, typed' })).toHaveValue('100');
});

test('the cold map reads under the keys, and the canister’s care moves it', async ({ page }) => {
  await open(page);
  await type(page, 'Mornings, typed', '-26');
  await subject(page, 'Cold');
  const says = page.locator('app-cold-panel .says');
  await expect(says).not.toHaveText(/^0 %/);
  await page.getByRole('application', { name: /Cold map/ }).focus();
  for (let i = 0; i < 12; i++) await page.keyboard.press('ArrowLeft');
  await expect(page.locator('#cold-reading')).toContainText('Air −12 °C, 50 % left');
  await unfold(page, 'Lid, windscreen');
  await pick(list(page, 'Canister'), 'In the sleeping bag');
  await expect(says).toHaveText(/^0 %/);
});

test('one boil seen in the cold overrules the label of the canister, and undo gives it back', async ({ page }) => {
  await open(page);
  await subject(page, 'Cold');
  await type(page, 'Minutes to the boil on my canister', '15 min');
  await page.getByRole('button', { name: 'What is in it?' }).click();
  await expect(page.locator('app-own-can')).toContainText('It behaves like');
  await page.getByRole('button', { name: 'Plan with this blend' }).click();
  await expect(page.locator('app-cold-panel')).toContainText('From your own canister');
  await page.keyboard.press('Control+z');
  await expect(page.locator('app-cold-panel')).toContainText('Assumed: propane 20 %');
});

test('every stove of the rack can be chosen and says what it cannot do', async ({ page }) => {
  await open(page);
  await unfold(page, 'Lid, windscreen');
  const stove = list(page, 'Stove');
  await box(stove).click();
  const names = options(page);
  await expect(names.first()).toHaveAttribute('aria-setsize', /1\d/);
  const count = Number(await names.first().getAttribute('aria-setsize'));
  await stove.press('Escape');
  for (let i = 0; i < count; i++) {
    for (const key of ['Enter', ...(i === 0 ? ['Home'] : ['ArrowDown']), 'Enter']) await stove.press(key);
    await expect(page.locator('app-kit-panel')).toContainText('This stove cannot');
    await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('Leave Nettle Hut');
    await expect(page.getByText('could not be worked out')).toBeHidden();
  }
  await expect(page.locator('app-answer-column')).toContainText('of dry wood on the way');
});

test('snow, a simmer and a rolling boil cost what they cost', async ({ page }) => {
  await open(page);
  const supper = page.getByRole('region', { name: 'dinner' });
  const grams = async () => Number.parseFloat(await supper.locator('app-figure').innerText());
  const plain = await grams();
  await unfold(page, 'Simmer, stir in');
  const finer = page.getByRole('group', { name: 'Dinner' });
  await pick(list(finer, 'Safe water'), /EPA/);
  await expect.poll(grams).toBeGreaterThan(plain);
  const safe = await grams();
  await pick(list(finer, 'Simmer'), '15 min');
  await expect.poll(grams).toBeGreaterThan(safe);
  await pick(list(finer, 'Safe water'), 'Filter or tap');
  await pick(list(finer, 'Simmer'), 'None');
  await page.getByRole('radiogroup', { name: 'Water' }).getByText('Snow', { exact: true }).click();
  await expect.poll(grams).toBeGreaterThan(1.5 * plain);
  await expect(supper).toContainText('potfuls of settled snow');
});
