// Shared by start and test: plain Node, nothing installed is needed.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');
/** The files of the built app. */
export const APP = path.join(root, 'dist/app/browser');
const stamps = path.join(root, 'node_modules', '.tinder');

/** Runs a command in the repository; ends this process with a sentence when it fails. */
export function run(what, command, args, env = {}) {
  const done = spawnSync(command, args, { cwd: root, stdio: 'inherit', env: { ...process.env, ...env } });
  if (done.status !== 0) fail(`${what} failed${done.error ? `: ${done.error.message}` : ''}.`);
}

export function fail(sentence) {
  console.error(sentence);
  process.exit(1);
}

const hashOf = (files) => {
  const h = createHash('sha256');
  for (const f of files.sort()) h.update(f).update(readFileSync(path.join(root, f)));
  return h.digest('hex');
};
const read = (name) => (existsSync(path.join(stamps, name)) ? readFileSync(path.join(stamps, name), 'utf8') : '');
const stamp = (name, value) => {
  mkdirSync(stamps, { recursive: true });
  writeFileSync(path.join(stamps, name), value);
};

/** Installs the locked dependencies unless the lock file is the one already installed. */
export function install() {
  const wanted = hashOf(['package-lock.json']);
  if (read('installed') === wanted) return;
  console.log('Installing dependencies …');
  run('Installing', 'npm', ['ci']);
  stamp('installed', wanted);
}

/** The command that builds the app. */
export const BUILD = ['npm', ['run', '--silent', 'build']];
/** A mark of what is to be built; undefined where just that is built already. */
export function toBuild() {
  const sources = [
    'angular.json',
    'package-lock.json',
    'tsconfig.base.json',
    ...filesBelow('app'),
    ...filesBelow('core/src'),
    ...filesBelow('docs/guide'),
    ...filesBelow('scripts'),
  ];
  const wanted = hashOf(sources);
  return read('built') === wanted && existsSync(path.join(APP, 'index.html')) ? undefined : wanted;
}
export const built = (mark) => stamp('built', mark);

/** Builds the app unless its sources are the ones already built. */
export function build() {
  const mark = toBuild();
  if (mark === undefined) return;
  run('Building', ...BUILD);
  built(mark);
}

/** Source files below a folder, as paths from the root. */
export function filesBelow(dir) {
  return readdirSync(path.join(root, dir)).flatMap((name) => {
    const p = path.posix.join(dir, name);
    if (['node_modules', 'test-results', 'out-tsc'].includes(name)) return [];
    return statSync(path.join(root, p)).isDirectory() ? filesBelow(p) : [p];
  });
}
