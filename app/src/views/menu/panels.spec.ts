import { TestBed } from '@angular/core/testing';
import { DISHES } from '@tinder/core/domain/menu';
import type { Trip } from '@tinder/core/domain/model';
import { planTrip } from '@tinder/core/planning/plan';
import { editLeg } from '@tinder/core/domain/trail';
import { DayMarker } from '../../planning/day-marker';
import { PlanService } from '../../planning/plan-service';
import { WorkspaceStore } from '../../store/workspace-store';
import { Panel } from '../../testing/panel';
import { DayDishes } from './day-dishes';
import { DishCardPanel } from './dish-card';
import { DishFields } from './dish-fields';
import { DishStudy } from './dish-study';
import { MenuAnswer } from './menu-answer';
import { FoodTables } from './food-tables';
import { HabitPanel } from './habit-panel';
import { habitWords, methodProblemWords, methodWords } from '../../words/menu-words';

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
    const panel = new Panel(DayDishes, { plan: plan() });
    await panel.settle();
    panel.choose('dinner', 'packet soup');
    expect(trip().menu.supper.name).toBe('packet soup');
    panel.pick('Where a chosen dish goes', 'Days 2 to 3');
    panel.choose('dinner', 'raw rice');
    const days = trip().legs[0].days.map((d) => d.dishes.supper);
    expect(days[0]).toBeUndefined();
    expect(days[1]).toBe(days[2]);
    expect(trip().dishes.find((d) => d.id === days[1])?.meal.name).toBe('raw rice');
    panel.give({ plan: plan() });
    panel.press('Back to the usual dishes');
    expect(trip().legs[0].days[1].dishes).toEqual({});
    panel.pick('Where a chosen dish goes', 'In turn');
    panel.choose('breakfast', 'granola');
    expect(trip().rotation.breakfast).toHaveLength(2);
  });

  it('are cooked another way, and say what the kit cannot do and what to do instead', async () => {
    store().editTrip('burner', (t) => ({
      ...t,
      kit: { ...t.kit, burnerId: 'alcohol-open', fuelId: 'alcohol-denatured', windscreen: 'cone' },
    }));
    const fields = await planned(new Panel(DishFields));
    fields.choose('how dinner is cooked', 'simmer');
    await fields.settle();
    expect(trip().menu.supper).toMatchObject({ method: 'simmer', simmerMin: 10 });
    expect(fields.text).toContain(
      'This stove cannot be turned down: it boils on until it is out. Instead: boil, then in a cozy, or dried at home',
    );
    expect(fields.options('how dinner is cooked')).toContain('Simmer (not on this kit)');
    const panel = new Panel(DayDishes, { plan: plan() });
    await panel.settle();
    store().editTrip('ban', (t) => editLeg(t, 0, { restriction: 'noOpenFlame' }));
    panel.give({ plan: plan() });
    expect(panel.text).toContain('No flame allowed: soak it cold');
    panel.pick('Dinner, drink and wash-up', 'one each');
    panel.type('Appetite, 100 % is what packets call a portion', '130');
    expect([trip().oneLighting, trip().appetite]).toEqual([false, 1.3]);
  });
});

describe('one dish', () => {
  it('takes changes, its finer points one level deeper', async () => {
    const panel = await planned(new Panel(DishFields));
    expect(panel.text).toContain('dinner: dried dinner and tea');
    panel.type('water of the dish', '2 cups');
    expect(trip().menu.supper.waterMl).toBeCloseTo(473.2, 1);
    panel.open('Name, simmer');
    panel.type('Portion of the dish, 100 % is the packet’s', '120');
    expect(trip().menu.supper.portion).toBeCloseTo(1.2, 9);
    panel.type('Price of the dish', '6.90');
    panel.pick('Eaten from', 'from the pot');
    expect(trip().menu.supper).toMatchObject({ price: 6.9, vessel: 'pot' });
  });

  it('is drawn over its minutes with other ways to it, has its card, and learns from a word', async () => {
    const panel = await planned(new Panel(DishCardPanel));
    expect(panel.text).toMatch(/600 mL \(4\smarks\) of water; flame at 70 %: 14\.\d g of fuel/);
    expect(panel.text).toMatch(/About \d+ min( \d+ s)?, .* on a mild evening, .* on a hard one/);
    expect(panel.text).toContain('Stir in 130 g');
    expect(panel.text).toContain('the food swells to about 468 mL'); // 130 g · 1.2 mL/g · 3
    const dish = TestBed.inject(DishStudy).dish();
    const drawn = panel.element.querySelector('svg')?.getAttribute('aria-label') ?? '';
    expect(drawn).toMatch(new RegExp(`Done at ${Math.round((dish?.curve?.doneS ?? NaN) / 60)}\\smin`));
    expect(drawn).toMatch(/Yours: 14\.\d\sg; .*Heat to 88 °C and rest: 1[23]\.\d\sg; Cold soak, 60\smin: no fuel/);
    const before = trip().menu.supper.doneMin;
    panel.press('Still hard');
    expect(trip().menu.supper.doneMin).not.toBe(before);
    expect(panel.text).toContain('Noted: it wants');
    TestBed.inject(DishStudy).part.set('lunch');
    await panel.settle();
    expect(panel.text).toContain('no cooking: no flame.');
    expect(panel.element.querySelector('svg')).toBeNull();
  });

  it('has its fuel and time beside it, added up to its day and its leg', async () => {
    const { carries, days } = plan();
    const panel = await planned(new Panel(MenuAnswer, { plan: plan(), carry: carries[0] }));
    const meals = Object.values(days[0].meals).map((m) => m.fuelG);
    expect(panel.text).toMatch(new RegExp(`Day 1\\s*${days[0].fuelG.toFixed(1)}\\sg`));
    expect(meals.reduce((sum, g) => sum + g, 0)).toBeCloseTo(days[0].fuelG, 6);
    expect(panel.text).toMatch(/14\.\d\sg\s*of fuel, \d+ min.* of stove time/);
    TestBed.inject(DishStudy).part.set('lunch');
    panel.give({});
    expect(panel.text).toContain('nothing is cooked');
  });
});

describe('the habit ledger', () => {
  it('ranks what habits cost, says what it does to containers, and is adopted as one undoable step', async () => {
    const panel = await planned(new Panel(HabitPanel));
    expect(panel.text).toMatch(/Breakfast cold.*−\d+ g/);
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
    expect(habitWords({ code: 'lighting', one: false }, units)).toBe('a lighting for each pot of water');
    expect(habitWords({ code: 'windscreen', windscreen: 'none' }, units)).toBe('no windscreen');
    expect(methodProblemWords({ code: 'potTooSmall', needMl: 1170, roomMl: 675, instead: ['homeDried'] }, units)).toContain('fills 1170');
    expect(DISHES.every((d) => methodWords(d.method, units).length > 3)).toBe(true);
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
    const days = new Panel(DayDishes, { plan: plan() });
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
