// Everything CI checks: install, format, lint, typecheck, unit tests, build, browser tests.
// Ends with one line summed from the runners' own reports.
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { BUILD, built, install, root, toBuild } from './lib.mjs';

const reports = path.join(root, 'node_modules', '.tinder', 'reports');
let passed = 0;
let failed = 0;
let skipped = 0;
let broken = false;

const fetched = fetchChromium(); // a matter of the network: meanwhile everything else goes on
install();
rmSync(reports, { recursive: true, force: true });
mkdirSync(reports, { recursive: true });

// two at a time, the longest first; the browser tests want what is built, and both cores
await twoAtATime([
  () => unit('core'),
  () => unit('app'),
  () => check('lint'),
  () => builds(),
  () => check('typecheck'),
  () => check('format:check'),
  () => unit('server'),
]);
await fetched;
if (toBuild() === undefined) await browser();

console.log(`\n${passed} passed, ${failed + (broken ? 1 : 0)} failed${skipped ? `, ${skipped} skipped` : ''}`);
process.exit(failed > 0 || broken ? 1 : 0);

async function twoAtATime(jobs) {
  const lane = async () => {
    for (let job = jobs.shift(); job; job = jobs.shift()) await job();
  };
  await Promise.all([lane(), lane()]);
}

/** Runs a command and prints all it said at once when it ends, so that two jobs do not talk into each other. */
function told(title, command, args, cwd, env = {}) {
  return new Promise((done) => {
    const child = spawn(command, args, { cwd, env: { ...process.env, ...env } });
    const said = [];
    child.stdout.on('data', (chunk) => said.push(chunk));
    child.stderr.on('data', (chunk) => said.push(chunk));
    child.on('error', (e) => said.push(Buffer.from(`${e.message}\n`)));
    child.on('close', (status) => {
      console.log(`\n— ${title}\n${Buffer.concat(said).toString().trimEnd()}`);
      done(status ?? 1);
    });
  });
}

async function check(name) {
  if ((await told(name, 'npm', ['run', '--silent', name], root)) !== 0) broken = true;
}

async function builds() {
  const mark = toBuild();
  if (mark === undefined) return;
  const all = (await told('build', ...BUILD, root)) || (await told('page of controls', 'npx', ['ng', 'build', 'controls-page'], root));
  if (all === 0) built(mark);
  else broken = true;
}

async function unit(workspace) {
  const file = path.join(reports, `${workspace}.json`);
  const status = await told(`unit tests: ${workspace}`, 'npx', ['jest', '--json', `--outputFile=${file}`], path.join(root, workspace));
  if (!existsSync(file)) return void (broken = true);
  const report = JSON.parse(readFileSync(file, 'utf8'));
  passed += report.numPassedTests;
  failed += report.numFailedTests;
  skipped += report.numPendingTests;
  if (status !== 0 && report.numFailedTests === 0) broken = true; // a suite that could not start
}

async function browser() {
  const chromium = chromiumPath();
  if (!chromium) {
    console.error('The browser tests need Chromium. Install it (Debian: apt-get install chromium) or set CHROMIUM_PATH to it.');
    return void (broken = true);
  }
  const file = path.join(reports, 'e2e.json');
  const env = { CHROMIUM_PATH: chromium, PLAYWRIGHT_JSON_OUTPUT_NAME: file };
  const status = await told('browser tests', 'npx', ['playwright', 'test', '--reporter=list,json'], path.join(root, 'e2e'), env);
  if (!existsSync(file)) return void (broken = true);
  const { stats } = JSON.parse(readFileSync(file, 'utf8'));
  passed += stats.expected + stats.flaky;
  failed += stats.unexpected;
  skipped += stats.skipped;
  if (status !== 0 && stats.unexpected === 0) broken = true;
}

/** The browser for the tests: CHROMIUM_PATH, an installed Chromium, or Debian's by apt when run as root. Without its windows it takes a quarter less of everything. */
function chromiumPath() {
  const places = [
    process.env.CHROMIUM_PATH,
    '/usr/bin/chromium-headless-shell',
    '/usr/bin/chromium',
    '/usr/bin/chromium-browser',
    '/usr/bin/google-chrome',
  ];
  return places.find((p) => p && existsSync(p));
}

/** Fetches Chromium where there is none; done when it has been tried. */
async function fetchChromium() {
  if (chromiumPath() || !existsSync('/usr/bin/apt-get') || process.getuid?.() !== 0) return;
  const apt = 'apt-get update -qq && apt-get install -y -qq chromium-headless-shell || apt-get install -y -qq chromium';
  await told('Chromium', 'sh', ['-c', apt], root, { DEBIAN_FRONTEND: 'noninteractive' });
}
