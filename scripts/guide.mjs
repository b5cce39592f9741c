// Turns docs/guide into what the app shows: one file with every page as HTML, and the pictures. Run by build and dev.
import { cpSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { Marked } from 'marked';
import { root } from './lib.mjs';

const FROM = path.join(root, 'docs', 'guide');
const TO = path.join(root, 'dist', 'guide');
const LOOKED_UP = ['words', 'what-it-knows', 'both-schools'];

const escaped = (text) => text.replace(/[&<>"]/g, (c) => `&#${c.charCodeAt(0)};`);
const files = readdirSync(FROM).filter((f) => f.endsWith('.md') && f !== 'README.md');
const idOf = (file) => file.replace(/^\d+-|\.md$/g, '');
const titleOf = (text) => /^# (.+)$/m.exec(text)[1];

const marked = new Marked({
  renderer: {
    // the page's title stands above it already
    heading({ depth, tokens }) {
      return depth === 1 ? '' : `<h3>${this.parser.parseInline(tokens)}</h3>\n`;
    },
    image({ href, text }) {
      return `<img src="guide/${escaped(href)}" alt="${escaped(text)}" loading="lazy">`;
    },
    // **Carry › leg by leg** names a side of a view, and leads there
    strong({ tokens, text }) {
      const [, view, side] = /^([A-Z][a-z]+) › (.+)$/.exec(text) ?? [];
      const inner = this.parser.parseInline(tokens);
      return view ? `<a href="${view.toLowerCase()}?side=${encodeURIComponent(side)}">${inner}</a>` : `<b>${inner}</b>`;
    },
    link({ href, tokens }) {
      const inner = this.parser.parseInline(tokens);
      return href.endsWith('.md') && !href.includes('/') ? `<a href="guide?page=${idOf(href)}">${inner}</a>` : inner;
    },
  },
});

const pages = files.map((file) => {
  const text = readFileSync(path.join(FROM, file), 'utf8');
  return { id: idOf(file), title: titleOf(text), isTask: !LOOKED_UP.includes(idOf(file)), html: marked.parse(text) };
});
const order = (p) => (p.isTask ? -1 : LOOKED_UP.indexOf(p.id));
pages.sort((a, b) => order(a) - order(b)); // the tasks are in their order by name

rmSync(TO, { recursive: true, force: true });
mkdirSync(TO, { recursive: true });
writeFileSync(path.join(TO, 'guide.json'), JSON.stringify(pages));
cpSync(path.join(FROM, 'pictures'), path.join(TO, 'pictures'), { recursive: true });
console.log(`${pages.length} pages of the guide`);
