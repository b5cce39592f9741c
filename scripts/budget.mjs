// Fails the build when what a first visit loads, or any lazy chunk, is heavier than agreed (brotli).
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { brotliCompressSync } from 'node:zlib';

const INITIAL_KB = 180;
const LAZY_KB = 110;
// the worker of all studies comes in one piece, after the page
const WORKER_KB = 135;
const dir = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '../dist/app/browser');
const kb = (name) => brotliCompressSync(readFileSync(path.join(dir, name))).length / 1024;

const html = readFileSync(path.join(dir, 'index.html'), 'utf8');
const initial = new Set([...html.matchAll(/(?:src|href)="([^"/]+\.(?:js|css))"/g)].map((m) => m[1]));
// what the first scripts import is loaded with them, whether the page names it or not
for (const name of initial)
  if (name.endsWith('.js'))
    for (const [, file] of readFileSync(path.join(dir, name), 'utf8').matchAll(/(?:from|import)\s*"\.\/([^"]+\.js)"/g)) initial.add(file);
const initialKb = [...initial].reduce((sum, name) => sum + kb(name), 0);
const lazy = readdirSync(dir)
  .filter((name) => name.endsWith('.js') && !initial.has(name))
  .map((name) => ({ name, size: kb(name) }));
const isWorker = ({ name }) => name.startsWith('worker-');
const heavy = lazy.filter((c) => c.size > (isWorker(c) ? WORKER_KB : LAZY_KB));
const largest = (list) => Math.max(...list.map((c) => c.size)).toFixed(0);

console.log(
  `initial ${initialKb.toFixed(0)} of ${INITIAL_KB} kB brotli; largest lazy chunk ${largest(lazy.filter((c) => !isWorker(c)))} of ${LAZY_KB} kB; largest worker ${largest(lazy.filter(isWorker))} of ${WORKER_KB} kB`,
);
if (initialKb > INITIAL_KB || heavy.length) {
  console.error(`Over budget: ${initialKb > INITIAL_KB ? 'the initial load' : heavy.map((c) => c.name).join(', ')}.`);
  process.exit(1);
}
