import { TestBed } from '@angular/core/testing';
import { exportArchive, importArchive } from '@tinder/core/output/archive';
import { DEMO_RACK, DEMO_TRIP } from '@tinder/core/demo';
import { PLAIN_RACK, type Rack } from '@tinder/core/domain/model';
import { nestOf } from '@tinder/core/studies/study';
import { PlanService } from '../../planning/plan-service';
import { WorkspaceStore } from '../../store/workspace-store';
import { Panel } from '../../testing/panel';
import { until } from '../../testing/until';
import { ComparePanel } from './compare-panel';
import { cutaway } from '../../charts/cutaway-geometry';
import { DiaryPanel } from './diary-panel';
import { FinderPanel } from './finder-panel';
import { FinderSearch } from './finder-search';
import { KitAnswer } from './kit-answer';
import { KitPicker } from './kit-picker';
import { KitPieces } from './kit-pieces';
import { KitStudy } from './kit-study';
import { KitsList } from './kits-list';
import { LightenPanel } from './lighten-panel';
import { LossesPanel } from './losses-panel';
import { NestPanel } from './nest-panel';
import { PieceEditor } from './piece-editor';
import { PiecesList } from './pieces-list';

const store = () => TestBed.inject(WorkspaceStore);
const study = () => TestBed.inject(KitStudy);
const rack = (): Rack => store().rack();

async function planned<T>(panel: Panel<T>): Promise<Panel<T>> {
  store().start(undefined);
  TestBed.inject(PlanService);
  await panel.settle();
  return panel;
}

/** Opens the menu of a panel and takes the act of that name. */
async function act(panel: Panel<KitPicker>, name: string): Promise<void> {
  panel.press('More for this kit');
  const item = () => [...document.querySelectorAll<HTMLElement>('.ant-dropdown-menu-item')].findLast((e) => e.textContent?.trim() === name);
  await until(() => item() !== undefined, name);
  item()?.click();
  panel.fixture.detectChanges();
}

describe('building a kit', () => {
  it('starts from nothing, adds pieces by name, and says what is still missing', async () => {
    store().edit('empty', (w) => ({ ...w, rack: PLAIN_RACK }));
    const list = new Panel(KitPicker);
    expect(new Panel(KitAnswer).text).toContain('No kit yet');
    list.press('New kit');
    const pieces = new Panel(PiecesList);
    const builder = new Panel(KitAnswer);
    await pieces.settle();
    pieces.press('add open-jet alcohol stove');
    builder.fixture.detectChanges();
    expect(builder.text).toContain('It cannot be carried yet: it has a stove and no pot.');
    pieces.fixture.detectChanges();
    pieces.press('add 0.55 L titanium mug');
    builder.fixture.detectChanges();
    expect(builder.text).toContain('Nothing in it lights this stove.');
    expect(builder.text).toContain('No measure for the alcohol');
    builder.press('Add book of matches');
    builder.type('Name of the kit', 'my first');
    expect(study().kit()?.name).toBe('my first');
    expect(
      study()
        .built()
        ?.pieces.map((p) => p.name),
    ).toEqual(['open-jet alcohol stove', '0.55 L titanium mug', 'book of matches']);
    builder.press('Carry it on Vesper Divide');
    expect(store().trip().kit).toMatchObject({ burnerId: 'alcohol-open', fuelId: 'alcohol-denatured', otherMassG: 5 });
    expect(builder.text).toContain('edits here move its plan');
  });

  it('moves the plan of the trip that carries it, and leaves one changed by hand alone', () => {
    const builder = new Panel(KitAnswer);
    new Panel(KitPieces).press('Remove: long titanium spoon');
    expect(store().trip().kit.otherMassG).toBe(46 - 17);
    store().undo();
    expect(store().trip().kit).toEqual(DEMO_TRIP.kit);
    store().editKit('flame', 0, { flameSetting: 0.4 });
    builder.fixture.detectChanges();
    expect(builder.text).toContain('changed there since');
    builder.press('Take its flame, measure and fuel here');
    expect(study().kit()?.settings.flameSetting).toBe(0.4);
    expect(builder.text).toContain('edits here move its plan');
  });

  it('takes pasted weights, names what it cannot read, and keeps the rest', () => {
    const panel = new Panel(PiecesList);
    const spoons = () =>
      study()
        .built()
        ?.pieces.filter((p) => p.role === 'spoon').length;
    const before = spoons() ?? 0;
    panel.press('Paste weights');
    panel.type('Pieces with their weights', 'spork 20 g, mystery\nstring 0.5 oz');
    expect(panel.text).toContain('Line 1, “mystery”: no weight in it.');
    expect(panel.text).toContain('measures are assumed');
    panel.press('Beside what is in it');
    expect(spoons()).toBe(before + 1);
    TestBed.inject(WorkspaceStore).undo();
    panel.press('Paste weights');
    panel.type('Pieces with their weights', 'spork 20 g\nstring 0.5 oz');
    panel.press('in place of what does the same job');
    expect(spoons()).toBe(1);
    const [spork, string] = study().built()?.pieces.slice(-2) ?? [];
    expect([spork.name, spork.role, spork.massG]).toEqual(['spork', 'spoon', 20]);
    expect(string.massG).toBeCloseTo(14.17, 2);
  });

  it('finds pieces by name and job, and shows only what is owned under the switch', async () => {
    const panel = new Panel(PiecesList);
    await panel.settle();
    panel.type('Find a piece by name', 'gas stove');
    expect(panel.text).toContain('larger gas stove');
    panel.tick('Only gear I own');
    panel.fixture.detectChanges();
    expect(panel.text).not.toContain('larger gas stove');
    expect(rack().onlyOwned).toBe(true);
  });

  it('edits a piece everywhere: weight by scale, form, job, quirk, life', () => {
    const piece = () => rack().pieces.find((p) => p.id === 'small-gas-stove') ?? DEMO_RACK.pieces[0];
    const panel = new Panel(PieceEditor, { piece: piece() });
    const fresh = () => panel.give({ piece: piece() });
    panel.type('Weight by my own scale', '2.5 oz');
    expect(piece().ownMassG).toBeCloseTo(70.87, 2);
    expect(store().trip().kit.burnerMassG).toBeCloseTo(70.87, 2);
    fresh();
    panel.press('Put it on the scale (simulated)');
    expect(piece().ownMassG).not.toBeNull();
    expect(Math.abs((piece().ownMassG ?? 0) / 73 - 1)).toBeLessThan(0.05);
    fresh();
    panel.choose('Form', 'cylinder');
    fresh();
    panel.type('across, of the piece', '2 in');
    expect(piece().shape).toMatchObject({ kind: 'cylinder', diameterMm: 50.8 });
    fresh();
    panel.type('Trips it has seen', '150');
    expect(piece().life).toEqual({ trips: 150, used: 150 });
    fresh();
    panel.tick('stand');
    expect(piece().alsoRoles).toEqual(['support']);
    fresh();
    panel.press('Delete this piece everywhere');
    expect(rack().kits.every((k) => !k.pieceIds.includes('small-gas-stove'))).toBe(true);
  });

  it('reads tables with a word before anything changes', async () => {
    const panel = new Panel(PiecesList);
    await panel.chooseFile('p.csv', 'name,role,massG\nmy pot pourri,bag,12\nodd,boat,1');
    expect(panel.text).toContain('1 row of pieces can be taken, 1 cannot. Nothing has changed yet.');
    expect(panel.text).toContain('line 3: role is “boat”');
    panel.press('Take the 1 good row');
    expect(rack().pieces.at(-1)).toMatchObject({ name: 'my pot pourri', massG: 12 });
    await panel.chooseFile('q.csv', 'what\n1');
    expect(panel.text).toContain('q.csv was not taken: its heading needs');
  });
});

describe('the nest', () => {
  it('is drawn to scale, one scale for all, everything inside the walls', () => {
    const kit = rack().kits[0];
    const nest = nestOf(rack(), kit);
    const drawing =
      nest &&
      cutaway(
        nest,
        rack().pieces,
        nest.places.map((p) => p.id),
        200,
        210,
      );
    if (!nest || !drawing) throw new Error('no nest');
    expect(drawing.root.height).toBeCloseTo(210, 6); // 112 mm high, the taller side
    expect(drawing.root.innerWidth).toBeCloseTo((94 * 210) / 112, 6);
    for (const p of drawing.pieces) {
      expect(Math.abs(p.x + p.width / 2) + p.width / 2).toBeLessThanOrEqual(drawing.root.innerWidth / 2 + 1e-6);
      expect(-p.y).toBeLessThanOrEqual(drawing.root.height + 1e-6);
    }
  });

  it('says the order, what stays outside and by how much, and goes step by step', async () => {
    const panel = await planned(new Panel(NestPanel));
    expect(panel.text).toContain('1 100 g canister');
    expect(panel.text).toContain('Its steel foot rusts a wet pot');
    expect(panel.text).toContain('small lighter too tall by 9.5 mm');
    expect(panel.text).toContain('1.5 mm free');
    panel.press('Back');
    panel.press('Back');
    panel.press('Back');
    expect(panel.element.querySelectorAll('.piece.away')).toHaveLength(1);
    panel.press('Keep outside: 100 g canister');
    await panel.settle();
    await panel.settle();
    expect(panel.text).toContain('kept outside as you asked');
    panel.press('Put inside: 100 g canister');
    expect(study().kit()?.outside).toEqual([]);
  });
});

describe('kits against each other', () => {
  it('stand side by side with differences, and one is carried with a press', async () => {
    const panel = await planned(new Panel(ComparePanel));
    expect(panel.text).toContain('590 g');
    expect(panel.text).toMatch(/−\d+ g/); // alcohol in a cone against the small canister stove
    expect(panel.text).toContain('10 hot meals stay cold');
    panel.press('Use on this trip: remote stove for the snow');
    expect(store().trip().rackKitId).toBe('remote-snow');
    expect(store().trip().kit.burnerId).toBe('gas-remote');
  });

  it('are sorted by what matters, those without a figure last', async () => {
    const panel = await planned(new Panel(ComparePanel));
    const names = (): string[] =>
      [...panel.element.querySelectorAll('tbody th')].map((th) => th.textContent?.trim().split(/\s{2,}/)[0] ?? '');
    const heading = [...panel.element.querySelectorAll<HTMLElement>('th[data-sorts]')].find((th) => th.textContent?.includes('Fuel burnt'));
    heading?.click();
    await panel.settle();
    const grams = [...panel.element.querySelectorAll('td[data-label="Fuel burnt"]')].map((td) => parseFloat(td.textContent ?? ''));
    expect(grams).toHaveLength(4);
    expect(grams).toEqual([...grams].sort((a, b) => a - b));
    expect(names()[0]).toBe('Remote stove for the snow');
  });

  it('rank by the walker’s own weights and points, and say how firm that is', async () => {
    const panel = await planned(new Panel(ComparePanel));
    expect(panel.text).toMatch(/leads by \d\.\d\d of 5 points/);
    panel.open('What counts');
    panel.drag('How much average carried weight counts', [80, 100]);
    expect(rack().score.weights.carriedG).toBe(100);
    store().undo();
    expect(rack().score.weights.carriedG).toBe(60); // one drag is one step
    panel.type('little fuss of tablets under a mug, points out of five', '4.5');
    expect(rack().score.judged['tablets-light']?.fuss).toBe(4.5);
    panel.pick('Shown as', 'points out of five');
    panel.type('wind it cooks in of tablets under a mug, points out of five', '1');
    expect(rack().score.judged['tablets-light']?.wind).toBe(1);
  });

  it('grow lighter gram by gram, owned things first', async () => {
    const panel = await planned(new Panel(LightenPanel));
    expect(panel.text).toMatch(/Foil lid instead of lid of the 0\.75 L titanium, tall\s*14 g\s*nothing/);
    panel.press('Apply: Leave at home: mesh bag for the pot');
    expect(store().trip().kit.otherMassG).toBe(46 - 9);
  });

  it('are lost piece by piece, by what lights what', async () => {
    const panel = await planned(new Panel(LossesPanel));
    expect(panel.text).toMatch(/Worst to lose\s*10\s*hot meals lost without the small gas stove/);
    expect(panel.text).toMatch(/Without the .*small lighter.* every hot meal is still cooked/);
    const add = [...panel.element.querySelectorAll('button')].find((b) => b.textContent?.trim().startsWith('Add '));
    const pieces = rack().kits.find((k) => k.id === store().trip().rackKitId)?.pieceIds.length ?? 0;
    add?.click();
    expect(rack().kits.find((k) => k.id === store().trip().rackKitId)?.pieceIds).toHaveLength(pieces + 1);
    store().undo();
    await panel.settle();
    panel.choose('match on canister stove', 'no');
    await panel.settle();
    await panel.settle();
    expect(panel.text).toContain('Small lighter');
    expect(rack().ignites).toEqual({ canisterTop: { match: 'no' } });
    const lighter = [...panel.element.querySelectorAll('tr')].find((r) => r.textContent?.includes('Small lighter'));
    expect(lighter?.textContent).toMatch(/10/);
  });

  it('are written down, and struck out', () => {
    const panel = new Panel(DiaryPanel);
    const field = panel.element.querySelector<HTMLInputElement>('input.left');
    if (!field) throw new Error('no field');
    field.value = 'lighter died in the rain';
    field.dispatchEvent(new Event('input'));
    panel.fixture.detectChanges();
    panel.press('Save');
    expect(rack().diary.at(-1)).toMatchObject({ kitName: 'small canister stove', words: 'lighter died in the rain' });
    panel.press('Delete the entry of Jun 7, 2026');
    expect(rack().diary.map((d) => d.id)).not.toContain('entry-1');
  });
});

describe('kits of every sort', () => {
  it('are doubled, renamed, kept for a reason, taken off, and come back with undo', async () => {
    const list = new Panel(KitPicker);
    const builder = new Panel(KitAnswer);
    await act(list, 'Duplicate kit');
    builder.fixture.detectChanges();
    expect(study().kit()?.name).toBe('small canister stove, varied');
    builder.type('Name of the kit', '   ');
    expect(study().kit()?.name).toBe('small canister stove, varied'); // an empty name is none
    const keep = builder.element.querySelector<HTMLInputElement>('.keep input');
    if (!keep) throw new Error('no field');
    keep.value = ' it was a present ';
    keep.dispatchEvent(new Event('change'));
    expect(study().kit()?.keepBecause).toBe('it was a present');
    list.fixture.detectChanges();
    await act(list, 'Delete kit');
    expect(rack().kits.map((k) => k.name)).not.toContain('small canister stove, varied');
    store().undo();
    expect(rack().kits.at(-1)?.keepBecause).toBe('it was a present');
  });

  it('stand side by side up to six, no more', () => {
    const picker = new Panel(KitPicker);
    for (let i = 0; i < 3; i++) picker.press('New kit');
    const list = new Panel(KitsList);
    const boxes = () => [...list.element.querySelectorAll<HTMLInputElement>('input')];
    for (const box of boxes()) if (!box.checked && !box.disabled) box.dispatchEvent(new Event('change'));
    list.fixture.detectChanges();
    expect(rack().score.compared.length).toBeLessThanOrEqual(6);
    while (rack().score.compared.length < 6) {
      boxes()
        .find((b) => !b.checked)
        ?.dispatchEvent(new Event('change'));
      list.fixture.detectChanges();
    }
    expect(boxes().filter((b) => b.disabled)).toHaveLength(rack().kits.length - 6);
  });

  it('that cannot be planned say why, side by side', async () => {
    store().editRack('bad', (r) => ({
      ...r,
      kits: r.kits.map((k) => (k.id === 'alcohol-cone' ? { ...k, pieceIds: ['open-jet-alcohol-stove'] } : k)),
    }));
    const panel = await planned(new Panel(ComparePanel));
    expect(panel.text).toContain('alcohol in a cone cannot be planned: it has a stove and no pot.');
  });

  it('say in the footer which one is kept against the score', async () => {
    store().editRack('keep', (r) => ({
      ...r,
      kits: r.kits.map((k) => (k.id === r.kits[0].id ? { ...k, keepBecause: 'I trust it.' } : k)),
      // by weight alone another kit comes first
      score: { ...r.score, weights: { ...r.score.weights, hotMeals: 0, carriedG: 5 } },
    }));
    const panel = await planned(new Panel(ComparePanel));
    expect(panel.text).toContain('You keep small canister stove anyway, because I trust it.');
    panel.open('What counts');
    panel.type('Trips that a piece’s price is spread over', '20');
    expect(rack().spreadTrips).toBe(20);
  });

  it('come out of the trip’s own kit, where the rack is empty', async () => {
    store().edit('empty', (w) => ({ ...w, rack: PLAIN_RACK }));
    await act(new Panel(KitPicker), 'Copy the kit of this trip');
    expect(rack().kits[0].name).toBe('kit of Vesper Divide');
    expect(rack().pieces.map((p) => p.massG)).toEqual([73, 92, 18, 60, 46]);
  });

  it('mend the menu or the trail where that is the mend', () => {
    store().editTrip('rice', (t) => ({
      ...t,
      menu: { ...t.menu, supper: { ...t.menu.supper, name: 'rice', method: 'simmer', simmerMin: 12 } },
      stops: t.stops.map((s) => ({ ...s, sells: [], box: null })),
    }));
    study().open('alcohol-cone');
    const builder = new Panel(KitAnswer);
    expect(builder.text).toContain('The stove cannot simmer, and “rice” simmers.');
    builder.press('boil those dishes and let them rest in a cozy');
    expect(store().trip().menu.supper.method).toBe('boilCozy');
    builder.fixture.detectChanges();
    builder.press('post a box to');
    expect(
      store()
        .trip()
        .stops.some((s) => s.box),
    ).toBe(true);
  });
});

it('the rack goes out and comes in whole', () => {
  expect(importArchive(exportArchive([], { rack: rack() }))).toMatchObject({ value: { rack: DEMO_RACK } });
});

describe('finding a kit', () => {
  it('comes to a front, says why a school is no answer, and puts one on the rack in one undoable step', async () => {
    TestBed.inject(FinderSearch).wish.update((w) => ({ ...w, from: { kind: 'own' } }));
    const panel = await planned(new Panel(FinderPanel));
    expect(panel.text).not.toContain('the best of each school');
    panel.press('Find');
    await panel.settle();
    await until(() => TestBed.inject(FinderSearch).settled() !== undefined, 'the end of the search');
    await panel.settle();
    expect(panel.text).toContain('no answer here: 10 wanted hot meals stay cold; its flame is forbidden on 5 days');
    const before = rack().kits.length;
    panel.press('Save as a kit');
    expect(rack().kits).toHaveLength(before + 1);
    expect(rack().kits[before].name).toContain('small gas stove');
    store().undo();
    expect(rack().kits).toHaveLength(before);
  });

  it('says that nothing cooks every meal where the wish leaves nothing', async () => {
    TestBed.inject(FinderSearch).wish.update((w) => ({ ...w, from: { kind: 'own' }, mustSimmer: true, mostMinutesADay: 1 }));
    const panel = await planned(new Panel(FinderPanel));
    panel.press('Find');
    await until(() => TestBed.inject(FinderSearch).settled() !== undefined, 'the end of the search');
    await panel.settle();
    expect(panel.text).toContain('No kit cooks every wanted meal here.');
  });
});
