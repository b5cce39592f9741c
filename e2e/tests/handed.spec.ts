import { expect, open, saved, test, turnTo, type } from './helpers';

test('a trip to look at is shown without being taken in, refuses every edit, and can be kept as a copy', async ({ page }) => {
  await open(page, '/carry');
  const download = page.waitForEvent('download');
  await page.keyboard.press('s');
  const file = await (await download).path();
  await type(page, 'reserve, typed', '33 %');
  await saved(page);
  await page.getByLabel('Trip, rack or backup file to import').setInputFiles(file);
  const looking = page.getByRole('status').filter({ hasText: 'somebody else’s trip' });
  await expect(looking).toBeVisible();
  const reserve = page.getByRole('textbox', { name: 'reserve, typed' });
  await expect(reserve).not.toHaveValue(/33/);
  await type(page, 'reserve, typed', '50 %');
  await expect(page.getByRole('alert')).toContainText('keep a copy');
  // nothing that was refused is shown as chosen
  await page.getByRole('radiogroup', { name: 'Lid' }).getByText('off', { exact: true }).click();
  await expect(page.getByRole('radiogroup', { name: 'Lid' }).getByRole('radio', { name: 'on' })).toBeChecked();
  await page.getByLabel('windscreen', { exact: true }).selectOption('none');
  await expect(page.getByLabel('windscreen', { exact: true })).not.toHaveValue('none');
  await expect(reserve).not.toHaveValue(/50/);
  await page.getByRole('button', { name: 'back to my own' }).click();
  await expect(reserve).toHaveValue(/33/);
  await page.getByLabel('Trip, rack or backup file to import').setInputFiles(file);
  await looking.getByRole('button', { name: 'keep a copy' }).click();
  await expect(page.getByText('is open. Undo takes it out again.')).toBeVisible();
  await type(page, 'reserve, typed', '50 %');
  await expect(reserve).toHaveValue(/50/);
});

test('the address names the side of a view, and brings it back', async ({ page }) => {
  await open(page, '/carry?side=legs');
  await expect(page.getByRole('tab', { name: 'leg by leg' })).toHaveAttribute('aria-selected', 'true');
  await turnTo(page, 'what if');
  await expect(page).toHaveURL(/side=whatIf/);
  await page.reload();
  await expect(page.getByRole('tab', { name: 'what if' })).toHaveAttribute('aria-selected', 'true');
  await page.goto('/carry?side=nonsense');
  await expect(page.getByRole('tab', { name: 'out of the stop' })).toHaveAttribute('aria-selected', 'true');
});
