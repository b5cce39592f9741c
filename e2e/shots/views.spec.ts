import { expect, test, type Page } from '@playwright/test';
import { standing, verdict } from '../tests/helpers';

const OUT = '../docs/screenshots';
const shot = (name: string) => ({ path: `${OUT}/${name}.png`, animations: 'disabled' as const });

/** Until the verdict has said all it has to say: the risk is drawn last. */
const said = (page: Page) => expect(verdict(page)).toContainText('runs out');

test.beforeEach(async ({ page }) => {
  await page.goto('/carry');
  await expect(verdict(page)).toContainText('off your back');
  await page.getByRole('slider', { name: 'Day marker' }).press('ArrowRight');
  await page.getByRole('slider', { name: 'Day marker' }).press('ArrowRight');
  await page.getByRole('slider', { name: 'Day marker' }).blur();
});

test('carry', async ({ page }) => {
  await expect(page.getByRole('group', { name: 'carried weight of every kit' })).toContainText('cold soak');
  await said(page);
  await page.screenshot(shot('carry'));
  await page.setViewportSize({ width: 390, height: 844 });
  await page.screenshot(shot('carry-phone'));
});

for (const [name, side, words] of [
  ['carry-lengths', 'other lengths', 'where small can burner crosses'],
  ['carry-balance', 'weight and risk', 'the front, from light to safe'],
  ['carry-legs', 'leg by leg', 'carry it there'],
] as const)
  test(name, async ({ page }) => {
    await page.setViewportSize({ width: 1280, height: 1100 });
    await page.getByRole('radiogroup', { name: 'What to look at' }).getByText(side, { exact: true }).click();
    await expect(page.getByText(words).first()).toBeVisible({ timeout: 20_000 });
    await expect(page.locator('progress')).toHaveCount(0, { timeout: 30_000 });
    await page.screenshot(shot(name));
  });

test('trail', async ({ page }) => {
  await page.goto('/trail');
  await expect(page.getByRole('table', { name: 'stops and legs' })).toBeVisible();
  const ribbon = await page.locator('svg.ribbon').boundingBox();
  if (!ribbon) throw new Error('no ribbon');
  const x = (day: number) => ribbon.x + (ribbon.width * day) / 23;
  await page.mouse.move(x(17.5), ribbon.y + 120);
  await page.mouse.down();
  await page.mouse.move(x(19.5), ribbon.y + 120, { steps: 4 });
  await page.mouse.up();
  await said(page);
  await page.screenshot(shot('trail'));
  await page.setViewportSize({ width: 390, height: 844 });
  await page.screenshot(shot('trail-phone'));
});

test('kit', async ({ page }) => {
  await page.goto('/kit');
  await expect(page.getByRole('list', { name: 'packing order' })).toContainText('100 g can');
  await said(page);
  await page.screenshot(shot('kit'));
  await page.setViewportSize({ width: 390, height: 844 });
  await page.screenshot(shot('kit-phone'));
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.getByText('side by side', { exact: true }).first().click();
  await expect(page.getByRole('table')).toContainText('590 g');
  await page.screenshot(shot('kit-side-by-side'));
});

test('menu', async ({ page }) => {
  await page.goto('/menu');
  await expect(page.locator('app-habit-panel')).toContainText('The best together');
  await expect(page.locator('app-dish-panel')).toContainText('at the stove');
  await page.screenshot(shot('menu'));
});

test('a new trip', async ({ page }) => {
  await page.keyboard.press('n');
  await expect(page.getByRole('dialog')).toBeVisible();
  await standing(page);
  await page.screenshot(shot('new-trip'));
});

test('where the grams go', async ({ page }) => {
  await page.getByRole('region', { name: 'supper' }).getByRole('button').click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await standing(page);
  await page.screenshot(shot('ledger'));
});

test('by headlamp', async ({ page }) => {
  await page.keyboard.press('t');
  await page.screenshot(shot('carry-headlamp'));
});

for (const subject of ['flame', 'cold', 'rest'])
  test(`a closer look at the ${subject}`, async ({ page }) => {
    await page.setViewportSize({ width: 1280, height: 1240 });
    await page.getByRole('radiogroup', { name: 'Subject of the closer look' }).getByText(subject, { exact: true }).click();
    const look = page.locator('app-closer-look');
    await look.scrollIntoViewIfNeeded();
    await expect(look.locator('svg').first()).toBeVisible();
    await standing(page);
    await look.screenshot(shot(`closer-${subject}`));
  });

test('a closer look at the dose', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 1240 });
  await page.getByLabel('burner', { exact: true }).selectOption({ label: 'open-jet alcohol burner' });
  await page.getByRole('radiogroup', { name: 'Subject of the closer look' }).getByText('dose', { exact: true }).click();
  const look = page.locator('app-closer-look');
  await expect(look.locator('tr.best')).toBeVisible();
  await expect(verdict(page)).toHaveAttribute('aria-busy', 'false');
  await standing(page);
  await look.screenshot(shot('closer-dose'));
});
