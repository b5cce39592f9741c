import { expect, test } from '@playwright/test';
import { open } from '../tests/helpers';
import { burst, KillableBrowser, lostMs, reserveShown, UNWRITTEN_MS } from '../tests/killed';

const KILLS = 20;
/** What a busy machine may take to write an edit, ms. */
const WRITING_MS = 500;

test(`a browser killed ${KILLS} times in a burst of edits loses no more than its last second`, async () => {
  const browser = new KillableBrowser(test.info().project.use);
  const losses: number[] = [];
  for (let kill = 0; kill < KILLS; kill++) {
    const { context, page } = await browser.start();
    await open(page);
    const typed = await burst(page, 1 + 100 * (kill % 2), 1500 + 137 * kill);
    const killedAt = await browser.kill(context);
    const again = await browser.start();
    await open(again.page);
    losses.push(lostMs(typed, await reserveShown(again.page), killedAt));
    await again.context.close();
  }
  browser.remove();
  console.log(`lost of the burst before each kill, ms: ${losses.join(', ')}`);
  expect(Math.max(...losses)).toBeLessThan(UNWRITTEN_MS + WRITING_MS);
});
