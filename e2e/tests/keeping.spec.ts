import { importArchive } from '@tinder/core/output/archive';
import { planTrip } from '@tinder/core/planning/plan';
import { carryOfDay } from '@tinder/core/planning/planned';
import { readFile } from 'node:fs/promises';
import { expect, fromTripMenu, grams, open, saved, test, type, verdict } from './helpers';

test('is all still there after a reload', async ({ page }) => {
  await open(page);
  await type(page, 'Days, typed', '8');
  await page.keyboard.press('t');
  await page.getByRole('heading', { name: /^Conditions/ }).click();
  await saved(page);
  await page.reload();
  await expect(verdict(page)).toContainText('for 8 days');
});

test('what was edited in the moment the page was left is there on the next one', async ({ page }) => {
  await open(page);
  await type(page, 'Days, typed', '8');
  await page.goto('/trail');
  await page.goto('/carry');
  await expect(verdict(page)).toContainText('for 8 days');
});

test('exports a trip, takes it back, and the numbers agree with the core', async ({ page }) => {
  await open(page);
  await type(page, 'Days, typed', '9');
  await expect(verdict(page)).toContainText('for 9 days');
  const [download] = await Promise.all([page.waitForEvent('download'), fromTripMenu(page, 'Export trip')]);
  expect(download.suggestedFilename()).toBe('vesper-divide.json');
  const text = await readFile(await download.path(), 'utf8');
  const read = importArchive(text);
  if (!read.ok) throw new Error('the exported file was refused');
  expect(await grams(page, 'Fuel need')).toBe(Math.round(carryOfDay(planTrip(read.value.trips[0].trip), 1).demandG));

  await type(page, 'Days, typed', '2');
  await expect(verdict(page)).toContainText('for 2 days');
  await page
    .getByLabel('Trip, rack or backup file to import')
    .setInputFiles({ name: 'nine.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  await expect(page.getByText('nine.json: Vesper Divide, imported is open.')).toBeVisible();
  await expect(verdict(page)).toContainText('for 9 days');
  await page.keyboard.press('Control+z');
  await expect(verdict(page)).toContainText('for 2 days');
});

test('refuses broken files with the place and the mend, and changes nothing', async ({ page }) => {
  await open(page);
  await type(page, 'Days, typed', '6');
  const [download] = await Promise.all([page.waitForEvent('download'), fromTripMenu(page, 'Export trip')]);
  const good = await readFile(await download.path(), 'utf8');
  const cases: [string, string, RegExp][] = [
    ['half.json', good.slice(0, 300), /stops being JSON at line \d+, column \d+/],
    ['other.json', '{"hello": 1}', /neither a trip nor a rack/],
    ['later.json', good.replace('"version": 3', '"version": 12'), /version “12”; this program reads up to version 3/],
    ['negative.json', good.replace('"waterMl": 600', '"waterMl": -600'), /trips\.0\.trip\.menu\.supper\.waterMl/],
    ['noise.json', 'x'.repeat(10_000_000), /line 1, column 1/],
  ];
  for (const [name, body, sentence] of cases) {
    await page
      .getByLabel('Trip, rack or backup file to import')
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(body) });
    await expect(page.getByRole('alert')).toContainText(`${name} was not taken. Nothing here has changed.`);
    await expect(page.getByRole('alert')).toContainText(sentence);
    await expect(verdict(page)).toContainText('for 6 days');
  }
  await page.getByRole('button', { name: 'Dismiss' }).click();
  await expect(page.getByRole('alert')).toBeHidden();
});

test('two tabs follow each other, and each can step back', async ({ context, page }) => {
  await open(page);
  const other = await context.newPage();
  await open(other);
  await type(page, 'Days, typed', '4');
  await expect(verdict(other)).toContainText('for 4 days');
  await type(other, 'Dinner water', '700');
  await expect(page.getByRole('textbox', { name: 'Dinner water' })).toHaveValue('700');
  await page.keyboard.press('Control+z');
  await expect(other.getByRole('textbox', { name: 'Dinner water' })).toHaveValue('600');
});

test('two tabs hold two trips side by side without harm, and both are backed up and restored', async ({ context, page }) => {
  await open(page);
  const other = await context.newPage();
  await open(other);
  await other.keyboard.press('l');
  await other.getByRole('button', { name: 'Duplicate Vesper Divide' }).click();
  await other.getByLabel('Name of Vesper Divide, copy').fill('The Copy');
  await other.getByLabel('Name of Vesper Divide, copy').press('Enter');
  await other.keyboard.press('Escape');
  await type(other, 'Days, typed', '3');
  await type(page, 'Days, typed', '7');
  await expect(verdict(page)).toContainText('for 7 days');
  await expect(verdict(other)).toContainText('for 3 days');
  await page.keyboard.press('Control+z');
  await expect(verdict(page)).toContainText('for 5 days'); // what still says "saved" may be the edit before
  await saved(page);
  await saved(other);
  for (const tab of [page, other]) {
    await tab.reload();
    await saved(tab); // a key reaches nobody before the frame stands
    await tab.keyboard.press('l');
    await expect(tab.getByRole('dialog').getByRole('textbox')).toHaveCount(2);
    await tab.keyboard.press('Escape');
  }
  await expect(verdict(page)).toContainText('for 5 days');
  await expect(verdict(other)).toContainText('for 3 days');

  await page.keyboard.press('l');
  await expect(page.getByRole('dialog')).toContainText('Nothing was ever backed up');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('dialog').getByRole('button', { name: 'Back up everything' }).click(),
  ]);
  await expect(page.getByRole('dialog')).toContainText('Last backed up today');
  await page.getByRole('button', { name: 'Delete The Copy' }).click();
  await expect(page.getByRole('dialog').getByRole('textbox')).toHaveCount(1);
  await page.keyboard.press('Escape');
  await page.getByLabel('Trip, rack or backup file to import').setInputFiles(await download.path());
  await page.getByRole('button', { name: 'Replace everything with the backup' }).click();
  await page.keyboard.press('l');
  await expect(page.getByRole('dialog').getByRole('textbox')).toHaveCount(2);
});
