import { expect, type Page } from '@playwright/test';

/** The sides of every view, by their labels. */
export const SIDES: Record<string, string[]> = {
  trail: ['Days and stop', 'Stops and legs', 'Day by day', 'Trip'],
  kit: ['Build', 'Find the best', 'Compare', 'Lighten', 'If you lose it', 'Gear log'],
  menu: ['Dishes', 'What habits cost', 'Food by stop'],
  carry: ['This leg', 'All legs', 'Shopping', 'Other lengths', 'Weight and risk', 'Cases'],
  pack: ['Packing list', 'Stove card', 'One page', 'Home and resupply', 'Safety', 'Labels', 'Templates'],
  walk: ['Today', 'Log', 'Will it last', 'Trouble', 'After the walk'],
  bench: ['Your stove', 'Test', 'A or B', 'Cooling', 'Claims'],
  shelf: ['Containers', 'For this trip', 'Combine leftovers', 'Later trips'],
};

/** At most so many controls and words (ours to hold; the aim is 45 and 300), and no smaller type, px. */
export const MOST = { controls: 60, words: 400 };
/** Where days or legs are typed in a table, a field in every cell. */
export const TYPED_TABLES: Record<string, number> = { 'Days and stop': 65, 'Day by day': 70, 'All legs': 65 };
export const SMALLEST_PX = 13;

/**
 * In the page: visible controls; words outside drawings; the smallest type, with where it is. Of all the page, or of what is in sight without
 * scrolling. A sheet of paper is shown as it is printed: 9 pt is 12 px, and its words are not of the screen.
 */
export function counted(inSight: boolean): { controls: number; words: number; smallestPx: number; smallest: string } {
  const footPx = document.querySelector('.foot')?.getBoundingClientRect().top || innerHeight; // it is hidden on Walk of a phone
  const isInSight = (e: Element) => e.getBoundingClientRect().top < (e.closest('main') ? footPx : innerHeight);
  const isSeen = (e: Element) =>
    e.checkVisibility({ visibilityProperty: true, opacityProperty: true, contentVisibilityAuto: inSight }) && (!inSight || isInSight(e));
  const wanted = 'button, a[href], input:not([type=file]), select, textarea, summary, [role=slider], [role=switch]';
  const controls = [...document.querySelectorAll(wanted)].filter(
    (e) => isSeen(e) && e.getBoundingClientRect().width > 1 && !e.matches('.skip, [disabled]'),
  ).length;
  let [words, smallestPx, smallest] = [0, 99, ''];
  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  for (let n = walker.nextNode(); n; n = walker.nextNode()) {
    const of = n.parentElement;
    const text = n.textContent?.trim();
    if (
      !of ||
      !text ||
      !isSeen(of) ||
      of.closest('.hidden-text, script, style, noscript, .skip, app-paper .sheet') ||
      of.getBoundingClientRect().width < 2
    )
      continue;
    const px = parseFloat(getComputedStyle(of).fontSize) * (of instanceof SVGGraphicsElement ? (of.getScreenCTM()?.a ?? 1) : 1);
    if (px < smallestPx) [smallestPx, smallest] = [Math.round(100 * px) / 100, text];
    if (!of.closest('svg')) words += text.split(/\s+/).length;
  }
  return { controls, words, smallestPx, smallest };
}

/** Pairs of visible words that lie on each other, and words cut off by the edge of the page. */
export function collisions(): string[] {
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
export function small(): string[] {
  const wanted =
    'button:not(.figure), input:not(.ant-select-selection-search-input), .ant-select-selector, select, textarea, summary, [role=tab], nav a, label:has(input[type=radio], input[type=checkbox])';
  return [...document.querySelectorAll(wanted)].flatMap((e) => {
    const { width, height } = e.getBoundingClientRect();
    const isInLabel = e.matches('input[type=radio], input[type=checkbox]') && e.closest('label');
    if (isInLabel || width < 2 || height < 2 || !e.checkVisibility({ visibilityProperty: true, opacityProperty: true })) return [];
    return height < 43.5 ? [`${e.tagName} ${e.className} “${e.textContent?.trim().slice(0, 30)}” ${height.toFixed(0)}`] : [];
  });
}

/** Boxes that a thumb would have to push sideways. */
export const sideways = (): string[] =>
  [...document.querySelectorAll('main, main *')].flatMap((e) =>
    e.scrollWidth > e.clientWidth + 1 && /auto|scroll/.test(getComputedStyle(e).overflowX)
      ? [`${e.tagName} ${e.getAttribute('aria-labelledby') ?? e.className}`]
      : [],
  );

/** Rows that are only laid out when they are scrolled to are laid out: their words are looked at too. */
export const LAID_OUT = '* { content-visibility: visible !important }';
/** What WCAG 2.2 (1.4.12) lets a reader ask for. */
export const SPACED =
  '* { line-height: 1.5 !important; letter-spacing: 0.12em !important; word-spacing: 0.16em !important } p { margin-bottom: 2em !important }';
/** By how much the page is wider than its window, px. */
export const beyond = (): number => document.documentElement.scrollWidth - innerWidth;
/** Words that their box cuts off, though it has no way to show the rest. */
export function cutOff(): string[] {
  return [...document.querySelectorAll('main *, app-verdict-line *')].flatMap((e) => {
    const style = getComputedStyle(e);
    if (!e.checkVisibility() || style.overflowY !== 'hidden' || style.whiteSpace === 'nowrap' || e.closest('.hidden-text, svg')) return [];
    return e.scrollHeight > e.clientHeight + 2 && e.textContent?.trim()
      ? [`${e.tagName} ${e.className}: ${e.textContent.trim().slice(0, 40)}`]
      : [];
  });
}

/** Waits until everything on the page has been worked out. */
export async function settled(page: Page): Promise<void> {
  await expect(page.getByRole('region', { name: 'Verdict' })).toHaveAttribute('aria-busy', 'false');
  await expect(page.locator('.stale, [role=progressbar]')).toHaveCount(0, { timeout: 60_000 });
}
