import type { ShelvedTrip } from '@tinder/core/domain/model';
import { DEMO_TRIP } from '@tinder/core/demo';
import { besideExisting, demoWorkspace, openTrip, withNewTrips, withoutTrip, withTrip } from './workspace';

const shelved = (id: string, name = id): ShelvedTrip => ({ trip: { ...DEMO_TRIP, id, name }, archived: false });
const three = withNewTrips(demoWorkspace(), [shelved('north'), shelved('south')]);

describe('the library as a value', () => {
  it('opens the first of the trips that are added, and keeps the others as they were', () => {
    expect(openTrip(three).id).toBe('north');
    expect(three.library.map((s) => s.trip.id)).toEqual([DEMO_TRIP.id, 'north', 'south']);
    expect(three.library[0]).toBe(withTrip(three, 'south', (s) => ({ ...s, archived: true })).library[0]);
  });

  it('is the same value again where nothing changed', () => {
    expect(withTrip(three, 'south', (s) => s)).toBe(three);
    expect(withTrip(three, 'nowhere', (s) => ({ ...s, archived: true }))).toBe(three);
  });

  it('opens another trip when the open one is taken away, one that is not put away if there is one', () => {
    expect(openTrip(withoutTrip(three, 'north')).id).toBe(DEMO_TRIP.id);
    expect(openTrip(withoutTrip(three, 'south')).id).toBe('north');
    const away = withTrip(three, DEMO_TRIP.id, (s) => ({ ...s, archived: true }));
    expect(openTrip(withoutTrip(away, 'north')).id).toBe('south');
  });

  it('shows the first trip where the open one is gone', () => {
    expect(openTrip({ ...three, openId: 'deleted elsewhere' }).id).toBe(DEMO_TRIP.id);
  });

  it('gives trips of a file whose id is taken a new one, and says where they came from', () => {
    let n = 0;
    const added = besideExisting(three, [shelved('north', 'North'), shelved('west', 'West')], () => `new-${n++}`);
    expect(added.map((s) => [s.trip.id, s.trip.name])).toEqual([
      ['new-0', 'North, imported'],
      ['west', 'West'],
    ]);
    const long = besideExisting(three, [shelved('south', 'x'.repeat(80))], () => 'id');
    expect(long[0].trip.name.length).toBeLessThanOrEqual(80);
  });
});
