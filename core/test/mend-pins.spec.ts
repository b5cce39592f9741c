import type { CanPackageId } from '../src/domain/carry';
import { DEMO_RACK, DEMO_TRIP } from '../src/demo';
import { planTrip } from '../src/planning/plan';
import { mendPins } from '../src/studies/study';
import { editStop } from '../src/domain/trail';

describe('the nearest plans where what is pinned is too little', () => {
  // Harrow Junction is closed, so that what leaves home must last to Quill Landing
  const closed = editStop(DEMO_TRIP, DEMO_TRIP.stops[1].id, { sells: [] });
  const pinned = (counts: Partial<Record<CanPackageId, number>>) =>
    editStop(closed, closed.stops[0].id, { pinned: { kind: 'cans', counts } });
  const short = pinned({ 'can-100': 2 });
  const mends = mendPins(DEMO_RACK, short, planTrip(short));

  it('name the leg, and each way out holds when it is planned', () => {
    expect(planTrip(short).pinTooSmall).toMatchObject({ stop: 'Nettle Hut', fromStop: 0, toStop: 2 });
    expect(mends.length).toBeGreaterThan(3);
    for (const m of mends) expect(planTrip(m.trip).pinTooSmall).toBeUndefined();
  });

  it('are one can more of the smallest size that does, as few cold suppers as it takes, a box on the way, another kit, or no pin', () => {
    expect(mends.slice(0, 4).map((m) => m.kind)).toEqual([
      { code: 'more', stop: 'Nettle Hut', netG: 100 },
      { code: 'coldSuppers', nights: 1 },
      { code: 'box', stop: 'Harrow Junction' },
      { code: 'unpin', stop: 'Nettle Hut' },
    ]);
    expect(mends.slice(4).every((m) => m.kind.code === 'kit')).toBe(true);
    const one = pinned({ 'can-100': 1 }); // a second 100 g canister would not do, nor a box: the first leg alone needs more
    expect(mendPins(DEMO_RACK, one, planTrip(one)).map((m) => m.kind)).toEqual(
      expect.arrayContaining([{ code: 'more', stop: 'Nettle Hut', netG: 230 }]),
    );
  });

  it('are not asked for where the pins will do', () => {
    const enough = pinned({ 'can-450': 1 });
    expect(mendPins(DEMO_RACK, enough, planTrip(enough))).toEqual([]);
  });
});
