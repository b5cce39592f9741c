// Writes docs/licences.md: what ships with the app or runs its server, and under which licence. Reads what is installed.
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';

const lock = JSON.parse(readFileSync('package-lock.json', 'utf8')).packages;
const shipped = Object.entries(lock)
  .filter(([at, p]) => at.startsWith('node_modules/') && !p.dev && !p.optional && !p.link)
  .map(([at]) => at)
  .filter((at) => existsSync(path.join(at, 'package.json')))
  .map((at) => {
    const { name, version, license } = JSON.parse(readFileSync(path.join(at, 'package.json'), 'utf8'));
    return { name, version, licence: typeof license === 'string' ? license : (license?.type ?? 'see the package') };
  });
const rows = [...new Map(shipped.map((p) => [`${p.name} ${p.version}`, p])).values()].sort((a, b) => a.name.localeCompare(b.name));
const counts = new Map();
for (const { licence } of rows) counts.set(licence, (counts.get(licence) ?? 0) + 1);

writeFileSync(
  'docs/licences.md',
  `# Licences

The app is under the MIT licence (LICENSE). These packages ship with it or run its server; fonts are under the SIL Open Font License 1.1.
Written by \`npm run licences\` from what is installed.

${[...counts]
  .sort((a, b) => b[1] - a[1])
  .map(([licence, n]) => `${licence}: ${n}`)
  .join(', ')}.

| package | version | licence |
| --- | --- | --- |
${rows.map((p) => `| ${p.name} | ${p.version} | ${p.licence} |`).join('\n')}
`,
);
console.log(`${rows.length} packages`);
