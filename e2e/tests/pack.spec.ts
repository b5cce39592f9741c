import { readFile } from 'node:fs/promises';
import { inflateSync } from 'node:zlib';
import type { Page } from '@playwright/test';
import { exportArchive } from '@tinder/core/output/archive';
import { DEMO_TRIP } from '@tinder/core/demo';
import { LONGEST_NAME } from '@tinder/core/domain/model';
import { marked, type Tokens } from 'marked';
import { box, expect, expectFits, fromMenu, importTrip, list, open, options, pick, saved, test, turnTo, verdict } from './helpers';

const SIDES = ['Packing list', 'Stove card', 'One page', 'Home and resupply', 'Safety', 'Labels', 'Templates'] as const;
const exported = (page: Page, name: string) => fromMenu(page, 'Export', name);

type Matrix = [number, number, number, number, number, number];
const times = (m: Matrix, n: Matrix): Matrix => [
  m[0] * n[0] + m[1] * n[2],
  m[0] * n[1] + m[1] * n[3],
  m[2] * n[0] + m[3] * n[2],
  m[2] * n[1] + m[3] * n[3],
  m[4] * n[0] + m[5] * n[2] + n[4],
  m[4] * n[1] + m[5] * n[3] + n[5],
];

/** Lengths of all straight strokes of a PDF, mm: its streams unpacked, paths under the matrices that stand before them. */
function strokesMm(pdf: Buffer): number[] {
  const lengths: number[] = [];
  for (let at = pdf.indexOf('stream\n'); at >= 0; at = pdf.indexOf('stream\n', at + 7)) {
    if (pdf.subarray(at - 3, at).toString() === 'end') continue;
    const end = pdf.indexOf('endstream', at);
    let text: string;
    try {
      text = inflateSync(pdf.subarray(at + 7, end)).toString('latin1');
    } catch {
      continue; // fonts and pictures
    }
    let ctm: Matrix = [1, 0, 0, 1, 0, 0];
    const kept: Matrix[] = [];
    let from: [number, number] | undefined;
    let stack: number[] = [];
    for (const word of text.split(/\s+/)) {
      const n = Number(word);
      if (word !== '' && Number.isFinite(n)) {
        stack.push(n);
        continue;
      }
      if (word === 'q') kept.push(ctm);
      else if (word === 'Q') ctm = kept.pop() ?? ctm;
      else if (word === 'cm') ctm = times(stack.slice(-6) as Matrix, ctm);
      else if (word === 'm') from = [stack.at(-2) ?? 0, stack.at(-1) ?? 0];
      else if (word === 'l' && from) {
        const to: [number, number] = [stack.at(-2) ?? 0, stack.at(-1) ?? 0];
        const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
        lengths.push((Math.hypot(dx * ctm[0] + dy * ctm[2], dx * ctm[1] + dy * ctm[3]) * 25.4) / 72);
        from = to;
      }
      stack = [];
    }
  }
  return lengths;
}

/** Pages of a PDF, and how large they are, mm. */
function pagesOf(pdf: Buffer): { count: number; wideMm: number; highMm: number } {
  const text = pdf.toString('latin1');
  const [, wide, high] = /\/MediaBox\s*\[\s*0 0 ([\d.]+) ([\d.]+)/.exec(text) ?? [];
  return { count: text.match(/\/Type\s*\/Page\b/g)?.length ?? 0, wideMm: (Number(wide) * 25.4) / 72, highMm: (Number(high) * 25.4) / 72 };
}

test('every side of packing answers without violations and fits', async ({ page }) => {
  await open(page, '/pack');
  await expect(page.locator('app-pack-answer')).toContainText('Starting weight');
  for (const name of SIDES) {
    await turnTo(page, name);
    await expectFits(page, name === 'Packing list' ? undefined : '#pack-side');
  }
});

test('the list weighs what the verdict says, ticks stay over a reload, and one undo takes a tick back', async ({ page }) => {
  await open(page, '/pack');
  const answer = page.locator('app-pack-answer');
  await expect(answer.locator('.big')).toHaveText(/^679.g$/);
  await page.getByRole('checkbox', { name: 'long titanium spoon' }).check();
  await expect(answer.getByRole('status')).toContainText('1 of ');
  await saved(page);
  await page.reload();
  await expect(page.getByRole('checkbox', { name: 'long titanium spoon' })).toBeChecked();
  await page.getByRole('checkbox', { name: 'small lighter' }).check();
  await expect(answer.getByRole('status')).toContainText('2 of ');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('checkbox', { name: 'small lighter' })).not.toBeChecked();
  const [markdown] = await Promise.all([page.waitForEvent('download'), exported(page, 'Export everything (Markdown)')]);
  const text = await readFile(await markdown.path(), 'utf8');
  expect(text).toContain('# Vesper Divide');
  // every row of a table has as many cells as its heading
  const rows = text.split('\n').filter((l) => l.startsWith('|'));
  expect(rows.every((r) => r.endsWith('|'))).toBe(true);
  const [calendar] = await Promise.all([page.waitForEvent('download'), exported(page, 'Export home and post days (calendar)')]);
  expect(await readFile(await calendar.path(), 'utf8')).toContain('SUMMARY:Burn small canister stove');
  await expect(verdict(page)).toContainText('Leave Nettle Hut');
});

test('on paper a rule of 100 mm is 100 mm, on A4 and Letter, and nothing of the screen is printed', async ({ page }) => {
  await open(page, '/pack');
  await turnTo(page, 'Templates');
  await expect(page.locator('app-make-panel')).toContainText('windscreen, a strip round the pot');
  for (const paper of ['A4', 'Letter']) {
    await page.getByRole('radiogroup', { name: 'Paper' }).getByText(paper).click();
    await expect
      .poll(() => page.evaluate(() => document.getElementById('page-size')?.textContent))
      .toContain(paper === 'A4' ? 'A4' : 'letter');
    const pdf = await page.pdf({ preferCSSPageSize: true });
    // five patterns, two of them in parts; no page stays empty before one that is longer than a page
    expect(pagesOf(pdf).count, paper).toBeLessThan(6);
    const rules = strokesMm(pdf).filter((mm) => Math.abs(mm - 100) < 3);
    expect(rules.length, paper).toBeGreaterThan(3);
    for (const mm of rules) expect(Math.abs(mm - 100), paper).toBeLessThan(0.2);
  }
  await page.emulateMedia({ media: 'print' });
  await expect(verdict(page)).toBeHidden();
  await expect(page.getByRole('navigation')).toBeHidden();
  await expect(page.getByRole('tablist')).toBeHidden();
});

test('the stove card of every departure fits the two sides of an A6 card, at 9 pt or more', async ({ page }) => {
  await open(page, '/pack');
  await turnTo(page, 'Stove card');
  const departure = list(page, 'Departure');
  await box(departure).click();
  const labels = await options(page).allInnerTexts();
  await departure.press('Escape');
  for (const label of labels) {
    await pick(departure, label);
    await expect(page.locator('app-card-panel h2')).toContainText(label);
    await expect(page.locator('app-card-panel h3', { hasText: /^start saving fuel$/i })).toBeVisible();
    const { count, wideMm, highMm } = pagesOf(await page.pdf({ preferCSSPageSize: true }));
    expect([wideMm, highMm].map(Math.round), label).toEqual([105, 148]);
    expect(count, label).toBeLessThanOrEqual(2);
    const points = await page
      .locator('app-card-panel p')
      .first()
      .evaluate((e) => (parseFloat(getComputedStyle(e).fontSize) * 72) / 96);
    expect(points).toBeGreaterThanOrEqual(9);
  }
});

test('a card of eight dishes with the longest names says how many sides it takes', async ({ page }) => {
  await open(page, '/pack');
  const names = Array.from({ length: 8 }, (_, i) =>
    `${i} ${'a very long name of a dish, with | pipes and commas '.repeat(3)}`.slice(0, LONGEST_NAME).trim(),
  );
  const dishes = names.map((name, i) => ({ id: `long-${i}`, meal: { ...DEMO_TRIP.menu.supper, name } }));
  const legs = DEMO_TRIP.legs.map((leg, at) =>
    at > 0 ? leg : { ...leg, days: leg.days.map((d, i) => ({ ...d, dishes: { supper: `long-${i % 4}`, drink: `long-${4 + (i % 3)}` } })) },
  );
  const text = exportArchive([{ trip: { ...DEMO_TRIP, id: 'long', name: 'Long names', legs, dishes }, archived: false }]);
  await importTrip(page, text);
  await turnTo(page, 'Stove card');
  await expect(page.locator('app-card-panel h3', { hasText: '6 a very long' })).toBeVisible();
  await expect(page.locator('app-card-panel h3', { hasText: /^start saving fuel$/i })).toBeVisible();
  await expect(page.getByText(/It takes (both|\d+) sides of the paper\./)).toBeVisible();
  await expect(page.locator('app-card-panel h3 span')).toHaveCount(8);
  const { count, wideMm } = pagesOf(await page.pdf({ preferCSSPageSize: true }));
  expect(Math.round(wideMm)).toBe(105);
  expect(count).toBeGreaterThan(1);
  await turnTo(page, 'Packing list');
  const [download] = await Promise.all([page.waitForEvent('download'), exported(page, 'Export everything (Markdown)')]);
  const tokens = marked.lexer(await readFile(await download.path(), 'utf8'));
  const tables = tokens.filter((t): t is Tokens.Table => t.type === 'table');
  // a pipe in a name makes no cell more, and no line break ends a row
  for (const t of tables) for (const row of t.rows) expect(row.length).toBe(t.header.length);
  expect(tables.some((t) => t.rows.some((r) => r[0].text.includes('with \\\\| pipes') || r[0].text.includes('with | pipes')))).toBe(true);
  const [json] = await Promise.all([page.waitForEvent('download'), exported(page, 'Export lists (JSON)')]);
  const data = JSON.parse(await readFile(await json.path(), 'utf8')) as { lists: { items: { massG: number }[]; sums: { allG: number } }[] };
  for (const l of data.lists) expect(l.items.reduce((g, i) => g + i.massG, 0)).toBeCloseTo(l.sums.allG, 6);
  const [png] = await Promise.all([page.waitForEvent('download'), exported(page, 'Export this list (PNG)')]);
  expect((await readFile(await png.path())).subarray(1, 4).toString()).toBe('PNG');
});
