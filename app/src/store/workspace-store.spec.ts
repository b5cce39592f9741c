import { TestBed } from '@angular/core/testing';
import { DEMO_RACK, DEMO_TRIP } from '@tinder/core/demo';
import { addDishes } from '@tinder/core/domain/menu';
import { MOST } from '@tinder/core/domain/model';
import { refusalWords } from '../words/room-words';
import { Importing } from './importing';
import { demoWorkspace } from './workspace';
import { WorkspaceStore } from './workspace-store';

const times = <T>(n: number, of: (i: number) => T): T[] => Array.from({ length: n }, (_, i) => of(i));
let n = 0;
const id = () => `new-${n++}`;

describe('an edit', () => {
  const store = () => TestBed.inject(WorkspaceStore);

  it('that leaves too many of something is not taken, and says so', () => {
    const before = store().workspace();
    const meals = times(MOST.dishes + 1, () => DEMO_TRIP.menu.supper);
    expect(store().editTrip('dishes from CSV', (t) => addDishes(t, meals, id))).toBe(false);
    expect([store().workspace(), store().undoLabel()]).toEqual([before, undefined]);
    const refused = store().refused();
    expect(refused && refusalWords(refused)).toMatch(
      /^A trip keeps at most 300 dishes; this would make 30\d\. Nothing has changed: take fewer/,
    );
    store().editTrip('name', (t) => ({ ...t, name: 'Another' }));
    expect(store().refused()).toBeUndefined();
  });

  it.each([
    ['pieces', { pieces: times(MOST.pieces + 1, (i) => ({ ...DEMO_RACK.pieces[0], id: `p${i}` })) }],
    ['kits', { kits: times(MOST.kits + 1, (i) => ({ ...DEMO_RACK.kits[0], id: `k${i}` })) }],
  ] as const)('counts the rack: %s', (what, change) => {
    expect(store().editRack('import', (r) => ({ ...r, ...change }))).toBe(false);
    expect(store().refused()).toMatchObject({ what, most: MOST[what] });
  });

  it('counts the library: neither a file nor a backup brings more trips than are kept', () => {
    const importing = TestBed.inject(Importing);
    const trips = times(MOST.trips, (i) => ({ trip: { ...DEMO_TRIP, id: `t${i}` }, archived: false }));
    importing.add('many.json', trips, undefined);
    expect([store().workspace().library.length, importing.taken()]).toEqual([1, undefined]);
    expect(store().refused()).toMatchObject({ what: 'trips', found: MOST.trips + 1 });
  });

  it('that makes what could not be read back is a fault of ours', () => {
    expect(() => store().editTrip('reserve', (t) => ({ ...t, reservePercent: Number.NaN }))).toThrow(
      /the edit “reserve” makes what cannot be read back: trip\.reservePercent/,
    );
    expect(() => store().editPreferences('theme', { theme: 'dusk' as 'day' })).toThrow(/theme/);
    expect(store().workspace()).toEqual(demoWorkspace());
  });
});

describe('somebody else’s trip', () => {
  const store = () => TestBed.inject(WorkspaceStore);
  const theirs = { ...DEMO_TRIP, name: 'Theirs' };

  it('is shown in place of the open one, even under the same id; nothing is changed by it, and the edit says why', () => {
    store().editTripWith('name', { name: 'Mine' });
    const before = store().workspace();
    store().lookAt(theirs);
    expect([store().trip(), store().undoLabel()]).toEqual([theirs, undefined]);
    expect(store().editTrip('reserve', (t) => ({ ...t, reservePercent: 40 }))).toBe(false);
    expect([store().workspace(), refusalWords(store().refused() ?? 'guest')]).toEqual([before, expect.stringContaining('keep a copy')]);
    store().lookAt(undefined);
    expect([store().trip().name, store().undoLabel(), store().refused()]).toEqual(['Mine', 'name', undefined]);
  });

  it('leaves how things are shown to who looks', () => {
    store().lookAt(theirs);
    store().editPreferences('theme', { theme: 'headlamp' });
    expect([store().preferences().theme, store().trip(), store().refused()]).toEqual(['headlamp', theirs, undefined]);
  });

  it('is still there where the library has no room for a copy', () => {
    const importing = TestBed.inject(Importing);
    const full = times(MOST.trips - 1, (i) => ({ trip: { ...DEMO_TRIP, id: `t${i}` }, archived: false }));
    importing.add('many.json', full, undefined);
    store().lookAt(theirs);
    importing.keepCopy(theirs);
    expect([store().guest(), store().refused()]).toMatchObject([theirs, { what: 'trips' }]);
  });

  it('can be kept as a copy, or left by opening one’s own', () => {
    store().lookAt(theirs);
    TestBed.inject(Importing).keepCopy(theirs);
    expect(store().guest()).toBeUndefined();
    expect(store().trip()).toEqual({ ...theirs, id: store().trip().id, name: 'Theirs, imported' });
    store().lookAt(theirs);
    store().openTrip(DEMO_TRIP);
    expect(store().trip()).toBe(DEMO_TRIP);
  });
});
