import { ChangeDetectionStrategy, Component } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { DEMO_RACK, DEMO_TRIP } from '@tinder/core/demo';
import { dayCount } from '@tinder/core/domain/trail';
import { WorkspaceStore } from '../../store/workspace-store';
import { Panel } from '../../testing/panel';
import { NewTripDraft } from './new-trip-draft';
import { NewTripView } from './new-trip-view';

@Component({ selector: 'app-empty', template: '', changeDetection: ChangeDetectionStrategy.OnPush })
class Empty {}

describe('a new trip', () => {
  const store = () => TestBed.inject(WorkspaceStore);
  let panel: Panel<NewTripView>;
  const form = () => {
    TestBed.configureTestingModule({ providers: [provideRouter([{ path: '**', component: Empty }])] });
    panel = new Panel(NewTripView);
  };
  const assumed = () => panel.element.querySelectorAll('.items nz-tag.assumed').length;

  it('is made from what was answered and opened; undo takes it away', async () => {
    form();
    panel.type('Nights', '11');
    panel.type('Evenings', '3 C');
    panel.type('Water for breakfast', '0');
    panel.pick('Last meal out', 'Dinner');
    panel.open('Distance, climb');
    panel.type('Resupply stops on the way', '2');
    panel.type('Altitude of the camps', '6000 ft');
    panel.press('Create trip');
    const trip = store().trip();
    expect([dayCount(trip), trip.stops.length, trip.menu.breakfast.hot, trip.menu.supper.hot]).toEqual([12, 4, false, true]);
    expect(trip.legs[0].days[0]).toMatchObject({ supperAirC: 3, breakfastAirC: 6, eatsOut: { breakfast: true, supper: false } });
    expect(trip.legs.at(-1)?.days.at(-1)?.eatsOut.supper).toBe(false);
    store().undo();
    expect(store().trip().name).toBe(DEMO_TRIP.name);
    await panel.settle();
  });

  it('says what is assumed until it is typed, and forgets what was given up', () => {
    form();
    const before = assumed();
    panel.type('Mornings', '-3');
    expect(assumed()).toBe(before - 1);
    panel.press('Cancel');
    panel.give({});
    expect(assumed()).toBe(before);
  });

  it('keeps what is no number out, and says so beside the field', () => {
    form();
    panel.type('Nights', 'many');
    expect(panel.element.querySelector('[role=alert]')?.textContent).toContain('There is no number to read here');
    expect(TestBed.inject(NewTripDraft).answers().nights).toBe(2);
  });

  it('makes nothing while an answer cannot be read, and goes to that answer', () => {
    form();
    panel.type('Nights', 'many');
    panel.press('Create trip');
    expect(store().trip().name).toBe(DEMO_TRIP.name);
    expect(panel.text).toContain('Nothing is made yet: an answer above cannot be read.');
    panel.type('Nights', '5');
    panel.press('Create trip');
    expect(dayCount(store().trip())).toBe(6);
  });

  it('takes typed air in place of the climate’s', () => {
    form();
    panel.open('Distance, climb');
    const { controls } = TestBed.inject(NewTripDraft).form;
    controls.fromClimate.setValue(true);
    panel.type('Mornings', '2');
    expect(TestBed.inject(NewTripDraft).answers()).toMatchObject({ fromClimate: false, breakfastAirC: 2 });
  });

  it('takes two dates in place of nights', () => {
    form();
    panel.pick('How long', 'Dates');
    panel.type('First day', '2028-02-27');
    panel.type('Last day', '2028-03-02');
    expect(TestBed.inject(NewTripDraft).answers()).toMatchObject({ startDate: '2028-02-27', nights: 4 });
  });

  it('is walked with a kit of the rack; one that cannot be planned with is not offered', () => {
    TestBed.configureTestingModule({ providers: [provideRouter([{ path: '**', component: Empty }])] });
    const [first] = DEMO_RACK.kits;
    const noPot = { ...first, id: 'no-pot', pieceIds: first.pieceIds.slice(0, 1) }; // the stove alone
    store().edit('a rack', (w) => ({ ...w, rack: { ...DEMO_RACK, kits: [...DEMO_RACK.kits, noPot] } }));
    panel = new Panel(NewTripView);
    expect(panel.options('Cook kit')).toHaveLength(DEMO_RACK.kits.length + 1);
    const other = DEMO_RACK.kits[1];
    panel.choose('Cook kit', other.id);
    panel.press('Create trip');
    expect(store().trip().rackKitId).toBe(other.id);
    expect(store().trip().kit.burnerId).not.toBe(DEMO_TRIP.kit.burnerId);
  });

  it('answers beside the form with the load-out, the risk and what a wrong answer would cost', async () => {
    form();
    await panel.settle();
    expect(panel.text).toMatch(/Answer so far.*starting weight, one 100 g canister/);
    expect(panel.text).toMatch(/Run-out risk before End .* within your limit of 1 in 50/);
    expect(panel.text).toMatch(/Melting snow for water\s*\+\d+ g of fuel/);
  });
});
