import { ChangeDetectionStrategy, Component } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { DEMO_TRIP } from '@tinder/core/demo';
import { Commands } from '../../commands/commands';
import { Done } from '../../store/done';
import { WorkspaceStore } from '../../store/workspace-store';
import { Panel } from '../../testing/panel';
import { TrackTrip } from './track-trip';
import { trackProblemWords } from '../../words/track-words';
import { TripsDrawer } from './trips-drawer';

@Component({ selector: 'app-empty', template: '', changeDetection: ChangeDetectionStrategy.OnPush })
class Empty {}

const store = () => TestBed.inject(WorkspaceStore);
const names = () =>
  store()
    .workspace()
    .library.map((s) => s.trip.name);
const dialog = () => document.querySelector('[role=dialog]')?.textContent?.replace(/\s+/g, ' ') ?? '';
const press = (label: string) => {
  const button = [...document.querySelectorAll<HTMLButtonElement>('[role=dialog] button')].find(
    (b) => (b.getAttribute('aria-label') ?? b.textContent?.trim()) === label,
  );
  if (!button) throw new Error(`no button ${label}`);
  button.click();
};

beforeEach(() => TestBed.configureTestingModule({ providers: [provideRouter([{ path: '**', component: Empty }])] }));

describe('the trips of this browser', () => {
  it('are duplicated, renamed, put away and deleted, and all of it can be undone', async () => {
    const panel = new Panel(TripsDrawer);
    TestBed.inject(Commands).open('trips');
    await panel.settle();
    expect(dialog()).toContain('23 days, 5 stops, from Aug 16, 2027');
    expect(dialog()).toContain('Nothing was ever backed up');
    press('Duplicate Vesper Divide');
    await panel.settle();
    expect(names()).toEqual(['Vesper Divide', 'Vesper Divide, copy']);
    expect(store().trip().name).toBe('Vesper Divide, copy');
    panel.type('Name of Vesper Divide, copy', 'In Winter');
    await panel.settle();
    press('Archive In Winter');
    await panel.settle();
    expect(dialog()).toContain('Show 1 archived');
    press('Delete Vesper Divide');
    await panel.settle();
    expect(names()).toEqual(['In Winter']);
    expect(TestBed.inject(Done).told()?.words).toBe('Vesper Divide is deleted.');
    store().undo();
    expect(TestBed.inject(Done).told()).toBeUndefined();
    await panel.settle();
    expect(names()).toEqual(['Vesper Divide', 'In Winter']);
  });

  it('leave the demo in their place when the last one is deleted', async () => {
    store().editTrip('name', (t) => ({ ...t, name: 'Mine' }));
    const panel = new Panel(TripsDrawer);
    TestBed.inject(Commands).open('trips');
    await panel.settle();
    press('Delete Mine');
    expect(names()).toEqual([DEMO_TRIP.name]);
  });
});

describe('a new trip along a track', () => {
  const gpx = (lat: string) =>
    `<gpx version="1.1"><wpt lat="45.3" lon="7"><name>Thistle Ford</name></wpt><wpt lat="47" lon="7"><name>Far Away</name></wpt><trk><name>North</name><trkseg>` +
    Array.from({ length: 60 }, (_, i) => `<trkpt lat="${i === 3 ? lat : 45 + i / 100}" lon="7"><ele>${800 + 10 * i}</ele></trkpt>`).join(
      '',
    ) +
    '</trkseg></trk></gpx>';
  it('names the place where a file is broken, then takes the mended one', async () => {
    const panel = new Panel(TrackTrip);
    await panel.chooseFile('north.gpx', gpx('x'));
    expect(panel.text).toContain('north.gpx was not taken: the <trkpt> at line 1 has lat="x", which is no place on earth');
    await panel.chooseFile('north.gpx', gpx('45.03'));
    // 0.59° of the meridian at 45.3°: 65.6 km
    expect(panel.text).toContain('65.6 km, 590 m up, 60 points');
    const ticked = [...panel.element.querySelectorAll<HTMLInputElement>('input[type=checkbox]')].map((c) => c.checked);
    expect(ticked).toEqual([true, false]); // Far Away lies off the track
    panel.type('Distance a day', '12 km');
    panel.press('Create trip');
    await panel.settle();
    expect(
      store()
        .trip()
        .stops.map((s) => s.name),
    ).toEqual(['Start', 'Thistle Ford', 'End']);
    expect(
      store()
        .trip()
        .legs.map((l) => l.days.length),
    ).toEqual([3, 3]);
    expect(store().trip().profile.length).toBeGreaterThan(50);
  });

  it('is given up while it is read, and nothing of it comes later; the file chosen last is the one that counts', async () => {
    const panel = new Panel(TrackTrip);
    const slow = panel.chooseFile('slow.gpx', gpx('45.03'));
    panel.fixture.detectChanges();
    panel.press('Stop');
    await slow;
    expect(panel.text).not.toContain('65.6 km');
    expect(panel.element.querySelector('[role=progressbar]')).toBeNull();
    const first = panel.chooseFile('first.gpx', gpx('x'));
    const last = panel.chooseFile('last.gpx', gpx('45.03'));
    await Promise.all([first, last]);
    expect(panel.text).toContain('65.6 km');
    expect(panel.text).not.toContain('was not taken');
  });

  it('says what to do when the track is too long for the pace', async () => {
    const panel = new Panel(TrackTrip);
    await panel.chooseFile('north.gpx', gpx('45.03'));
    panel.tick('Thistle Ford');
    panel.type('Distance a day', '1');
    panel.press('Create trip');
    await panel.settle();
    expect(panel.text).toMatch(/From Start to End it comes to 66 days; 60 is the most\. Walk further a day/);
    expect(names()).toEqual(['Vesper Divide']);
  });

  it.each([
    [{ code: 'tooLarge', bytes: 70e6, limitBytes: 60e6 }, /70 MB, above 60 MB/],
    [{ code: 'notXml', line: 3, column: 7, detail: 'unclosed tag: trk.' }, /line 3, column 7 \(unclosed tag: trk\)/],
    [{ code: 'notGpx', root: 'kml' }, /first element is <kml>/],
    [{ code: 'badHeight', line: 9, element: 'trkpt', found: 'high' }, /line 9 is “high”/],
    [{ code: 'nothingInIt' }, /no track, route or waypoint/],
    [{ code: 'badCoordinates', line: 3, found: '7,95' }, /“7,95” at line 3 is no place on earth/],
    [{ code: 'badPosition', at: 'features[0]', found: '[7,95]' }, /features\[0\] is \[7,95\]/],
    [{ code: 'notGeoJson', type: 'Topology' }, /“Topology” is nothing GeoJSON has/],
    [{ code: 'notJson', detail: 'Unexpected end' }, /stops being it/],
    [{ code: 'onlyWaypoints' }, /no track or route/],
  ] as const)('has a sentence for %j', (problem, words) => {
    expect(trackProblemWords(problem)).toMatch(words);
  });
});
