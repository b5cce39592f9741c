// What issue after issue has asked of speed, wanted beside reached, written to docs/performance.md with the machine it ran on.
import { chromium } from '@playwright/test';
import { writeFileSync } from 'node:fs';
import { cpus } from 'node:os';
import { fileURLToPath } from 'node:url';
import { format, resolveConfig } from 'prettier';
import { offlineKB } from './browser';
import { Calm, CALM_SLOWNESS } from './calm';
import { said, tabled, under, type Row } from './rows';
import { served } from './served';
import { heapRows, paintedRows, planWorkerRows, visitRows } from './speed-browser';
import { demoEdits, largeLoadOuts, ledgerAfterEdit, longTrip, manyTrips, smallLoadOuts } from './speed-node';
import { warmed } from './warmed';

const PORT = 3113;
/** What was measured beside a busy machine is measured again when all the rest has been, until so much has gone by: bursts of other guests last minutes. */
const LONGEST_MIN = 40;

/** Some rows of the table, and how long the piece of work took beside them. */
interface Section {
  measure: (calm: Calm) => Row[] | Promise<Row[]>;
  rows: Row[];
  besideMs: number;
}

/** Measures a section, and keeps the calmer of what it gives and what it gave; what it says has no part in that. */
async function take(section: Section, calm: Calm): Promise<void> {
  const { value, besideMs } = await calm.beside(async (c) => section.measure(c));
  value.forEach((row) => console.log(said(row)));
  if (besideMs < section.besideMs) Object.assign(section, { rows: value, besideMs });
}

await warmed();
const calm = await Calm.known();
const browser = await chromium.launch({ executablePath: process.env['CHROMIUM_PATH'] ?? '/usr/bin/chromium', args: ['--no-sandbox'] });
const sections = await served(PORT, async (address) => {
  const all: Section['measure'][] = [
    demoEdits,
    ledgerAfterEdit,
    longTrip,
    manyTrips,
    smallLoadOuts,
    largeLoadOuts,
    (c) => planWorkerRows(browser, address, c),
    (c) => paintedRows(browser, address, c),
    (c) => visitRows(browser, address, 'desk', c),
    (c) => visitRows(browser, address, 'phone', c),
    () => heapRows(browser, address),
    () => [under('the whole app, kept for offline', offlineKB(), 900, 'kB')],
  ];
  const taken = all.map((measure): Section => ({ measure, rows: [], besideMs: Infinity }));
  for (const section of taken) await take(section, calm);
  const isBusy = (s: Section): boolean => !calm.isCalm(s.besideMs);
  const hasTime = (): boolean => performance.now() < LONGEST_MIN * 60_000;
  while (taken.some(isBusy) && hasTime()) for (const section of taken.filter(isBusy)) if (hasTime()) await take(section, calm);
  return taken;
});
await browser.close();

const [{ model }] = cpus();
const text = `# Performance

Written by \`npm run bench\` (bench/speed.ts), on ${cpus().length} cores of “${model.trim()}”, Node ${process.versions.node}. Absolute times hang on the
machine: what counts is how they stand to each other. Other guests of the machine's host slow it: a time stands where a piece of work beside it, before,
after and meanwhile, took at most ${CALM_SLOWNESS} times as long as in the calmest moment, and was taken anew, for up to ${LONGEST_MIN} minutes, where it did not (the worst that stands:
${Math.max(...sections.map((s) => calm.slowness(s.besideMs))).toFixed(2)} times). The first visit is held to 140 kB (brotli) by the build itself.

| what | reached | wanted | |
| ---- | ------- | ------ | - |
${sections.flatMap((s) => s.rows.map(tabled)).join('\n')}
`;
const file = fileURLToPath(new URL('../docs/performance.md', import.meta.url));
writeFileSync(file, await format(text, { ...(await resolveConfig(file)), parser: 'markdown' }));
