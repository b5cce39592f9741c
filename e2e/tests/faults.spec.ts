import { DIALOG, expect, expectFits, open, saved, standing, test, turnTo, type, verdict } from './helpers';
import { putTrip, storedAside, storedTrips } from './stored';

test('what is saved and cannot be read is kept aside, named in words, and nothing is saved over it', async ({ page }) => {
  await open(page);
  await type(page, 'Days, typed', '8');
  await saved(page);
  const [good] = await storedTrips(page);
  const odd = { ...good, trip: { ...good.trip, name: 'My Real Trip', reservePercent: 'NaN' } };
  await putTrip(page, good.trip.id, odd);
  await putTrip(page, 'nobody', null);
  await page.reload();
  await expect(page.getByRole('alert')).toContainText('2 things saved could not be read. What was saved is kept aside untouched');
  await type(page, 'Days, typed', '3');
  await saved(page);
  expect(await storedAside(page)).toMatchObject([
    { kind: 'trip', value: null },
    { kind: 'trip', value: odd },
  ]);
  await page.getByRole('heading', { name: /^Conditions/ }).click(); // keys are typed where the focus is
  await page.keyboard.press('l');
  const aside = page.getByRole('list', { name: 'Kept aside' });
  await expect(aside).toContainText('trip.reservePercent is text; it must be a number.');
  await standing(page);
  await expectFits(page, DIALOG);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    aside.getByRole('button', { name: 'Export My Real Trip as it is' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('kept-aside-trip-vesper-divide.json');
  await aside.getByRole('button', { name: 'try My Real Trip again' }).click();
  await expect(page.getByText('My Real Trip still cannot be read')).toBeVisible();
  await aside.getByRole('button', { name: 'Remove a trip' }).click();
  await page
    .getByRole('alertdialog', { name: 'Remove a trip? Nothing brings it back.' })
    .getByRole('button', { name: 'Remove for good' })
    .click();
  await expect(aside.getByRole('listitem')).toHaveCount(1);
});

test('a browser that forbids the tab its memory still shows the trip that is saved', async ({ page }) => {
  await open(page);
  await type(page, 'Days, typed', '8');
  await saved(page);
  await page.addInitScript(() =>
    Object.defineProperty(globalThis, 'sessionStorage', {
      get: () => {
        throw new DOMException('denied', 'SecurityError');
      },
    }),
  );
  await page.reload();
  await expect(verdict(page)).toContainText('for 8 days');
  await type(page, 'Days, typed', '6');
  // “saved” is still said of the edit before: what is stored is looked at until it is this one
  await expect.poll(async () => (await storedTrips(page))[0].trip.legs[0].days.length).toBe(6);
  await saved(page);
});

test('saving that fails is told, and goes on by itself', async ({ page }) => {
  await page.addInitScript(() => {
    const put = Object.getOwnPropertyDescriptor(IDBObjectStore.prototype, 'put')?.value as IDBObjectStore['put'];
    IDBObjectStore.prototype.put = function (this: IDBObjectStore, ...args) {
      if ('full' in globalThis) throw new DOMException('full', 'QuotaExceededError');
      return put.apply(this, args);
    };
  });
  await open(page);
  await page.evaluate(() => Object.assign(globalThis, { full: true }));
  await type(page, 'Days, typed', '7');
  await expect(page.getByRole('alert')).toContainText('The browser has no room left to save. Export the trip and free some space.');
  await expect(page.locator('.saved')).toHaveText('Not saved');
  await page.evaluate(() => delete (globalThis as { full?: true }).full);
  await saved(page); // without another edit
  await expect(page.getByRole('alert')).toBeHidden();
  expect((await storedTrips(page))[0].trip.legs[0].days).toHaveLength(7);
});

test('a drag that never pauses is planned all the way and saved all along', async ({ page }) => {
  await open(page);
  await type(page, 'Days, typed', '7');
  await saved(page);
  const revision = async () => (await storedTrips(page))[0].revision;
  const before = await revision();
  await page.getByRole('slider', { name: 'Reserve' }).evaluate((handle: HTMLElement) => {
    const answer = document.querySelector('app-answer-column');
    const seen = new Set<string>();
    if (answer)
      new MutationObserver(() => seen.add(answer.textContent ?? '')).observe(answer, {
        subtree: true,
        childList: true,
        characterData: true,
      });
    // the mouse goes to and fro over the scale, and the button stays down
    const { left, top, width } = handle.closest('nz-slider')?.getBoundingClientRect() ?? new DOMRect();
    const at = (share: number) => ({ bubbles: true, clientX: left + share * width, clientY: top + 10 });
    handle.dispatchEvent(new MouseEvent('mousedown', at(0.1)));
    let step = 0;
    const edit = () => document.dispatchEvent(new MouseEvent('mousemove', at(0.1 + 0.02 * (step++ % 40))));
    Object.assign(globalThis, { drag: setInterval(edit, 50), seen });
  });
  await expect.poll(() => page.evaluate(() => (globalThis as unknown as { seen: Set<string> }).seen.size)).toBeGreaterThan(4);
  await expect.poll(revision).toBeGreaterThan(before + 2);
  await page.evaluate(() => {
    clearInterval((globalThis as unknown as { drag: number }).drag);
    document.dispatchEvent(new MouseEvent('mouseup', { bubbles: true }));
  });
  await saved(page);
});

test('two tabs that each add a dish and change a day keep both', async ({ page, context }) => {
  await open(page, '/menu');
  const other = await context.newPage();
  await open(other, '/menu');
  for (const tab of [page, other]) await turnTo(tab, 'Food by stop');
  const own = (p: typeof page) => p.getByRole('button', { name: 'Add a dish' });
  const dishes = (p: typeof page) => p.locator('.kept').getByRole('listitem').filter({ hasText: 'my dish' });
  await Promise.all([own(page).click(), own(other).click()]);
  await saved(page);
  await saved(other);
  for (const tab of [page, other]) await expect(dishes(tab)).toHaveCount(2);

  for (const tab of [page, other]) await tab.getByRole('link', { name: 'Carry', exact: true }).click();
  const daysBefore = (await storedTrips(page))[0].trip.legs[0].days;
  await Promise.all([type(page, 'Days, typed', '7'), type(other, 'Evenings, typed', '1')]);
  for (const tab of [page, other]) {
    await expect(verdict(tab)).toContainText('for 7 days');
    await saved(tab);
  }
  const { days } = (await storedTrips(page))[0].trip.legs[0];
  expect(days).toHaveLength(7);
  daysBefore.forEach((d, i) => expect(days[i].supperAirC).toBeLessThan(d.supperAirC));
});

test('without its workers the app says so, and plans on the page', async ({ page }) => {
  await page.route('**/worker-*.js', (route) => route.abort());
  await open(page);
  await expect(page.getByText('The part of the app that works things out beside the page does not run in this browser')).toBeVisible();
  await type(page, 'Days, typed', '4');
  await expect(verdict(page)).toContainText('for 4 days');
  await expectFits(page, 'app-notice');
  await page.getByRole('heading', { name: /^Conditions/ }).click();
  await page.keyboard.press('m');
  await page.getByLabel('Track file').setInputFiles({ name: 'a.gpx', mimeType: 'application/gpx+xml', buffer: Buffer.from('<gpx/>') });
  await expect(page.getByRole('dialog').getByRole('alert')).toContainText(
    'a.gpx could not be read (the worker could not be started). Nothing has changed.',
  );
});

test('a view or a side that could not be loaded is told of, and edits are kept over the reload', async ({ page }) => {
  await open(page);
  await type(page, 'Days, typed', '7');
  await saved(page);
  await type(page, 'Days, typed', '8');
  await page.route('**/*.js', (route) => route.abort());
  const told = page.getByRole('alert');
  await turnTo(page, 'Shopping');
  await expect(told).toContainText('A part of Restless Tinder could not be loaded');
  await page.getByRole('link', { name: 'Menu', exact: true }).click();
  await expect(told).toContainText('A part of Restless Tinder could not be loaded');
  await page.unroute('**/*.js');
  await page.getByRole('button', { name: 'Save and reload' }).click();
  await expect(verdict(page)).toContainText('for 8 days');
});

test('more of something than is kept is refused in words, and what was typed or read stays', async ({ page }) => {
  await open(page, '/menu');
  await turnTo(page, 'Food by stop');
  const rows = Array.from({ length: 301 }, (_, i) => `dish ${i},boilPour`).join('\n');
  const many = { name: 'many.csv', mimeType: 'text/csv', buffer: Buffer.from(`name,method\n${rows}`) };
  await page.getByLabel('CSV file of dishes').setInputFiles(many);
  await page.getByRole('button', { name: 'Take the 301 good ones' }).click();
  const refusal = page.getByRole('alert').filter({ hasText: 'A trip keeps at most 300 dishes' });
  await expect(refusal).toContainText('Nothing has changed');
  await expectFits(page, '.refusal');
  await expect(page.getByRole('button', { name: 'Take the 301 good ones' })).toBeVisible();
  await refusal.getByRole('button', { name: 'Dismiss' }).click();
  await expect(refusal).toBeHidden();
});
