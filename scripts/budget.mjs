// Measures what a first visit and every later script weigh (brotli); fails the build where that is more than agreed.
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import { APP, fail } from './lib.mjs';

const FIRST_VISIT_KB = 320;
const LAZY_KB = 150;
// the worker of all studies comes in one piece, after the page
const WORKER_KB = 135;
const read = (name) => readFileSync(path.join(APP, name), 'utf8');
const kb = (name) => brotliCompressSync(readFileSync(path.join(APP, name))).length / 1024;

/** Scripts and styles of a first visit: what the page names, and what those scripts import before they can run. */
function firstVisitFiles() {
  const files = new Set([...read('index.html').matchAll(/(?:src|href)="([^"/]+\.(?:js|css))"/g)].map((m) => m[1]));
  for (const name of files)
    if (name.endsWith('.js')) for (const m of read(name).matchAll(/(?:from|import)\s*["`]\.\/([^"`]+\.js)["`]/g)) files.add(m[1]);
  return files;
}

const first = firstVisitFiles();
const firstKb = [...first].reduce((sum, name) => sum + kb(name), 0);
const later = readdirSync(APP)
  .filter((name) => name.endsWith('.js') && !first.has(name))
  .map((name) => ({ name, size: kb(name), most: name.startsWith('worker-') ? WORKER_KB : LAZY_KB }));
const heaviest = (most) => Math.max(...later.filter((c) => c.most === most).map((c) => c.size)).toFixed(0);
console.log(
  `first visit ${firstKb.toFixed(1)} of ${FIRST_VISIT_KB} kB brotli in ${first.size} files; heaviest later script ${heaviest(LAZY_KB)} of ${LAZY_KB} kB; heaviest worker ${heaviest(WORKER_KB)} of ${WORKER_KB} kB`,
);
const over = later.filter((c) => c.size > c.most);
if (firstKb > FIRST_VISIT_KB) fail('Over budget: the first visit.');
if (over.length) fail(`Over budget: ${over.map((c) => c.name).join(', ')}.`);
