// Names in the built page what its first scripts import, so that a phone asks for all of it at once and not layer by layer.
import { createHash } from 'node:crypto';
import { copyFileSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { APP, indexHtml, initialFiles } from './built-page.mjs';

const html = indexHtml();
const named = initialFiles().filter((f) => f.endsWith('.js') && !html.includes(`"${f}"`));
const links = named.map((f) => `<link rel="modulepreload" href="${f}">`).join('');
const written = html.replace('<script src="main-', `${links}<script src="main-`);
if (written === html) throw new Error('the built page has no main script to put anything before');
writeFileSync(path.join(APP, 'index.html'), written);
// a host that only holds files answers with this one where it does not know an address
copyFileSync(path.join(APP, 'index.html'), path.join(APP, '404.html'));

// the service worker trusts a page only by its hash
const list = path.join(APP, 'ngsw.json');
const manifest = JSON.parse(readFileSync(list, 'utf8'));
if (!manifest.hashTable['/index.html']) throw new Error('the service worker does not know the page');
manifest.hashTable['/index.html'] = createHash('sha1').update(written).digest('hex');
writeFileSync(list, JSON.stringify(manifest, null, 2));
console.log(`the page names ${named.length} scripts more`);
