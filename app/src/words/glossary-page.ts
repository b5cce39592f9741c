import { GLOSSARY } from './glossary';

/** The guide's list of words as Markdown (docs/guide/words.md, `npm run words`). */
export const wordsPage = (): string =>
  [
    '# Words',
    'What the short words on screen mean here, and what else the field calls them. On screen they say it themselves: under the pointer, with the focus, under a finger that rests on them.',
    ...[...GLOSSARY]
      .sort((a, b) => a.word.localeCompare(b.word, 'en'))
      .map(({ word, field, says }) => `**${word}**${field ? ` (${field})` : ''}: ${says}`),
  ].join('\n\n') + '\n';
