// Fails the build when what a first visit loads, or any lazy chunk, is heavier than agreed (brotli).
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import { APP, initialFiles } from './built-page.mjs';

const INITIAL_KB = 140;
const LAZY_KB = 75;
// the worker of all studies comes in one piece, after the page
const WORKER_KB = 110;
const kb = (name) => brotliCompressSync(readFileSync(path.join(APP, name))).length / 1024;

const initial = new Set(initialFiles());
const initialKb = [...initial].reduce((sum, name) => sum + kb(name), 0);
const lazy = readdirSync(APP)
  .filter((name) => name.endsWith('.js') && !initial.has(name))
  .map((name) => ({ name, size: kb(name) }));
const isWorker = ({ name }) => name.startsWith('worker-');
const heavy = lazy.filter((c) => c.size > (isWorker(c) ? WORKER_KB : LAZY_KB));
const largest = (list) => Math.max(...list.map((c) => c.size)).toFixed(0);

console.log(
  `initial ${initialKb.toFixed(1)} of ${INITIAL_KB} kB brotli; largest lazy chunk ${largest(lazy.filter((c) => !isWorker(c)))} of ${LAZY_KB} kB; largest worker ${largest(lazy.filter(isWorker))} of ${WORKER_KB} kB`,
);
if (initialKb > INITIAL_KB || heavy.length) {
  console.error(`Over budget: ${initialKb > INITIAL_KB ? 'the initial load' : heavy.map((c) => c.name).join(', ')}.`);
  process.exit(1);
}
