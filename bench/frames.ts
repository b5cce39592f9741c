// How smooth dragging is on every view that drags: frame times while dragging, as ratios to those of the same page left alone.
import { chromium, type Page } from '@playwright/test';
import { quantile } from './numbers';
import { served } from './served';

const PORT = 3112;
const SIZES = [
  { name: 'desk', width: 1280, height: 800 },
  { name: 'phone', width: 390, height: 844 },
];

/** What is dragged: where the drag starts in the box of an element, and how far it goes to and fro, as shares of its width. */
const DRAGS: { name: string; view: string; under?: string; element: string; x: number; y: number; swing: number }[] = [
  { name: 'a stop on Trail', view: 'trail', element: 'svg.ribbon', x: 5 / 23, y: 44, swing: 2.5 / 23 },
  { name: 'a brush on Menu', view: 'menu', element: 'svg.ribbon', x: 0.3, y: 70, swing: 0.2 },
  { name: 'the air on Carry', view: 'carry', element: 'app-conditions-panel .ant-slider.cold', x: 0.5, y: 12, swing: 0.3 },
  {
    name: 'the flame in the closer look',
    view: 'carry',
    under: 'A closer look',
    element: 'app-flame-panel svg',
    x: 0.5,
    y: 60,
    swing: 0.3,
  },
];

/** In the page: notes the time of every frame. Text, so that no build step rewrites it. */
const WATCH = `(() => {
  const times = (globalThis.times = []);
  let last = performance.now();
  const tick = (now) => {
    times.push(now - last);
    last = now;
    requestAnimationFrame(tick);
  };
  requestAnimationFrame(tick);
})()`;

/** Starts watching; the function returned gives the frame times since it was last asked, ms. */
async function watchFrames(page: Page): Promise<() => Promise<number[]>> {
  await page.evaluate(WATCH);
  return () => page.evaluate<number[]>('globalThis.times.splice(0).slice(1)');
}

const browser = await chromium.launch({ executablePath: process.env['CHROMIUM_PATH'] ?? '/usr/bin/chromium', args: ['--no-sandbox'] });
await served(PORT, 'dist/app/browser', async (address) => {
  for (const { name, width, height } of SIZES)
    for (const drag of DRAGS) {
      const page = await (await browser.newContext({ viewport: { width, height }, serviceWorkers: 'block' })).newPage();
      await page.goto(`${address}${drag.view}`);
      if (drag.under) await page.locator('summary', { hasText: drag.under }).click();
      const dragged = page.locator(drag.element).first();
      await dragged.waitFor({ state: 'attached' });
      // on a phone the conditions are folded
      const folded = page.locator('details.boxed:not([open]) > summary', { hasText: 'Conditions' });
      if (await folded.isVisible()) await folded.click();
      await dragged.waitFor();
      await dragged.scrollIntoViewIfNeeded();
      const box = await dragged.boundingBox();
      if (!box) throw new Error(`nothing to drag: ${drag.element}`);
      const take = await watchFrames(page);
      await page.waitForTimeout(1500);
      const idle = await take();
      const x = (share: number): number => box.x + box.width * share;
      await page.mouse.move(x(drag.x), box.y + drag.y);
      await page.mouse.down();
      for (let i = 0; i <= 90; i++) await page.mouse.move(x(drag.x + drag.swing * Math.sin(i / 6)), box.y + drag.y);
      await page.mouse.up();
      const dragging = await take();
      const ratio = (q: number): string => (quantile(dragging, q) / quantile(idle, q)).toFixed(2);
      console.log(
        `frames     ${name}, ${drag.name}: ${ratio(0.5)} times an empty frame (median), ${ratio(0.95)} at the 95th percentile; ` +
          `for orientation ${quantile(dragging, 0.5).toFixed(1)} and ${quantile(dragging, 0.95).toFixed(1)} ms over ${dragging.length} frames`,
      );
      await page.close();
    }
});
await browser.close();
