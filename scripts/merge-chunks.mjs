// Few scripts instead of very many small ones: over a phone's line each of them costs the way there and back. What the first page reads stands in five,
// and what Carry, the view it opens on, shares with any other view in one more. All of the first page is fetched at once.
import { readdirSync, readFileSync, unlinkSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { rolldown } from 'rolldown';
import { APP, DYNAMIC_IMPORT, dynamicImportsOf, staticImportsOf } from './built-page.mjs';

const read = (name) => readFileSync(path.join(APP, name), 'utf8');
const scripts = readdirSync(APP).filter((name) => /^(main|chunk)-.*\.js$/.test(name));
const code = new Map(scripts.map((name) => [name, read(name)]));
const main = scripts.find((name) => name.startsWith('main-'));

/** A script and all that it imports before it can run. */
function closure(name, seen = new Set()) {
  if (seen.has(name)) return seen;
  seen.add(name);
  for (const file of staticImportsOf(code.get(name))) closure(file, seen);
  return seen;
}
const without = (set, ...others) => new Set([...set].filter((name) => !others.some((o) => o.has(name))));
const one = (list, what) => {
  if (list.length !== 1) throw new Error(`${list.length} scripts instead of one hold ${what}`);
  return list[0];
};

const begin = closure(main);
const [plan, framework, pieces, demo, frame] = dynamicImportsOf(code.get(main)).map((name) => closure(name));
if (!frame) throw new Error('the first page is not read in five');
// the routes are in the script of the frame that may ask for Carry, and so for every other view
const isCarry = (scripts) => [...scripts].some((name) => code.get(name).includes('app-carry-view'));
const views = one(
  [...frame].map((name) => dynamicImportsOf(code.get(name)).map((asked) => closure(asked))).filter((asked) => asked.some(isCarry)),
  'the routes',
);
const carry = one(views.filter(isCarry), 'Carry');
const shared = new Set([...carry].filter((name) => views.some((view) => view !== carry && view.has(name))));

const bundle = await rolldown({
  input: main,
  plugins: [
    {
      name: 'scripts-of-the-build',
      resolveId: (source) => (code.has(path.basename(source)) ? path.basename(source) : { id: source, external: true }),
      load: (id) => code.get(id),
    },
  ],
});
/** Of two groups that a script may stand in, the one named first has it. */
const groups = Object.entries({ begin: without(begin, new Set([main])), plan, framework, pieces, demo, frame, shared }).map(
  ([name, set]) => ({
    name,
    test: (id) => set.has(id),
  }),
);
const { output } = await bundle.generate({
  minify: { mangle: false, compress: false },
  entryFileNames: 'main-[hash].js',
  chunkFileNames: 'chunk-[hash].js',
  codeSplitting: { groups },
});
await bundle.close();

// the page names its scripts: the first, and all that come next
const byName = new Map(output.map((chunk) => [chunk.fileName, chunk]));
const entry = output.find((chunk) => chunk.isEntry);
/** A script and what it needs before it can run, without what has been met: the ones that others need first, itself last. */
function inOrder(name, met) {
  if (met.has(name) || !byName.has(name)) return [];
  met.add(name);
  return [...byName.get(name).imports.flatMap((file) => inOrder(file, met)), name];
}
const met = new Set();
const first = new Set(entry.dynamicImports.flatMap((name) => inOrder(name, met)));

// an engine compiles a function when it is called, and holds the page meanwhile; told so, it compiles them all beside the page, while they come
const COMPILE_ALL = '//# allFunctionsCalledOnLoad\n';

/** A script that is read later is asked for with all that it needs, so that this is fetched at once and run one a task (app/src/platform/read-in-parts). */
const askedInParts = (text) =>
  text.replace(DYNAMIC_IMPORT, (asked, name) => {
    const files = inOrder(name, new Set(first)).map((file) => `./${file}`);
    return files.length > 1 ? `readInParts(${JSON.stringify(files)})` : asked;
  });
for (const name of scripts) unlinkSync(path.join(APP, name));
for (const { fileName, code: text } of output) writeFileSync(path.join(APP, fileName), COMPILE_ALL + askedInParts(text));

const links = [...first].map((name) => `<link rel="modulepreload" href="${name}">`).join('');
const page = read('index.html')
  .replace(/<link rel="modulepreload"[^>]*>/g, '')
  .replace(main, entry.fileName)
  .replace('</head>', `${links}</head>`);
writeFileSync(path.join(APP, 'index.html'), page);
console.log(`${scripts.length} scripts merged into ${output.length}, ${first.size + 1} of them for the first page`);
