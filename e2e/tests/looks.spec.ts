import { expect, open, standing, test, turnTo } from './helpers';
import {
  beyond,
  collisions,
  counted,
  cutOff,
  LAID_OUT,
  MOST,
  settled,
  SIDES,
  sideways,
  small,
  SMALLEST_PX,
  SPACED,
  TYPED_TABLES,
} from './looks';

const PHONE = { width: 390, height: 844 };
const DESK = { width: 1280, height: 800 };
const SIZES = [
  PHONE,
  { width: 1920, height: 1080 },
  // a desk of 1280 px seen at 400 % (WCAG 2.2, 1.4.10)
  { width: 320, height: 640 },
  DESK,
];

for (const [view, sides] of Object.entries(SIDES))
  test(`no side of ${view} has too much, too small or words on each other, on any screen, at 400 %, with spaced text`, async ({ page }) => {
    await open(page, `/${view}`);
    await page.addStyleTag({ content: LAID_OUT });
    for (const side of sides) {
      await turnTo(page, side);
      await settled(page);
      await standing(page);
      for (const size of SIZES) {
        await page.setViewportSize(size);
        await expect.poll(() => page.evaluate(collisions), { message: `${side} at ${size.width}` }).toEqual([]);
        await expect.poll(() => page.evaluate(beyond), { message: `${side} at ${size.width}` }).toBeLessThanOrEqual(0);
        // drawings take their size a moment after the window does
        const tooSmall = async () => {
          const { smallestPx, smallest } = await page.evaluate(counted, true);
          return smallestPx < SMALLEST_PX ? smallest : '';
        };
        await expect.poll(tooSmall, { message: `type on ${side} at ${size.width}` }).toBe('');
        if (size === PHONE || size === DESK) {
          const { controls, words } = await page.evaluate(counted, true);
          expect(controls, `controls at first sight, ${side} at ${size.width}`).toBeLessThanOrEqual(TYPED_TABLES[side] ?? MOST.controls);
          expect(words, `words at first sight, ${side} at ${size.width}`).toBeLessThanOrEqual(MOST.words);
        }
        if (size !== PHONE) continue;
        // the frame changes over a moment after the window does
        await expect.poll(() => page.evaluate(small), { message: `${side}, for thumbs` }).toEqual([]);
        await expect.poll(() => page.evaluate(sideways), { message: `${side} runs sideways` }).toEqual([]);
      }
      const spaced = await page.addStyleTag({ content: SPACED });
      await expect.poll(() => page.evaluate(beyond), { message: `${side}, spaced` }).toBeLessThanOrEqual(0);
      expect(await page.evaluate(cutOff), `${side}, spaced`).toEqual([]);
      await spaced.evaluate((e) => (e as HTMLElement).remove());
    }
  });

test('words that do lie on each other are found', async ({ page }) => {
  await open(page, '/trail');
  await expect(page.locator('app-leg-heading h2')).toBeVisible();
  await page.evaluate(() => {
    const heading = document.querySelector('app-leg-heading h2');
    const on = Object.assign(document.createElement('span'), { textContent: 'on top of it' });
    on.style.cssText = 'position: absolute; margin-top: -24px';
    heading?.after(on);
  });
  expect(await page.evaluate(collisions)).toContain('Nettle Hut to Harrow Junction | on top of it');
});

test('in the system’s own colours, bright on black, the drawings can be seen', async ({ page }) => {
  await page.emulateMedia({ forcedColors: 'active', colorScheme: 'dark' });
  await open(page, '/carry');
  const colours = await page.evaluate(() => {
    const [ground, fuel] = [document.body, document.querySelector('svg.ribbon path, svg.ribbon rect')];
    return [getComputedStyle(ground).backgroundColor, fuel ? getComputedStyle(fuel).fill : ''];
  });
  expect(colours[0]).toBe('rgb(0, 0, 0)');
  expect(colours[1]).not.toBe(colours[0]);
});

test('in the system’s own colours what is chosen, and the main button, can be read', async ({ page }) => {
  await page.emulateMedia({ forcedColors: 'active', colorScheme: 'dark' });
  await page.goto('/new');
  for (const part of [page.getByRole('button', { name: 'Create trip' }), page.locator('.ant-radio-button-wrapper-checked').first()]) {
    const [ground, ink] = await part.evaluate((e) => {
      const words = [...e.querySelectorAll('span')].at(-1) ?? e;
      return [getComputedStyle(e).backgroundColor, getComputedStyle(words).color];
    });
    expect(ink).not.toBe(ground);
  }
});
