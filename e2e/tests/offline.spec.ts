import { spawn } from 'node:child_process';
import { expect, test } from '@playwright/test';

// The server is really stopped here: a browser set offline still answers from places a stopped server does not.
test.use({ serviceWorkers: 'allow' });

test('opens and plans with the server gone', async ({ page }) => {
  const port = 3111;
  const server = spawn(process.execPath, ['--import', 'tsx', '../server/src/main.ts'], { env: { ...process.env, PORT: String(port) } });
  const address = `http://127.0.0.1:${port}/`;
  try {
    await new Promise<void>((resolve, reject) => {
      server.stdout.on('data', () => resolve());
      server.once('exit', (code) => reject(new Error(`server ended with ${code}`)));
    });
    await page.goto(address);
    await page.evaluate(() => navigator.serviceWorker.ready);
    await expect.poll(() => page.evaluate(async () => (await caches.keys()).some((k) => k.includes('app:cache')))).toBe(true);
    await expect
      .poll(() =>
        page.evaluate(async () => {
          const name = (await caches.keys()).find((k) => k.includes('app:cache'));
          return name ? (await (await caches.open(name)).keys()).some((r) => r.url.endsWith('.woff2')) : false;
        }),
      )
      .toBe(true);
  } finally {
    const gone = new Promise((resolve) => server.once('exit', resolve));
    server.kill('SIGTERM');
    await gone;
  }
  await page.goto(address + 'carry');
  const verdict = page.getByRole('region', { name: 'Verdict' });
  await expect(verdict).toContainText('5 days burn');
  const days = page.getByRole('textbox', { name: 'days, typed' });
  await days.fill('3');
  await days.press('Enter');
  await expect(verdict).toContainText('3 days burn');
});
