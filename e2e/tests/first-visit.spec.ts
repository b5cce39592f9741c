import { expect, test } from '@playwright/test';
import { open } from './helpers';
import { burst, KillableBrowser, lostMs, reserveShown, UNWRITTEN_MS } from './killed';
import { storedTrips } from './stored';

const SLOW_LINE = { offline: false, latency: 150, downloadThroughput: 1.6e6 / 8, uploadThroughput: 0.8e6 / 8 };
/** As long as the burst that a first visit once lost whole. */
const BURST_MS = 1300;

test('a browser killed in the first burst of edits of a first visit, over a slow line, loses no more than its last second', async () => {
  const browser = new KillableBrowser(test.info().project.use);
  const { context, page } = await browser.start();
  const cdp = await context.newCDPSession(page);
  await cdp.send('Network.enable');
  await cdp.send('Network.emulateNetworkConditions', SLOW_LINE);
  await page.goto('/carry');
  await page.getByRole('textbox', { name: 'Reserve, typed' }).waitFor(); // from now on it can be edited
  const typed = await burst(page, 31, BURST_MS);
  // on a busy machine a burst may be over before its first edit was due to be written
  await expect.poll(async () => (await storedTrips(page)).length).toBe(1);
  const killedAt = await browser.kill(context);

  const again = await browser.start();
  await open(again.page);
  expect(lostMs(typed, await reserveShown(again.page), killedAt)).toBeLessThan(UNWRITTEN_MS);
  await again.context.close();
  browser.remove();
});

test('every font that is asked for early is used', async ({ page }) => {
  await open(page);
  /** Fonts asked for early and not loaded by any text yet, as their files are named. */
  const unused = () =>
    page.evaluate(() => {
      const used = [...document.fonts]
        .filter((f) => f.status === 'loaded')
        .map((f) => `${f.family.replace(/["']/g, '').toLowerCase().replaceAll(' ', '-')}-latin-${f.weight}-${f.style}.woff2`);
      return [...document.querySelectorAll<HTMLLinkElement>('link[rel=preload][as=font]')]
        .map((l) => l.href.split('/').at(-1) ?? '')
        .filter((file) => !used.includes(file));
    });
  expect(await page.locator('link[rel=preload][as=font]').count()).toBeGreaterThan(1);
  await expect.poll(unused).toEqual([]);
});
