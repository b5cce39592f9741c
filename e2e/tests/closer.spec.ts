import type { Page } from '@playwright/test';
import { expect, expectFits, open, test, type } from './helpers';

const subject = (page: Page, name: string) =>
  page.getByRole('radiogroup', { name: 'Subject of the closer look' }).getByText(name, { exact: true }).click();

test('every subject of the closer look answers without violations', async ({ page }) => {
  await open(page);
  for (const [name, words] of [
    ['flame', /Least fuel for supper on day 1/],
    ['cold', /hot meals find less than a quarter/],
    ['rest', /after 10 min/],
    ['dose', /is not dosed/],
  ] as const) {
    await subject(page, name);
    await expect(page.locator('app-closer-look')).toContainText(words);
    await expectFits(page, 'app-closer-look');
  }
});

test('the flame is set on its curve, by hand and by key, as one step', async ({ page }) => {
  await open(page);
  const curve = page.getByRole('slider', { name: 'Flame setting on the fuel curve' });
  await curve.focus();
  await page.keyboard.press('Home');
  await expect(page.getByRole('textbox', { name: 'flame, typed' })).toHaveValue('18 %');
  await page.keyboard.press('End');
  await expect(page.getByRole('textbox', { name: 'flame, typed' })).toHaveValue('100 %');
  const box = await curve.boundingBox();
  if (!box) throw new Error('no curve');
  await page.mouse.move(box.x + box.width * 0.9, box.y + 40);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width * 0.6, box.y + 40, { steps: 6 });
  await page.mouse.move(box.x + box.width * 0.4, box.y + 40, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByRole('textbox', { name: 'flame, typed' })).toHaveValue(/^(4|5)\d %$/);
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('textbox', { name: 'flame, typed' })).toHaveValue('100 %');
});

test('the cold map reads under the keys, and the can’s care moves it', async ({ page }) => {
  await open(page);
  await type(page, 'at breakfast, typed', '-26');
  await subject(page, 'cold');
  const says = page.locator('app-cold-panel .says');
  await expect(says).not.toHaveText(/^0 %/);
  await page.getByRole('application', { name: /Cold map/ }).focus();
  for (let i = 0; i < 12; i++) await page.keyboard.press('ArrowLeft');
  await expect(page.locator('#cold-reading')).toContainText('Air −12 °C, 50 % left');
  await page.getByLabel('the can', { exact: true }).selectOption({ label: 'slept with' });
  await expect(says).toHaveText(/^0 %/);
});

test('one boil seen in the cold overrules the label of the can, and undo gives it back', async ({ page }) => {
  await open(page);
  await subject(page, 'cold');
  await type(page, 'minutes to the boil on my can', '15 min');
  await page.getByRole('button', { name: 'what is in it?' }).click();
  await expect(page.locator('app-own-can')).toContainText('It behaves like');
  await page.getByRole('button', { name: 'plan with this blend' }).click();
  await expect(page.locator('app-cold-panel')).toContainText('From your own can');
  await page.keyboard.press('Control+z');
  await expect(page.locator('app-cold-panel')).toContainText('Assumed: propane 20 %');
});

test('every burner of the rack can be chosen and says what it cannot do', async ({ page }) => {
  await open(page);
  const burner = page.getByLabel('burner', { exact: true });
  await expect.poll(() => burner.locator('option').count()).toBeGreaterThan(10);
  const names = await burner.locator('option').allInnerTexts();
  for (const name of names) {
    await burner.selectOption({ label: name });
    await expect(page.locator('app-kit-panel .note')).toContainText('It cannot');
    await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('Leave Nettle Hut');
    await expect(page.getByText('could not be worked out')).toBeHidden();
  }
  await expect(page.locator('app-answer-column')).toContainText('to gather on the way');
});

test('snow, a simmer and a rolling boil cost what they cost', async ({ page }) => {
  await open(page);
  const supper = page.getByRole('region', { name: 'supper' });
  const grams = async () => Number.parseFloat(await supper.locator('app-figure').innerText());
  const plain = await grams();
  await supper.getByText('simmer, boil to make it safe').click();
  await supper.getByLabel('made safe').selectOption('epa');
  await expect.poll(grams).toBeGreaterThan(plain);
  const safe = await grams();
  await supper.getByLabel('held at heat').selectOption('15');
  await expect.poll(grams).toBeGreaterThan(safe);
  await supper.getByLabel('made safe').selectOption('none');
  await supper.getByLabel('held at heat').selectOption('0');
  await page.getByRole('radiogroup', { name: 'Where water comes from' }).getByText('snow', { exact: true }).click();
  await expect.poll(grams).toBeGreaterThan(1.5 * plain);
  await expect(supper).toContainText('potfuls of settled snow');
});
