import { TestBed } from '@angular/core/testing';
import type { Packed } from '../../workers/studies/pack';
import { PlanService } from '../../planning/plan-service';
import { WorkspaceStore } from '../../store/workspace-store';
import { Panel } from '../../testing/panel';
import { packMarkdown } from '../../words/pack-markdown';
import { Units } from '../../words/units';
import { CardPanel } from './card-panel';
import { LabelsPanel } from './labels-panel';
import { ListPanel } from './list-panel';
import { PackAnswer } from './pack-answer';
import { MakePanel } from './make-panel';
import { PackStudy } from './pack-study';
import { sheetSvg, tilesOf } from './pattern-svg';
import { StopsPanel } from './stops-panel';

const store = () => TestBed.inject(WorkspaceStore);
async function planned<T>(panel: Panel<T>): Promise<Panel<T>> {
  store().start(undefined);
  TestBed.inject(PlanService);
  await panel.settle();
  return panel;
}
const packed = (): Packed => {
  const found = TestBed.inject(PackStudy).packed();
  if (!found) throw new Error('not packed yet');
  return found;
};

describe('the list in the hand', () => {
  it('says where each thing rides and what it weighs, and is ticked off', async () => {
    const answer = new Panel(PackAnswer);
    const panel = await planned(new Panel(ListPanel)); // made last, it is the one in the page
    answer.fixture.detectChanges();
    expect(answer.text).toMatch(/Out of Nettle Hut\s*Leg 1 of 5, to Harrow Junction/);
    expect(answer.text).toMatch(/0 of \d+ packed/);
    expect(answer.text).toMatch(/Starting weight\s*679\sg/);
    expect(panel.text).toMatch(/In your pocket\s*5\sg\s*Book of matches\s*5\sg/);
    const box = panel.element.querySelector('input');
    box?.click();
    panel.fixture.detectChanges();
    answer.fixture.detectChanges();
    expect(answer.text).toMatch(/1 of \d+ packed/);
    store().undo();
    panel.fixture.detectChanges();
    expect(store().trip().packed).toEqual([]);
  });

  it('weighs in ounces for those who do', async () => {
    const panel = await planned(new Panel(ListPanel));
    store().editPreferences('ounces', { units: { ...store().preferences().units, mass: 'oz' } });
    panel.fixture.detectChanges();
    expect(new Panel(PackAnswer).text).toMatch(/Starting weight\s*23\.9\d\soz/);
  });
});

describe('what is printed', () => {
  it('is a card with every hot dish, the weather, the rules and what can hurt', async () => {
    const { text } = await planned(new Panel(CardPanel));
    expect(text).toContain('Nettle Hut to Harrow Junction, days 1–5');
    expect(text).toMatch(/It boils at \d+\s°C/);
    // what to save stands over its readings, a camp a row
    expect(text).toMatch(/Start saving fuel\s*Day\s*Planned\s*Below this: cold breakfasts.*?1\s*\d+\sg\s*\d+\sg/);
    expect(text).toContain('Safety');
  });

  it('is the work at home with its days, and a sheet for every stop', async () => {
    const { text } = await planned(new Panel(StopsPanel));
    expect(text).toMatch(/Aug 2, 2027\s*Burn small canister stove three times in the garden/);
    expect(text).toContain('Post the box to Tarn House');
    expect(text).toMatch(/Quill Landing, day 10 \(Aug 25, 2027\)/);
  });

  it('is a label for every dish out of every stop, with its water and rest', async () => {
    const { text } = await planned(new Panel(LabelsPanel));
    expect(text).toMatch(
      /dried dinner and tea\s*130\sg; 600\smL \(4\smarks\) boiling, rest 12 min\s*dinner, out of Nettle Hut, days 1, 2, 3, 4, 5\s*5 bags/,
    );
    const portions = packed().labels.reduce((n, l) => n + l.count, 0);
    expect(portions).toBe(packed().sheets.reduce((n, s) => n + s.packets.reduce((m, p) => m + p.count, 0), 0));
  });

  it('is cut for this very pot, with what the material can do', async () => {
    const { text } = await planned(new Panel(MakePanel));
    expect(text).toContain('the lee third stays open');
    expect(text).toContain('100 mm on paper');
  });

  it('falls into parts that lie over each other where it is wider than the page', async () => {
    await planned(new Panel(MakePanel));
    const [strip] = packed().patterns;
    const tiles = tilesOf(strip, { widthMm: 184, heightMm: 230 });
    expect(tiles.length).toBeGreaterThan(1);
    const covered = tiles.reduce((sum, t) => sum + t.widthMm, 0) - 10 * (tiles.length - 1);
    expect(covered).toBeCloseTo(strip.widthMm + 4, 6);
    expect(sheetSvg(strip)).toContain(`width="${Math.max(strip.widthMm, 100) + 4}mm"`);
  });

  it('is Markdown that no name can break', async () => {
    await planned(new Panel(ListPanel));
    const { lists, sheets, work } = packed();
    const odd = lists.map((l) => ({ ...l, items: l.items.map((i) => ({ ...i, name: 'a | b\n# c, d' })) }));
    const text = packMarkdown('Vesper | Divide\n2', { lists: odd, sheets, work }, TestBed.inject(Units));
    expect(text.split('\n')[0]).toBe('# Vesper \\| Divide 2');
    for (const line of text.split('\n').filter((l) => l.startsWith('|') && !l.includes('---'))) {
      const cells = line.replaceAll('\\|', '').split('|').length - 2;
      expect(cells).toBeGreaterThanOrEqual(2);
      expect(cells).toBeLessThanOrEqual(3);
    }
  });
});
