import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { GLOSSARY, meaningOf } from './glossary';
import { CRITERION_WORDS } from './kit-words';

const SRC = path.join(__dirname, '..');
const hinted = readdirSync(SRC, { recursive: true, encoding: 'utf8' })
  .filter((f) => f.endsWith('.ts') && !f.endsWith('.spec.ts'))
  .flatMap((f) => [...readFileSync(path.join(SRC, f), 'utf8').matchAll(/ appHint="([^"]+)"/g)].map((m) => m[1]));

describe('short words', () => {
  it('that promise a hint have one', () => {
    expect(hinted.length).toBeGreaterThan(30);
    expect([...hinted, ...Object.values(CRITERION_WORDS)].filter((w) => !meaningOf(w))).toEqual([]);
  });

  it('are said once each, in sentences', () => {
    expect(new Set(GLOSSARY.map((e) => e.word)).size).toBe(GLOSSARY.length);
    for (const { word, says } of GLOSSARY) expect([word, says]).toEqual([word, expect.stringMatching(/^[A-Z0-9].*\.$/)]);
  });
});
