// Writes docs/guide/words.md from the glossary that the hints on screen come from.
import { writeFileSync } from 'node:fs';
import { wordsPage } from '../app/src/words/glossary-page';

writeFileSync(new URL('../docs/guide/words.md', import.meta.url), wordsPage());
