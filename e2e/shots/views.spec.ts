import { expect, test } from '@playwright/test';

const OUT = '../docs/screenshots';
const shot = (name: string) => ({ path: `${OUT}/${name}.png`, animations: 'disabled' as const });

test.beforeEach(async ({ page }) => {
  await page.goto('/carry');
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('off your back');
  await page.getByRole('slider', { name: 'Day marker' }).press('ArrowRight');
  await page.getByRole('slider', { name: 'Day marker' }).press('ArrowRight');
  await page.getByRole('slider', { name: 'Day marker' }).blur();
});

test('carry', async ({ page }) => {
  await page.screenshot(shot('carry'));
  await page.setViewportSize({ width: 390, height: 844 });
  await page.screenshot(shot('carry-phone'));
});

test('where the grams go', async ({ page }) => {
  await page.getByRole('region', { name: 'supper' }).getByRole('button').click();
  await page.waitForTimeout(400);
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
    await page.waitForTimeout(500);
    await look.screenshot(shot(`closer-${subject}`));
  });

test('a closer look at the dose', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 1240 });
  await page.getByLabel('burner', { exact: true }).selectOption({ label: 'open-jet alcohol burner' });
  await page.getByRole('radiogroup', { name: 'Subject of the closer look' }).getByText('dose', { exact: true }).click();
  await page.waitForTimeout(500);
  await page.locator('app-closer-look').screenshot(shot('closer-dose'));
});
