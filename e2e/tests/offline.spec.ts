import { expect, test } from '@playwright/test';
import { ownServer } from './own-server';

// The server is really stopped here: a browser set offline still answers from places a stopped server does not.
test.use({ serviceWorkers: 'allow' });

/** In the page: is every file of the worker's list in its cache, and has it noted which version it serves? */
async function keptForOffline(): Promise<boolean> {
  const list = (await (await fetch('/ngsw.json')).json()) as { assetGroups: { installMode: string; urls: string[] }[] };
  const names = await caches.keys();
  const urlsIn = async (part: string): Promise<string[]> => {
    const name = names.find((n) => n.includes(part));
    return name ? (await (await caches.open(name)).keys()).map((r) => new URL(r.url).pathname) : [];
  };
  const kept = await urlsIn('assets:app:cache');
  const noted = await urlsIn('db:control');
  return (
    list.assetGroups.filter((g) => g.installMode === 'prefetch').every((g) => g.urls.every((u) => kept.includes(u))) &&
    noted.some((u) => u.endsWith('/latest'))
  );
}

test('opens and plans with the server gone', async ({ page }) => {
  const { address, stop } = await ownServer(3111);
  try {
    await page.goto(address);
    await page.evaluate(() => navigator.serviceWorker.ready);
    await expect.poll(() => page.evaluate(keptForOffline), { timeout: 15_000 }).toBe(true);
  } finally {
    await stop();
  }
  await page.goto(address + 'carry');
  const verdict = page.getByRole('region', { name: 'Verdict' });
  await expect(verdict).toContainText('for 5 days');
  const days = page.getByRole('textbox', { name: 'Days, typed' });
  await days.fill('3');
  await days.press('Enter');
  await expect(verdict).toContainText('for 3 days');

  // an address of its own opens as well, with the days that were typed a moment before, and the log is kept
  await page.goto(address + 'walk');
  const meal = page.locator('app-today-panel').getByRole('heading');
  await expect(meal).toContainText('dinner, day 9');
  await page.getByRole('button', { name: 'Cooked as planned' }).click();
  await expect(meal).toContainText('breakfast, day 10');

  // the climate is worked out here when its service cannot be reached
  await page.getByRole('link', { name: 'Trail', exact: true }).click();
  await page.getByText('Several days at once').click();
  await page.getByRole('button', { name: 'Use the simulated climate' }).click();
  await expect(page.locator('app-brush-panel')).toContainText('worked out here without the service');
});
