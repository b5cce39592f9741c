import { TestBed } from '@angular/core/testing';
import { importLog } from '@tinder/core/output/archive';
import { DEMO_TRIP } from '@tinder/core/demo';
import type { WalkHere } from '@tinder/core/output/walk';
import { PlanService } from '../../planning/plan-service';
import { demoWorkspace, withNewTrips } from '../../store/workspace';
import { WorkspaceStore } from '../../store/workspace-store';
import { Panel } from '../../testing/panel';
import { clockText } from '../../words/clock-text';
import { AfterPanel } from './after-panel';
import { AheadPanel } from './ahead-panel';
import { GuidePanel } from './guide-panel';
import { LogPanel } from './log-panel';
import { Timers } from './timers';
import { endsOfDays } from './taper-geometry';
import { StandPanel } from './stand-panel';
import { TodayPanel } from './today-panel';
import { WalkLog } from './walk-log';
import { WalkStudy } from './walk-study';
import { WalkView } from './walk-view';

const store = () => TestBed.inject(WorkspaceStore);
const events = () => TestBed.inject(WalkLog).events();
async function planned<T>(panel: Panel<T>): Promise<Panel<T>> {
  store().start(undefined);
  TestBed.inject(PlanService);
  await panel.settle();
  return panel;
}

// what is half done outlives a page, and would outlive a test
afterEach(() => localStorage.clear());

describe('today', () => {
  it('is the next dish step by step, what can hurt first, and one tap writes it down', async () => {
    const panel = await planned(new Panel(TodayPanel));
    expect(panel.text).toContain('breakfast, tomorrow: oats and coffee');
    expect(panel.element.querySelector('[aria-current=step]')?.textContent).toContain('carbon monoxide');
    const before = events().length;
    panel.press('Cooked as planned');
    await panel.settle();
    expect(events().length).toBe(before + 1);
    expect(events().at(-1)).toMatchObject({ kind: 'cooked', meal: 'breakfast', day: 12, dish: 'oats and coffee' });
    expect(panel.text).toContain('dinner: dried dinner and tea');
    // asked of the meal just eaten
    panel.pick('How it was', 'good');
    expect(events().at(-1)).toMatchObject({ taste: 'good' });
    store().undo();
    store().undo();
    expect(events().length).toBe(before);
  });

  it('answers a wind with another flame, and takes the time of its timer along', async () => {
    const startedMs = Date.now() - 400_000;
    localStorage.setItem(
      'stove-timers',
      JSON.stringify([{ id: '12 breakfast flame', name: 'Flame', startedMs, totalS: 450, rung: false }]),
    );
    const panel = await planned(new Panel(TodayPanel));
    const grams = (): number => Number(/Fuel\s*([\d.]+)\sg/.exec(panel.text)?.[1]);
    const calm = grams();
    panel.pick('Wind as it is', 'Moderate');
    await panel.settle();
    expect(grams()).toBeGreaterThan(calm + 0.5);
    panel.press('Cooked as planned');
    expect(TestBed.inject(Timers).running()).toEqual([]);
    const last = events().at(-1);
    expect(last?.kind === 'cooked' ? last.clockS : 0).toBeGreaterThanOrEqual(400);
  });

  it('answers other air and other water, and writes down what was really cooked', async () => {
    const panel = await planned(new Panel(TodayPanel));
    const grams = (): number => Number(/Fuel\s*([\d.]+)\sg/.exec(panel.text)?.[1]);
    const minutes = (): number => (TestBed.inject(WalkStudy).walking()?.here.ahead[0].planned.burn.durationS ?? 0) / 60;
    const [before, took] = [grams(), minutes()];
    for (let i = 0; i < 5; i++) panel.press('Colder');
    await panel.settle();
    expect(
      store()
        .trip()
        .legs.flatMap((l) => l.days)[11].breakfastAirC,
    ).toBe(DEMO_TRIP.legs.flatMap((l) => l.days)[11].breakfastAirC - 10);
    // a cold can gives a smaller flame: it takes longer, and no more grams for it
    expect(minutes()).toBeGreaterThan(took + 0.5);
    panel.pick('Water that it takes', '650');
    const more = grams();
    expect(more).toBeGreaterThan(before + 2);
    expect(panel.element.querySelector('ol')?.textContent).toMatch(/Pour 650\smL/);
    panel.press('Cooked so');
    const last = events().at(-1);
    expect(last).toMatchObject({ kind: 'cooked', waterMl: 650 });
    expect(last?.kind === 'cooked' ? last.modelG : 0).toBeCloseTo(more, 1);
    await panel.settle();
    expect(panel.text).toContain('Cooked as planned');
  });

  it('skips what was eaten cold, and counts what had to be lit again', async () => {
    const panel = await planned(new Panel(TodayPanel));
    panel.press('Relit');
    await panel.settle();
    expect(events().at(-1)).toMatchObject({ kind: 'extra', what: 'relight' });
    panel.press('Eaten cold');
    expect(events().at(-1)).toMatchObject({ kind: 'skipped', how: 'cold', meal: 'breakfast' });
  });
});

describe('where one stands', () => {
  const here = (): WalkHere => {
    const walking = TestBed.inject(WalkStudy).walking();
    if (!walking) throw new Error('nothing is known of the walk');
    return walking.here;
  };

  it('says first whether it lasts and by how much, and what to do about it', async () => {
    const panel = await planned(new Panel(StandPanel));
    const { leftG, spareG, forecast, limit } = here();
    expect(forecast.runOut).toBeGreaterThan(limit);
    expect(panel.element.querySelector('.tight')?.textContent).toMatch(new RegExp(`Tight: ${Math.round(-spareG)}\\sg short`));
    // what has to be there is what is left and what is missing
    const needed = Number(/(\d+)\sg needed/.exec(panel.text)?.[1]);
    expect(Math.abs(needed - (leftG.mean - spareG))).toBeLessThanOrEqual(0.5);
    const short = -spareG;
    panel.press('Apply');
    await panel.settle();
    expect(here().spareG).toBeGreaterThan(-short);
    expect(panel.element.querySelector('.within')?.textContent).toMatch(/Enough: \d+\sg to spare/);
    store().undo();
    await panel.settle();
    expect(here().spareG).toBeCloseTo(-short, 6);
  });

  it('sends to the other ways', async () => {
    const panel = await planned(new Panel(WalkView));
    panel.press('Other ways');
    await panel.settle();
    expect(panel.element.querySelector('[role=tab][aria-selected=true]')?.textContent).toContain('Will it last');
  });
});

describe('the log', () => {
  it('takes a reading of a scale, asks where it cannot be, and refuses none', async () => {
    const panel = await planned(new Panel(LogPanel));
    panel.type('On the scale', '100');
    expect(panel.text).toContain('less than the containers weigh empty');
    panel.type('On the scale', '200');
    expect(panel.text).toContain('was something spilt');
    panel.press('Save');
    await panel.settle();
    expect(events().at(-1)).toMatchObject({ kind: 'weighed', how: 'scale', fuelG: 50 });
    expect(panel.text).toMatch(/by scale: 50\sg left/);
  });

  it('goes out and in as a file, nothing twice, and says what is wrong with another', async () => {
    const panel = await planned(new Panel(LogPanel));
    const count = events().length;
    const { id, walk } = store().trip();
    const text = JSON.stringify({
      format: 'restless-tinder-log',
      version: 1,
      tripId: id,
      tripName: 'x',
      log: [...(walk?.log ?? []), { id: 'other', at: '2027-08-27T20:00:00.000Z', day: 12, kind: 'spilt', fuelG: 5, sdG: 2 }],
    });
    expect(importLog(text, 'elsewhere')).toMatchObject({ ok: false, problem: { code: 'otherTrip' } });
    await panel.chooseFile('log.json', text);
    expect(panel.text).toContain('1 line was not here yet');
    expect(events().length).toBe(count + 1);
    await panel.chooseFile('log.json', '{"format":"x"}');
    expect(panel.text).toContain('no log');
    expect(events().length).toBe(count + 1);
  });

  it('reads a float strip in millimetres, to what a can of that width is worth', async () => {
    const panel = await planned(new Panel(LogPanel));
    panel.choose('Read', 'float');
    panel.type('mm that it floats deeper than empty', '15');
    panel.press('Save');
    const last = events().at(-1);
    // a can of 110 mm: 9.50 g a millimetre
    expect(last?.kind === 'weighed' ? last.fuelG : 0).toBeCloseTo((15 * Math.PI * 110 ** 2) / 4000, 3);
    expect(last).toMatchObject({ how: 'float', sdG: 7 });
  });

  it('takes a line out, and undo brings it back', async () => {
    const panel = await planned(new Panel(LogPanel));
    const count = events().length;
    panel.press('Remove: spilt');
    expect(events().length).toBe(count - 1);
    store().undo();
    expect(events().length).toBe(count);
  });
});

describe('the walk as a whole', () => {
  it('stays as it is while a trip that cannot be planned is tried again', async () => {
    const odd = { ...DEMO_TRIP, kit: { ...DEMO_TRIP.kit, burnerId: 'not-in-the-catalogue' } }; // no edit can make it
    store().start({ ...demoWorkspace(), library: [{ trip: odd, archived: false }] });
    const panel = new Panel(WalkView);
    await panel.settle();
    const side = panel.element.querySelector('#walk-side');
    expect(side).not.toBeNull();
    const plans = TestBed.inject(PlanService);
    plans.resume();
    expect(plans.failed()).toBeUndefined();
    panel.fixture.detectChanges();
    expect(panel.element.querySelector('#walk-side')).toBe(side);
    await panel.settle();
    expect(plans.failed()).toContain('not-in-the-catalogue');
  });
});

describe('will it last', () => {
  it('says the chance, what to save, and one press does it', async () => {
    const panel = await planned(new Panel(AheadPanel));
    expect(panel.text).toMatch(/running out before Tarn House: 1 in \d/);
    expect(panel.text).toContain('The mildest way');
    expect(panel.text).toMatch(/At Tarn House\s*Collect from the mail drop:/);
    panel.press('Apply');
    await panel.settle();
    expect(panel.text).toContain('It lasts');
    expect(panel.text).not.toContain('The mildest way');
  });

  it('asks for nothing that the walker would never accept', async () => {
    const panel = await planned(new Panel(AheadPanel));
    for (const words of ['cold breakfasts', 'a detour to the shop', 'cold dinners']) panel.press(`never: ${words}`);
    await panel.settle();
    expect(panel.text).toContain('Nothing is enough');
    expect(panel.text).toContain('What comes nearest');
  });
});

describe('the rest of the way', () => {
  it('has guides for the burner that is carried, what hurts people first', async () => {
    const panel = await planned(new Panel(GuidePanel));
    const names = [...panel.element.querySelectorAll('summary')].map((s) => s.textContent?.trim());
    expect(names.slice(0, 2)).toEqual(['somebody is burnt', 'it was lit in a tent, or heads ache']);
    expect(names).toContain('weak in the cold');
    expect(names).not.toContain('the tablet crumbles');
  });

  it('is told afterwards, stop by stop', async () => {
    const panel = await planned(new Panel(AfterPanel));
    expect(panel.text).toMatch(/Nettle Hut to Harrow Junction\s*119\sg/);
    expect(panel.text).toMatch(/18 hot meals/);
    expect(panel.text).toContain('none can go to the bench');
    const before = store().rack().shelf.length;
    panel.press('Put what is left on the shelf');
    const [can] = store().rack().shelf.slice(before);
    // what the log knows: 169 of 230 g, so 61 are gone
    expect(can).toMatchObject({ netG: 230, looks: [{ how: 'walked' }] });
    const [look] = can.looks;
    expect(look.how === 'walked' ? look.fuelG : 0).toBeGreaterThan(50);
    expect(look.how === 'walked' ? look.fuelG : 0).toBeLessThan(70);
  });

  it('sets other walks beside it, each by its own log', async () => {
    const panel = new Panel(AfterPanel);
    await planned(panel);
    expect(panel.text).not.toContain('your other walks');
    const open = store().workspace().openId;
    store().edit('another', (w) => ({
      ...withNewTrips(w, [{ trip: { ...DEMO_TRIP, id: 'spring', name: 'Spring' }, archived: false }]),
      openId: open,
    }));
    await panel.settle();
    // the same log: the same meals, and a gram figure of the same size
    expect(panel.text).toMatch(/Spring\s*18\s*1\d\.\d\sg/);
  });
});

describe('the taper', () => {
  it('ends each day with what was known last, or what is reckoned with, in the order of days', () => {
    const carry = { days: [{ day: 10 }, { day: 11 }, { day: 12 }] } as WalkHere['carry'];
    const known = (day: number, leftG: number) => ({ day, leftG, sdG: 2, plannedG: leftG, isReading: false });
    const steps = [{ day: 12, leftG: 150, sdG: 4, runOut: 0 }, { day: 12, leftG: 140, sdG: 5, runOut: 0 }]; // prettier-ignore
    const forecast = { steps, runOut: 0, leftG: 140, sdG: 5 };
    const ends = endsOfDays({ carry, past: [known(10, 230), known(11, 220), known(11, 200)], forecast });
    expect(ends).toEqual([
      { boundary: 9, leftG: 230, sdG: 2 },
      { boundary: 11, leftG: 200, sdG: 2 },
      { boundary: 12, leftG: 140, sdG: 5 },
    ]);
  });
});

describe('timers', () => {
  it('ring no more once they are put away in another tab', () => {
    Object.assign(URL, { createObjectURL: () => 'blob:track', revokeObjectURL: () => undefined });
    const pause = jest.spyOn(HTMLMediaElement.prototype, 'pause');
    const timers = TestBed.inject(Timers);
    timers.start('12 supper rest', 'rest', 600);
    TestBed.tick();
    expect(pause).not.toHaveBeenCalled();
    localStorage.removeItem('stove-timers');
    dispatchEvent(new StorageEvent('storage', { key: 'stove-timers' }));
    TestBed.tick();
    expect([timers.running(), pause.mock.calls.length]).toEqual([[], 1]);
    Reflect.deleteProperty(URL, 'createObjectURL');
  });

  it('are read off the clock: right after a reload, however long nobody looked', () => {
    expect([5, 65, 3725].map(clockText)).toEqual(['0:05', '1:05', '1:02:05']);
    localStorage.setItem(
      'stove-timers',
      JSON.stringify([{ id: 'a', name: 'Rest', startedMs: Date.now() - 90_000, totalS: 60, rung: true }]),
    );
    const [over] = TestBed.inject(Timers).running();
    expect(over.leftS).toBeLessThan(-29);
    expect(TestBed.inject(Timers).stop('a')).toBeGreaterThanOrEqual(90);
    expect(localStorage.getItem('stove-timers')).toBeNull();
  });
});
