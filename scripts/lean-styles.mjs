// Takes rules out of the built styles that no button or field of the app can ever match: NG-ZORRO's sheets come whole.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import postcss from 'postcss';
import { APP } from './built-page.mjs';

/** What the directives in use set: nz-button (plain, or nzType="primary"), nz-input. */
const KEPT = new Set(['ant-btn-primary', 'ant-btn-disabled', 'ant-input-disabled', 'ant-input-focused']);
const isKept = (selector) =>
  [...selector.replace(/:not\([^)]*\)/g, '').matchAll(/\.(ant-(?:btn|input)-[\w-]+)/g)].every(([, name]) => KEPT.has(name)) &&
  !/\.ant-[\w-]*rtl\b/.test(selector);

const name = readdirSync(APP).find((f) => /^styles-.*\.css$/.test(f));
const file = path.join(APP, name);
const sheet = postcss.parse(readFileSync(file, 'utf8'));
sheet.walkRules((rule) => {
  if (rule.parent?.type === 'atrule' && /keyframes$/.test(rule.parent.name)) return;
  const selectors = rule.selectors.filter(isKept);
  if (!selectors.length) rule.remove();
  else if (selectors.length < rule.selectors.length) rule.selectors = selectors;
});
const before = readFileSync(file).length;
const written = sheet.toString();
writeFileSync(file, written);
console.log(`styles ${Math.round(before / 1024)} kB, of which ${Math.round(written.length / 1024)} kB are in use`);
