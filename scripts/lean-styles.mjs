// Takes rules out of the built styles that no button or field of the app can ever match: NG-ZORRO's sheets come whole; and what
// costs every element of the page its time.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import postcss from 'postcss';
import { APP } from './built-page.mjs';

/** What the directives in use set: nz-button (plain, or nzType="primary"), nz-input. */
const KEPT = new Set(['ant-btn-primary', 'ant-btn-disabled', 'ant-input-disabled', 'ant-input-focused']);
const isKept = (selector) =>
  [...selector.replace(/:not\([^)]*\)/g, '').matchAll(/\.(ant-(?:btn|input)-[\w-]+)/g)].every(([, name]) => KEPT.has(name)) &&
  !/\.ant-[\w-]*rtl\b/.test(selector);
/** For these, every element is styled twice and three times over, only to find that it has none. */
const OF_ALL = /^\*::?(before|after)$/;
/** The same where every element has its own colours of what is selected: those of the page are handed down. */
const ofThePage = (selector) => (selector === '::selection' ? ':root::selection' : selector);

const name = readdirSync(APP).find((f) => /^styles-.*\.css$/.test(f));
const file = path.join(APP, name);
const sheet = postcss.parse(readFileSync(file, 'utf8'));
sheet.walkRules((rule) => {
  if (rule.parent?.type === 'atrule' && /keyframes$/.test(rule.parent.name)) return;
  const always = rule.parent?.type === 'root';
  const selectors = rule.selectors.filter((s) => isKept(s) && !(always && OF_ALL.test(s))).map(ofThePage);
  if (selectors.length) rule.selectors = selectors;
  else rule.remove();
});
const before = readFileSync(file).length;
const written = sheet.toString();
writeFileSync(file, written);
console.log(`styles ${Math.round(before / 1024)} kB, of which ${Math.round(written.length / 1024)} kB are in use`);
