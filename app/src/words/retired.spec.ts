import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { RETIRED } from '../testing/retired-phrases';

const SRC = path.join(__dirname, '..');
const GUIDE = path.join(SRC, '../../docs/guide');
const files = (of: string, ending: RegExp): { file: string; text: string }[] =>
  readdirSync(of, { recursive: true, encoding: 'utf8' })
    .filter((f) => ending.test(f) && !/\.spec\.ts$|^testing/.test(f))
    .map((file) => ({ file, text: readFileSync(path.join(of, file), 'utf8') }));

/** What a walker reads of a source: text between tags, and strings that are more than one word. Comments and code are left out. */
const read = (text: string): string[] => {
  const code = text.replace(/\/\*[\s\S]*?\*\/|^\s*\/\/.*$|^import .*$/gm, '');
  return [...code.matchAll(/>([^<>{}@]*[a-z][^<>{}@]*)<|'([^'\n]*)'|`([^`<]*)`|"([^"\n]*)"/g)]
    .map((m) => (m[1] ?? m[2] ?? m[3] ?? m[4]).replace(/\$\{[^}]*\}/g, '…').trim())
    .filter((words) => / /.test(words) && !/[=;+]|=>|\(\)|^[,:]/.test(words)); // the rest is code
};

describe('what walkers read', () => {
  const sources = files(SRC, /\.(ts|html)$/);

  it('is in the standard terms: no retired phrase is left in the app', () => {
    expect(sources.length).toBeGreaterThan(300);
    const left = sources.flatMap(({ file, text }) =>
      read(text).flatMap((words) => RETIRED.filter(([phrase]) => phrase.test(words)).map(([, say]) => `${file}: “${words}” → ${say}`)),
    );
    expect(left).toEqual([]);
  });

  it('nor in the guide', () => {
    const left = files(GUIDE, /\.md$/).flatMap(({ file, text }) =>
      text.split('\n').flatMap((line) => RETIRED.filter(([phrase]) => phrase.test(line)).map(([, say]) => `${file}: “${line}” → ${say}`)),
    );
    expect(left).toEqual([]);
  });

  it('has headings, buttons and summaries that begin with a capital', () => {
    const small = sources.flatMap(({ file, text }) =>
      [...text.matchAll(/<(h[1-4]|button|summary|legend|th)\b(?:[^"'>]|"[^"]*"|'[^']*')*>\s*([a-z][^<{@]*)/g)].map(
        (m) => `${file}: ${m[2].trim()}`,
      ),
    );
    expect(small).toEqual([]);
  });
});
