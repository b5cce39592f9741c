// What the built page loads, read off the build itself.
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

export const APP = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '../dist/app/browser');
const read = (name) => readFileSync(path.join(APP, name), 'utf8');

/** The scripts that one needs before it can run, of its code. */
export const staticImportsOf = (code) => [...code.matchAll(/(?:from|import)\s*["`]\.\/([^"`]+\.js)["`]/g)].map((m) => m[1]);
/** Where a script asks for another one later. */
export const DYNAMIC_IMPORT = /import\(["`]\.\/([^"`]+\.js)["`]\)/g;
/** The scripts that it may ask for later. */
export const dynamicImportsOf = (code) => [...code.matchAll(DYNAMIC_IMPORT)].map((m) => m[1]);

/** Scripts and styles of a first visit: what the page names, and what those scripts import, whether the page names it or not. */
export function initialFiles() {
  const initial = new Set([...read('index.html').matchAll(/(?:src|href)="([^"/]+\.(?:js|css))"/g)].map((m) => m[1]));
  for (const name of initial) if (name.endsWith('.js')) for (const file of staticImportsOf(read(name))) initial.add(file);
  return [...initial];
}
