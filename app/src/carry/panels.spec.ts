import { TestBed } from '@angular/core/testing';
import type { Type } from '@angular/core';
import { beforeTests } from '@tinder/core/bench';
import { BURNERS } from '@tinder/core/catalogue';
import type { Trip } from '@tinder/core/model';
import { planTrip } from '@tinder/core/plan';
import { letClimateSay, paintDays, stretchLeg } from '@tinder/core/trail';
import { LedgerService } from '../ledger/ledger-service';
import { WorkspaceStore } from '../store/workspace-store';
import { Panel } from '../testing/panel';
import { untilQuiet } from '../testing/until';
import { KitPanel } from './kit-panel';
import { tripWithBurner, withBurner } from '@tinder/core/kit';
import { AnswerColumn } from '../answer/answer-column';
import { MealsPanel } from './meals-panel';
import { RiskPanel } from '../answer/risk-panel';
import { WalkPanel } from './walk-panel';
import { PlanService } from '../planning/plan-service';
import { RiskService } from '../planning/risk-service';

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

describe('the walk', () => {
  beforeEach(async () => {
    show(WalkPanel);
    await panel.settle();
  });

  it('takes a drag as one step, and another drag as another', () => {
    drag('days', [6, 9, 12]);
    expect(firstLeg().days.length).toBe(12);
    drag('days', [13, 14]);
    store().undo();
    expect(firstLeg().days.length).toBe(12);
    store().undo();
    expect(firstLeg().days.length).toBe(5);
  });

  it('keeps the days that a drag cuts off for a moment', () => {
    const { days } = firstLeg();
    drag('days', [2, 9, 5]);
    expect(firstLeg().days).toEqual(days);
  });

  it('moves from words to a forecast with about the same wind at the flame, and back', () => {
    pick('What the wind does to an unscreened flame', 'by forecast');
    expect(firstLeg().days[2].wind).toEqual({ kind: 'forecast', tenMetreMps: 7, site: 'trees' });
    choose('camp in', 'ridge');
    choose('in words', '9.35');
    expect(firstLeg().days[2].wind).toEqual({ kind: 'forecast', tenMetreMps: 9.35, site: 'ridge' });
    expect(textOf()).toContain('4.2 m/s at an unscreened flame');
    pick('What the wind does to an unscreened flame', 'steady');
    expect(firstLeg().days[2].wind).toEqual({ kind: 'words', word: 'steady' });
  });

  it('lets a simulated climate follow the height, and leaves typed air alone', () => {
    const typed = firstLeg().days[0].breakfastAirC;
    drag('altitude', [3500]);
    expect(firstLeg().days[0].breakfastAirC).toBe(typed);
    store().editTrip('climate', (t) => letClimateSay(t, 1, 5));
    const before = firstLeg().days[0].breakfastAirC;
    panel.fixture.detectChanges();
    drag('altitude', [2500]);
    expect(firstLeg().days[0].breakfastAirC).toBeGreaterThan(before + 5);
  });

  it('hides the water temperature where there is only snow', () => {
    expect(element().querySelector('#scale-water-from')).not.toBeNull();
    pick('Where water comes from', 'dry snow');
    expect(firstLeg().days.map((d) => d.source)).toEqual(Array(5).fill('snowDry'));
    expect(element().querySelector('#scale-water-from')).toBeNull();
  });
});

describe('the kit', () => {
  beforeEach(async () => {
    show(KitPanel);
    await panel.settle();
  });
  const options = (id: string) => [...element().querySelectorAll(`${id} option`)].map((o) => o.textContent?.trim() ?? '');

  it('says that its burner is the walker’s own, from how many burns, and what it was before', () => {
    expect(textOf()).not.toContain('burner yours');
    const known = beforeTests(store().trip().kit);
    const calibration = { ...known, factors: { ...known.factors, head: 1.09 }, burns: 19 };
    store().edit('my burner', (w) => ({
      ...w,
      library: w.library.map((l) => ({ ...l, trip: tripWithBurner(l.trip, known.of, calibration) })),
    }));
    panel.fixture.detectChanges();
    expect(textOf()).toContain('burner yours, from 19 burns: 9 % more heat into the pot than by the catalogue, which it was before');
  });

  it('offers every burner, and only fuels and windscreens that go with the one chosen', () => {
    expect(options('[id^=pick-burner]')).toHaveLength(BURNERS.length);
    expect(options('[id^=pick-fuel]').every((f) => f.startsWith('gas'))).toBe(true);
    expect(options('[id^=pick-windscreen]')).toContain('plate clipped on the burner');
    choose('burner', 'alcohol-open');
    expect(options('[id^=pick-fuel]').every((f) => f.endsWith('kJ/mL'))).toBe(true);
    expect(options('[id^=pick-windscreen]')).toContain('fitted cone');
  });

  it('offers only what is owned under the switch of the rack', () => {
    store().editRack('only what I own', (r) => ({ ...r, onlyOwned: true }));
    panel.fixture.detectChanges();
    expect(options('[id^=pick-burner]')).toContain('open-jet alcohol burner');
    expect(options('[id^=pick-burner]')).not.toContain('regulated gas burner'); // only wished for
  });

  it('shows a valve, a can or a measure only where there is one', () => {
    const has = () => ['#scale-flame', '[id^=pick-the-can]', '[aria-label^="the measure"]'].map((s) => element().querySelector(s) !== null);
    expect(has()).toEqual([true, true, false]);
    choose('burner', 'alcohol-simmer');
    expect(has()).toEqual([true, false, true]);
    choose('burner', 'tablet-single');
    expect(has()).toEqual([false, false, false]);
    choose('burner', 'liquid-pump');
    expect(has()).toEqual([true, false, false]);
  });

  it('says in place what the burner cannot do', () => {
    choose('burner', 'wood-box');
    expect(textOf()).toContain('It cannot be counted on when wet');
  });

  it('brings the finned pot with a locked burner and keeps an imported pot by its name', () => {
    choose('burner', 'gas-locked');
    expect(store().trip().kit.pot.base).toBe('finned');
    store().editKit('pot', 0, { pot: { ...store().trip().kit.pot, name: 'grandmother’s kettle' } });
    panel.fixture.detectChanges();
    expect(options('[id^=pick-pot]').at(-1)).toBe('grandmother’s kettle');
  });

  it('sets reserve, sleeve, lid and what is done for the can', () => {
    drag('reserve', [30]);
    pick('Lid', 'off');
    pick('Insulating sleeve while heating', 'while heating');
    choose('the can', 'slept');
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
    expect(textOf()).toContain('the meals, on day 1');
  });

  it('offers the usual target, a simmer and both rules of boiling', () => {
    pick('supper, brought to', 'stop at');
    expect(store().trip().menu.supper.target).toEqual({ kind: 'stopAt', targetC: 88 });
    const supper = element().querySelector('section[aria-label=supper]') as HTMLElement;
    panel.open('simmer, boil to make it safe', supper);
    choose('held at heat', '10', supper);
    choose('made safe', 'cdc', supper);
    expect(store().trip().menu.supper).toMatchObject({ simmerMin: 10, makeSafe: 'cdc' });
  });

  it('fries for minutes instead of heating water', () => {
    pick('supper, brought to', 'fry');
    update(['plan']);
    expect(store().trip().menu.supper.target).toEqual({ kind: 'fry', minutes: 6 });
    expect(element().querySelector('section[aria-label=supper]')?.textContent).toContain('6 min');
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
    pick('supper, hot or cold', 'cold');
    update(['plan']);
    expect(textOf()).toContain('no fuel');
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
    expect(textOf()).toMatch(/[\d,]+ g of dry wood to gather/);
    store().editTrip('burner', (t) => ({ ...t, kit: withBurner(t.kit, 'none') }));
    update(['carry', 'plan']);
    expect(textOf()).toContain('No fuel: nothing hot is planned.');
  });

  it('says what is bought, carried on and left, and what a pin costs', async () => {
    show(AnswerColumn, ['carry', 'plan']);
    await panel.settle();
    panel.open('how it is chosen');
    expect(textOf()).toContain('Packed at home: 100 g can, new, 100 g can, new.');
    panel.give({ carry: planTrip(store().trip()).carries[1] });
    expect(textOf()).toMatch(/Nothing is bought here. Carried on: 100 g can, 8\d g in it. Left here: 100 g can, empty./);
    panel.give({ carry: planTrip(store().trip()).carries[0] });
    panel.type('450 g cans to buy here, decided', '1');
    expect(store().trip().stops[0].pinned).toEqual({ kind: 'cans', counts: { 'can-450': 1 } });
    update(['carry', 'plan']);
    expect(textOf()).toContain('Packed at home: 450 g can, new.');
    expect(textOf()).toMatch(/What is pinned costs \d+ g carried all the way/);
    panel.type('450 g cans to buy here, decided', '0');
    update(['carry', 'plan']);
    expect(textOf()).toMatch(/What is pinned is \d+ g too little out of Nettle Hut: the pins are not followed/);
    panel.press('let it be chosen again');
    expect(store().trip().stops[0].pinned).toBeNull();
  });

  it('counts another weight, and what money is worth', async () => {
    show(AnswerColumn, ['carry', 'plan']);
    await panel.settle();
    panel.open('how it is chosen');
    panel.choose('least', 'gramKm');
    panel.type('grams carried all the way that a unit of money is worth', '100');
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
    expect(textOf()).toMatch(/Chance of running out: almost never \(fewer than 1 in [\d,]+\)\. Nine trips in ten burn \d+ g to \d+ g\./);
    const reserve = () => Number(/a reserve of (\d+) g would do/.exec(textOf())?.[1]);
    const before = reserve();
    panel.open('what else might happen');
    panel.tick('a day longer');
    await panel.settle();
    expect(TestBed.inject(RiskService).mishaps().slowDay).toBeGreaterThan(0);
    expect(reserve()).toBeGreaterThan(before);
  });
});
