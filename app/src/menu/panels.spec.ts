import { TestBed } from '@angular/core/testing';
import { DISHES } from '@tinder/core/menu';
import type { Trip } from '@tinder/core/model';
import { planTrip } from '@tinder/core/plan';
import { editLeg } from '@tinder/core/trail';
import { DayMarker } from '../planning/day-marker';
import { PlanService } from '../planning/plan-service';
import { WorkspaceStore } from '../store/workspace-store';
import { Panel } from '../testing/panel';
import { DayDishes } from './day-dishes';
import { DishPanel } from './dish-panel';
import { FoodTables } from './food-tables';
import { HabitPanel } from './habit-panel';
import { habitWords, methodProblemWords, METHOD_WORDS } from '../words/menu-words';

const store = () => TestBed.inject(WorkspaceStore);
const trip = (): Trip => store().trip();
const plan = () => planTrip(trip());

async function planned<T>(panel: Panel<T>): Promise<Panel<T>> {
  store().start(undefined);
  TestBed.inject(PlanService);
  await panel.settle();
  return panel;
}

describe('the dishes of the days', () => {
  it('are set for every day, for brushed days, or to take turns', async () => {
    TestBed.inject(DayMarker).brushDays(2, 3);
    const panel = new Panel(DayDishes, { plan: plan(), part: 'supper' });
    await panel.settle();
    panel.choose('dinner', 'packet soup');
    expect(trip().menu.supper.name).toBe('packet soup');
    panel.pick('Where a chosen dish goes', 'on days 2 to 3');
    panel.choose('dinner', 'raw rice');
    const days = trip().legs[0].days.map((d) => d.dishes.supper);
    expect(days[0]).toBeUndefined();
    expect(days[1]).toBe(days[2]);
    expect(trip().dishes.find((d) => d.id === days[1])?.meal.name).toBe('raw rice');
    panel.give({ plan: plan() });
    panel.press('back to the usual on these days');
    expect(trip().legs[0].days[1].dishes).toEqual({});
    panel.pick('Where a chosen dish goes', 'in turn with the others');
    panel.choose('breakfast', 'granola');
    expect(trip().rotation.breakfast).toHaveLength(2);
  });

  it('are cooked another way, and say what the kit cannot do and what to do instead', async () => {
    store().editTrip('burner', (t) => ({
      ...t,
      kit: { ...t.kit, burnerId: 'alcohol-open', fuelId: 'alcohol-denatured', windscreen: 'cone' },
    }));
    const panel = new Panel(DayDishes, { plan: plan(), part: 'supper' });
    await panel.settle();
    panel.choose('how dinner is cooked', 'simmer');
    panel.give({ plan: plan() });
    expect(trip().menu.supper).toMatchObject({ method: 'simmer', simmerMin: 10 });
    expect(panel.text).toContain(
      'This stove cannot be turned down: it boils on until it is out. Instead: boil, then in a cozy, or dried at home',
    );
    expect(panel.text).toContain('simmer (not on this kit)');
    store().editTrip('ban', (t) => editLeg(t, 0, { restriction: 'noOpenFlame' }));
    panel.give({ plan: plan() });
    expect(panel.text).toContain('no flame allowed: soak it cold');
    panel.pick('Dinner, drink and wash-up', 'one each');
    panel.type('Appetite, 100 % is what packets call a portion', '130');
    expect([trip().oneLighting, trip().appetite]).toEqual([false, 1.3]);
  });
});

describe('one dish', () => {
  it('shows its numbers and its card, takes changes, and learns from a word', async () => {
    const panel = await planned(new Panel(DishPanel, { part: 'supper' }));
    expect(panel.text).toMatch(/[Tt]he dinner of day 1.*600 mL \(4\smarks\) of water; flame at 70 %: 14\.\d g of fuel/);
    expect(panel.text).toMatch(/About \d+ min( \d+ s)?, .* on a kind evening, .* on a hard one/);
    expect(panel.text).toContain('Stir in 130 g');
    expect(panel.text).toContain('the food swells to about 468 mL'); // 130 g · 1.2 mL/g · 3
    panel.type('water of the dish', '2 cups');
    expect(trip().menu.supper.waterMl).toBeCloseTo(473.2, 1);
    panel.type('Portion of the dish, 100 % is the packet’s', '120');
    expect(trip().menu.supper.portion).toBeCloseTo(1.2, 9);
    panel.type('Price of the dish', '6.90');
    panel.pick('Eaten from', 'from the pot');
    expect(trip().menu.supper).toMatchObject({ price: 6.9, vessel: 'pot' });
    const before = trip().menu.supper.doneMin;
    await panel.settle();
    panel.press('hard');
    expect(trip().menu.supper.doneMin).not.toBe(before);
    expect(panel.text).toContain('Noted: it wants');
    panel.give({ part: 'lunch' });
    await panel.settle();
    expect(panel.text).toContain('no cooking: no flame.');
  });
});

describe('the habit ledger', () => {
  it('ranks what habits cost, says what it does to containers, and is adopted as one undoable step', async () => {
    const panel = await planned(new Panel(HabitPanel));
    expect(panel.text).toMatch(/breakfast cold.*−\d+ g/);
    expect(panel.text).toContain('no container');
    expect(panel.text).toMatch(/The best together.*Planned as one: savings do not add up/);
    panel.press('stop at 88 °C instead of the boil');
    expect(trip().menu.supper.target).toEqual({ kind: 'stopAt', targetC: 88 });
    expect(store().undoLabel()).toBe('stop at 88 °C instead of the boil');
    store().undo();
    expect(trip().menu.supper.target).toEqual({ kind: 'boil' });
  });

  it('has words for every habit and every obstacle', () => {
    const units = { text: (v: number) => `${Math.round(v)}` };
    expect(habitWords({ code: 'lighting', one: false })).toBe('a lighting for each pot of water');
    expect(habitWords({ code: 'windscreen', windscreen: 'none' })).toBe('no windscreen');
    expect(methodProblemWords({ code: 'potTooSmall', needMl: 1170, roomMl: 675, instead: ['homeDried'] }, units)).toContain('fills 1170');
    expect(DISHES.every((d) => METHOD_WORDS[d.method].length > 3)).toBe(true);
  });
});

describe('the tables of food', () => {
  it('counts packets out of each stop beside the fuel, and compares food by its energy', async () => {
    const panel = await planned(new Panel(FoodTables, { plan: plan() }));
    expect(panel.text).toMatch(/Nettle Hut\s*3,615 g\s*200 g\s*3,150\s*5 × dried dinner and tea/);
    expect(panel.text).toContain('2 × home-dried chilli');
    expect(panel.text).toMatch(/granola\s*219 g\s*none/);
  });

  it('starts a dish of the walker’s own, which can be set into the days', async () => {
    const panel = await planned(new Panel(FoodTables, { plan: plan() }));
    panel.press('Add a dish');
    panel.press('Add a dish');
    expect(
      trip()
        .dishes.slice(-2)
        .map((d) => d.meal.name),
    ).toEqual(['my dish 1', 'my dish 2']);
    const days = new Panel(DayDishes, { plan: plan(), part: 'supper' });
    await days.settle();
    days.choose('dinner', 'my dish 2');
    expect(trip().menu.supper.name).toBe('my dish 2');
  });

  it('takes the good rows of a file only when told to, and names the bad ones by line', async () => {
    const panel = await planned(new Panel(FoodTables, { plan: plan() }));
    const before = trip().dishes.length;
    await panel.chooseFile('dishes.csv', 'name,method,waterMl,dryG\nBarley stew,simmer,420,110\nOdd,stirred,1,1\n');
    expect(panel.text).toMatch(/dishes\.csv: 1 dish can be taken, 1 cannot\. Nothing has changed yet.*line 3: method is “stirred”/);
    expect(trip().dishes).toHaveLength(before);
    panel.press('Take the 1 good ones');
    expect(trip().dishes.at(-1)?.meal.name).toBe('Barley stew');
    panel.press('Remove Barley stew');
    expect(trip().dishes).toHaveLength(before);
    await panel.chooseFile('dishes.csv', 'what,ever\n1,2');
    expect(panel.text).toContain('was not taken: it needs a heading');
  });
});
