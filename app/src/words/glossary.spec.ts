import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { GLOSSARY, meaningOf } from './glossary';
import { CRITERION_WORDS } from './kit-words';

const SRC = path.join(__dirname, '..');
/** Words that say all there is to say. */
const PLAIN = new Set(
  'leg|burn|burner|stove|piece|carry|leg|days|change|container|cooked|criterion|day|days|part of|time|dish|everything|first meal out there|from|from, to|fuel|hot meals|hot meals a day|how many nights out|kind|kit|last one|meals|morning|on|out of|package|planned|pot|price|rough height of the camps|season|stops on the way|take|to|trip|water|way|where|wind|with which kit|without the'.split(
    '|',
  ),
);
const templates = readdirSync(SRC, { recursive: true, encoding: 'utf8' })
  .filter((f) => f.endsWith('.ts') && !f.endsWith('.spec.ts'))
  .map((f) => readFileSync(path.join(SRC, f), 'utf8'));
const hinted = templates.flatMap((t) => [...t.matchAll(/ appHint="([^"]+)"/g)].map((m) => m[1]));

describe('short words', () => {
  it('that promise a hint have one', () => {
    expect(hinted.length).toBeGreaterThan(30);
    expect([...hinted, ...Object.values(CRITERION_WORDS)].filter((w) => !meaningOf(w))).toEqual([]);
  });

  it('at the head of a column or beside a figure have a hint, but for those that say it all themselves', () => {
    const heads = templates.flatMap((t) => [...t.matchAll(/<(th|dt)\b([^>]*)>([^<>{}]+)<\/\1>/g)]);
    expect(heads.length).toBeGreaterThan(120);
    expect(
      heads.filter(([, , attributes, word]) => !attributes.includes('appHint') && !PLAIN.has(word.trim().toLowerCase())).map((m) => m[0]),
    ).toEqual([]);
  });

  it('are said once each, in sentences', () => {
    expect(new Set(GLOSSARY.map((e) => e.word)).size).toBe(GLOSSARY.length);
    for (const { word, says } of GLOSSARY) expect([word, says]).toEqual([word, expect.stringMatching(/^[A-Z0-9].*\.$/)]);
  });
});
