import { chromium, expect, test, type BrowserContext, type Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { open, type } from '../tests/helpers';

const KILLS = 20;
/** What is promised: no edit older than a second is ever unwritten, ms. */
const UNWRITTEN_MS = 1000;
/** And what a busy machine may take to write it, ms. */
const WRITING_MS = 500;

interface Typed {
  value: number;
  at: number;
}
const shown = async (page: Page): Promise<number> =>
  Number(/\d+/.exec(await page.getByRole('textbox', { name: 'reserve, typed' }).inputValue())?.[0]);

/** Types one value after the other, none twice, for a while: what is there later says when it was typed. */
async function burst(page: Page, from: number, forMs: number): Promise<Typed[]> {
  const typed: Typed[] = [{ value: await shown(page), at: 0 }];
  const until = Date.now() + forMs;
  for (let value = from; Date.now() < until; value++) {
    await type(page, 'reserve, typed', String(value));
    typed.push({ value, at: Date.now() });
  }
  return typed;
}

test(`a browser killed ${KILLS} times in a burst of edits loses no more than its last second`, async () => {
  const { launchOptions, baseURL } = test.info().project.use;
  const profile = mkdtempSync(path.join(tmpdir(), 'tinder-soak-'));
  const begin = async (): Promise<{ context: BrowserContext; page: Page }> => {
    const context = await chromium.launchPersistentContext(profile, {
      ...launchOptions,
      ...(baseURL === undefined ? {} : { baseURL }),
      serviceWorkers: 'block',
    });
    const page = await context.newPage();
    await open(page);
    return { context, page };
  };
  const lostMs: number[] = [];
  for (let kill = 0; kill < KILLS; kill++) {
    const { context, page } = await begin();
    const typed = await burst(page, 1 + 100 * (kill % 2), 1500 + 137 * kill);
    const killedAt = Date.now();
    execFileSync('pkill', ['-9', '-f', profile]);
    await context.close().catch(() => undefined);

    const again = await begin();
    const kept = await shown(again.page);
    const lost = typed.slice(1 + typed.findLastIndex((t) => t.value === kept));
    expect(typed.map((t) => t.value)).toContain(kept);
    lostMs.push(lost.length ? killedAt - lost[0].at : 0);
    await again.context.close();
  }
  rmSync(profile, { recursive: true, force: true });
  console.log(`lost of the burst before each kill, ms: ${lostMs.join(', ')}`);
  expect(Math.max(...lostMs)).toBeLessThan(UNWRITTEN_MS + WRITING_MS);
});
