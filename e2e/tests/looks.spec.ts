import type { Page } from '@playwright/test';
import { expect, open, test, turnTo } from './helpers';

const SIZES = [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
  { width: 1920, height: 1080 },
];
const SIDES: Record<string, string[]> = {
  trail: ['days and stop', 'stops and legs', 'day by day', 'the trip'],
  kit: ['build it', 'side by side', 'make it lighter', 'lose one', 'diary'],
  menu: ['the dishes', 'what habits cost', 'food out of each stop'],
  carry: ['out of the stop', 'leg by leg', 'at the shop', 'other lengths', 'weight and risk', 'what if'],
  pack: ['the list', 'stove card', 'one page', 'home and stops', 'what can hurt', 'labels', 'make it'],
  walk: ['today', 'log', 'will it last', 'something is wrong', 'afterwards'],
  bench: ['burn', 'A or B', 'your burner', 'cooling', 'what is said'],
  shelf: ['the cupboard', 'for this trip', 'join leftovers', 'trips to come'],
};

/** Pairs of visible words that lie on each other, and words cut off by the edge of the page. */
function collisions(): string[] {
  interface Word {
    text: string;
    box: DOMRect;
    of: Element;
  }
  const words: Word[] = [];
  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  for (let n = walker.nextNode(); n; n = walker.nextNode()) {
    const of = n.parentElement;
    const text = n.textContent?.trim();
    if (
      !of ||
      !text ||
      (of.tagName === 'DETAILS' && !of.hasAttribute('open')) ||
      of.closest('.hidden-text, select, option, script, style, [hidden], .cdk-visually-hidden')
    )
      continue;
    if ((of.closest('thead')?.getBoundingClientRect().width ?? 99) < 2) continue; // a heading that each figure repeats
    if (!of.checkVisibility({ visibilityProperty: true, opacityProperty: true })) continue;
    const range = document.createRange();
    range.selectNodeContents(n);
    for (const box of range.getClientRects()) if (box.width > 1 && box.height > 1) words.push({ text, box, of });
  }
  const found: string[] = [];
  // a line of words is higher than its letters
  const inset = (b: DOMRect) => ({ l: b.left + 1, r: b.right - 1, t: b.top + b.height * 0.24, b: b.bottom - b.height * 0.24 });
  const scrolls = (e: Element): Element | undefined => {
    for (let p: Element | null = e; p; p = p.parentElement) if (/auto|scroll|hidden/.test(getComputedStyle(p).overflowX)) return p;
    return undefined;
  };
  const bar = document.querySelector('app-verdict-line')?.getBoundingClientRect();
  words.forEach((a, i) => {
    const x = inset(a.box);
    if (x.r > innerWidth + 1 && scrolls(a.of)?.tagName === 'MAIN') found.push(`cut off: ${a.text}`);
    for (const b of words.slice(i + 1)) {
      if (a.of === b.of && a.text === b.text) continue;
      const y = inset(b.box);
      if (Math.min(x.r, y.r) - Math.max(x.l, y.l) < 2 || Math.min(x.b, y.b) - Math.max(x.t, y.t) < 1) continue;
      // what scrolls under the verdict or in a box of its own is not seen there
      const isUnder =
        bar &&
        [x, y].some((o) => o.t > bar.top - 4) &&
        Boolean(a.of.closest('app-verdict-line')) !== Boolean(b.of.closest('app-verdict-line'));
      const isApart = scrolls(a.of) !== scrolls(b.of);
      if (!isUnder && !isApart) found.push(`${a.text} | ${b.text}`);
    }
  });
  return found;
}

/** What a thumb has to hit and is lower than 44 px; words inside a sentence stay as they are. */
function small(): string[] {
  const wanted =
    'button:not(.figure), input, select, textarea, summary, [role=tab], nav a, label:has(input[type=radio], input[type=checkbox])';
  return [...document.querySelectorAll(wanted)].flatMap((e) => {
    const { width, height } = e.getBoundingClientRect();
    const isInLabel = e.matches('input[type=radio], input[type=checkbox]') && e.closest('label');
    if (isInLabel || width < 2 || height < 2 || !e.checkVisibility({ visibilityProperty: true, opacityProperty: true })) return [];
    return height < 43.5 ? [`${e.tagName} ${e.className} “${e.textContent?.trim().slice(0, 30)}” ${height.toFixed(0)}`] : [];
  });
}

/** Boxes that a thumb would have to push sideways. */
const sideways = (): string[] =>
  [...document.querySelectorAll('main, main *')].flatMap((e) =>
    e.scrollWidth > e.clientWidth + 1 && /auto|scroll/.test(getComputedStyle(e).overflowX)
      ? [`${e.tagName} ${e.getAttribute('aria-labelledby') ?? e.className}`]
      : [],
  );

async function settled(page: Page): Promise<void> {
  await expect(page.getByRole('region', { name: 'Verdict' })).toHaveAttribute('aria-busy', 'false');
  await expect(page.locator('.stale, progress')).toHaveCount(0, { timeout: 60_000 });
}

for (const [view, sides] of Object.entries(SIDES))
  test(`no words lie on each other on any side of ${view}, on any screen`, async ({ page }) => {
    await open(page, `/${view}`);
    for (const side of sides) {
      await turnTo(page, side);
      await settled(page);
      for (const size of SIZES) {
        await page.setViewportSize(size);
        await expect.poll(() => page.evaluate(collisions), { message: `${side} at ${size.width}` }).toEqual([]);
        if (size.width > 720) continue;
        expect(await page.evaluate(small), `${side}, for thumbs`).toEqual([]);
        expect(await page.evaluate(sideways), `${side} runs sideways`).toEqual([]);
      }
    }
  });

test('words that do lie on each other are found', async ({ page }) => {
  await open(page, '/trail');
  await expect(page.locator('app-stop-panel h2')).toBeVisible();
  await page.evaluate(() => {
    const heading = document.querySelector('app-stop-panel h2');
    const on = Object.assign(document.createElement('span'), { textContent: 'on top of it' });
    on.style.cssText = 'position: absolute; margin-top: -18px';
    heading?.after(on);
  });
  expect(await page.evaluate(collisions)).toContain('the stop | on top of it');
});
