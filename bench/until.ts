import { setTimeout as sleep } from 'node:timers/promises';

const POLL_MS = 20;
const NEVER_MS = 90_000;

/** Asks until there is an answer; `page.waitForFunction` is refused by our Content Security Policy. Rejects when none ever comes. */
export async function until<T>(ask: () => Promise<T | undefined>): Promise<T> {
  const since = performance.now();
  for (let answer = await ask(); ; answer = await ask()) {
    if (answer) return answer;
    if (performance.now() - since > NEVER_MS) throw new Error('waited in vain');
    await sleep(POLL_MS);
  }
}
