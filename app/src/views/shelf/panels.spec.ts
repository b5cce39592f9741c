import { TestBed } from '@angular/core/testing';
import { DEMO_TRIP } from '@tinder/core/demo';
import { PLAIN_RACK, type ShelfItem } from '@tinder/core/domain/model';
import { stockOf } from '@tinder/core/domain/shelf';
import { PlanService } from '../../planning/plan-service';
import { WorkspaceStore } from '../../store/workspace-store';
import { Panel } from '../../testing/panel';
import { AddContainer } from './add-container';
import { ContainerCard } from './container-card';
import { Cupboard } from './cupboard';
import { ForTripPanel } from './for-trip-panel';
import { LookGuide } from './look-guide';
import { JoinPanel } from './join-panel';
import { SeasonPanel } from './season-panel';
import { ShelfStudy } from './shelf-study';

const store = () => TestBed.inject(WorkspaceStore);
const study = () => TestBed.inject(ShelfStudy);
const item = (id: string): ShelfItem => {
  const found = store()
    .rack()
    .shelf.find((c) => c.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found;
};
const leftG = (id: string): number => stockOf(item(id)).left.massG;

async function planned<T>(panel: Panel<T>): Promise<Panel<T>> {
  store().start(undefined);
  TestBed.inject(PlanService);
  await panel.settle();
  return panel;
}

describe('the cupboard', () => {
  it('tells of every container what is left, how surely, and how cold it may get', () => {
    const panel = new Panel(Cupboard);
    const names = [...panel.element.querySelectorAll('button')].map((b) => b.getAttribute('aria-label'));
    expect(names).toHaveLength(9);
    expect(names[0]).toMatch(
      /^the one from the ridge, canister: 90\sg left ± 1, 39 % full, runs down to −\d+\s°C: (three seasons|deep cold)$/,
    );
    expect(panel.text).toContain('Readings disagree');
    panel.press(names[5] ?? '');
    expect(study().open()?.item.id).toBe('shelf-spirit');
  });

  it('says how to begin where there is nothing', () => {
    store().edit('empty', (w) => ({ ...w, rack: PLAIN_RACK }));
    expect(new Panel(Cupboard).text).toContain('No containers yet.');
    expect(new Panel(ContainerCard).text.trim()).toBe('');
  });

  it('takes a container as it is said, in the walker’s units, and one undo takes it off again', () => {
    store().editPreferences('ounces', { units: { ...store().preferences().units, mass: 'oz' } });
    const panel = new Panel(AddContainer);
    panel.type('Put one on the shelf: say size and kind, then what you know', '8 can, weighs 10.3');
    panel.press('Add to the shelf');
    const added = store().rack().shelf.at(-1);
    expect(added?.netG).toBeCloseTo(226.8, 1);
    expect(leftG(added?.id ?? '')).toBeCloseTo(142, 0);
    store().undo();
    expect(store().rack().shelf).toHaveLength(9);
  });
});

describe('the card of a container', () => {
  const open = (id: string): Panel<ContainerCard> => {
    study().choose(id);
    return new Panel(ContainerCard);
  };

  it('asks about looks that disagree, and is told', () => {
    const panel = open('shelf-large');
    expect(panel.text).toContain('Until you say so, the lesser counts.');
    panel.press('Leave that reading out');
    expect(leftG('shelf-large')).toBeCloseTo(210, 0);
    store().undo();
    panel.fixture.detectChanges();
    panel.press('It was used or leaked');
    expect(leftG('shelf-large')).toBeCloseTo(155, 0);
    expect(stockOf(item('shelf-large')).asks).toBeUndefined();
  });

  it('offers no water line for a tall can, which lies over', () => {
    const ways = (id: string): string[] => {
      study().choose(id);
      return new Panel(LookGuide, { of: study().open() }).options('How the reading is taken');
    };
    expect(ways('shelf-ridge')).toContain('Float it');
    expect(ways('shelf-large')).not.toContain('Float it');
    expect(ways('shelf-tablets')).toContain('Count them');
  });

  it('keeps a mark that a reading hangs on, and says why', () => {
    const panel = open('shelf-garden');
    const marks = [...panel.element.querySelectorAll<HTMLButtonElement>('li button')];
    marks.at(-1)?.click();
    panel.fixture.detectChanges();
    expect(panel.text).toContain('Nothing has changed: it does not fit the reading of Oct 4, 2026. Its water line was never marked');
    expect(item('shelf-garden').looks).toHaveLength(5);
  });

  it('takes size, price and story, and leaves what was there where a name is emptied', () => {
    const panel = open('shelf-small');
    panel.open('Size, price, where it was used');
    panel.type('Price of the container', '6.50');
    panel.type('Used for', 'a weekend by the lake');
    panel.type('What it is called', '  ');
    expect(item('shelf-small')).toMatchObject({ price: 6.5, story: 'a weekend by the lake', name: 'the small one' });
  });
});

describe('the shelf on a trip', () => {
  it('is offered whole, planned with, and stays at home again', async () => {
    const panel = await planned(new Panel(ForTripPanel));
    expect(panel.text).toContain('With the shelf:');
    expect(panel.text).toContain('nothing from the shelf');
    panel.press('Offer all');
    await panel.settle();
    expect(store().trip().own).toHaveLength(9);
    expect(panel.text).toContain('garden tests');
    const taken = TestBed.inject(PlanService)
      .plan()
      ?.carries.flatMap((c) => c.taken.map((t) => t.own?.id));
    expect(taken).toEqual(['shelf-garden']);
    panel.press('Leave it all at home');
    await panel.settle();
    expect(store().trip().own).toEqual([]);
  });

  it('follows a new look at once on the open trip, and is asked about on one that was open elsewhere', async () => {
    const panel = await planned(new Panel(ForTripPanel));
    study().put(item('shelf-ridge'), 'best');
    study().editItem('look', 'shelf-ridge', (c) => ({ ...c, looks: c.looks.slice(0, 1) }));
    expect(store().trip().own[0].fuelG).toBeGreaterThan(220);
    // a trip that still knows the old weight
    store().editTrip('as it was', (t) => ({ ...t, own: t.own.map((c) => ({ ...c, fuelG: 90 })) }));
    await panel.settle();
    expect(panel.text).toContain('The shelf has changed since this trip looked at it.');
    panel.press('Take it as it stands now');
    expect(store().trip().own[0].fuelG).toBeGreaterThan(220);
  });

  it('comes home with what is left of it, in one step that can be undone', async () => {
    const panel = await planned(new Panel(ForTripPanel));
    study().put(item('shelf-garden'), { stopId: DEMO_TRIP.stops[0].id });
    await panel.settle();
    const before = store().rack();
    panel.press('The trip is done: put back what is left');
    expect(store().trip().own).toEqual([]);
    expect(
      store()
        .rack()
        .shelf.some((c) => c.name === 'canister from Vesper Divide'),
    ).toBe(true);
    store().undo();
    expect(store().rack()).toBe(before);
  });
});

describe('leftovers and the trips to come', () => {
  it('shows what joining would come to only behind the cautions, and writes it down to be weighed', () => {
    const panel = new Panel(JoinPanel);
    expect(panel.text).toContain('forbid refilling');
    expect(panel.text).not.toContain('moves at most');
    panel.press('I have read this: show the result');
    expect(panel.text).toContain('another blend: never mixed');
    const [into, small] = [leftG('shelf-ridge'), leftG('shelf-small')];
    panel.press('I did it: write it down, to be weighed');
    expect(leftG('shelf-small')).toBeLessThan(3);
    expect(leftG('shelf-ridge')).toBeGreaterThan(into + small - 4);
    expect(leftG('shelf-ridge')).toBeLessThanOrEqual(230);
    expect(stockOf(item('shelf-ridge')).left.sdG).toBeGreaterThan(5);
  });

  it('says what the season costs with the shelf and without, and what a gram costs where', async () => {
    const panel = await planned(new Panel(SeasonPanel));
    expect(panel.text).toMatch(/28.00\s€ to buy in all; 37.00\s€ if the shelf were empty/);
    const rows = [...panel.element.querySelectorAll('tbody')].at(-1)?.querySelectorAll('tr') ?? [];
    const per = [...rows].map((r) => Number(/[\d.]+/.exec(r.lastElementChild?.textContent ?? '')?.[0]));
    expect(per).toEqual([...per].sort((a, b) => a - b));
    expect(per.length).toBeGreaterThan(4);
  });
});
