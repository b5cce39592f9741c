import { expect, test } from '@playwright/test';
import { expectFits, expectStill, SIZES, verdict, watchShifts } from './helpers';

const doors = 'Three ways to start';

test('a first visit offers three doors, and never again once one was taken', async ({ page }) => {
  await page.goto('/');
  const start = page.getByRole('region', { name: doors });
  await expect(start).toBeVisible();
  await expect(verdict(page)).toContainText('Leave Nettle Hut');
  await expectFits(page, 'app-start-doors');
  await start.getByRole('button', { name: 'look around' }).press('Enter');
  const station = page.getByRole('region', { name: 'Look around' });
  for (const [n, view] of ['Carry', 'Trail', 'Menu', 'Kit', 'Walk'].entries()) {
    await expect(station).toContainText(`${n + 1} of 5`);
    await expect(page.getByRole('link', { name: view, exact: true })).toHaveAttribute('aria-current', 'page');
    if (n < 4) await station.getByRole('button', { name: 'next' }).press('Enter');
  }
  await station.getByRole('button', { name: 'leave it' }).click();
  await expect(station).toHaveCount(0);
  await page.reload();
  await expect(verdict(page)).toContainText('Leave Nettle Hut');
  await expect(start).toHaveCount(0);
  // from the palette they come back
  await page.keyboard.press('a');
  await expect(start).toBeVisible();
});

test('nothing moves when the doors come, on a phone slowed six times', async ({ page }) => {
  await page.setViewportSize(SIZES[1]);
  const cdp = await page.context().newCDPSession(page);
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: 6 });
  await watchShifts(page);
  await page.goto('/');
  await expect(page.getByRole('region', { name: doors })).toBeVisible();
  await expect(verdict(page)).toContainText('Leave Nettle Hut');
  await expectStill(page, 'the first visit');
});

test('the next trip is one answer away, with its assumptions told', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'my next trip' }).click();
  const drawer = page.getByRole('dialog');
  await expect(drawer).toContainText('Assumed: 12\u00a0°C at dinner and 6\u00a0°C at breakfast');
  await drawer.getByRole('button', { name: 'make this trip' }).click();
  await expect(verdict(page)).toContainText(/Leave Start with .*can/);
  await expect(page.getByRole('region', { name: doors })).toHaveCount(0);
});

test('the app can be installed: its manifest is there, and every icon has the size it says', async ({ page }) => {
  await page.goto('/');
  const href = await page.locator('link[rel=manifest]').getAttribute('href');
  const manifest = (await (await page.request.get(`/${href}`)).json()) as {
    name: string;
    icons: { src: string; type: string; sizes: string }[];
  };
  expect(manifest.name).toBe('Restless Tinder');
  for (const { src, type, sizes } of manifest.icons) {
    const icon = await page.request.get(`/${src}`);
    expect([icon.status(), icon.headers()['content-type']]).toEqual([200, expect.stringContaining(type)]);
    // width and height stand at byte 16 of a PNG
    const body = await icon.body();
    if (type === 'image/png') expect(`${body.readUInt32BE(16)}x${body.readUInt32BE(20)}`).toBe(sizes);
  }
});

test('what is owned goes on the rack and on the shelf', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'what I have' }).click();
  await expect(page.locator('app-pieces-list')).toBeVisible();
  await page.getByRole('link', { name: 'to the shelf' }).click();
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
});
