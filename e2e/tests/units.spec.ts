import { expect, open, test, turnTo } from './helpers';
import { settled, SIDES } from './looks';

/** A measure in metric units; names of what is sold (a 100 g canister, a 0.9 L pot) are no measures. */
const METRIC = /[^\n]{0,40}\d\s(?:°C|K|km|m|m\/s|kg)(?![\p{L}\p{N}])[^\n]{0,20}/gu;

test('in US units no view says anything in metric ones', async ({ page }) => {
  await open(page, '/carry');
  await page.keyboard.press('u');
  await page.getByRole('dialog').getByRole('button', { name: /US/ }).click();
  const metres = page.getByRole('dialog').locator('.ant-radio-button-wrapper', { hasText: /^\s*m\s*$/ });
  expect(await metres.evaluate((e) => getComputedStyle(e, '::first-letter').textTransform)).toBe('none'); // m, not M
  await page.keyboard.press('Escape');
  for (const [view, sides] of Object.entries(SIDES)) {
    await page.getByRole('navigation', { name: 'Views' }).getByRole('link', { name: view, exact: false }).click();
    for (const side of sides) {
      await turnTo(page, side);
      await settled(page);
      const metric = await page.evaluate(() => {
        for (const d of document.querySelectorAll<HTMLDetailsElement>('main details')) d.open = true;
        return document.querySelector('main')?.innerText ?? '';
      });
      expect(
        [...metric.matchAll(METRIC)].map((m) => m[0]),
        `${view}, ${side}`,
      ).toEqual([]);
    }
  }
});
