import { TestBed } from '@angular/core/testing';
import type { Trip } from '@tinder/core/domain/model';
import { planTrip } from '@tinder/core/planning/plan';
import { dayCount, isSimulated } from '@tinder/core/domain/trail';
import { DayMarker } from '../../planning/day-marker';
import { WorkspaceStore } from '../../store/workspace-store';
import { Panel } from '../../testing/panel';
import { BrushPanel } from './brush-panel';
import { DaysTable } from './days-table';
import { LegDays } from './leg-days';
import { LegsTable } from './legs-table';
import { StopPanel } from './stop-panel';
import { TripPanel } from './trip-panel';

const store = () => TestBed.inject(WorkspaceStore);
const trip = (): Trip => store().trip();
const days = () => trip().legs.flatMap((l) => l.days);
const marker = () => TestBed.inject(DayMarker);

describe('the brushed days', () => {
  it('are painted together, each keeping its own difference, and undone together', () => {
    marker().brushDays(18, 19);
    const panel = new Panel(BrushPanel);
    expect(panel.text).toContain('days 18 to 19, from Sep 2, 2027');
    const before = days()
      .slice(17, 19)
      .map((d) => d.breakfastAirC);
    panel.type('at breakfast, typed', '-6');
    expect(
      days()
        .slice(17, 19)
        .map((d) => d.breakfastAirC),
    ).toEqual([before[0] + 3, before[1] + 3]); // mean −9 to −6
    expect(days()[16].breakfastAirC).toBe(0);
    store().undo();
    expect(days()[17].breakfastAirC).toBe(-8);
  });

  it('take water, treatment, wind and meals from the choices', () => {
    marker().goTo(3);
    const panel = new Panel(BrushPanel);
    panel.choose('Water', 'carried');
    panel.choose('Water treatment', 'boilEpa');
    panel.choose('Town meal', 'supper');
    panel.choose('Wind', 'blown');
    expect(days()[2]).toMatchObject({
      source: 'carried',
      treatment: 'boilEpa',
      eatsOut: { breakfast: false, supper: true },
      wind: { kind: 'words', word: 'blown' },
    });
    panel.choose('Wind', 'forecast');
    panel.choose('Camp', 'ridge');
    expect(days()[2].wind).toEqual({ kind: 'forecast', tenMetreMps: 13, site: 'ridge' });
  });

  it('put days in and take them out', () => {
    marker().goTo(2);
    const panel = new Panel(BrushPanel);
    panel.press('Add a zero day');
    expect([dayCount(trip()), days()[2].km]).toEqual([24, 0]);
    panel.press('Add a day in town');
    expect(days()[2].eatsOut).toEqual({ breakfast: true, supper: true });
    panel.press('Delete days');
    expect(dayCount(trip())).toBe(24);
    panel.press('Add a stop here');
    expect(trip().stops[1].name).toBe('Stop after day 2');
  });

  it('are handed to the simulated climate and say so; what is typed afterwards wins', async () => {
    marker().brushDays(1, 3);
    const panel = new Panel(BrushPanel);
    panel.press('Use the simulated climate');
    await panel.settle();
    expect(panel.text).toContain('A simulated climate, invented from latitude, height and date, worked out here without the service');
    expect(
      days()
        .slice(0, 4)
        .map((d) => d.simulated.length),
    ).toEqual([4, 4, 4, 0]);
    panel.type('air at dinner, typed', '3');
    expect(isSimulated(days()[0], 'supperAirC')).toBe(false);
    expect(isSimulated(days()[0], 'breakfastAirC')).toBe(true);
  });
});

describe('the days of the leg at hand', () => {
  const panelOf = () => new Panel(LegDays, { plan: planTrip(trip()) });

  it('are typed one by one, and one of them is filled into all of the leg, as one step', () => {
    marker().goTo(2);
    const panel = panelOf();
    const evenings = () => trip().legs[0].days.map((d) => d.supperAirC);
    const before = evenings();
    panel.type('Evening of day 2', '−3');
    expect(evenings()).toEqual(before.map((airC, i) => (i === 1 ? -3 : airC)));
    panel.fixture.detectChanges();
    panel.press('Fill: Evening of day 2');
    expect(evenings()).toEqual(before.map(() => -3));
    store().undo();
    expect(evenings()).toEqual(before.map((airC, i) => (i === 1 ? -3 : airC)));
  });

  it('show the fuel that each day needs, as the plan has it', () => {
    const panel = panelOf();
    const [carry] = planTrip(trip()).carries;
    const needs = [...panel.element.querySelectorAll('.need b')].map((b) => parseFloat(b.textContent ?? ''));
    expect(needs).toHaveLength(5);
    expect(needs.reduce((sum, g) => sum + g, 0)).toBeCloseTo(carry.demandG, -1);
  });
});

describe('a stop', () => {
  it('follows the marker to its leg, and stays picked while it is described', () => {
    const panel = new Panel(StopPanel);
    panel.open('Name, kind, opening hours, detour');
    expect(panel.shown('Name')).toBe('Nettle Hut');
    marker().goTo(7);
    panel.fixture.detectChanges();
    expect(panel.shown('Name')).toBe('Harrow Junction');
    panel.choose('Which', '4');
    panel.type('Name', 'Tarn Bothy');
    panel.type('Open', 'all year');
    expect(trip().stops[4]).toMatchObject({ name: 'Tarn Bothy', openNote: 'all year' });
    panel.type('Name', '   ');
    expect(trip().stops[4].name).toBe('Tarn Bothy');
  });

  it('sells what is ticked at the price that is typed, unknown until then', () => {
    const panel = new Panel(StopPanel);
    panel.choose('Which', '4');
    panel.open('Sells no fuel');
    panel.tick('100 g canister');
    expect(trip().stops[4].sells).toEqual([{ packageId: 'can-100', price: null }]);
    expect(panel.shown('Price of 100 g canister')).toBe('');
    panel.type('Price of 100 g canister', '6.5');
    expect(trip().stops[4].sells[0].price).toBe(6.5);
    panel.tick('100 g canister');
    expect(trip().stops[4].sells).toEqual([]);
  });

  it('brings what its kind usually sells, but only where nothing was noted', () => {
    const panel = new Panel(StopPanel);
    panel.open('Name, kind, opening hours, detour');
    panel.choose('Kind', 'fuelStation');
    expect(trip().stops[0].sells.map((s) => s.packageId)).toEqual(['liquid-poured', 'alcohol-500']);
    panel.choose('Which', '2');
    const { sells } = trip().stops[2];
    panel.choose('Kind', 'shop');
    expect(trip().stops[2].sells).toEqual(sells);
  });

  it('has a box posted to it by a day, with a warning, and can be taken out between two others', () => {
    const panel = new Panel(StopPanel);
    expect(panel.text).not.toContain('take this stop out'); // the start stays
    panel.choose('Which', '1');
    panel.pick('Box posted ahead', 'posted here');
    panel.type('Post by', '2027-08-10');
    panel.type('in it', 'two cans');
    expect(trip().stops[1].box).toEqual({ postBy: '2027-08-10', note: 'two cans' });
    panel.type('Post by', '');
    expect(trip().stops[1].box?.postBy).toBeNull();
    expect(panel.text).toContain('must never fly');
    panel.press('Remove this stop');
    expect(trip().stops.map((s) => s.name)).not.toContain('Harrow Junction');
  });
});

describe('the tables', () => {
  it('legs: take days and rules, and tell what leaves each stop that can fill up', () => {
    const panel = new Panel(LegsTable, { plan: planTrip(trip()) });
    expect(panel.element.querySelectorAll('tbody tr')).toHaveLength(6);
    expect(panel.text).toContain('carried from before');
    panel.type('Days from Harrow Junction to Quill Landing', '6');
    panel.choose('Flame between Nettle Hut and Harrow Junction', 'noOpenFlame');
    panel.type('Where the rules between Nettle Hut and Harrow Junction were asked', ' by letter ');
    expect(trip().legs.map((l) => l.days.length)).toEqual([5, 6, 3, 5, 3, 3]);
    expect(trip().legs[0]).toMatchObject({ restriction: 'noOpenFlame', restrictionNote: 'by letter' });
    panel.type('Days from Harrow Junction to Quill Landing', 'a week');
    expect(panel.text).toContain('There is no number to read here');
    expect(trip().legs[1].days).toHaveLength(6);
  });

  it('days: one row a day of the marked leg, every unit read, marks for meals out and for the climate', () => {
    marker().goTo(8);
    const panel = new Panel(DaysTable);
    expect(panel.element.querySelectorAll('tbody tr')).toHaveLength(4);
    expect(panel.text).toContain('dinner out');
    panel.type('camp height of day 7', '4,000 ft');
    panel.type('Wind at a flame of day 7', '9 km/h');
    panel.choose('Water source of day 7', 'tap');
    expect(days()[6].altitudeM).toBeCloseTo(1219.2, 6);
    expect(days()[6].wind).toEqual({ kind: 'flame', mps: 2.5 });
    expect(days()[6].source).toBe('tap');
  });
});

describe('the trip as a whole', () => {
  it('is named, dated and placed; the sums follow', () => {
    const panel = new Panel(TripPanel);
    expect(panel.text).toContain('23 days, 1 of them without walking; 435 km');
    panel.type('Name', 'Divide, second try');
    panel.type('Starts', '2028-06-01');
    panel.type('Latitude, south below zero', '-44');
    expect(trip()).toMatchObject({ name: 'Divide, second try', startDate: '2028-06-01', latitudeDeg: -44 });
    panel.type('Starts', '31.6.2028');
    expect(panel.text).toContain('“31.6.2028” is no day');
    panel.type('Starts', '');
    expect(trip().startDate).toBe('2028-06-01');
  });
});
