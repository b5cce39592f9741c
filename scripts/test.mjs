// Everything CI checks: install, format, lint, typecheck, unit tests, build, browser tests.
// Ends with one line summed from the runners' own reports.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { build, fail, install, root, run } from './lib.mjs';

const reports = path.join(root, 'node_modules', '.tinder', 'reports');
let passed = 0;
let failed = 0;
let skipped = 0;
let broken = false;

install();
const chromium = findChromium();
rmSync(reports, { recursive: true, force: true });
mkdirSync(reports, { recursive: true });

for (const check of ['format:check', 'lint', 'typecheck']) {
  console.log(`\n— ${check}`);
  if (spawnSync('npm', ['run', '--silent', check], { cwd: root, stdio: 'inherit' }).status !== 0) broken = true;
}
for (const workspace of ['core', 'app', 'server']) unit(workspace);
console.log('\n— build');
build();
browser();

console.log(`\n${passed} passed, ${failed + (broken ? 1 : 0)} failed${skipped ? `, ${skipped} skipped` : ''}`);
process.exit(failed > 0 || broken ? 1 : 0);

function unit(workspace) {
  console.log(`\n— unit tests: ${workspace}`);
  const file = path.join(reports, `${workspace}.json`);
  const done = spawnSync('npx', ['jest', '--json', `--outputFile=${file}`], { cwd: path.join(root, workspace), stdio: 'inherit' });
  if (!existsSync(file)) {
    broken = true;
    return;
  }
  const report = JSON.parse(readFileSync(file, 'utf8'));
  passed += report.numPassedTests;
  failed += report.numFailedTests;
  skipped += report.numPendingTests;
  if (done.status !== 0 && report.numFailedTests === 0) broken = true; // a suite that could not start
}

function browser() {
  console.log('\n— browser tests');
  const file = path.join(reports, 'e2e.json');
  const done = spawnSync('npx', ['playwright', 'test', '--reporter=list,json'], {
    cwd: path.join(root, 'e2e'),
    stdio: 'inherit',
    env: { ...process.env, CHROMIUM_PATH: chromium, PLAYWRIGHT_JSON_OUTPUT_NAME: file },
  });
  if (!existsSync(file)) {
    broken = true;
    return;
  }
  const { stats } = JSON.parse(readFileSync(file, 'utf8'));
  passed += stats.expected + stats.flaky;
  failed += stats.unexpected;
  skipped += stats.skipped;
  if (done.status !== 0 && stats.unexpected === 0) broken = true;
}

/** The browser for the tests: CHROMIUM_PATH, an installed Chromium, or Debian's by apt when run as root. */
function findChromium() {
  const places = [process.env.CHROMIUM_PATH, '/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome'];
  const found = () => places.find((p) => p && existsSync(p));
  if (!found() && existsSync('/usr/bin/apt-get') && process.getuid?.() === 0) {
    console.log('Installing Chromium …');
    run('apt-get update', 'apt-get', ['update', '-qq']);
    run('Installing Chromium', 'apt-get', ['install', '-y', '-qq', 'chromium'], { DEBIAN_FRONTEND: 'noninteractive' });
  }
  return found() ?? fail('The browser tests need Chromium. Install it (Debian: apt-get install chromium) or set CHROMIUM_PATH to it.');
}
