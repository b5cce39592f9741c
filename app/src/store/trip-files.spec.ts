import { exportArchive, importArchive } from '@tinder/core/output/archive';
import { DEMO_TRIP } from '@tinder/core/demo';
import { readDishCsv } from '@tinder/core/output/tables';
import { readGpx } from '@tinder/core/domain/trail';
import { comboOf } from '../commands/commands';
import { trackProblemWords } from '../words/track-words';
import { importProblemWords } from '../words/import-words';
import { badRowWords } from '../words/table-words';
import { tripFileName } from './trip-files';

describe('shortcuts', () => {
  const press = (key: string, more: Partial<KeyboardEvent> = {}) =>
    comboOf({ key, ctrlKey: false, metaKey: false, shiftKey: false, altKey: false, ...more });
  it('read the same on every keyboard', () => {
    expect(press('z', { ctrlKey: true })).toBe('Ctrl+Z');
    expect(press('z', { metaKey: true, shiftKey: true })).toBe('Ctrl+Shift+Z');
    expect(press('?', { shiftKey: true })).toBe('?');
    expect(press('e', { altKey: true })).toBe('');
  });
});

describe('trip files', () => {
  it('have names that can be found again', () => {
    expect(tripFileName(DEMO_TRIP)).toBe('vesper-divide.json');
    expect(tripFileName({ ...DEMO_TRIP, name: '…' })).toBe('trip.json');
  });

  it('are refused in sentences that repeat no more than a line of them, whatever is in them', () => {
    const long = 'x'.repeat(99_000);
    const demo = exportArchive([{ trip: DEMO_TRIP, archived: false }]);
    const sentences = [
      demo.replace('"name"', `"${long}"`),
      demo.replace('"version": 3', `"version": "${long}"`),
      demo.replace('"hot": true', `"hot": "${long}"`),
      demo.replace('"kind": "town"', `"kind": "${long}"`),
    ].flatMap((text) => {
      const read = importArchive(text);
      return read.ok ? ['taken'] : importProblemWords(read.problem);
    });
    const track = readGpx(`<gpx><wpt lat="${long}" lon="7"/></gpx>`);
    const dishes = readDishCsv(`name,method\ntea,${long}`);
    if (!track.ok) sentences.push(trackProblemWords(track.problem));
    if (dishes.ok) sentences.push(...badRowWords(dishes.value).map((b) => b.words));
    expect(sentences.length).toBeGreaterThan(5);
    expect(sentences).not.toContain('taken');
    for (const s of sentences) expect(s.length).toBeLessThan(400);
  });

  it('are refused with the place and the mend', () => {
    expect(importProblemWords({ code: 'notJson', line: 3, column: 9 })[0]).toMatch(/line 3, column 9/);
    expect(importProblemWords({ code: 'otherVersion', found: '7', expected: 3 })[0]).toMatch(/version “7”.*version 3/);
    expect(importProblemWords({ code: 'tooLarge', bytes: 10_000_000, limitBytes: 5_000_000 })[0]).toMatch(/10 MB.*5 MB/);
    expect(
      importProblemWords({ code: 'badValues', issues: [{ path: 'trip.menu.supper.waterMl', code: 'tooLittle', least: 50, of: 'number' }] }),
    ).toEqual(['trip.menu.supper.waterMl is below 50, the least it can be.']);
  });
});
