// Lints pieces of code as if they stood in a file of the repository, and prints which rules refuse them: one line of JSON for the test of the floors.
import { ESLint } from 'eslint';
import { root } from './lib.mjs';

const probes = JSON.parse(process.argv[2]);
const eslint = new ESLint({ cwd: root });
const refused = [];
for (const { file, code } of probes) {
  const [{ messages }] = await eslint.lintText(code, { filePath: file });
  refused.push(messages.map((m) => m.ruleId).filter((id) => id === 'boundaries/dependencies' || id === 'no-restricted-imports'));
}
console.log(JSON.stringify(refused));
