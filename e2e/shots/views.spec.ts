import { expect, test, type Page } from '@playwright/test';
import { writeFile } from 'node:fs/promises';
import { brush, TASKS } from '../guide/tasks';
import { standing, turnTo, unfold, verdict } from '../tests/helpers';
import { asWebp } from './as-webp';

const OUT = '../docs/screenshots';
/** Pictures by which the installed app shows itself in a store (app/public/manifest.webmanifest). */
const SCREENS = '../app/public/screens';
const shot = (name: string) => ({ path: `${OUT}/${name}.png`, animations: 'disabled' as const });

/** Until the verdict has said all it has to say: the risk, and what would help. */
const said = async (page: Page): Promise<void> => {
  await expect(verdict(page)).toContainText('Riskiest leg');
  await expect(verdict(page)).toContainText(/saves|takes|helps/);
};

test.beforeEach(async ({ page }) => {
  await page.addInitScript(() => localStorage.setItem('has-started', 'true'));
  await page.goto('/carry');
  await expect(verdict(page)).toContainText('Riskiest leg');
  await page.getByRole('slider', { name: 'Day marker' }).press('ArrowRight');
  await page.getByRole('slider', { name: 'Day marker' }).press('ArrowRight');
  await page.getByRole('slider', { name: 'Day marker' }).blur();
});

test('carry', async ({ page, browser }) => {
  await said(page);
  await writeFile(`${SCREENS}/carry.webp`, await asWebp(browser, await page.screenshot(shot('carry'))));
  await page.setViewportSize({ width: 390, height: 844 });
  await page.screenshot(shot('carry-phone'));
});

test('weight and risk', async ({ page }) => {
  await turnTo(page, 'Weight and risk');
  await expect(page.getByText('From light to safe').first()).toBeVisible({ timeout: 20_000 });
  await expect(page.getByRole('progressbar')).toHaveCount(0, { timeout: 30_000 });
  await page.screenshot(shot('carry-balance'));
});

test('trail', async ({ page }) => {
  await page.goto('/trail');
  await expect(page.locator('app-leg-days')).toBeVisible();
  await brush(page, 18, 20);
  await said(page);
  await page.screenshot(shot('trail'));
});

test('kit', async ({ page }) => {
  await page.goto('/kit');
  await expect(page.getByRole('list', { name: 'Packing order' })).toContainText('100 g canister');
  await said(page);
  await page.screenshot(shot('kit'));
});

test('finding a kit', async ({ page }) => {
  await TASKS['find-a-kit'](page);
  await expect(page.locator('app-finder-panel')).toContainText('Run-out risk on the trip');
  await page.screenshot(shot('kit-find'));
});

test('walk', async ({ page }) => {
  await page.goto('/walk');
  await expect(page.locator('app-stand-panel')).toContainText('Tarn House');
  await page.getByRole('tab', { name: 'Will it last', exact: true }).click();
  await expect(page.locator('app-ahead-panel')).toContainText('The mildest way');
  await page.screenshot(shot('walk'));
});

test('walk on a phone', async ({ page, browser }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/walk');
  await expect(page.locator('app-stand-panel')).toContainText('Other ways');
  await writeFile(`${SCREENS}/walk-phone.webp`, await asWebp(browser, await page.screenshot(shot('walk-phone'))));
});

test('pack', async ({ page }) => {
  await page.goto('/pack');
  await expect(page.locator('app-pack-answer')).toContainText('Starting weight');
  await said(page);
  await page.screenshot(shot('pack'));
});

test('bench', async ({ page }) => {
  await TASKS['a-stove-of-your-own'](page);
  await said(page);
  await page.screenshot(shot('bench'));
});

test('shelf', async ({ page }) => {
  await TASKS['no-scale'](page);
  await said(page);
  await page.screenshot(shot('shelf'));
});

test('menu', async ({ page }) => {
  await page.goto('/menu');
  await expect(page.locator('app-dish-card')).toContainText('Ways to done');
  await page.screenshot(shot('menu'));
});

test('a new trip', async ({ page }) => {
  await page.keyboard.press('n');
  await expect(page.locator('app-draft-answer')).toContainText('If an answer is wrong');
  await expect(page.locator('app-draft-answer')).toContainText('Run-out risk');
  await page.screenshot(shot('new-trip'));
});

test('where the grams go', async ({ page }) => {
  await page.getByRole('region', { name: 'dinner' }).getByRole('button').click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await standing(page);
  await page.screenshot(shot('ledger'));
});

test('by headlamp', async ({ page }) => {
  await page.keyboard.press('t');
  await expect(page.locator('app-risk-panel')).toContainText('Run-out risk');
  await said(page);
  await page.screenshot(shot('carry-headlamp'));
});

test('a closer look at the flame', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 1240 });
  await unfold(page, 'A closer look');
  const look = page.locator('app-closer-look');
  await look.scrollIntoViewIfNeeded();
  await expect(look.locator('svg').first()).toBeVisible();
  await standing(page);
  await look.screenshot(shot('closer-flame'));
});
