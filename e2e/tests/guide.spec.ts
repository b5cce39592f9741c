import type { Page } from '@playwright/test';
import { readdirSync, readFileSync } from 'node:fs';
import { TASKS } from '../guide/tasks';
import { expect, expectFits, list, loadout, open, pick, test, turnTo, type, verdict } from './helpers';

const GUIDE = '../docs/guide';
const numberIn = (text: string | null, before: RegExp): number => {
  const found = before.exec((text ?? '').replaceAll('\u00a0', ' '));
  if (!found) throw new Error(`${before} is not in “${text}”`);
  return Number(found[1].replace(',', '').replace('−', '-'));
};
/** Grams burnt on every leg, by the table of Trail. */
async function burntByLeg(page: Page): Promise<number[]> {
  await expect(verdict(page)).toHaveAttribute('aria-busy', 'false');
  const cells = page.getByRole('table', { name: 'Stops and legs' }).getByRole('cell', { name: /^[\d,]+ g$/ });
  await expect(cells).toHaveCount(6);
  return (await cells.allInnerTexts()).map((t) => numberIn(t, /([\d,]+) g/));
}
const sum = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0);
const follow = async (page: Page, id: string): Promise<void> => {
  await open(page, '/carry');
  await TASKS[id](page);
};

test('the guide opens by its key, every page has its picture and no violation, and fits', async ({ page }) => {
  await open(page, '/carry');
  await page.keyboard.press('g');
  await expect(page.getByRole('article')).toContainText('You know how many nights');
  await expectFits(page);
  const pages = page.getByRole('navigation', { name: 'Pages of the guide' });
  await expect(pages.getByRole('link')).toHaveCount(23);
  for (const name of await pages.getByRole('link').allInnerTexts()) {
    await pages.getByRole('link', { name, exact: true }).click();
    await expect(page.getByRole('heading', { name, exact: true, level: 2 })).toBeVisible();
    for (const picture of await page.getByRole('article').getByRole('img').all())
      await expect.poll(() => picture.evaluate((e: HTMLImageElement) => e.naturalWidth), { message: name }).toBe(800);
  }
  await expectFits(page);
});

test('every side of a view that the guide names is there, and its link leads to it', async ({ page }) => {
  const named = new Map<string, string>(); // link text → title of a page it stands on
  for (const file of readdirSync(GUIDE).filter((f) => f.endsWith('.md') && f !== 'README.md')) {
    const text = readFileSync(`${GUIDE}/${file}`, 'utf8');
    for (const [, link] of text.matchAll(/\*\*([A-Z][a-z]+ › [^*]+)\*\*/g))
      named.set(link.replace(/\s+/g, ' '), /^# (.+)$/m.exec(text)?.[1] ?? '');
  }
  expect(named.size).toBeGreaterThan(20);
  await open(page, '/guide');
  for (const [link, title] of named) {
    await page.getByRole('link', { name: 'Guide', exact: true }).click();
    await page.getByRole('navigation', { name: 'Pages of the guide' }).getByRole('link', { name: title, exact: true }).click();
    await page.getByRole('article').getByRole('link', { name: link, exact: true }).first().click();
    const [view, side] = link.split(' › ');
    await expect(page.getByRole('link', { name: view, exact: true }), link).toHaveAttribute('aria-current', 'page');
    await expect(page.getByRole('tab', { name: side, exact: true }), link).toHaveAttribute('aria-selected', 'true');
  }
});

test.describe('tasks of the guide, their numbers against a calculation by hand', () => {
  test('a trip from a few answers: four nights are four dinners and four breakfasts', async ({ page }) => {
    await follow(page, 'a-trip-from-answers');
    await page.getByRole('button', { name: 'Create trip' }).click();
    await expect(verdict(page)).toContainText('Leave Start');
    await loadout(page).locator('dt', { hasText: 'Fuel need' }).locator('xpath=following-sibling::dd[1]').getByRole('button').click();
    await expect(page.getByRole('dialog')).toContainText('with 8 hot meals');
  });

  test('half a canister: 293 g less the 150 g of an empty one', async ({ page }) => {
    await follow(page, 'half-a-canister');
    await expect(page.locator('app-container-card .big')).toHaveText(/^143.g$/);
  });

  test('no scale: 262 / 500 of the bottle’s half kilogram, less the canister', async ({ page }) => {
    await follow(page, 'no-scale');
    const text = await page.locator('app-look-guide').innerText();
    const leftG = numberIn(text, /It says (\d+) g ±/);
    const emptyG = numberIn(await page.locator('app-container-card').innerText(), /Empty, by its size\s+(\d+).g/);
    expect(Math.abs((500 * 262) / 500 - emptyG - leftG)).toBeLessThanOrEqual(1);
  });

  test('weigh the kit: 2.1 oz are 59.5 g', async ({ page }) => {
    await follow(page, 'weigh-the-kit');
    await page.getByRole('button', { name: 'To the gear list only' }).click();
    await page.getByRole('searchbox', { name: 'Find a piece by name' }).fill('tiny pot');
    await expect(page.locator('app-pieces-list').getByRole('listitem').filter({ hasText: 'tiny pot' })).toContainText('60 g'); // 2.1 · 28.35 = 59.5, shown whole
  });

  test('snow for water: the heat of melting comes on top', async ({ page }) => {
    await open(page, '/carry');
    const supper = page.getByRole('region', { name: 'dinner' }).locator('app-figure');
    const waterG = numberIn(await supper.innerText(), /([\d.]+) g/);
    await TASKS['snow-for-water'](page);
    await expect.poll(async () => numberIn(await supper.innerText(), /([\d.]+) g/)).toBeGreaterThan(waterG);
    const snowG = numberIn(await supper.innerText(), /([\d.]+) g/);
    // by hand: 600 g of water from 7 to 93.5 °C take 217 kJ; from ice at 0 °C 251 kJ and 200 kJ to melt it
    const ratio = (0.6 * (4.187 * 93.5 + 333.6)) / (0.6 * 4.187 * (93.5 - 7));
    expect(snowG / waterG).toBeGreaterThan(0.85 * ratio);
    expect(snowG / waterG).toBeLessThan(1.15 * ratio);
  });

  test('a ban: what would have burnt on that leg is not carried', async ({ page }) => {
    await open(page, '/trail?side=legs');
    const before = await burntByLeg(page);
    await TASKS['a-ban'](page);
    await expect.poll(async () => (await burntByLeg(page))[0]).toBe(0);
    // the legs after it burn what they burnt, but for the other cans they now start with
    const after = await burntByLeg(page);
    for (const [i, g] of before.entries()) if (i > 0) expect(Math.abs(after[i] - g)).toBeLessThanOrEqual(0.05 * g);
    await expect(verdict(page)).toContainText('no flame is allowed');
  });

  test('alcohol on one leg: what is promised comes true', async ({ page }) => {
    const average = async (): Promise<number> =>
      numberIn(await page.getByRole('group', { name: 'Carried weight compared' }).innerText(), /average weight: ([\d,]+) g/);
    await follow(page, 'alcohol-on-one-leg');
    await pick(list(page, 'Compare with'), /^Cold soak/);
    const before = await average();
    const row = page.getByRole('row', { name: /^alcohol in a cone/i });
    const promised = numberIn(await row.innerText(), /(\d+) g lighter/);
    await row.getByRole('button').click();
    await expect(page.getByRole('button', { name: /^Nettle Hut to Harrow Junction/ })).toContainText('alcohol in a cone');
    await expect(verdict(page)).toContainText('mL');
    await expect.poll(async () => Math.abs(before - promised - (await average()))).toBeLessThanOrEqual(1);
  });

  test('thin spirit: half a litre of 95 % is 559 mL of 85 %', async ({ page }) => {
    await follow(page, 'thin-spirit');
    const text = await page.locator('app-dose-panel').innerText();
    expect(Math.abs(numberIn(text, /makes ([\d,]+) mL/) - (500 * 0.95) / 0.85)).toBeLessThan(2);
    // the same heat in more of it, less what boils the water off: 20.0 · 500 / 559 − 67 · 2.26 / 559
    expect(numberIn(text, /with ([\d.]+)\s/)).toBeCloseTo((20 * 500 - 67 * 2.26) / 559, 0);
  });

  test('what a habit costs: a lid left off costs over the trip what its line says', async ({ page }) => {
    await open(page, '/trail?side=legs');
    const before = sum(await burntByLeg(page));
    await TASKS['what-a-habit-costs'](page);
    const row = page.getByRole('button', { name: /^lid off/i });
    const promised = numberIn(await row.innerText(), /\+(\d+) g/);
    await row.click();
    await page.getByRole('link', { name: 'Trail', exact: true }).click();
    await turnTo(page, 'Stops and legs');
    await expect.poll(async () => Math.abs(sum(await burntByLeg(page)) - before - promised)).toBeLessThanOrEqual(4); // six roundings
  });

  test('on paper: the strip is two thirds of π(D + 2·gap) where the lee stays open', async ({ page }) => {
    await follow(page, 'on-paper');
    await turnTo(page, 'Templates');
    const longMm = numberIn(await page.locator('app-make-panel').innerText(), /long ([\d.]+)\smm/);
    await type(page, 'gap to the pot', '12 mm');
    await expect
      .poll(async () => numberIn(await page.locator('app-make-panel').innerText(), /long ([\d.]+)\smm/) - longMm)
      .toBeCloseTo((2 / 3) * Math.PI * 2 * 6, 1);
  });

  test('tonight: what the scale shows is what is left and the empty can', async ({ page }) => {
    await follow(page, 'tonight');
    const where = await page.locator('app-stand-panel').innerText();
    expect(Math.abs(numberIn(where, /(\d+) g on the scale/) - numberIn(where, /(\d+) g ± /) - 150)).toBeLessThanOrEqual(1);
  });
});
