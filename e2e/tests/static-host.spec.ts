import { expect, test } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import { verdict } from './helpers';
import { staticHost } from './static-host';

// the browser itself writes to the console of an answer that is not there, so silence is not asked for here
test.use({ serviceWorkers: 'allow' });

test('plans, reckons what a server would have said, and opens a track that is shared with it', async ({ page }) => {
  const { address, stop } = await staticHost(3112);
  try {
    await page.goto(address + 'carry');
    await expect(verdict(page)).toContainText('Leave Nettle Hut');
    await page.evaluate(() => navigator.serviceWorker.ready);
    await page.goto(address + 'trail');
    await page.getByText('Several days at once').click();
    await page.getByRole('button', { name: 'Use the simulated climate' }).click();
    await expect(page.locator('app-brush-panel')).toContainText('worked out here without the service');
    // as the share sheet does it
    const track = await readFile('../docs/formats/examples/ridge.gpx', 'utf8');
    await expect
      .poll(() =>
        page.evaluate(async (text) => {
          const form = new FormData();
          form.set('file', new File([text], 'ridge.gpx'));
          return (await fetch('shared', { method: 'POST', body: form })).url;
        }, track),
      )
      .toContain('?shared');
    await page.goto(address + '?shared');
    await expect(page.getByRole('dialog')).toContainText('ridge.gpx');
    await page.getByRole('button', { name: 'Create trip' }).click();
    await expect(verdict(page)).toContainText('Leave');
    await page.goto(address + '?shared');
    await expect(page.getByRole('dialog')).toHaveCount(0); // it is given once
  } finally {
    await stop();
  }
});
