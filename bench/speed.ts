// What issue after issue has asked of speed, wanted beside reached, written to docs/performance.md with the machine it ran on.
import { chromium } from '@playwright/test';
import { writeFileSync } from 'node:fs';
import { cpus } from 'node:os';
import { fileURLToPath } from 'node:url';
import { format, resolveConfig } from 'prettier';
import { offlineKB } from './browser';
import { said, tabled, under, type Row } from './rows';
import { warmUp } from './samples';
import { served } from './served';
import { answeredRows, heapRows, paintedRows, planWorkerRows } from './speed-browser';
import { demoEdits, largeLoadOuts, ledgerAfterEdit, longTrip, manyTrips, smallLoadOuts } from './speed-node';
import { PLACES, visitRows } from './visits';

const rows: Row[] = [];
const take = (some: readonly Row[]): void => {
  some.forEach((row) => console.log(said(row)));
  rows.push(...some);
};

await warmUp();
for (const measure of [demoEdits, ledgerAfterEdit, longTrip, manyTrips, smallLoadOuts, largeLoadOuts]) take(await measure());
const browser = await chromium.launch({ executablePath: process.env['CHROMIUM_PATH'] ?? '/usr/bin/chromium', args: ['--no-sandbox'] });
await served(PLACES.ours.port, PLACES.ours.dir, async (address) => {
  take(await planWorkerRows(browser, address));
  take(await paintedRows(browser, address));
  take(await answeredRows(browser, address));
  take(await heapRows(browser, address));
});
take(await visitRows(browser));
await browser.close();
take([under('the whole app, kept for offline', offlineKB(), 900, 'kB')]);

const [{ model }] = cpus();
const text = `# Performance

Written by \`npm run bench\` (bench/speed.ts), on ${cpus().length} cores of “${model.trim()}”, Node ${process.versions.node}. Everything was measured once, in one run.
Absolute times depend on the machine and on what else its host does, which takes up to twice as long at times: what counts is how they stand to each other.

Visits are measured in turns with an empty Angular page, built and served the same way (bench/empty-page): the ratio is held within 15 % of
bench/recorded-visits.json, and the range behind a median says how noisy the machine was. The build itself holds what a first visit loads.

| what | reached | wanted | |
| ---- | ------- | ------ | - |
${rows.map(tabled).join('\n')}
`;
const file = fileURLToPath(new URL('../docs/performance.md', import.meta.url));
writeFileSync(file, await format(text, { ...(await resolveConfig(file)), parser: 'markdown' }));
