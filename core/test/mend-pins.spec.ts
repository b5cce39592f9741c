import { DEMO_RACK } from '../src/demo/vesper-rack';
import { DEMO_TRIP } from '../src/demo/vesper-divide';
import { mendPins } from '../src/plan/mend-pins';
import { planTrip } from '../src/plan/plan';
import { editStop } from '../src/trail/edit';

describe('the nearest plans where what is pinned is too little', () => {
  // Harrow Junction is closed, so that what leaves home must last to Quill Landing
  const closed = editStop(DEMO_TRIP, 1, { sells: [] });
  const pinned = (counts: number[]) => editStop(closed, 0, { pinned: { kind: 'cans', counts } });
  const short = pinned([2, 0, 0]);
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
    const one = pinned([1, 0, 0]); // a second 100 g can would not do, nor a box: the first leg alone needs more
    expect(mendPins(DEMO_RACK, one, planTrip(one)).map((m) => m.kind)).toEqual(
      expect.arrayContaining([{ code: 'more', stop: 'Nettle Hut', netG: 230 }]),
    );
  });

  it('are not asked for where the pins will do', () => {
    const enough = pinned([0, 0, 1]);
    expect(mendPins(DEMO_RACK, enough, planTrip(enough))).toEqual([]);
  });
});
