import { readFile } from 'node:fs/promises';
import { expect, expectFits, list, open, pick, test, turnTo, type, verdict } from './helpers';

test('the menu answers without violations and fits', async ({ page }) => {
  await open(page, '/menu');
  await expect(page.locator('app-dish-card')).toContainText('Ways to done');
  await expectFits(page);
  await turnTo(page, 'What habits cost');
  await expect(page.locator('app-habit-panel')).toContainText('The best together');
  await expectFits(page, '#menu-side');
  await turnTo(page, 'Food by stop');
  await expect(page.getByRole('table', { name: /1,000 kcal/ })).toContainText('granola');
  await expectFits(page, '#menu-side');
});

test('a dish is chosen, cooked and changed by keyboard, and the plan follows', async ({ page }) => {
  await open(page, '/menu');
  const supper = page.getByRole('region', { name: 'dinner' });
  const before = await supper.locator('app-figure').innerText();
  await supper.getByLabel('dinner', { exact: true }).focus();
  await pick(list(supper, 'dinner'), 'Raw pasta, little water');
  await expect(supper.locator('app-figure')).not.toHaveText(before);
  await pick(list(page.locator('app-dish-fields'), 'how dinner is cooked'), /home/);
  await expect(page.locator('app-dish-card')).toContainText('Ready at a rolling boil');
  await type(page, 'water of the dish', '300');
  await expect(page.locator('app-dish-card')).toContainText('300 mL (2 marks) of water');
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect(supper.locator('app-figure')).toHaveText(before);
});

test('a habit is adopted with one press and given back with undo, across views', async ({ page }) => {
  await open(page, '/menu');
  await turnTo(page, 'What habits cost');
  await page.getByRole('button', { name: /^breakfast cold: −\d+ g/i }).click();
  await expect(verdict(page)).toContainText('one 100 g canister');
  await page.getByRole('link', { name: 'Carry', exact: true }).click();
  await expect(page.getByRole('region', { name: 'breakfast' })).toContainText('No fuel');
  await page.keyboard.press('Control+z');
  await expect(verdict(page)).toContainText('two 100 g canisters');
});

test('dishes go out as CSV and come in again, broken rows kept out by line', async ({ page }) => {
  await open(page, '/menu');
  await turnTo(page, 'Food by stop');
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Export as CSV' }).click()]);
  const text = await readFile(await download.path(), 'utf8');
  expect(text).toContain('home-dried chilli,homeDried');
  const broken = `${text}Bad row,boilPour,much,1\r\nPlum stew,boilPour,280,100\r\n`;
  await page.getByLabel('CSV file of dishes').setInputFiles({ name: 'mine.csv', mimeType: 'text/csv', buffer: Buffer.from(broken) });
  await expect(page.getByRole('alert')).toContainText(/line 6: waterMl is “much”, not a number/);
  await page.getByRole('button', { name: 'Take the 5 good ones' }).click();
  await expect(page.locator('app-food-tables')).toContainText('Plum stew');
});
