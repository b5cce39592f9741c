import { chromium, type BrowserContext, type Page, type PlaywrightTestOptions, type PlaywrightWorkerOptions } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { type } from './helpers';

/** What is promised: no edit older than a second is ever unwritten, ms. */
export const UNWRITTEN_MS = 1000;

/** A browser with a profile of its own that can be killed, and started again. */
export class KillableBrowser {
  private readonly profile = mkdtempSync(path.join(tmpdir(), 'tinder-killed-'));

  constructor(private readonly options: Partial<PlaywrightTestOptions & PlaywrightWorkerOptions>) {}

  async start(): Promise<{ context: BrowserContext; page: Page }> {
    const { launchOptions, baseURL } = this.options;
    const context = await chromium.launchPersistentContext(this.profile, {
      ...launchOptions,
      ...(baseURL === undefined ? {} : { baseURL }),
      serviceWorkers: 'block',
    });
    return { context, page: await context.newPage() };
  }

  /** Ends all of its processes at once: no page hears that it is left. Gives the moment, ms. */
  async kill(context: BrowserContext): Promise<number> {
    const at = Date.now();
    execFileSync('pkill', ['-9', '-f', this.profile]);
    await context.close().catch(() => undefined);
    return at;
  }

  remove(): void {
    rmSync(this.profile, { recursive: true, force: true });
  }
}

/** A value that was typed, and when, ms. */
export interface Typed {
  value: number;
  at: number;
}

export const reserveShown = async (page: Page): Promise<number> =>
  Number(/\d+/.exec(await page.getByRole('textbox', { name: 'Reserve, typed' }).inputValue())?.[0]);

/** Types one value after the other, none twice, for a while: what is there later says when it was typed. */
export async function burst(page: Page, from: number, forMs: number): Promise<Typed[]> {
  const typed: Typed[] = [{ value: await reserveShown(page), at: 0 }];
  const until = Date.now() + forMs;
  for (let value = from; Date.now() < until; value++) {
    await type(page, 'Reserve, typed', String(value));
    typed.push({ value, at: Date.now() });
  }
  return typed;
}

/** How old the oldest edit was that was lost, ms; 0 where none was. Throws where what was kept was never typed. */
export function lostMs(typed: readonly Typed[], kept: number, killedAt: number): number {
  const at = typed.findLastIndex((t) => t.value === kept);
  if (at < 0) throw new Error(`${kept} was never typed`);
  const lost = typed.slice(at + 1);
  return lost.length ? killedAt - lost[0].at : 0;
}
