import { readFile } from 'node:fs/promises';
import { expect, expectFits, fromMenu, list, open, options, pick, test, turnTo, type, unfold, verdict } from './helpers';

const SIDES = ['Build', 'Find the best', 'Compare', 'Lighten', 'If you lose it', 'Gear log'] as const;
/** What is new on each side, beside the frame and the list of kits that are looked at with the first. */
const PANELS = [undefined, 'app-finder-panel', 'app-compare-panel', 'app-lighten-panel', 'app-losses-panel', 'app-diary-panel'] as const;

test('every side of the kits answers without violations and fits', async ({ page }) => {
  await open(page, '/kit');
  await expect(page.getByRole('list', { name: 'Packing order' })).toContainText('100 g canister');
  for (const name of SIDES) {
    await turnTo(page, name);
    if (name === 'Find the best') {
      await page.getByText('What I have', { exact: true }).click();
      await expect(page.getByRole('radio', { name: 'What I have', exact: true })).toBeChecked();
      await page.getByRole('button', { name: 'Find', exact: true }).click();
      await expect(page.locator('app-finder-schools').getByRole('listitem').first()).toContainText('less than the best', {
        timeout: 60_000,
      });
    }
    if (name === 'Compare') await expect(page.getByRole('table')).toContainText('590 g');
    if (name === 'Lighten') await expect(page.getByRole('table')).toContainText('Foil lid');
    if (name === 'If you lose it') await expect(page.getByRole('table').first()).toContainText('small gas stove');
    await expectFits(page, PANELS[SIDES.indexOf(name)]);
  }
});

test('a kit is built from nothing by keyboard', async ({ page }) => {
  await open(page, '/kit');
  await page.getByRole('button', { name: 'New kit' }).focus();
  await page.keyboard.press('Enter');
  await type(page, 'Name of the kit', 'by hand');
  const list = page.getByRole('list', { name: 'Pieces of the kit' });
  for (const [words, piece] of [
    ['open-jet', 'open-jet alcohol stove'],
    ['0.55 L', '0.55 L titanium mug'],
    ['foil lid', 'foil lid'],
    ['fitted cone', 'fitted cone for pot and alcohol stove'],
  ]) {
    await page.getByRole('searchbox', { name: 'Find a piece by name' }).fill(words);
    await page.getByRole('button', { name: `Add ${piece}`, exact: true }).press('Enter');
    await expect(list).toContainText(piece);
  }
  const builder = page.locator('app-kit-answer');
  for (let left = 10; left > 0; left--) {
    const mend = builder.getByRole('button', { name: /^(Add|It is replaced)/ });
    if ((await mend.count()) === 0) break;
    const words = ((await mend.first().textContent()) ?? '').trim();
    await mend.first().press('Enter');
    await expect(builder.getByRole('button', { name: words, exact: true })).toHaveCount(0);
  }
  await expect(builder).toContainText('It lacks nothing that this trip and menu ask for.');
  await builder.getByRole('button', { name: 'Carry it on Vesper Divide' }).press('Enter');
  await expect(verdict(page)).toContainText('mL of alcohol');
  await expect(page.locator('.saved')).toHaveText('Saved');
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Name of the kit' })).toHaveValue('by hand');
  await expect(builder).toContainText('edits here move its plan');
});

test('three kits are compared, the winner is carried, and ribbon, taper and verdict follow', async ({ page }) => {
  await open(page, '/kit');
  await turnTo(page, 'Compare');
  await page.getByRole('checkbox', { name: /tablets under a mug/i }).uncheck();
  const table = page.locator('app-compare-kits').getByRole('table');
  await expect(table.getByRole('row')).toHaveCount(4);
  await table.getByRole('button', { name: 'Fuel burnt' }).press('Enter');
  await expect(table.getByRole('row').nth(1)).toContainText('Remote stove for the snow');
  await expect(page.locator('app-compare-panel')).toContainText('First by your weights');
  await page.getByText('What counts, and how much').click();
  const weight = page.getByRole('slider', { name: 'How much average carried weight counts' });
  await weight.focus();
  for (let i = 0; i < 8; i++) await page.keyboard.press('ArrowRight');
  for (const off of ['hot meals cooked', 'wind it cooks in', 'coldest it works in', 'safe when tired', 'little fuss', 'turns down by']) {
    await page.getByRole('slider', { name: `how much ${off} counts` }).focus();
    await page.keyboard.press('Home');
  }
  await expect(page.locator('app-compare-panel')).toContainText('First by your weights: alcohol in a cone');
  await page.getByRole('button', { name: /Use on this trip.*alcohol in a cone/ }).click();
  await expect(verdict(page)).toContainText('mL of alcohol');
  await page.getByRole('link', { name: 'Carry', exact: true }).click();
  await expect(page.locator('app-answer-column')).toContainText('mL');
  await page.keyboard.press('Control+z');
  await expect(verdict(page)).toContainText('two 100 g canisters');
});

test('the rack goes out as JSON and CSV and comes in again, and the nest as a drawing', async ({ page }) => {
  await open(page, '/kit');
  await page.getByText('Files: pieces, kits and scores').click();
  const save = async (name: string) => {
    const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name, exact: true }).click()]);
    return readFile(await download.path(), 'utf8');
  };
  const json = await save('Everything, JSON');
  const pieces = await save('Pieces, CSV');
  expect(await save('Kits, CSV')).toContain('cold soak,jar for soaking');
  expect(await save('Scores, CSV')).toContain('fuss,,small canister stove,5');
  const drawing = async (as: string) => {
    const [download] = await Promise.all([page.waitForEvent('download'), fromMenu(page, 'Export the drawing', `Export drawing (${as})`)]);
    return readFile(await download.path(), 'utf8');
  };
  expect(await drawing('SVG')).toMatch(/^<svg[\s\S]*94\smm inside/);
  expect((await drawing('PNG')).slice(1, 4)).toBe('PNG');
  const bad = `${pieces}bent pot,pot,90\r\nodd,boat,1\r\n`;
  await page
    .getByLabel('CSV file of pieces, kits or scores')
    .setInputFiles({ name: 'p.csv', mimeType: 'text/csv', buffer: Buffer.from(bad) });
  const refused = page.getByRole('alert').filter({ hasText: 'p.csv' });
  await expect(refused).toContainText('a pot needs outer and inner measures ("bent pot")');
  await expect(refused).toContainText('role is “boat”');
  await page.getByRole('button', { name: 'Cancel' }).click();
  const twisted = json.replace('"massG": 73', '"massG": -73');
  await page
    .getByLabel('Trip, rack or backup file to import')
    .setInputFiles({ name: 'r.json', mimeType: 'application/json', buffer: Buffer.from(twisted) });
  await expect(page.getByRole('alert').filter({ hasText: 'r.json' })).toContainText('rack.pieces.0.massG');
  await page
    .getByLabel('Trip, rack or backup file to import')
    .setInputFiles({ name: 'r.json', mimeType: 'application/json', buffer: Buffer.from(json) });
  await expect(page.getByRole('status').filter({ hasText: 'r.json' })).toContainText('on the rack beside');
});

test('without motion the nest is packed step by step by hand, and two tabs keep each other’s kits', async ({ page, context }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await open(page, '/kit');
  await expect(page.getByRole('img', { name: /The pot cut open/ })).toBeVisible();
  await page.getByRole('button', { name: 'Pack from the start' }).click();
  await expect(page.locator('.piece.away')).toHaveCount(2);
  await page.getByRole('button', { name: 'Next', exact: true }).click();
  await expect(page.locator('.piece.away')).toHaveCount(1);
  const other = await context.newPage();
  await open(other, '/kit');
  await other.getByRole('button', { name: 'New kit' }).click();
  await turnTo(page, 'Compare');
  await expect(page.getByRole('group', { name: /Kits to compare/ }).getByRole('checkbox')).toHaveCount(7);
});

test('weights are pasted, a piece is measured, and the nest answers', async ({ page }) => {
  await open(page, '/kit');
  await page.getByRole('button', { name: 'Paste weights' }).click();
  await page.getByLabel('Pieces with their weights').fill('tiny pot 2.1 oz, bent spoon\nstring 4 g');
  await expect(page.locator('app-pieces-list')).toContainText('Line 1, “bent spoon”: no weight in it');
  await page.getByRole('button', { name: 'Beside what is in it' }).click();
  const list = page.getByRole('list', { name: 'Pieces of the kit' });
  await expect(list).toContainText('tiny pot');
  await list.getByRole('button', { name: '100 g canister', exact: true }).click();
  await type(page, 'across, of the piece', '4 in');
  await expect(page.locator('app-nest-panel')).toContainText('too wide by 7.6 mm');
  await type(page, 'across, of the piece', 'wide');
  await expect(page.locator('app-piece-editor').getByRole('alert')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('list', { name: 'Packing order' })).toContainText('100 g canister');
  await page.getByRole('button', { name: 'Put it on the scale (simulated)' }).click();
  await expect(page.getByRole('textbox', { name: 'Weight by my own scale' })).toHaveValue(/^9\d\.0$/);
});

test('a lighter is lost, its row turns bad by the walker’s own table, and the diary keeps why', async ({ page }) => {
  await open(page, '/kit');
  await turnTo(page, 'If you lose it');
  const row = page.getByRole('row', { name: /small lighter/i });
  await expect(page.locator('.harmless')).toContainText('small lighter');
  await unfold(page, 'What lights what');
  await page.getByRole('combobox', { name: 'match on canister stove', exact: true }).selectOption('not');
  await expect(row).toContainText('10');
  await turnTo(page, 'Gear log');
  await page.getByRole('textbox', { name: /with small canister stove, because/i }).fill('matches got wet');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('listitem').filter({ hasText: 'matches got wet' })).toBeVisible();
  await expect(page.locator('.saved')).toHaveText('Saved');
  await page.reload();
  await turnTo(page, 'Gear log');
  await expect(page.getByRole('listitem').filter({ hasText: 'matches got wet' })).toBeVisible();
});

test('the switch for what is owned hides the catalogue on the rack and in Carry', async ({ page }) => {
  await open(page, '/kit');
  const stoves = async () => {
    const stove = list(page, 'Stove');
    await stove.press('Enter');
    await expect(stove).toHaveAttribute('aria-expanded', 'true');
    const count = Number(await options(page).first().getAttribute('aria-setsize'));
    await stove.press('Escape');
    await expect(stove).toHaveAttribute('aria-expanded', 'false');
    return count;
  };
  await page.getByRole('checkbox', { name: /Only gear I own/ }).check();
  await page.getByRole('searchbox', { name: 'Find a piece by name' }).fill('larger gas');
  await expect(page.locator('app-pieces-list')).toContainText('No gear of that name among what you own');
  await page.getByRole('link', { name: 'Carry', exact: true }).click();
  const owned = await stoves();
  await page.keyboard.press('Control+z');
  await expect.poll(stoves).toBeGreaterThan(owned + 5);
});

test('a kit is found out of everything, carried cooked as it was found, and the plan has its grams', async ({ page }) => {
  await open(page, '/carry');
  await unfold(page, 'Lid, windscreen');
  await page.getByRole('link', { name: 'Find the best kit for this trip' }).click();
  const finder = page.locator('app-finder-panel');
  await finder.getByText('What I have', { exact: true }).click();
  await expect(finder.getByRole('radio', { name: 'What I have', exact: true })).toBeChecked();
  await finder.getByText('Conditions').click();
  await finder.getByRole('checkbox', { name: /Heat to 88 °C/ }).check();
  await finder.getByRole('button', { name: 'Find', exact: true }).press('Enter');
  const schools = finder.getByRole('table', { name: 'The best of each school' });
  await expect(schools).toContainText('canister stove, plain valve');
  await expect(schools).toContainText('no answer here: 10 wanted hot meals stay cold; its flame is forbidden on 5 days');
  await expect(finder).toContainText('planned in full');
  // along the front by keys, to its heavy end
  const front = finder.getByRole('slider', { name: 'Along the front, from light on' });
  await expect(finder.getByRole('progressbar')).toHaveCount(0, { timeout: 60_000 });
  await front.press('End');
  await expect(front).toHaveAttribute('aria-valuenow', (await front.getAttribute('aria-valuemax')) ?? '');
  await front.press('Home');
  await schools.getByRole('button', { name: 'Where remote canister stove would win' }).click();
  await expect(schools, 'both kits are planned many times for it').toContainText(
    /Would win with .*(Told apart|Not told apart)|No change tried/,
    { timeout: 60_000 },
  );
  await expect(finder.getByRole('list', { name: 'Another kit on some legs, by post' }).getByRole('listitem').first()).toContainText(
    'less than the best',
  );
  const averageG = await finder.locator('app-found-kit .big').innerText();
  await finder.getByRole('button', { name: 'Apply to this trip' }).click();
  await page.getByRole('link', { name: 'Carry', exact: true }).click();
  await pick(list(page, 'Compare with'), /^Cold soak/);
  await expect(page.locator('app-weight-sums')).toContainText(averageG.replace(/\s/, ' '));
  await page.getByRole('button', { name: /^Undo: carry/ }).click();
  await expect(verdict(page)).toContainText('two 100 g canisters');
});
