import { expect, list, open, pick, saved, test, turnTo, type, unfold } from './helpers';

test('a trip to look at is shown without being taken in, refuses every edit, and can be kept as a copy', async ({ page }) => {
  await open(page, '/carry');
  const download = page.waitForEvent('download');
  await page.keyboard.press('s');
  const file = await (await download).path();
  await type(page, 'Reserve, typed', '33 %');
  await saved(page);
  await page.getByLabel('Trip, rack or backup file to import').setInputFiles(file);
  const looking = page.getByRole('status').filter({ hasText: 'somebody else’s trip' });
  await expect(looking).toBeVisible();
  const reserve = page.getByRole('textbox', { name: 'Reserve, typed' });
  await expect(reserve).not.toHaveValue(/33/);
  await type(page, 'Reserve, typed', '50 %');
  await expect(page.getByRole('alert')).toContainText('keep a copy');
  // nothing that was refused is shown as chosen
  await unfold(page, 'Lid, windscreen');
  await page.getByRole('switch', { name: 'Lid on' }).click();
  await expect(page.getByRole('switch', { name: 'Lid on' })).toBeChecked();
  await pick(list(page, 'Windscreen'), 'None');
  await expect(list(page, 'Windscreen')).not.toHaveValue('None');
  await page.getByRole('slider', { name: 'Reserve' }).press('End');
  await expect(page.getByRole('slider', { name: 'Reserve' })).not.toHaveAttribute('aria-valuenow', '60');
  await page.getByRole('radiogroup', { name: 'Water' }).getByText('Snow', { exact: true }).click();
  await expect(page.getByRole('radio', { name: 'Stream' })).toBeChecked();
  await expect(reserve).not.toHaveValue(/50/);
  await page.getByRole('button', { name: 'Back to my own' }).click();
  await expect(reserve).toHaveValue(/33/);
  await page.getByLabel('Trip, rack or backup file to import').setInputFiles(file);
  await looking.getByRole('button', { name: 'Keep a copy' }).click();
  await expect(page.getByText('is open. Undo takes it out again.')).toBeVisible();
  await type(page, 'Reserve, typed', '50 %');
  await expect(reserve).toHaveValue(/50/);
});

test('the address names the side of a view, and brings it back', async ({ page }) => {
  await open(page, '/carry?side=legs');
  await expect(page.getByRole('tab', { name: 'All legs' })).toHaveAttribute('aria-selected', 'true');
  await turnTo(page, 'Cases');
  await expect(page).toHaveURL(/side=whatIf/);
  await page.reload();
  await expect(page.getByRole('tab', { name: 'What if' })).toHaveAttribute('aria-selected', 'true');
  await page.goto('/carry?side=nonsense');
  await expect(page.getByRole('tab', { name: 'This leg' })).toHaveAttribute('aria-selected', 'true');
});
