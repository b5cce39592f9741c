// Code and test lines (not blank) of the files git tracks.
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { root } from './lib.mjs';

const files = execFileSync('git', ['ls-files', '*.ts', '*.html', '*.less', '*.mjs'], { cwd: root, encoding: 'utf8' })
  .split('\n')
  .filter(Boolean);
const isTest = (f) => /\.spec\.ts$|(^|\/)test\/|\/testing\/|^e2e\//.test(f);
const lines = (f) =>
  readFileSync(path.join(root, f), 'utf8')
    .split('\n')
    .filter((l) => l.trim() !== '').length;
const rows = new Map();
for (const f of files) {
  const area = f.includes('/') ? f.split('/')[0] : 'root';
  const row = rows.get(area) ?? { code: 0, test: 0 };
  row[isTest(f) ? 'test' : 'code'] += lines(f);
  rows.set(area, row);
}
let code = 0;
let test = 0;
for (const [area, row] of [...rows].sort()) {
  console.log(`${area.padEnd(10)} ${String(row.code).padStart(6)} code ${String(row.test).padStart(6)} test`);
  code += row.code;
  test += row.test;
}
console.log(
  `${'all'.padEnd(10)} ${String(code).padStart(6)} code ${String(test).padStart(6)} test: tests are ${((100 * test) / (code + test)).toFixed(0)} % (aim 25 to 33)`,
);
