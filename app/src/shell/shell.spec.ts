import { ChangeDetectionStrategy, Component } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { exportArchive } from '@tinder/core/output/archive';
import { DEMO_RACK, DEMO_TRIP } from '@tinder/core/demo';
import { PLAIN_RACK, type Trip } from '@tinder/core/domain/model';
import { stretchLeg } from '@tinder/core/domain/trail';
import { METRIC } from '@tinder/core/foundation/units';
import { LedgerService } from '../parts/ledger/ledger-service';
import { Autosave } from '../store/autosave';
import { HAS_STARTED } from '../platform/has-started';
import { WorkspaceStore } from '../store/workspace-store';
import { until, untilQuiet } from '../testing/until';
import { AppShell } from './app-shell';
import { Commands } from '../commands/commands';

@Component({ selector: 'app-empty', template: '', changeDetection: ChangeDetectionStrategy.OnPush })
class Empty {}

const fileOf = (trip: Trip) => exportArchive([{ trip, archived: false }]);

describe('the frame', () => {
  let fixture: ComponentFixture<AppShell>;
  const element = () => fixture.nativeElement as HTMLElement;
  const store = () => TestBed.inject(WorkspaceStore);
  const textOf = (selector: string) => element().querySelector(selector)?.textContent?.replace(/\s+/g, ' ').trim() ?? '';
  const settle = async () => {
    await until(() => TestBed.inject(Autosave).state() !== 'reading', 'what is saved');
    await untilQuiet();
    fixture.detectChanges();
  };
  async function importText(name: string, text: string): Promise<void> {
    const input = element().querySelector('input[type=file]') as HTMLInputElement;
    const file = Object.assign(new File([text], name), { text: () => Promise.resolve(text) });
    Object.defineProperty(input, 'files', { value: [file], configurable: true });
    Object.defineProperty(input, 'value', { value: '', writable: true, configurable: true });
    input.dispatchEvent(new Event('change'));
    await settle();
  }

  beforeEach(async () => {
    HAS_STARTED.set();
    TestBed.configureTestingModule({ providers: [provideRouter([{ path: '**', component: Empty }])] });
    fixture = TestBed.createComponent(AppShell);
    fixture.detectChanges();
    await settle();
  });

  it('shows only views that are built, a saved state and the verdict', () => {
    expect([...element().querySelectorAll('nav a')].map((a) => a.textContent)).toEqual([
      'Trail',
      'Kit',
      'Menu',
      'Carry',
      'Pack',
      'Walk',
      'Bench',
      'Shelf',
    ]);
    expect(textOf('.saved')).toBe('Saved');
    expect(textOf('app-verdict-line')).toContain('Leave Nettle Hut with');
  });

  it('opens a trip from a file and says that undo brings the old one back', async () => {
    await importText('north.json', fileOf({ ...stretchLeg(DEMO_TRIP, 0, 3), name: 'North Ridge' }));
    expect(textOf('app-notice')).toContain('north.json: North Ridge, imported is open');
    expect(textOf('app-verdict-line')).toContain('for 3 days');
    store().undo();
    expect(store().trip().name).toBe('Vesper Divide');
  });

  it('keeps what was there when a file is broken, names the places, and lets the notice be put away', async () => {
    const before = store().trip();
    await importText('broken.json', fileOf({ ...DEMO_TRIP, reservePercent: -4 }).replace('"km": 19', '"km": "far"'));
    expect(textOf('app-notice')).toMatch(/broken\.json was not taken.*trip\.legs\.0\.days\.0\.km.*trip\.reservePercent/);
    expect(store().trip()).toBe(before);
    (element().querySelector('app-notice button') as HTMLButtonElement).click();
    fixture.detectChanges();
    expect(element().querySelector('app-notice')).toBeNull();
  });

  it('asks what to do with a backup before it changes anything', async () => {
    const before = store().workspace();
    const other = { trip: { ...DEMO_TRIP, id: 'low-road', name: 'Low Road' }, archived: false };
    await importText('all.json', exportArchive([other], { preferences: { theme: 'day', units: { ...METRIC } } }));
    expect(textOf('app-notice')).toContain('a backup of 1 trip. Nothing has changed yet');
    expect(store().workspace()).toBe(before);
    [...element().querySelectorAll<HTMLButtonElement>('app-notice button')][1].click();
    await settle();
    expect(
      store()
        .workspace()
        .library.map((s) => s.trip.name),
    ).toEqual(['Low Road']);
    store().undo();
    expect(store().workspace().library).toEqual(before.library);
  });

  it('puts a rack read from a file beside the one here, names what is broken in it, and gives it back with undo', async () => {
    store().edit('empty', (w) => ({ ...w, rack: PLAIN_RACK }));
    const file = exportArchive([], { rack: DEMO_RACK });
    await importText('rack.json', file.replace('"massG": 73', '"massG": "heavy"'));
    expect(textOf('app-notice')).toMatch(/rack\.json was not taken.*rack\.pieces\.0\.massG/);
    expect(store().rack()).toBe(PLAIN_RACK);
    await importText('rack.json', file);
    expect(textOf('app-notice')).toContain('on the rack beside those that were there');
    expect(
      store()
        .rack()
        .kits.map((k) => k.name),
    ).toEqual(DEMO_RACK.kits.map((k) => k.name));
    await importText('rack.json', file);
    expect(store().rack().pieces).toHaveLength(DEMO_RACK.pieces.length); // a second time adds nothing
    store().undo();
    store().undo();
    expect(store().rack()).toBe(PLAIN_RACK);
  });

  it('puts the rack of a backup back as well', async () => {
    const rack = { ...DEMO_RACK, spreadTrips: 4 };
    const trips = [{ trip: DEMO_TRIP, archived: false }];
    await importText('all.json', exportArchive(trips, { rack, preferences: { theme: 'day', units: { ...METRIC } } }));
    [...element().querySelectorAll<HTMLButtonElement>('app-notice button')][1].click();
    await settle();
    expect(store().rack().spreadTrips).toBe(4);
  });

  it('turns the page to the headlamp and back', async () => {
    TestBed.inject(Commands).run('theme');
    await settle();
    expect(document.documentElement.dataset['theme']).toBe('headlamp');
    store().undo();
    await settle();
    expect(document.documentElement.dataset['theme']).toBe('day');
  });

  it('opens the derivation of a number in the verdict, and follows it further', async () => {
    (element().querySelector('app-verdict-line button.figure') as HTMLButtonElement).click();
    await settle();
    expect(document.querySelector('[role=dialog]')?.textContent).toContain('Fuel and containers on leaving');
    TestBed.inject(LedgerService).show({ kind: 'meal', day: 3, meal: 'supper' });
    await settle();
    expect(document.querySelector('[role=dialog]')?.textContent).toMatch(/dinner on day 3.*Into the water/s);
  });

  it('takes the advice of the verdict as one undoable step', async () => {
    TestBed.inject(Commands).run('demo'); // whatever the tests before have saved
    await settle();
    const button = (words: string) =>
      [...element().querySelectorAll<HTMLButtonElement>('app-verdict-line button')].find((b) => b.textContent?.trim() === words);
    const why = () => element().querySelector<HTMLElement>('#verdict-why');
    expect(why()?.hidden).toBe(true);
    button('Why')?.click();
    fixture.detectChanges();
    expect(why()?.hidden).toBe(false);
    const advice = [...element().querySelectorAll<HTMLButtonElement>('app-verdict-line button')].find((b) =>
      b.textContent?.trim().startsWith('Heat to'),
    );
    advice?.click();
    await settle();
    expect(store().trip().menu.supper.target).toEqual({ kind: 'stopAt', targetC: 88 });
    expect(store().undoLabel()).toBe('Heat to 88 °C instead of boiling');
  });
});

describe('the frame before it is known what is saved', () => {
  it('has no view, and takes keys when it is: what was changed would be lost', async () => {
    TestBed.configureTestingModule({ providers: [provideRouter([{ path: '**', component: Empty }])] });
    const fixture = TestBed.createComponent(AppShell);
    fixture.detectChanges();
    const element = fixture.nativeElement as HTMLElement;
    const store = TestBed.inject(WorkspaceStore);
    const headlamp = () => document.dispatchEvent(new KeyboardEvent('keydown', { key: 't' }));
    const { theme } = store.preferences();
    headlamp();
    expect([element.querySelector('router-outlet'), store.preferences().theme]).toEqual([null, theme]);
    await until(() => store.loaded(), 'what is saved');
    await until(() => store.preferences().theme !== theme, 'the key');
    fixture.detectChanges();
    expect(element.querySelector('router-outlet')).not.toBeNull();
    store.undo();
    await untilQuiet();
  });
});
