import { TestBed } from '@angular/core/testing';
import { DEMO_RACK, DEMO_TRIP } from '@tinder/core/demo';
import { addDishes } from '@tinder/core/menu';
import { MOST } from '@tinder/core/model';
import { tooManyWords } from '../words/room-words';
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
    expect(refused && tooManyWords(refused)).toMatch(
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
