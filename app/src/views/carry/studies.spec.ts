import { TestBed } from '@angular/core/testing';
import type { Type } from '@angular/core';
import { crossingsOf } from '@tinder/core/planning/load-out';
import { DEMO_RACK, DEMO_TRIP } from '@tinder/core/demo';
import { build, tripWithKit } from '@tinder/core/domain/kit';
import type { Trip } from '@tinder/core/domain/model';
import { planTrip, weightSums } from '@tinder/core/planning/plan';
import { kitLines } from '@tinder/core/studies/study';
import { editStop, stretchLeg } from '@tinder/core/domain/trail';
import { PlanService } from '../../planning/plan-service';
import { RiskService } from '../../planning/risk-service';
import { TrailAxis } from '../../charts/trail-axis';
import { demoWorkspace } from '../../store/workspace';
import { WorkspaceStore } from '../../store/workspace-store';
import { Panel } from '../../testing/panel';
import { untilQuiet } from '../../testing/until';
import { BalancePanel } from './balance-panel';
import { balanceGeometry } from '../../charts/balance-geometry';
import { ChoicePanel } from '../../parts/answer/choice-panel';
import { crossingsGeometry } from '../../charts/crossings-geometry';
import { crossingsWords } from '../../words/crossing-words';
import { CrossingsPanel } from './crossings-panel';
import { KitLines } from './kit-lines-service';
import { LegsPanel } from './legs-panel';
import { RiskPanel } from '../../parts/answer/risk-panel';
import { ShopPanel } from './shop-panel';
import { ChartTools } from './chart-tools';
import { WeightSumsLine } from './weight-sums';
import { WhatIfPanel } from './what-if-panel';

let panel: Panel<unknown>;
const store = () => TestBed.inject(WorkspaceStore);
const plans = () => TestBed.inject(PlanService);

/** Opens a panel on a trip with the demo's rack and waits for its first answer. */
async function open(type: Type<unknown>, change: (t: Trip) => Trip = (t) => t, inputs: () => Record<string, unknown> = () => ({})) {
  TestBed.configureTestingModule({ providers: [KitLines] });
  store().start({ ...demoWorkspace(), library: [{ trip: change(DEMO_TRIP), archived: false }] });
  plans();
  await untilQuiet();
  panel = new Panel(type, inputs());
  await panel.settle();
}

describe('leg by leg', () => {
  it('lists what leaves every stop with its risk, and what another kit would change on a leg', async () => {
    await open(LegsPanel);
    const plan = planTrip(DEMO_TRIP);
    for (const c of plan.carries) expect(panel.text).toContain(`${c.from} to ${c.to}`);
    expect(panel.text).toContain('Marl Cross sells no fuel for this stove');
    expect(panel.text).toContain('alcohol in a cone');
    panel.press('Carry alcohol in a cone on this leg');
    expect(store().trip().legs[0].kit?.rackKitId).toBe('alcohol-cone');
    await panel.settle();
    expect(panel.text).toMatch(/Nettle Hut to Harrow Junction ?alcohol in a cone/);
    expect(panel.text).toMatch(/\d+ mL of alcohol in \d bottles ?packed at home/);
    panel.press('Carry the trip’s own kit on this leg');
    expect(
      store()
        .trip()
        .legs.some((l) => l.kit),
    ).toBe(false);
  });
});

describe('every morning in figures', () => {
  it('is built when it is asked for: what the chart draws, and what is left on arrival', async () => {
    await open(LegsPanel);
    expect(panel.element.querySelector('app-mornings-table')).toBeNull();
    panel.open('Carried weight, morning by morning');
    const { carries } = planTrip(DEMO_TRIP);
    const bodies = [...panel.element.querySelectorAll('app-mornings-table tbody')];
    expect(bodies.length).toBe(carries.length);
    carries.forEach((c, i) => {
      const rows = [...bodies[i].querySelectorAll('tr')].map((r) => [...r.children].map((cell) => cell.textContent?.replace(/\s/g, ' ')));
      expect(rows[0]).toEqual([`${c.from} to ${c.to}`]);
      expect(rows[1]).toEqual([`day ${c.days[0].day}`, `${Math.round(c.fuelG)} g`, `${Math.round(c.profile.startG)} g`]);
      expect(rows.at(-1)).toEqual(['on arrival', `${Math.round(c.fuelG - c.demandG)} g`, expect.stringMatching(/ g$/)]);
      expect(rows.length).toBe(c.days.length + 2);
    });
  });
});

describe('at the shop', () => {
  it('ranks what is sold at the stop of the marked carry, down to nothing', async () => {
    await open(ShopPanel);
    expect(panel.text).toMatch(/With nothing bought here 0 of the 10 hot meals before the next shop can be cooked/);
    const rows = [...panel.element.querySelectorAll('tbody th')].map((t) => t.textContent?.trim());
    expect(rows[0]).toBe('230 g canister');
    expect(rows.at(-1)).toBe('nothing');
    expect(panel.element.querySelector('tr.on th')?.textContent).toContain('2 × 100 g canister');
  });

  it('takes another order of comforts, and puts what fits on the menu as one step', async () => {
    await open(ShopPanel);
    panel.press('Rather: a litre of warm water');
    expect(store().trip().comforts).toEqual(['drink', 'wash', 'boil']);
    await panel.settle();
    const before = store().trip();
    panel.press('Put them on the menu');
    expect(
      store()
        .trip()
        .legs[0].days.some((d, i) => d.dishes !== before.legs[0].days[i].dishes),
    ).toBe(true);
    store().undo();
    expect(store().trip()).toEqual(before);
  });
});

describe('other lengths', () => {
  const lines = kitLines(DEMO_RACK, DEMO_TRIP, planTrip(DEMO_TRIP));

  it('reads off any length by key and says who is lightest and where the carried kit crosses', async () => {
    await open(CrossingsPanel);
    expect(panel.text).toMatch(/Lightest on an average day, of the kits that cook: .*On (every leg|the legs) of this trip: /);
    const slider = panel.element.querySelector('[role=slider]') as SVGElement;
    slider.dispatchEvent(new KeyboardEvent('keydown', { key: 'End' }));
    panel.give({});
    expect(panel.text).toContain('a carry of 21 days');
    const own = lines[0].startG[20];
    expect(panel.text).toContain(`${Math.round(own).toLocaleString('en-US')} g`);
    panel.pick('Weight counted', 'average of the mornings');
    expect(panel.text).toContain('alcohol in a cone is lighter at first, heavier from day 13');
  });

  it('draws each kit as one line, names moved apart', () => {
    const g = crossingsGeometry(lines, 'startG', 800, 250, 1);
    expect(g.lines).toHaveLength(lines.length);
    const labels = g.lines.map((l) => l.labelY).sort((a, b) => a - b);
    labels.slice(1).forEach((y, i) => expect(y - labels[i]).toBeGreaterThanOrEqual(14));
    expect([g.daysAt(-5), g.daysAt(400), g.daysAt(9999)]).toEqual([1, 11, 21]);
    expect(g.y(0)).toBe(250);
  });

  it('tells why: containers started and fuel added up, by day', () => {
    const alcohol = lines.find((l) => l.id === 'alcohol-cone');
    if (!alcohol) throw new Error('no alcohol kit');
    const { turns, why } = crossingsWords(lines[0], alcohol, crossingsOf(lines[0], alcohol, 'averageG'));
    expect(turns).toMatch(/^lighter at first, heavier from day 13, lighter from day 15/);
    expect(why).toMatch(/At 13, 17 and 20 alcohol in a cone takes other containers/);
    expect(why).toMatch(/at 15 and 19 small canister stove takes other containers/);
  });
});

describe('weight and risk', () => {
  const mark = (averageG: number, worst: number) => ({
    ...{ kitId: 'a', name: 'a small stove', reservePercent: 0, price: 0, any: worst, tightest: { from: '', to: '' }, mealsMissed: 0 },
    ...{ averageG, worst },
  });

  it('marks the present load-out on the front and carries another one with a key, as one step', async () => {
    await open(BalancePanel);
    expect(panel.text).toMatch(/As planned: \d+ g on average, chance of running out between .* 1 in \d+\./);
    const slider = panel.element.querySelector('[role=slider]') as SVGElement;
    slider.dispatchEvent(new KeyboardEvent('keydown', { key: 'Home' }));
    expect(store().trip().reservePercent).toBe(0);
    expect(store().trip().rackKitId).toBe(DEMO_TRIP.rackKitId);
    store().undo();
    expect(store().trip().reservePercent).toBe(DEMO_TRIP.reservePercent);
  });

  it('puts light to the left and risky on top; what is too rare to tell lies on the floor', () => {
    const g = balanceGeometry([mark(300, 0.5), mark(600, 0)], [], 800, 270, 1, 0.5);
    expect(Math.abs(g.limitLabelY - g.names[0].labelY)).toBeGreaterThanOrEqual(14); // the limit's words and a name on its line
    expect(g.x(300)).toBeLessThan(g.x(600));
    expect(g.y(0.5)).toBeLessThan(g.y(0.02));
    expect(g.y(0)).toBe(g.y(0.0001));
  });

  it('moves a name up where it would lie on a point', () => {
    const labelY = (...marks: ReturnType<typeof mark>[]) => balanceGeometry(marks, [], 800, 270, 1, 0.5).names[0].labelY;
    const [light, heavy] = [mark(300, 0.02), mark(700, 0.02)];
    const beside = mark(330, 0.025); // another reserve of the same kit
    const { y } = balanceGeometry([light, heavy], [], 800, 270, 1, 0.5);
    expect(labelY(light, heavy) - 11).toBeLessThan(y(0.025)); // it would lie on it
    expect(labelY(light, beside, heavy)).toBeLessThan(y(0.025) - 4);
  });
});

describe('what if', () => {
  it('keeps columns with the trip: each can be changed, left out and brought back', async () => {
    await open(WhatIfPanel);
    expect(panel.text).toContain('a day slower on every leg');
    expect(panel.text).toContain('closed');
    expect(panel.text).toMatch(/planned fuel falls short: 100 in 100/);
    panel.press('Leave out: wind one class up');
    expect(
      store()
        .trip()
        .whatIfs.map((w) => w.kind),
    ).toEqual(['colder', 'slower', 'closed']);
    panel.type('Colder by, K', '12');
    expect(store().trip().whatIfs[0]).toEqual({ kind: 'colder', byK: 12 });
    panel.press('Add: windier');
    expect(store().trip().whatIfs.at(-1)).toEqual({ kind: 'windier' });
  });
});

describe('the sums', () => {
  it('count the carried weight of the kit and of the compared one, any way the walker likes', async () => {
    await open(WeightSumsLine);
    const kits = TestBed.inject(KitLines);
    expect(panel.text).not.toContain('small canister stove'); // nothing is compared yet
    kits.comparedId.set('alcohol-cone');
    panel.give({});
    const sums = weightSums(planTrip(DEMO_TRIP));
    expect(panel.text).toContain(`small canister stove, average weight: ${Math.round(sums.averageG)} g`);
    expect(panel.text).toContain('alcohol in a cone, average weight:');
    kits.counted.set('gramKm');
    panel.give({});
    expect(panel.text).toContain(`small canister stove, weight × distance: ${(sums.gramKm / 1000).toFixed(0)} kg·km`);
  });

  it('are of the trip whose plan is seen, and say so while a newer one is on its way', async () => {
    await open(WeightSumsLine);
    const lines = TestBed.inject(KitLines);
    lines.comparedId.set('alcohol-cone');
    const seen = plans().planned()?.trip;
    store().editTrip('longer', (t) => stretchLeg(t, 0, 9));
    expect([lines.study.last()?.of.trip, lines.stale()]).toEqual([seen, true]);
    panel.give({});
    expect(panel.text).toContain(`small canister stove, average weight: ${Math.round(weightSums(planTrip(DEMO_TRIP)).averageG)} g`);
    await panel.settle();
    expect(lines.stale()).toBe(false);
    expect(panel.text).toContain(`small canister stove, average weight: ${Math.round(weightSums(planTrip(store().trip())).averageG)} g`);
  });

  it('stand in the list of kits to compare with', async () => {
    await open(ChartTools);
    expect(panel.options('Compare with')[0]).toBe('Nothing');
    expect(panel.options('Compare with')).toContainEqual(expect.stringMatching(/^Alcohol in a cone, \d+\sg$/));
    panel.choose('Compare with', 'alcohol-cone');
    expect(
      TestBed.inject(KitLines)
        .drawn()
        ?.map((l) => l.id)[1],
    ).toBe('alcohol-cone');
  });

  it('run the trail by kilometre where that is asked for', async () => {
    await open(ChartTools);
    TestBed.inject(TrailAxis).by.set('km');
    const axis = TestBed.inject(TrailAxis).of(planTrip(DEMO_TRIP), 1000);
    const km = DEMO_TRIP.legs.flatMap((l) => l.days.map((d) => d.km));
    expect((axis.x(2) - axis.x(1)) / (axis.x(1) - axis.x(0))).toBeCloseTo(km[1] / km[0], 9);
  });
});

describe('the risk everywhere', () => {
  it('names the tightest carry and the days that are over the limit, and never of an older plan', async () => {
    await open(WeightSumsLine, (t) => ({ ...t, reservePercent: 0 }));
    const risk = TestBed.inject(RiskService);
    await panel.settle();
    expect(risk.riskiest()?.carry.from).toBe('Tarn House');
    store().editTrip('limit', (t) => ({ ...t, loadOut: { ...t.loadOut, riskLimitPercent: 0.5 } }));
    await panel.settle();
    expect(Math.max(...risk.daysOverLimit())).toBe(23);
    store().editTrip('longer', (t) => stretchLeg(t, 0, 9));
    TestBed.tick();
    expect(risk.risks()).toBeUndefined();
  });
});

describe('a pin that is too small', () => {
  it('is answered with the nearest plans that hold, each one press away', async () => {
    const [first, second] = DEMO_TRIP.stops;
    const short = editStop(editStop(DEMO_TRIP, second.id, { sells: [] }), first.id, { pinned: { kind: 'cans', counts: { 'can-100': 2 } } });
    await open(
      ChoicePanel,
      () => short,
      () => ({ carry: plans().carry(), plan: plans().plan() }),
    );
    panel.open('How it is chosen');
    expect(panel.text).toMatch(/is \d+ g too little out of Nettle Hut/);
    panel.press('a box posted to Harrow Junction');
    expect(store().trip().stops[1].box).not.toBeNull();
    expect(planTrip(store().trip()).pinTooSmall).toBeUndefined();
  });
});

describe('alcohol against a leak', () => {
  it('says what one leak leaves, and carries enough for it where that is asked for', async () => {
    const kit = DEMO_RACK.kits.find((k) => k.id === 'alcohol-cone');
    const changed = kit && tripWithKit(DEMO_TRIP, build(DEMO_RACK, kit));
    if (!changed?.ok) throw new Error('no alcohol kit');
    await open(
      ChoicePanel,
      () => changed.value,
      () => ({ carry: plans().carry(), plan: plans().plan() }),
    );
    panel.open('How it is chosen');
    const left = () => /If one bottle leaks, [\d,]+ g are left: (\d+) of (\d+) hot meals/.exec(panel.text)?.slice(1).map(Number) ?? [];
    const [some, all] = left();
    expect(some).toBeLessThan(all);
    const before = plans().carry()?.fuelG ?? 0;
    panel.tick('any one bottle may leak');
    await panel.settle();
    panel.give({ carry: plans().carry(), plan: plans().plan() });
    expect(store().trip().loadOut.leakProof).toBe(true);
    expect(left()[0]).toBe(left()[1]);
    expect(plans().carry()?.fuelG).toBeGreaterThan(before);
  });
});

describe('a risk above what the walker lives with', () => {
  it('is answered with the reserve that keeps every carry to it, one press away', async () => {
    await open(
      RiskPanel,
      (t) => ({ ...t, reservePercent: 0, loadOut: { ...t.loadOut, riskLimitPercent: 0.5 } }),
      () => ({ carry: plans().carry() }),
    );
    panel.press('1 in 200');
    panel.press('Set the reserve to');
    const asked = store().trip().reservePercent;
    expect(asked).toBeGreaterThan(0);
    expect(asked).toBeLessThan(60);
    await panel.settle();
    expect(
      TestBed.inject(RiskService)
        .risks()
        ?.every((r) => !r || r.runOut <= 0.005),
    ).toBe(true);
  });
});
