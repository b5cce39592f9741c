// Lints pieces of code as if they stood in a file of the repository, and prints which rules refuse them: one line of JSON for the test of the floors.
import { ESLint } from 'eslint';
import { root } from './lib.mjs';

const probes = JSON.parse(process.argv[2]);
const FLOORS = ['boundaries/dependencies', 'no-restricted-imports'];
// the floors need no types, and without them a probe takes a tenth of the time
const eslint = new ESLint({
  cwd: root,
  ruleFilter: ({ ruleId }) => FLOORS.includes(ruleId),
  overrideConfig: { files: ['**/*.ts'], languageOptions: { parserOptions: { projectService: false } } },
});
const refused = [];
for (const { file, code } of probes) {
  const [{ messages }] = await eslint.lintText(code, { filePath: file });
  refused.push(messages.map((m) => m.ruleId ?? m.message));
}
console.log(JSON.stringify(refused));
