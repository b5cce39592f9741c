import { expect, test } from '@playwright/test';
import { expectFits, expectStill, SIZES, verdict, watchShifts } from './helpers';

const WAYS = ['Look at the sample', 'Plan my next trip', 'Enter my gear'];

test('a first visit begins on a page of three ways, and never again once one was taken', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Plan the fuel for your walk');
  for (const name of WAYS) await expect(page.locator('main').getByRole('button', { name })).toBeVisible();
  await expect(verdict(page)).toHaveCount(0);
  await expectFits(page);
  await page.getByRole('button', { name: 'Look at the sample' }).press('Enter');
  const station = page.getByRole('region', { name: 'Look around' });
  await expect(verdict(page)).toContainText('Leave Nettle Hut');
  for (const [n, view] of ['Carry', 'Trail', 'Menu', 'Kit', 'Walk'].entries()) {
    await expect(station).toContainText(`${n + 1} of 5`);
    await expect(page.getByRole('link', { name: view, exact: true })).toHaveAttribute('aria-current', 'page');
    if (n < 4) await station.getByRole('button', { name: 'Next' }).press('Enter');
  }
  await station.getByRole('button', { name: 'Dismiss' }).click();
  await expect(station).toHaveCount(0);
  await page.goto('/');
  await expect(verdict(page)).toContainText('Leave Nettle Hut');
  // from the palette it comes back
  await page.keyboard.press('a');
  await expect(page.getByRole('button', { name: 'Plan my next trip' })).toBeVisible();
});

test('nothing moves when the page of the start comes, on a phone slowed six times', async ({ page }) => {
  await page.setViewportSize(SIZES[1]);
  const cdp = await page.context().newCDPSession(page);
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: 6 });
  await watchShifts(page);
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'Enter my gear' })).toBeVisible();
  await expect(page.locator('.saved')).toHaveText('Saved');
  await expectStill(page, 'the first visit');
});

test('the next trip is one press away, with its assumptions told and the answer beside them', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Plan my next trip' }).click();
  await expect(page.getByRole('textbox', { name: 'Evenings' })).toHaveValue('12');
  await expect(page.locator('app-form-item', { hasText: 'Evenings' })).toContainText('Assumed');
  await expect(page.locator('app-draft-answer')).toContainText('starting weight, one 100 g canister');
  await page.getByRole('button', { name: 'Create trip' }).click();
  await expect(verdict(page)).toContainText(/Leave Start with .*canister/);
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
  await page.getByRole('button', { name: 'Enter my gear' }).click();
  await expect(page.locator('app-pieces-list')).toBeVisible();
  await page.getByRole('link', { name: 'Go to the shelf' }).click();
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
});
