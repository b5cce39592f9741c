import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { DEMO_TRIP } from '@tinder/core/demo';
import { planTrip } from '@tinder/core/planning/plan';
import { habitLedger } from '@tinder/core/studies/study';
import { formatDuration } from '@tinder/core/foundation/units';
import { wordsPage } from './glossary-page';
import { habitWords } from './menu-words';

const GUIDE = path.join(__dirname, '../../../docs/guide');
const page = (name: string): string => readFileSync(path.join(GUIDE, name), 'utf8');
const tasks = readdirSync(GUIDE).filter((f) => /^\d\d-/.test(f));

describe('the guide', () => {
  it('has twenty tasks in order, each with a title, a picture of its own and steps; its first page names them all', () => {
    expect(tasks.map((f) => f.slice(0, 2))).toEqual(Array.from({ length: 20 }, (_, i) => String(i + 1).padStart(2, '0')));
    const pictures = readdirSync(path.join(GUIDE, 'pictures'));
    for (const file of tasks) {
      const text = page(file);
      expect(text).toMatch(/^# .+\n\n!\[.+\]\(pictures\/.+\.webp\)\n/);
      expect(pictures).toContain(`${file.slice(3, -3)}.webp`);
      expect(text).toMatch(/\n1\. .+\n2\. /s);
      expect(page('README.md')).toContain(`(${file})`);
    }
  });

  it('lists the words that the hints say (run "npm run words" after changing them)', () => {
    expect(page('words.md')).toBe(wordsPage());
  });

  it('says for both schools what the demo comes to, habit by habit', () => {
    const { habits } = habitLedger(DEMO_TRIP, planTrip(DEMO_TRIP));
    const signed = (x: number): string => `${x < 0 ? '−' : '+'}${Math.abs(Math.round(x))} g`;
    const rows = [...page('both-schools.md').matchAll(/^\| (.+?) +\| ([−+]\d+ g) +\| (.+?) +\|$/gm)].map(([, what, grams, besides]) => [
      what,
      grams,
      besides.trim(),
    ]);
    const told = habits.map((h) => {
      const meals = h.givenUp ? [`${h.givenUp} meals given up`] : h.mealsMended < 0 ? [`${-h.mealsMended} meals fail`] : [];
      const time = Math.abs(h.timeS) < 60 ? [] : [`${formatDuration(Math.abs(h.timeS))} ${h.timeS > 0 ? 'more' : 'less'}`];
      return [habitWords(h.kind, { text: (v) => `${Math.round(v)} °C` }), signed(h.fuelG), [...meals, ...time].join(', ')];
    });
    expect(rows).toEqual(told);
  });
});
