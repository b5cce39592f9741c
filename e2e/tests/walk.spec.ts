import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect, expectFits, saved, SIZES, test, turnTo } from './helpers';

const PHONE = SIZES[1];
const SIDES = ['Today', 'Log', 'Will it last', 'Trouble', 'After the walk'] as const;
const where = (page: Page) => page.locator('app-stand-panel');

/** Opens Walk and waits until it knows where one stands. */
async function openWalk(page: Page): Promise<void> {
  await page.goto('/walk');
  await expect(where(page)).toContainText('Tarn House on day 17');
}
/** Presses a button once it may be pressed, and counts it. */
async function tap(page: Page, name: string, taps: { count: number }): Promise<void> {
  await page.getByRole('button', { name, exact: true }).click();
  taps.count++;
}

test('every side of the walk answers without violations and fits', async ({ page }) => {
  await openWalk(page);
  for (const name of SIDES) {
    await turnTo(page, name);
    await expectFits(page);
  }
});

test('a day in the hand: breakfast, dinner, a reading and a drink more in under ten taps, under fingers that are cold', async ({
  page,
}) => {
  await page.setViewportSize(PHONE);
  await openWalk(page);
  const taps = { count: 0 };
  const today = page.locator('app-today-panel');
  await expect(today.getByRole('heading')).toContainText('oats and coffee');
  await today.getByText(/^Wind, air and water/).click();
  for (const button of await page.locator('app-today-panel button.tap, app-today-panel .strong-act, app-today-panel .step').all())
    expect((await button.boundingBox())?.height).toBeGreaterThanOrEqual(48);
  await tap(page, 'Cooked as planned', taps);
  await expect(today.getByRole('heading')).toContainText('dinner: dried dinner');
  await tap(page, 'Cooked as planned', taps);
  await expect(today.getByRole('heading')).toContainText('breakfast, tomorrow: oats');
  await turnTo(page, 'Log');
  taps.count++;
  await tap(page, 'One more hot drink', taps);
  const field = page.getByRole('textbox', { name: 'On the scale' });
  await field.fill('290');
  await field.press('Enter');
  taps.count += 2;
  await tap(page, 'Save', taps);
  await expect(page.locator('app-log-panel li').first()).toContainText(/by scale: 140\sg left/);
  expect(taps.count).toBeLessThan(10);
  await expect(where(page)).toContainText('Day 12');
  await saved(page);
  await page.reload();
  await turnTo(page, 'Log');
  await expect(page.locator('app-log-panel li').first()).toContainText(/140\sg left/);
});

test('a timer outlives the death of its page, a clock that runs on, and rings once', async ({ page, context }) => {
  await openWalk(page);
  const steps = page.getByRole('list', { name: 'Steps' }).getByRole('listitem');
  await steps.filter({ hasText: 'Until small bubbles' }).getByRole('button').first().click();
  await page.getByRole('button', { name: /^time /i }).click();
  await expect(page.getByRole('timer')).toContainText(/\d+:\d\d/);
  // in the middle of writing a line, too
  await page.getByRole('button', { name: 'Relit' }).click();
  await expect.poll(() => page.evaluate(() => localStorage.getItem('stove-timers'))).toContain('flame');
  await page.close({ runBeforeUnload: false });
  const again = await context.newPage();
  // half an hour later, in another time zone, and the day has changed
  await again.addInitScript(() => {
    const now = Date.now.bind(Date);
    Date.now = () => now() + 30 * 60_000;
  });
  await again.goto('/walk');
  await expect(again.getByRole('timer')).toContainText('+');
  await turnTo(again, 'Log');
  await expect(again.locator('app-log-panel li').filter({ hasText: 'lit again' })).toHaveCount(1);
  await turnTo(again, 'Today');
  await again.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(again.getByRole('timer')).toHaveCount(0);
});

test('a timer of one time zone is right in another and with the clock set back, and a midnight turns the day', async ({
  browser,
  baseURL,
}) => {
  const there = await browser.newContext({ timezoneId: 'Etc/GMT-9', serviceWorkers: 'block' });
  const page = await there.newPage();
  await page.goto(`${baseURL}/walk`);
  await page.getByRole('list', { name: 'Steps' }).getByText('Until small bubbles').click();
  await page.getByRole('button', { name: /^time /i }).click();
  // it rings by a track of its own, which plays though the page sleeps
  await expect(page.getByRole('timer')).toContainText(/\d+:\d\d/);
  await expect.poll(() => page.evaluate(() => navigator.mediaSession.metadata?.title)).toBe('flame');
  const kept = await there.storageState();
  const left = async (p: Page): Promise<number> => {
    const [min, s] = ((await p.getByRole('timer').textContent()) ?? '').split(':').map(Number);
    return 60 * min + s;
  };
  const before = await left(page);
  await there.close();

  const here = await browser.newContext({ timezoneId: 'Etc/GMT+8', storageState: kept, serviceWorkers: 'block' });
  const again = await here.newPage();
  // the last minute of the trip's day 12, by the clock of the place
  await again.goto(`${baseURL}/walk`);
  await expect(again.getByRole('timer')).toContainText(/\d+:\d\d/);
  expect(await left(again)).toBeLessThanOrEqual(before);
  expect(await left(again)).toBeGreaterThan(before - 60);

  // set back by an hour: nothing is negative, nothing rings before its time
  await again.clock.setSystemTime(new Date(Date.now() - 3_600_000));
  await again.reload();
  expect(await left(again)).toBeGreaterThanOrEqual(before);
  await again.getByRole('button', { name: 'Stop', exact: true }).click();

  await again.clock.setSystemTime(new Date('2027-08-27T23:59:30-08:00'));
  await again.reload();
  await expect(where(again)).toContainText('Day 12');
  await again.clock.setSystemTime(new Date('2027-08-28T00:00:30-08:00'));
  await again.evaluate(() => document.dispatchEvent(new Event('visibilitychange'))); // it is looked at again
  await expect(where(again)).toContainText('Day 13');
  await here.close();
});

test('tight becomes loose by one press, undo takes it back, and the log goes home as a file', async ({ page }) => {
  await openWalk(page);
  await turnTo(page, 'Will it last');
  const ahead = page.locator('app-ahead-panel');
  await expect(ahead.getByRole('heading', { name: 'The mildest way' })).toBeVisible();
  await ahead.getByRole('button', { name: 'Apply' }).first().click();
  await expect(ahead.getByRole('heading', { name: 'It lasts' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(ahead.getByRole('heading', { name: 'The mildest way' })).toBeVisible();
  await turnTo(page, 'Log');
  await page.getByText('The log as files').click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'JSON, for the trip at home' }).click(),
  ]);
  const text = await readFile(await download.path(), 'utf8');
  await page.getByLabel('JSON file of a log').setInputFiles({ name: 'log.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  await expect(page.getByText('0 lines were not here yet')).toBeVisible();
});

test('two tabs of one walk have each other’s lines, and neither is lost', async ({ page, context }) => {
  await openWalk(page);
  await turnTo(page, 'Log');
  const other = await context.newPage();
  await openWalk(other);
  const lines = (p: Page) => p.locator('app-log-panel li');
  const before = await lines(page).count();
  await other.getByRole('button', { name: 'Cooked as planned' }).click();
  await expect(lines(page)).toHaveCount(before + 1);
  await page.getByRole('button', { name: 'One more hot drink' }).click();
  await turnTo(other, 'Log');
  await expect(lines(other)).toHaveCount(before + 2);
  await expect(lines(page)).toHaveCount(before + 2);
});

test('the steps are read by headlamp with the highest contrast', async ({ page }) => {
  await page.setViewportSize(PHONE);
  await openWalk(page);
  await page.evaluate(() => (document.documentElement.dataset['theme'] = 'headlamp'));
  const ratios = () =>
    page.locator('app-today-panel').evaluate((panel) => {
      const rgb = (c: string): number[] => (/rgba?\(([^)]+)\)/.exec(c)?.[1] ?? '').split(',').slice(0, 3).map(Number);
      const light = (c: number[]): number => {
        const [r, g, b] = c.map((x) => (x / 255 <= 0.03928 ? x / 255 / 12.92 : ((x / 255 + 0.055) / 1.055) ** 2.4));
        return 0.2126 * r + 0.7152 * g + 0.0722 * b;
      };
      const ground = light(rgb(getComputedStyle(document.body).backgroundColor));
      return [...panel.querySelectorAll('li:not(.past) .step, .hurts, button.tap')].map(
        (e) => (light(rgb(getComputedStyle(e).color)) + 0.05) / (ground + 0.05),
      );
    });
  // colours go over from one theme to the other
  await expect.poll(async () => Math.min(...(await ratios()))).toBeGreaterThanOrEqual(7);
  expect((await ratios()).length).toBeGreaterThan(8);
});

test('while the walk is under way the foot speaks of it in every view, and the thumb finds it first', async ({ page }) => {
  await page.setViewportSize(PHONE);
  await page.clock.setFixedTime(new Date('2027-08-26T18:00:00')); // the eleventh day of the sample
  await page.goto('/carry');
  const foot = page.getByRole('region', { name: 'Verdict' });
  await expect(foot).toContainText(/Day 11: \d+\sg left, (enough|tight|not enough) to reach Tarn House on day 17/);
  await expect(foot).toContainText(/chance of running out, (within|over) your limit of 1 in 50/);
  await expect(foot).not.toContainText('Leave Nettle Hut');
  await expect(page.getByRole('navigation', { name: 'Views' }).getByRole('link')).toHaveText(['Walk', 'Menu', 'Carry', 'Pack']);
  await expectFits(page);
});
