// What issue after issue has asked of speed, wanted beside reached, written to docs/performance.md with the machine it ran on.
import { chromium } from '@playwright/test';
import { writeFileSync } from 'node:fs';
import { cpus } from 'node:os';
import { fileURLToPath } from 'node:url';
import { format, resolveConfig } from 'prettier';
import { offlineKB } from './browser';
import { Calm, CALM_SLOWNESS, MOST_ROUNDS } from './calm';
import { said, tabled, under, type Row } from './rows';
import { served } from './served';
import { heapRows, planWorkerRows, visitRows } from './speed-browser';
import { demoEdits, largeLoadOuts, ledgerAfterEdit, longTrip, manyTrips, smallLoadOuts } from './speed-node';
import { warmed } from './warmed';

const PORT = 3113;

const rows: Row[] = [];
/** Said as they come: the whole takes minutes. */
const note = (measured: readonly Row[]): void => {
  rows.push(...measured);
  measured.forEach((row) => console.log(said(row)));
};

await warmed();
const calm = await Calm.known();
for (const section of [demoEdits, ledgerAfterEdit, longTrip, manyTrips]) note(await section(calm));
note(await smallLoadOuts());
note(largeLoadOuts());

const browser = await chromium.launch({ executablePath: process.env['CHROMIUM_PATH'] ?? '/usr/bin/chromium', args: ['--no-sandbox'] });
await served(PORT, async (address) => {
  note(await planWorkerRows(browser, address, calm));
  note(await visitRows(browser, address, 'desk', calm));
  note(await visitRows(browser, address, 'phone', calm));
  note(await heapRows(browser, address));
});
await browser.close();
note([under('the whole app, kept for offline', offlineKB(), 900, 'kB')]);

const [{ model }] = cpus();
const text = `# Performance

Written by \`npm run bench\` (bench/speed.ts), on ${cpus().length} cores of “${model.trim()}”, Node ${process.versions.node}. Absolute times hang on the
machine: what counts is how they stand to each other. Other guests of the machine's host slow it: a time stands where a piece of work beside it, before,
after and meanwhile, took at most ${CALM_SLOWNESS} times as long as in the calmest moment, and was taken anew, up to ${MOST_ROUNDS} times, where it did not (the worst that stands:
${calm.worstSlowness.toFixed(2)} times). The first visit is held to 140 kB (brotli) by the build itself.

| what | reached | wanted | |
| ---- | ------- | ------ | - |
${rows.map(tabled).join('\n')}
`;
const file = fileURLToPath(new URL('../docs/performance.md', import.meta.url));
writeFileSync(file, await format(text, { ...(await resolveConfig(file)), parser: 'markdown' }));
