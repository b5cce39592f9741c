import { TestBed } from '@angular/core/testing';
import type { Type } from '@angular/core';
import { beforeTests } from '@tinder/core/studies/bench';
import { BURNERS } from '@tinder/core/domain/catalogue';
import type { Trip } from '@tinder/core/domain/model';
import { planTrip } from '@tinder/core/planning/plan';
import { letClimateSay, paintDays, stretchLeg } from '@tinder/core/domain/trail';
import { LedgerService } from '../../parts/ledger/ledger-service';
import { WorkspaceStore } from '../../store/workspace-store';
import { Panel } from '../../testing/panel';
import { untilQuiet } from '../../testing/until';
import { KitPanel } from './kit-panel';
import { tripWithBurner, withBurner } from '@tinder/core/domain/kit';
import { AnswerColumn } from '../../parts/answer/answer-column';
import { MealsPanel } from './meals-panel';
import { RiskPanel } from '../../parts/answer/risk-panel';
import { ConditionsPanel } from './conditions-panel';
import { PlanService } from '../../planning/plan-service';
import { RiskService } from '../../planning/risk-service';

let panel: Panel<unknown>;
const store = () => TestBed.inject(WorkspaceStore);
const firstLeg = () => store().trip().legs[0];
const element = () => panel.element;
const textOf = () => panel.text;
const choose = (name: string, value: string, within?: ParentNode) => panel.choose(name, value, within);
const pick = (group: string, value: string) => panel.pick(group, value);
const drag = (label: string, values: number[]) => panel.drag(label, values);

function show(type: Type<unknown>, inputs: string[] = []): void {
  panel = new Panel(type, given(inputs));
}
/** Hands the plan of the trip as it is now to a panel that shows one. */
const update = (inputs: string[]) => panel.give(given(inputs));

function given(inputs: readonly string[]): Record<string, unknown> {
  const plan = planTrip(store().trip());
  const values: Record<string, unknown> = { plan, carry: plan.carries[0] };
  return Object.fromEntries(inputs.map((name) => [name, values[name]]));
}

describe('the conditions of a leg', () => {
  beforeEach(async () => {
    show(ConditionsPanel);
    await panel.settle();
    panel.open('Altitude, gusts');
  });

  it('takes a drag as one step, and another drag as another', () => {
    drag('Days', [6, 9, 12]);
    expect(firstLeg().days.length).toBe(12);
    drag('Days', [13, 14]);
    store().undo();
    expect(firstLeg().days.length).toBe(12);
    store().undo();
    expect(firstLeg().days.length).toBe(5);
  });

  it('keeps the days that a drag cuts off for a moment', () => {
    const { days } = firstLeg();
    drag('Days', [2, 9, 5]);
    expect(firstLeg().days).toEqual(days);
  });

  it('moves from words to a forecast with about the same wind at the flame, and back', () => {
    choose('Wind', 'forecast');
    expect(firstLeg().days[2].wind).toEqual({ kind: 'forecast', tenMetreMps: 7, site: 'trees' });
    choose('Camp', 'ridge');
    choose('Beaufort', '9.35');
    expect(firstLeg().days[2].wind).toEqual({ kind: 'forecast', tenMetreMps: 9.35, site: 'ridge' });
    expect(textOf()).toContain('Wind where you cook: 4.2 m/s');
    choose('Wind', 'steady');
    expect(firstLeg().days[2].wind).toEqual({ kind: 'words', word: 'steady' });
  });

  it('lets a simulated climate follow the height, and leaves typed air alone', () => {
    const typed = firstLeg().days[0].breakfastAirC;
    drag('Altitude', [3500]);
    expect(firstLeg().days[0].breakfastAirC).toBe(typed);
    store().editTrip('climate', (t) => letClimateSay(t, 1, 5));
    const before = firstLeg().days[0].breakfastAirC;
    panel.fixture.detectChanges();
    drag('Altitude', [2500]);
    expect(firstLeg().days[0].breakfastAirC).toBeGreaterThan(before + 5);
  });

  it('hides the water temperature where there is only snow', () => {
    expect(element().querySelector('#scale-Water-temperature')).not.toBeNull();
    pick('Water', 'Dry snow');
    expect(firstLeg().days.map((d) => d.source)).toEqual(Array(5).fill('snowDry'));
    expect(element().querySelector('#scale-Water-temperature')).toBeNull();
  });
});

describe('the kit', () => {
  beforeEach(async () => {
    show(KitPanel);
    await panel.settle();
    panel.open('Lid, windscreen');
  });
  const options = (name: string) => panel.options(name);

  it('says that its stove is the walker’s own, from how many burns, and what it was before', () => {
    expect(textOf()).not.toContain('The stove is yours');
    const known = beforeTests(store().trip().kit);
    const calibration = { ...known, factors: { ...known.factors, head: 1.09 }, burns: 19 };
    store().edit('my stove', (w) => ({
      ...w,
      library: w.library.map((l) => ({ ...l, trip: tripWithBurner(l.trip, known.of, calibration) })),
    }));
    panel.fixture.detectChanges();
    expect(textOf()).toContain('The stove is yours, from 19 burns: 9 % more heat into the pot than by the catalogue, which it was before');
  });

  it('offers every stove, and only fuels and windscreens that go with the one chosen', () => {
    expect(options('Stove')).toHaveLength(BURNERS.length);
    expect(options('Fuel').every((f) => f.startsWith('Gas'))).toBe(true);
    expect(options('Windscreen')).toContain('Plate clipped on the stove');
    choose('Stove', 'alcohol-open');
    expect(options('Fuel').every((f) => f.endsWith('kJ/mL'))).toBe(true);
    expect(options('Windscreen')).toContain('Fitted cone');
  });

  it('offers only what is owned under the switch of the rack', () => {
    store().editRack('only what I own', (r) => ({ ...r, onlyOwned: true }));
    panel.fixture.detectChanges();
    expect(options('Stove')).toContainEqual(expect.stringMatching(/^Open-jet alcohol stove, 15\sg$/));
    expect(options('Stove')).not.toContainEqual(expect.stringContaining('Regulated gas stove')); // only wished for
  });

  it('shows a valve, a canister or a measure only where there is one', () => {
    const has = () => ['#scale-Flame', '[id^=pick-Canister]', '[aria-label^="Measure"]'].map((s) => element().querySelector(s) !== null);
    expect(has()).toEqual([true, true, false]);
    choose('Stove', 'alcohol-simmer');
    expect(has()).toEqual([true, false, true]);
    choose('Stove', 'tablet-single');
    expect(has()).toEqual([false, false, false]);
    choose('Stove', 'liquid-pump');
    expect(has()).toEqual([true, false, false]);
  });

  it('says in place what the stove cannot do', () => {
    choose('Stove', 'wood-box');
    expect(textOf()).toContain('This stove cannot be counted on when wet');
  });

  it('brings the finned pot with a locked stove and keeps an imported pot by its name', () => {
    choose('Stove', 'gas-locked');
    expect(store().trip().kit.pot.base).toBe('finned');
    store().editKit('pot', 0, { pot: { ...store().trip().kit.pot, name: 'grandmother’s kettle' } });
    panel.fixture.detectChanges();
    expect(options('Pot').at(-1)).toBe('grandmother’s kettle');
  });

  it('sets reserve, sleeve, lid and what is done for the canister', () => {
    drag('Reserve', [30]);
    panel.turn('Lid on');
    pick('Pot cozy', 'On the stove too');
    choose('Canister', 'slept');
    expect(store().trip().reservePercent).toBe(30);
    expect(store().trip().kit).toMatchObject({ lidOn: false, sleeveOn: true, canWarming: 'slept' });
  });
});

describe('the meals', () => {
  beforeEach(async () => {
    show(MealsPanel, ['plan']);
    await panel.settle();
  });

  it('shows grams and minutes of the marked day as the plan has them', () => {
    const supper = planTrip(store().trip()).days[0].meals.supper;
    expect(textOf()).toContain(`${supper?.burn.fuelG.toFixed(1)} g`);
    expect(textOf()).toContain('Meals, day 1');
  });

  it('offers the usual target, a simmer and both rules of boiling', () => {
    choose('Dinner, heated to', 'stopAt');
    expect(store().trip().menu.supper.target).toEqual({ kind: 'stopAt', targetC: 88 });
    panel.open('Simmer, stir in');
    const dinner = element().querySelector('app-meal-finer[aria-label=Dinner]') as HTMLElement;
    choose('Simmer', '10', dinner);
    choose('Safe water', 'cdc', dinner);
    expect(store().trip().menu.supper).toMatchObject({ simmerMin: 10, makeSafe: 'cdc' });
  });

  it('fries for minutes instead of heating water', () => {
    choose('Dinner, heated to', 'fry');
    update(['plan']);
    expect(store().trip().menu.supper.target).toEqual({ kind: 'fry', minutes: 6 });
    expect(element().querySelector('[aria-label=dinner]')?.textContent).toContain('6 min');
  });

  it('says why a meal cannot be cooked instead of a figure', () => {
    store().editTrip('storm', (t): Trip => ({
      ...paintDays(t, 1, 5, { wind: { kind: 'words', word: 'out' } }),
      kit: { ...withBurner(t.kit, 'tablet-single'), windscreen: 'none' },
    }));
    update(['plan']);
    expect(textOf()).toContain('May blow out: 7.0 m/s at the flame');
  });

  it('counts potfuls where water is snow, and nothing for a cold meal', () => {
    store().editTrip('snow', (t) => paintDays(t, 1, 5, { source: 'snow' }));
    update(['plan']);
    // 600 mL ÷ 0.3 ÷ 794 mL
    expect(textOf()).toContain('2.5 potfuls');
    panel.turn('Hot dinner');
    update(['plan']);
    expect(textOf()).toContain('No fuel');
  });
});

describe('the load-out', () => {
  it('opens its figures, draws every container and lists cautions', async () => {
    store().editTrip('days', (t) => ({ ...stretchLeg(t, 0, 16), kit: withBurner(t.kit, 'alcohol-open') }));
    show(AnswerColumn, ['carry', 'plan']);
    const plan = planTrip(store().trip());
    expect(element().querySelectorAll('app-container-shape')).toHaveLength(plan.carries[0].containers.length);
    await panel.settle();
    expect(textOf()).toContain('Methanol is poisonous');
    (element().querySelector('button.figure') as HTMLButtonElement).click();
    expect(TestBed.inject(LedgerService).open()).toEqual({ kind: 'start', stopId: plan.carries[0].fromStopId });
  });

  it('says what is gathered, and that cold food needs nothing', async () => {
    store().editTrip('burner', (t) => ({ ...t, kit: withBurner(t.kit, 'wood-box') }));
    show(AnswerColumn, ['carry', 'plan']);
    await panel.settle();
    expect(textOf()).toMatch(/Gather [\d,]+ g of dry wood/);
    store().editTrip('burner', (t) => ({ ...t, kit: withBurner(t.kit, 'none') }));
    update(['carry', 'plan']);
    expect(textOf()).toContain('starting weight, no fuel');
  });

  it('says what is bought, carried on and left, and what a pin costs', async () => {
    show(AnswerColumn, ['carry', 'plan']);
    await panel.settle();
    panel.open('Average weight, stove time, packing');
    panel.open('How it is chosen');
    expect(textOf()).toContain('Packed at home: 100 g canister, new, 100 g canister, new.');
    panel.give({ carry: planTrip(store().trip()).carries[1] });
    expect(textOf()).toMatch(/Nothing is bought here. Carried on: 100 g canister, 8\d g in it. Left here: 100 g canister, empty./);
    panel.give({ carry: planTrip(store().trip()).carries[0] });
    panel.type('450 g canisters to buy here, decided', '1');
    expect(store().trip().stops[0].pinned).toEqual({ kind: 'cans', counts: { 'can-450': 1 } });
    update(['carry', 'plan']);
    expect(textOf()).toContain('Packed at home: 450 g canister, new.');
    expect(textOf()).toMatch(/What is pinned costs \d+ g carried all the way/);
    panel.type('450 g canisters to buy here, decided', '0');
    update(['carry', 'plan']);
    expect(textOf()).toMatch(/What is pinned is \d+ g too little out of Nettle Hut: the pins are not followed/);
    panel.press('Choose for me again');
    expect(store().trip().stops[0].pinned).toBeNull();
  });

  it('counts another weight, and what money is worth', async () => {
    show(AnswerColumn, ['carry', 'plan']);
    await panel.settle();
    panel.open('Average weight, stove time, packing');
    panel.open('How it is chosen');
    panel.choose('Least', 'gramKm');
    panel.type('Grams carried all the way that a unit of money is worth', '100');
    expect(store().trip().loadOut).toMatchObject({ measure: 'gramKm', gramsPerPrice: 100 });
  });
});

describe('the risk', () => {
  it('is drawn for the carry that is looked at, and rises with what else might happen', async () => {
    store().start(undefined);
    TestBed.inject(PlanService);
    await untilQuiet();
    show(RiskPanel, ['carry']);
    await panel.settle();
    panel.give({ carry: TestBed.inject(PlanService).carry() });
    expect(textOf()).toMatch(/Run-out risk before Harrow Junction rarer than 1 in [\d,]+ · within your limit of 1 in 50/);
    panel.press('1 in 50');
    expect(textOf()).toMatch(/Nine trips in ten burn \d+ g to \d+ g\./);
    const reserve = () => Number(/A reserve of (\d+) g meets your limit/.exec(textOf())?.[1]);
    const before = reserve();
    panel.turn('A day longer, three times in ten');
    await panel.settle();
    expect(TestBed.inject(RiskService).mishaps().slowDay).toBeGreaterThan(0);
    expect(reserve()).toBeGreaterThan(before);
  });
});
